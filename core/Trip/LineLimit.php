<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

/** How many lines a boat may fish, by what the captain entered; no regulation is known here. */
final class LineLimit
{
    /**
     * @param  int  $crew  people working the boat
     * @param  bool  $crewFish  whether they count as anglers
     * @param  ?int  $each  lines an angler
     * @param  ?int  $most  on the boat
     * @return ?int null where neither was entered
     */
    public static function of(int $anglers, int $crew, bool $crewFish, ?int $each, ?int $most): ?int
    {
        $byAnglers = $each === null ? null : $each * ($anglers + ($crewFish ? $crew : 0));

        return $byAnglers === null ? $most : min($byAnglers, $most ?? $byAnglers);
    }

    /** What is gone by where none was entered: as many lines an angler as the boat usually fishes. */
    public static function presumed(int $anglers, int $each): int
    {
        return $anglers * $each;
    }
}
