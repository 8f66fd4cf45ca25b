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
        return Shelf::made($this->shelf, $of, $make);
    }
}
