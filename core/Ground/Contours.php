<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;

/** A bottom as it is drawn: lines of equal depth, round in the boat's units, and land in strips. */
final readonly class Contours
{
    /** m between two lines: ten feet, or three metres. */
    private const EVERY = ['us' => 10 * Units::FOOT, 'metric' => 3.0];

    private const MOST_LINES = 40;

    /** Places of all lines together: no page draws more, and nobody reads them. */
    public const MOST_PLACES = 60_000;

    /** m of water at which land is drawn to begin. */
    private const SHORE = 0.05;

    private float $deepest;

    private float $every;

    public function __construct(private BottomGrid $grid, Units $units)
    {
        $this->deepest = max([0.0, ...array_merge(...$grid->depths)]);
        $every = self::EVERY[$units->value];
        $this->every = max($every, ceil($this->deepest / $every / self::MOST_LINES) * $every);
    }

    /**
     * Refuses a bottom whose lines nobody could draw: told from its depths alone, before any line is made.
     *
     * @throws InvalidValue
     */
    public function mustBeDrawable(): void
    {
        $places = 0;
        $level = fn (float $depth): int => (int) floor($depth / $this->every);
        foreach ($this->grid->depths as $i => $row) {
            foreach ($row as $j => $depth) {
                $places += isset($row[$j + 1]) ? abs($level($depth) - $level($row[$j + 1])) : 0;
                $north = $this->grid->depths[$i + 1][$j] ?? null;
                $places += $north === null ? 0 : abs($level($depth) - $level($north));
            }
        }
        if ($places > self::MOST_PLACES) {
            throw InvalidValue::because('rows', sprintf(
                'smoother, or of fewer rows: its lines of depth would have some %d places, and at most %d are drawn',
                $places, self::MOST_PLACES,
            ));
        }
    }

    /** @return list<array{depth: float, lines: list<list<array{float, float}>>}> depth in m, places in degrees */
    public function lines(): array
    {
        $lines = [['depth' => 0.0, 'lines' => $this->line(self::SHORE)]];
        for ($depth = $this->every; $depth < $this->deepest; $depth += $this->every) {
            $lines[] = ['depth' => $depth, 'lines' => $this->line($depth)];
        }

        return $lines;
    }

    /** @return list<array{float, float, float, float}> land, in strips: south, west, north, east */
    public function land(): array
    {
        $strips = [];
        $grid = $this->grid;
        $half = $grid->step / 2;
        foreach ($grid->depths as $i => $row) {
            $from = null;
            foreach ([...$row, 1.0] as $j => $depth) {
                if ($depth <= 0.0) {
                    $from ??= $j;
                } elseif ($from !== null) {
                    $strips[] = [
                        round($grid->south + $i * $grid->step - $half, 5),
                        round($grid->west + $from * $grid->step - $half, 5),
                        round($grid->south + $i * $grid->step + $half, 5),
                        round($grid->west + ($j - 1) * $grid->step + $half, 5),
                    ];
                    $from = null;
                }
            }
        }

        return $strips;
    }

    /** @return list<list<array{float, float}>> to the metre */
    private function line(float $depth): array
    {
        return array_map(
            static fn (array $line): array => array_map(
                static fn (Place $place): array => [round($place->latitude, 5), round($place->longitude, 5)], $line,
            ),
            $this->grid->contour($depth),
        );
    }
}
