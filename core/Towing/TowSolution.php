<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

/** Where a towed line runs. Metres in the towing frame (aft, starboard, down) and newtons. */
final readonly class TowSolution
{
    /**
     * @param  array<string, array{float, float, float}>  $bodies  place of each named body
     * @param  ?array{float, float, float}  $board  place of the board, if the line ends on one
     * @param  ?float  $boardLoadDown  N the trailing chain presses the board down with
     * @param  float  $towTension  N at the rod tip or boom end
     * @param  float  $speedFactor  the line's water speed over the boat's (1 on a straight course)
     * @param  list<string>  $surfaced  bodies held at the surface
     * @param  list<array{float, float, float}>  $path  from the free end to the tow point
     * @param  list<list<array{float, float, float}>>  $branchPaths  from each branch's free end to its node
     * @param  ?array{float, float, float}  $clip  where the chain is clipped to a mast board's tow line
     */
    public function __construct(
        public array $bodies,
        public ?array $board,
        public ?float $boardLoadDown,
        public float $towTension,
        public float $speedFactor,
        public array $surfaced,
        public array $path,
        public array $branchPaths,
        public bool $boardPulledUnder = false,
        public ?array $clip = null,
    ) {
    }

    /**
     * A curve with at most so many points, its ends kept.
     *
     * @param  list<array{float, float, float}>  $path
     * @return list<array{float, float, float}>
     */
    public static function thinned(array $path, int $most): array
    {
        $last = count($path) - 1;
        if ($last < $most) {
            return $path;
        }
        $kept = [];
        for ($i = 0; $i < $most; $i++) {
            $kept[] = $path[(int) round($i * $last / ($most - 1))];
        }

        return $kept;
    }
}
