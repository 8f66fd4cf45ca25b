<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

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
}
