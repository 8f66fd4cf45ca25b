<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Cure;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** One change to a spread that takes a breach away and brings no other. */
final readonly class Cure
{
    /**
     * @param  list<string>  $holders  the line changed, or the two that change places
     * @param  ?float  $value  m or colours to set
     * @param  ?DescribedLure  $lure  to change to
     */
    public function __construct(
        public CureKind $kind, public array $holders, public ?float $value = null, public ?DescribedLure $lure = null,
    ) {
    }

    /**
     * The spread with this done.
     *
     * @throws InvalidValue when it cannot be
     */
    public function applied(SpreadPlan $plan): SpreadPlan
    {
        return match ($this->kind) {
            CureKind::SetControl => $plan->withControl($this->holders[0], $this->value ?? 0.0),
            CureKind::SetBoardOut => $plan->withBoardOut($this->holders[0], $this->value ?? 0.0),
            CureKind::SwapHolders => $plan->swapped($this->holders[0], $this->holders[1]),
            CureKind::TakeOut => $plan->without($this->holders[0]),
            CureKind::ChangeLure => $this->lure === null ? $plan : $plan->withLure($this->holders[0], $this->lure),
        };
    }

    /**
     * As the order it is.
     *
     * @param  SpreadPlan  $plan  it is a cure of
     *
     * @throws InvalidValue when its line is not in it
     */
    public function order(SpreadPlan $plan): Sentence
    {
        $set = match ($plan->lineOf($this->holders[0])->rig->control()->kind) {
            ControlKind::Cable => 'Set {one} to {length} of cable',
            ControlKind::Colours => 'Set {one} to {colours}',
            ControlKind::Above => 'Set {one} {fine} above its ball',
            ControlKind::Dial => 'Dial {one} to {count}',
            ControlKind::Weight => 'Put {mass} on {one}',
            ControlKind::LetOut => 'Set {one} to {length} out',
        };
        $value = $this->value ?? 0.0;

        return Sentence::of(match ($this->kind) {
            CureKind::SetControl => $set,
            CureKind::SetBoardOut => 'Bring the board of {one} in to {length}',
            CureKind::SwapHolders => 'Swap {one} and {other}',
            CureKind::TakeOut => 'Leave {one} in the boat',
            CureKind::ChangeLure => 'Put {lure} on {one}',
        }, [
            'one' => $this->holders[0], 'other' => $this->holders[1] ?? '', 'lure' => $this->lure->name ?? '',
            'length' => [Quantity::Length, $value], 'fine' => [Quantity::Leader, $value],
            'colours' => [Quantity::Colours, $value],
            'count' => [Quantity::Count, $value], 'mass' => [Quantity::SmallMass, $value],
        ]);
    }
}
