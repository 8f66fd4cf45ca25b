<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\Material;

/** What of the gear is aboard, each list in the order the locker keeps it: balls by weight, the rest by name. */
final readonly class GearAboard
{
    /**
     * @param  list<DescribedReel>  $reels
     * @param  list<DescribedLure>  $lures
     * @param  list<DescribedBall>  $balls
     * @param  list<DescribedDiver>  $divers
     * @param  list<DescribedBoard>  $boards
     */
    public function __construct(
        public array $reels, public array $lures, public array $balls = [], public array $divers = [], public array $boards = [],
    ) {
    }

    /**
     * @param  list<Material>  $materials
     * @return list<DescribedReel>
     */
    public function reelsOf(array $materials): array
    {
        return array_values(
            array_filter($this->reels, static fn (DescribedReel $reel): bool => in_array($reel->material, $materials, true)),
        );
    }

    /** @return list<DescribedBoard> */
    public function boardsFor(BoardUse $use): array
    {
        return array_values(
            array_filter($this->boards, static fn (DescribedBoard $board): bool => BoardUse::of($board) === $use),
        );
    }

    /** @return ?DescribedBall the heaviest but one: the heaviest is kept for current and speed */
    public function usualBall(): ?DescribedBall
    {
        $balls = $this->balls;
        usort($balls, static fn (DescribedBall $a, DescribedBall $b): int => $a->mass <=> $b->mass);

        return $balls[max(0, count($balls) - 2)] ?? null;
    }

    /** @return list<DescribedDiver> the large ones, which go wide and deep; any, where there are none */
    public function usualDivers(): array
    {
        $large = array_values(
            array_filter($this->divers, static fn (DescribedDiver $diver): bool => $diver->size === DiverSize::Large),
        );

        return $large === [] ? $this->divers : $large;
    }
}
