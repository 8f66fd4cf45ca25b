<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Towing\Motion\Moment;
use Admek\Core\Towing\TowSolution;

/**
 * What a line is made of, the same at every moment: with it the places of a moment are kept as one string of doubles. A minute of
 * a spread is thousands of points, and as lists of lists each would take ten times its size.
 */
final readonly class Shape
{
    /** Bytes of a place. */
    private const PLACE = 24;

    /**
     * @param  list<string>  $names  of its bodies
     * @param  int  $path  points of it
     * @param  list<int>  $branches  points of each
     */
    private function __construct(
        private array $names, private bool $board, private bool $clip, private int $path, private array $branches,
    ) {
    }

    public static function of(Moment $moment): self
    {
        return new self(
            array_keys($moment->bodies), $moment->board !== null, $moment->clip !== null, count($moment->path),
            array_map(count(...), $moment->branchPaths),
        );
    }

    /** Places of a moment of this shape: bodies, board and clip where there are, the line, its branches. */
    public function packed(Moment $moment): string
    {
        $places = [
            ...array_values($moment->bodies), ...array_filter([$moment->board, $moment->clip]), ...$moment->path,
            ...array_merge(...$moment->branchPaths),
        ];

        return pack('d*', ...array_merge(...$places));
    }

    /** @return array<string, array{float, float, float}> m, by name */
    public function bodies(string $packed): array
    {
        return array_combine($this->names, self::places($packed, 0, count($this->names)));
    }

    /** @param  float  $pull  N on rod tip or boom */
    public function solution(string $packed, float $pull): TowSolution
    {
        $at = count($this->names);
        $board = $this->board ? self::places($packed, $at, 1)[0] : null;
        $at += (int) $this->board;
        $clip = $this->clip ? self::places($packed, $at, 1)[0] : null;
        $at += (int) $this->clip;
        $path = self::places($packed, $at, $this->path);
        $at += $this->path;
        $branches = [];
        foreach ($this->branches as $points) {
            $branches[] = self::places($packed, $at, $points);
            $at += $points;
        }

        return new TowSolution($this->bodies($packed), $board, null, $pull, 1.0, [], $path, $branches, clip: $clip);
    }

    /** @return list<array{float, float, float}> m */
    private static function places(string $packed, int $from, int $many): array
    {
        /** @var list<float> $figures */
        $figures = $many === 0 ? [] : array_values((array) unpack('d'.(3 * $many), $packed, self::PLACE * $from));
        $places = [];
        for ($i = 0; $i < 3 * $many; $i += 3) {
            $places[] = [$figures[$i], $figures[$i + 1], $figures[$i + 2]];
        }

        return $places;
    }
}
