<?php

declare(strict_types=1);

namespace App\Rigging;

/** Deck cards worked out while Admek runs: each is looked at on every phone aboard, and seldom changed. */
final readonly class CardShelf
{
    public const MOST = 60;

    public function __construct(private ?Shelf $shelf)
    {
    }

    /**
     * @param  list<mixed>  $of  all it follows from
     * @param  callable(): string  $make
     */
    public function card(array $of, callable $make): string
    {
        if ($this->shelf === null) {
            return $make();
        }
        $key = hash('xxh128', serialize($of));
        $card = $this->shelf->find($key);
        if ($card === null) {
            $card = $make();
            $this->shelf->keep($key, $card);
        }

        return $card;
    }
}
