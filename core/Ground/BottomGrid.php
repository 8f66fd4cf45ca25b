<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

use Admek\Core\InvalidValue;

/** Depths on a grid of latitude and longitude, straight between its points; land is 0. */
final readonly class BottomGrid
{
    private const MOST = 400;

    /** Steps by which a place on the edge may miss it. */
    private const ROUNDING = 1e-6;

    /**
     * @param  list<list<float>>  $depths  m, rows from south to north, each from west to east
     */
    private function __construct(public float $south, public float $west, public float $step, public array $depths)
    {
    }

    /**
     * @param  float  $step  degrees between points, both ways
     * @param  list<list<float>>  $depths
     *
     * @throws InvalidValue naming the row
     */
    public static function of(float $south, float $west, float $step, array $depths): self
    {
        InvalidValue::unlessBetween('step', $step, 1e-5, 1, '°');
        $rows = count($depths);
        $columns = count($depths[0] ?? []);
        if ($rows < 2 || $columns < 2 || $rows > self::MOST || $columns > self::MOST) {
            throw InvalidValue::because('rows', 'from 2 to '.self::MOST.' rows and columns');
        }
        foreach ($depths as $i => $row) {
            if (count($row) !== $columns) {
                throw InvalidValue::because("rows.{$i}", "as long as the first: {$columns}");
            }
            foreach ($row as $j => $depth) {
                InvalidValue::unlessBetween("rows.{$i}.{$j}", $depth, 0, 1000, 'm');
            }
        }

        return new self($south, $west, $step, $depths);
    }

    /** m; null off the grid. */
    public function at(Place $place): ?float
    {
        [$y, $x] = [($place->latitude - $this->south) / $this->step, ($place->longitude - $this->west) / $this->step];
        [$rows, $columns] = [count($this->depths), count($this->depths[0])];
        if (
            $x < -self::ROUNDING
            || $y < -self::ROUNDING
            || $x > $columns - 1 + self::ROUNDING
            || $y > $rows - 1 + self::ROUNDING
        ) {
            return null;
        }
        [$x, $y] = [max(0.0, min($columns - 1.0, $x)), max(0.0, min($rows - 1.0, $y))];
        [$j, $i] = [min($columns - 2, (int) $x), min($rows - 2, (int) $y)];
        [$u, $v] = [$x - $j, $y - $i];

        return (1 - $v) * ((1 - $u) * $this->depths[$i][$j] + $u * $this->depths[$i][$j + 1]) + $v * (
            (1 - $u) * $this->depths[$i + 1][$j] + $u * $this->depths[$i + 1][$j + 1]
        );
    }

    /**
     * Lines of one depth, by marching squares (Lorensen and Cline 1987, in two dimensions): each cell's crossings joined
     * end to end.
     *
     * @return list<non-empty-list<Place>>
     */
    public function contour(float $depth): array
    {
        $next = [];
        for ($i = 0, $rows = count($this->depths) - 1; $i < $rows; $i++) {
            for ($j = 0, $columns = count($this->depths[0]) - 1; $j < $columns; $j++) {
                foreach ($this->crossings($i, $j, $depth) as [$from, $to]) {
                    $next[$from][] = $to;
                    $next[$to][] = $from;
                }
            }
        }

        return array_map(
            fn (array $edges): array => array_map(fn (string $edge): Place => $this->place($edge, $depth), $edges),
            self::joined($next),
        );
    }

    /**
     * Pieces of the line in one cell, by the edges they cross. An edge is named by its lower point and whether it runs
     * east (h) or north (v).
     *
     * @return list<array{string, string}>
     */
    private function crossings(int $i, int $j, float $depth): array
    {
        $deep = fn (int $di, int $dj): bool => $this->depths[$i + $di][$j + $dj] > $depth;
        [$sw, $se, $nw, $ne] = [$deep(0, 0), $deep(0, 1), $deep(1, 0), $deep(1, 1)];
        $edges = array_keys(
            array_filter(
                [
                    "h {$i} {$j}" => $sw !== $se,
                    'v '.$i.' '.($j + 1) => $se !== $ne,
                    'h '.($i + 1).' '.$j => $nw !== $ne,
                    "v {$i} {$j}" => $sw !== $nw,
                ],
            ),
        );
        if (count($edges) === 4) {
            // A saddle: its middle says which corners belong together.
            $middle = 0.25 * (
                $this->depths[$i][$j] + $this->depths[$i][$j + 1] + $this->depths[$i + 1][$j] + $this->depths[$i + 1][$j + 1]
            ) > $depth;

            return $middle === $sw
                ? [[$edges[0], $edges[1]], [$edges[2], $edges[3]]]
                : [[$edges[0], $edges[3]], [$edges[1], $edges[2]]];
        }

        return count($edges) === 2 ? [[$edges[0], $edges[1]]] : [];
    }

    private function place(string $edge, float $depth): Place
    {
        [$way, $i, $j] = explode(' ', $edge);
        [$i, $j] = [(int) $i, (int) $j];
        [$a, $b] = [$this->depths[$i][$j], $way === 'h' ? $this->depths[$i][$j + 1] : $this->depths[$i + 1][$j]];
        $share = ($depth - $a) / ($b - $a);

        return new Place(
            $this->south + $this->step * ($way === 'h' ? $i : $i + $share),
            $this->west + $this->step * ($way === 'h' ? $j + $share : $j),
        );
    }

    /**
     * @param  array<string, list<string>>  $next  neighbours of each crossing, one or two
     * @return list<non-empty-list<string>> open lines first, then rings, closed by their first crossing again
     */
    private static function joined(array $next): array
    {
        $lines = [];
        $ends = array_keys(array_filter($next, static fn (array $to): bool => count($to) === 1));
        foreach ([...$ends, ...array_keys($next)] as $start) {
            if (! isset($next[$start])) {
                continue;
            }
            $line = [$start];
            $at = $start;
            while (($to = array_shift($next[$at])) !== null) {
                $next[$to] = array_values(array_filter($next[$to], static fn (string $back): bool => $back !== $at));
                if ($next[$at] === []) {
                    unset($next[$at]);
                }
                $line[] = $at = $to;
                if (! isset($next[$at])) {
                    break;
                }
            }
            unset($next[$at]);
            if (count($line) > 1) {
                $lines[] = $line;
            }
        }

        return $lines;
    }
}
