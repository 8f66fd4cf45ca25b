<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Cure;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\Shared;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\InlineBoard;
use Admek\Core\Tackle\Rigs\MastBoard;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** One change to a spread that takes a breach away and brings no other. */
final readonly class Cure
{
    /**
     * @param  list<string>  $holders  the line changed, or the two that change places
     * @param  ?float  $value  m or colours to set
     * @param  ?int  $lure  id of the lure to change to
     */
    public function __construct(public CureKind $kind, public array $holders, public ?float $value = null, public ?int $lure = null)
    {
    }

    /**
     * The spread with this done.
     *
     * @param  list<PlannedLine>  $lines
     * @return list<PlannedLine>
     *
     * @throws InvalidValue when it cannot be set
     */
    public function applied(array $lines): array
    {
        return match ($this->kind) {
            CureKind::SetControl => Shared::withControl($lines, $this->holders[0], $this->value ?? 0.0),
            CureKind::SetBoardOut => Shared::introduced(array_map($this->withBoardOut(...), $lines)),
            CureKind::SwapHolders => Shared::introduced($this->swapped($lines)),
            CureKind::TakeOut => Shared::introduced(array_values(array_filter($lines, fn (PlannedLine $line): bool => $line->holder !== $this->holders[0] && ! self::rides($line, $this->holders[0])))),
            // It swims as the one before it.
            CureKind::ChangeLure => $lines,
        };
    }

    /**
     * As the order it is.
     *
     * @param  ?ControlKind  $control  what sets the line's depth
     * @param  ?string  $lure  name of the lure to change to
     */
    public function order(?ControlKind $control, ?string $lure): Sentence
    {
        $set = match ($control) {
            ControlKind::Cable => 'Set {one} to {length} of cable',
            ControlKind::Colours => 'Set {one} to {count} colours',
            ControlKind::Above => 'Set {one} {fine} above its ball',
            ControlKind::Dial => 'Dial {one} to {count}',
            ControlKind::Weight => 'Put {mass} on {one}',
            ControlKind::LetOut, null => 'Set {one} to {length} out',
        };
        $value = $this->value ?? 0.0;

        return Sentence::of(match ($this->kind) {
            CureKind::SetControl => $set,
            CureKind::SetBoardOut => 'Bring the board of {one} in to {length}',
            CureKind::SwapHolders => 'Swap {one} and {other}',
            CureKind::TakeOut => 'Leave {one} in the boat',
            CureKind::ChangeLure => 'Put {lure} on {one}',
        }, [
            'one' => $this->holders[0], 'other' => $this->holders[1] ?? '', 'lure' => $lure ?? 'another lure',
            'length' => [Quantity::Length, $value], 'fine' => [Quantity::Leader, $value], 'count' => [Quantity::Count, $value], 'mass' => [Quantity::SmallMass, $value],
        ]);
    }

    /** Whether its release rides a cable: with the ball in the boat it has nothing to ride. */
    private static function rides(PlannedLine $line, string $holder): bool
    {
        return $line->rig instanceof Downrigger && $line->rig->stacked() && $line->rig->cableOf === $holder;
    }

    private function withBoardOut(PlannedLine $line): PlannedLine
    {
        if ($line->holder !== $this->holders[0]) {
            return $line;
        }

        return match (true) {
            $line->rig instanceof InlineBoard => $line->withRig($line->rig->withLineOut($this->value ?? 0.0)),
            $line->rig instanceof MastBoard => $line->withRig($line->rig->withClipOut($this->value ?? 0.0)),
            default => $line,
        };
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @return list<PlannedLine>
     */
    private function swapped(array $lines): array
    {
        $byHolder = [];
        foreach ($lines as $line) {
            $byHolder[$line->holder] = $line;
        }
        [$a, $b] = $this->holders;

        return array_map(static fn (PlannedLine $line): PlannedLine => match ($line->holder) {
            $a => $line->withRigOf($byHolder[$b]),
            $b => $line->withRigOf($byHolder[$a]),
            default => $line,
        }, $lines);
    }
}
