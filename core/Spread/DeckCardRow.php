<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

/** One rod on the deck card. */
final readonly class DeckCardRow
{
    /** @param  list<?float>  $settings control value at each of the card's speeds, null where the depth cannot be held */
    public function __construct(public RunningLine $running, public array $settings)
    {
    }
}
