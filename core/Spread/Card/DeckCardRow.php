<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Card;

use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Rigs\ControlKind;

/** One rod on the deck card. */
final readonly class DeckCardRow
{
    /** @param  list<?float>  $settings control value at each of the card's speeds, null where the depth cannot be held */
    public function __construct(public RunningLine $running, public array $settings)
    {
    }

    /**
     * What the counter shows at each setting, its own error counted in; null where nothing is read on a counter: colours
     * are counted by their marks, a stacked release is measured off on the cable.
     *
     * @return ?list<?float> m as shown
     */
    public function counter(): ?array
    {
        $planned = $this->running->planned;

        return in_array($planned->rig->control()->kind, [ControlKind::Colours, ControlKind::Above], true)
            ? null
            : array_map(
                static fn (?float $setting): ?float => $setting === null ? null : $setting * $planned->counterFactor,
                $this->settings,
            );
    }
}
