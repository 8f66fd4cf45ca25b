<?php

declare(strict_types=1);

namespace App\Reading\Season;

use App\Rigging\Shelf;

/** What was said of a season while Admek runs: it is asked for again far oftener than anything is fished. */
final readonly class SeasonShelf
{
    public const MOST = 20;

    public function __construct(private ?Shelf $shelf)
    {
    }

    /**
     * @param  list<mixed>  $of  all it follows from
     * @param  callable(): string  $make
     */
    public function said(array $of, callable $make): string
    {
        return Shelf::made($this->shelf, $of, $make);
    }
}
