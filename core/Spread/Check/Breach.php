<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

/** Something to look at: what, on which lines, how much against how much, and where. */
final readonly class Breach
{
    /**
     * @param  list<string>  $holders  codes of the lines concerned
     * @param  ?float  $amount  m (a count of lines for LineCount): what it is
     * @param  ?float  $wanted  same unit: what it should at least, or for LineCount at most, be
     * @param  ?array{float, float, float}  $place  m in the towing frame
     * @param  ?string  $subject  the species of a bare band, the finish that is doubled, the body that touches
     * @param  ?float  $ahead  m the boat has yet to go until it happens; null where it happens at once
     * @param  ?float  $structure  m that what is met stands up from the bottom; null where it is the bottom itself
     * @param  ?BottomContact  $first  of Bottom: where it first touches, or where nothing does, first comes nearer than wanted;
     *   the rest tells the worst
     */
    public function __construct(
        public BreachKind $kind,
        public array $holders,
        public ?float $amount = null,
        public ?float $wanted = null,
        public ?array $place = null,
        public ?string $subject = null,
        public ?float $ahead = null,
        public ?float $structure = null,
        public ?BottomContact $first = null,
    ) {
    }

    /** How bad it is, in its own unit: how far it is from what it should be. */
    public function severity(): float
    {
        return match ($this->kind) {
            BreachKind::HolderOrder => $this->amount ?? 0.0,
            BreachKind::BoardUnder => ($this->amount ?? 0.0) - ($this->wanted ?? 0.0),
            BreachKind::Tangle, BreachKind::Bottom, BreachKind::Neighbours,
            BreachKind::BoardLaidBack => ($this->wanted ?? 0.0) - ($this->amount ?? 0.0),
            default => 0.0,
        };
    }

    /** What tells it from another of the same spread. */
    public function name(): string
    {
        $holders = $this->holders;
        if ($this->kind !== BreachKind::SettingCross) {
            // A pair is the same pair in whichever order its lines stand.
            sort($holders);
        }

        return implode(
            ' ',
            [
                $this->kind->value,
                ...$holders,
                ...($this->kind === BreachKind::Bare ? [$this->subject ?? '', sprintf('%.1f', $this->place[2] ?? 0.0)] : []),
            ],
        );
    }
}
