<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Card;

use Admek\Core\Spread\Run\RunningLine;

/** One rod on the deck card. */
final readonly class DeckCardRow
{
    /** @param  list<?float>  $settings control value at each of the card's speeds, null where the depth cannot be held */
    public function __construct(public RunningLine $running, public array $settings)
    {
    }

    /**
     * What the counter shows at each setting, its own error counted in; null where nothing is read on a counter.
     *
     * @return ?list<?float> m as shown
     */
    public function counter(): ?array
    {
        $planned = $this->running->planned;

        return ! $planned->isCounted() ? null : array_map(
            static fn (?float $setting): ?float => $setting === null ? null : $planned->counterShows($setting), $this->settings,
        );
    }
}
