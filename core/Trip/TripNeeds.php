<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

/** What a trip asks of its preparation: who comes, what the planned rods fish, and how. */
final readonly class TripNeeds
{
    /**
     * @param  int  $cutBaitRods  rods that fish bait cut or rigged from frozen
     * @param  int  $liveBaitRods  rods that fish live bait: harnesses and plain hooks
     * @param  int  $lines  lines planned
     * @param  bool  $riggers  whether any needs the boat's current
     * @param  list<array{key: string, leader: string, count: int}>  $leaders  lines by the leader they are tied
     *   with, by what it is known by and as it is called
     * @param  bool  $strips  whether bait is cut into strips, two from each, rather than fished whole
     */
    public function __construct(
        public int $guests,
        public int $cutBaitRods = 0,
        public int $liveBaitRods = 0,
        public int $lines = 0,
        public bool $riggers = false,
        public array $leaders = [],
        public BaitCure $cure = BaitCure::Brine,
        public bool $strips = true,
    ) {
    }

    public function baitRods(): int
    {
        return $this->cutBaitRods + $this->liveBaitRods;
    }
}
