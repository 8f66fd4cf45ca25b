<?php

declare(strict_types=1);

namespace App\Rigging;

/** Line-hours of trips cut into pieces while Admek runs: a trip that is over is cut once. */
final readonly class SeasonShelf
{
    public const MOST = 400;

    public function __construct(private ?Shelf $shelf)
    {
    }

    /**
     * @template T of array
     *
     * @param  list<mixed>  $of  all it follows from
     * @param  callable(): T  $make
     * @return T
     */
    public function pieces(array $of, callable $make): array
    {
        /** @var T */
        return json_decode(Shelf::made(
            $this->shelf, $of, static fn (): string => (string) json_encode($make(), JSON_PRESERVE_ZERO_FRACTION),
        ), true);
    }
}
