<?php

declare(strict_types=1);

namespace Admek\Core\Day\Internal;

use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Day\LineNow;
use Admek\Core\Day\LineSet;
use Admek\Core\Day\LineState;
use Admek\Core\Day\Spell;

/** One rod's line through its day, event by event. */
final class OnRod
{
    /** @var list<Spell> that are over */
    private array $over = [];

    private LineState $state = LineState::InBoat;

    private ?LineSet $line = null;

    private bool $otherwise = false;

    private ?float $from = null;

    private ?float $seen = null;

    private ?Event $bite = null;

    /** @param  float  $since  s since 1970 UTC */
    public function __construct(private readonly string $holder, private float $since)
    {
    }

    public function take(Event $event): void
    {
        match ($event->kind) {
            EventKind::Out => $this->set($event),
            EventKind::LetOut, EventKind::Swap, EventKind::AsPlanned => $this->rig($event),
            EventKind::In, EventKind::GearLost => $this->close($event->at, LineState::InBoat),
            EventKind::Checked => $this->check($event),
            EventKind::Fouled => $this->foul($event),
            EventKind::Bite => $this->bitten($event),
            default => null,
        };
    }

    /** What came of a bite of this rod: a fish that is on or was brings the line in with it, a bite that was missed does not. */
    public function ended(Event $event): void
    {
        if ($this->bite === null || $this->bite->id !== $event->of) {
            return;
        }
        $at = max($event->at, $this->bite->at);
        if ($event->kind === EventKind::Missed) {
            $this->seen = $this->bite->at;
            $this->bite = null;
            $this->become($this->from === null ? LineState::InBoat : LineState::Fishing, $at);
        } elseif ($event->kind !== EventKind::Hooked) {
            $this->close($at, LineState::InBoat);
        }
    }

    /** The day is over: what is out comes in. */
    public function over(float $at): void
    {
        if ($this->state !== LineState::InBoat) {
            $this->close($at, LineState::InBoat);
        }
    }

    /** @return list<Spell> */
    public function spells(): array
    {
        return $this->from === null
            ? $this->over : [...$this->over, new Spell($this->holder, $this->line, $this->from, $this->bite?->at)];
    }

    public function now(): LineNow
    {
        return new LineNow(
            $this->holder, $this->state, $this->since, $this->line, $this->seen, $this->bite?->id, $this->otherwise,
        );
    }

    private function set(Event $event): void
    {
        $this->close($event->at, LineState::Fishing);
        $this->line = LineSet::of($event);
        $this->from = $this->seen = $event->at;
    }

    /** Rigged otherwise: in the boat it is not fishing for that. */
    private function rig(Event $event): void
    {
        $this->otherwise = $event->kind !== EventKind::AsPlanned;
        if ($this->from === null) {
            $this->line = LineSet::of($event);

            return;
        }
        $this->set($event);
    }

    private function check(Event $event): void
    {
        if ($this->state === LineState::Fouled) {
            $this->from = $event->at;
            $this->become(LineState::Fishing, $event->at);
        }
        $this->seen = $this->state === LineState::InBoat ? $this->seen : $event->at;
    }

    private function foul(Event $event): void
    {
        if ($this->from !== null) {
            $this->close($event->at, LineState::Fouled);
        }
    }

    private function bitten(Event $event): void
    {
        $this->bite = $event;
        $this->seen = $event->at;
        $this->become(LineState::FishOn, $event->at);
    }

    /** With a fish on it has fished until that bit. */
    private function close(float $at, LineState $state): void
    {
        if ($this->from !== null) {
            $this->over[] = new Spell($this->holder, $this->line, $this->from, min($at, $this->bite->at ?? $at));
        }
        $this->from = $this->bite = null;
        $this->become($state, $at);
    }

    private function become(LineState $state, float $at): void
    {
        $this->state = $state;
        $this->since = $at;
    }
}
