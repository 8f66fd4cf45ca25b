<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion;

/** Where a line is at a time of a course: metres in the boat's frame of that moment (aft, starboard, down), and newtons. */
final readonly class Moment
{
    /**
     * @param  float  $time  s
     * @param  array<string, array{float, float, float}>  $bodies  place of each named body
     * @param  array<string, float>  $speeds  m/s at which the water passes each named body
     * @param  ?array{float, float, float}  $board  place of the board, if the line ends on one
     * @param  float  $towTension  N on the tow point, or in the front line of a board: its mean over the second that ends here
     * @param  list<array{float, float, float}>  $path  from the free end to the tow point
     * @param  list<list<array{float, float, float}>>  $branchPaths  from each branch's free end to its node
     * @param  ?array{float, float, float}  $clip  where the chain is clipped to a mast board's tow line
     */
    public function __construct(
        public float $time,
        public array $bodies,
        public array $speeds,
        public ?array $board,
        public float $towTension,
        public array $path,
        public array $branchPaths,
        public ?array $clip = null,
    ) {
    }
}
