<?php

declare(strict_types=1);

namespace Admek\Core\Day;

use Admek\Core\Records\Outcome;

/** What can happen in a day on the water. */
enum EventKind: string
{
    case Out = 'out';
    case In = 'in';
    case Checked = 'checked';
    case LetOut = 'let_out';
    case Swap = 'swap';
    /** Rigged again as the plan has it, and with the plan from then on. */
    case AsPlanned = 'as_planned';
    case Fouled = 'fouled';
    /** Hung up and broken off: its line comes in without it. */
    case GearLost = 'gear_lost';
    case Bite = 'bite';
    case Hooked = 'hooked';
    case Landed = 'landed';
    case Lost = 'lost';
    case Missed = 'missed';
    case Released = 'released';
    case Kept = 'kept';
    case Sounding = 'sounding';
    case Speed = 'speed';
    case Marker = 'marker';
    /** A fish came after a lure, or to the boat, and did not take. */
    case Followed = 'followed';
    case Signs = 'signs';
    case Note = 'note';
    /** All lines are in and the day is over; what is left aboard is told with it. */
    case Ended = 'ended';
    /** What was to be changed was taken, or refused. */
    case Answer = 'answer';
    /** Others happened so much later, or earlier, than a clock that was wrong had told. */
    case Moved = 'moved';
    /** Takes another one back. */
    case Void = 'void';

    /** Whether it changed something about how lines fish that a captain asks the bites of before it and after. */
    public function isChange(): bool
    {
        return in_array($this, [self::LetOut, self::Swap, self::AsPlanned, self::Speed], true);
    }

    /** Whether it is worth a mark on the day's line of time. */
    public function isMarked(): bool
    {
        return $this->isChange() || in_array(
            $this, [self::Fouled, self::GearLost, self::Marker, self::Signs, self::Followed, self::Sounding], true,
        );
    }

    /** Whether it is of one rod's line. */
    public function isOfLine(): bool
    {
        return in_array($this, [
            self::Out, self::In, self::Checked, self::LetOut, self::Swap, self::AsPlanned, self::Fouled, self::GearLost,
            self::Bite, self::Sounding,
        ], true);
    }

    /** Whether it is of a place: where nobody says, it is where she was. */
    public function isOfPlace(): bool
    {
        return $this === self::Marker || $this === self::Followed;
    }

    /** Whether it tells how a line is rigged from then on. */
    public function rigs(): bool
    {
        return in_array($this, [self::Out, self::LetOut, self::Swap, self::AsPlanned], true);
    }

    /** Whether it tells what came of a bite. */
    public function isOfBite(): bool
    {
        return $this->outcome() !== null || $this === self::Released || $this === self::Kept;
    }

    /** Whether it tells that somebody was at a line, or that all was over: until the last of these, lines fished. */
    public function isOnTheWater(): bool
    {
        return $this->isOfLine() || $this === self::Ended;
    }

    /** Whether it is moved when times are put right: what put them right before is not. */
    public function isMovable(): bool
    {
        return $this !== self::Moved;
    }

    /** Whether it is of another event, which it names. */
    public function isOfAnother(): bool
    {
        return $this === self::Void || $this->isOfBite();
    }

    public function outcome(): ?Outcome
    {
        return match ($this) {
            self::Hooked => Outcome::Hooked,
            self::Landed => Outcome::Landed,
            self::Lost => Outcome::Lost,
            self::Missed => Outcome::Missed,
            default => null,
        };
    }

    public static function ofOutcome(Outcome $outcome): self
    {
        return match ($outcome) {
            Outcome::Hooked => self::Hooked,
            Outcome::Landed => self::Landed,
            Outcome::Lost => self::Lost,
            Outcome::Missed => self::Missed,
        };
    }

    /** How a line stands after it, where that follows from it alone; null where it stands as it did. */
    public function leaves(): ?LineState
    {
        return match ($this) {
            self::Out, self::Missed => LineState::Fishing,
            self::Bite => LineState::FishOn,
            self::In, self::GearLost, self::Landed, self::Lost, self::Kept, self::Released => LineState::InBoat,
            self::Fouled => LineState::Fouled,
            default => null,
        };
    }

    /** What a crew says when it tells it. */
    public function order(): string
    {
        return match ($this) {
            self::Out => 'Out',
            self::In => 'In',
            self::Checked => 'Checked',
            self::Swap => 'Swap lure',
            self::LetOut => 'Let out',
            default => ucfirst($this->words()),
        };
    }

    /** As the log tells it. */
    public function words(): string
    {
        return match ($this) {
            self::Out => 'set',
            self::In => 'in the boat',
            self::Checked => 'checked',
            self::LetOut => 'let-out changed',
            self::Swap => 'swapped',
            self::AsPlanned => 'as planned again',
            self::Fouled => 'fouled',
            self::GearLost => 'gear lost',
            self::Bite => 'bite',
            self::Hooked => 'hooked',
            self::Landed => 'landed',
            self::Lost => 'lost',
            self::Missed => 'missed',
            self::Released => 'released',
            self::Kept => 'kept',
            self::Sounding => 'sounded',
            self::Speed => 'speed',
            self::Marker => 'marker',
            self::Followed => 'a fish followed',
            self::Signs => 'signs of the water',
            self::Note => 'note',
            self::Ended => 'day ended',
            self::Answer => 'advice answered',
            self::Moved => 'times put right',
            self::Void => 'taken back',
        };
    }
}
