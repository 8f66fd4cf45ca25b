<?php

declare(strict_types=1);

namespace Tests\Core\Ground;

use Admek\Core\Ground\BottomGrid;
use Admek\Core\Ground\Course;
use Admek\Core\Ground\Pass;
use Admek\Core\Ground\Place;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What must hold of any ground, over many made up from a fixed seed. */
final class GroundPropertiesTest extends TestCase
{
    private Randomizer $chance;

    protected function setUp(): void
    {
        $this->chance = new Randomizer(new Mt19937(99));
    }

    public function test_every_place_of_a_contour_is_as_deep_as_it_says_and_its_pieces_hang_together(): void
    {
        for ($i = 0; $i < 25; $i++) {
            $grid = $this->grid();
            $depth = (float) $this->chance->getInt(8, 42) + 0.37;
            foreach ($grid->contour($depth) as $line) {
                foreach ($line as $j => $place) {
                    self::assertEqualsWithDelta($depth, $grid->at($place), 1e-6);
                    if ($j > 0) {
                        self::assertLessThan(2.0 * 0.002 * 111_195, $place->to($line[$j - 1]), 'from one cell to the next');
                    }
                }
                $closed = $line[0] == $line[count($line) - 1];
                if (! $closed) {
                    foreach ([$line[0], $line[count($line) - 1]] as $end) {
                        self::assertTrue($this->onEdge($end), 'an open line ends at the edge of the grid');
                    }
                }
            }
        }
    }

    public function test_contours_part_the_deep_from_the_shallow(): void
    {
        for ($i = 0; $i < 25; $i++) {
            $grid = $this->grid();
            $depth = (float) $this->chance->getInt(10, 40) + 0.21;
            $crossed = array_sum(array_map(static fn (array $line): int => count($line), $grid->contour($depth)));
            $changes = 0;
            foreach ($grid->depths as $r => $row) {
                foreach ($row as $c => $here) {
                    $changes += (int) (isset($row[$c + 1]) && ($here > $depth) !== ($row[$c + 1] > $depth)) + (int) (
                        isset($grid->depths[$r + 1]) && ($here > $depth) !== ($grid->depths[$r + 1][$c] > $depth)
                    );
                }
            }
            $closed = count(
                array_filter($grid->contour($depth), static fn (array $line): bool => $line[0] == $line[count($line) - 1]),
            );
            self::assertSame($changes, $crossed - $closed, 'each change of side between two points of the grid is crossed once');
        }
    }

    public function test_a_pass_in_any_current_takes_as_long_as_stepping_it_out(): void
    {
        for ($i = 0; $i < 60; $i++) {
            $speed = $this->chance->getInt(40, 250) / 100;
            $current = ['set' => (float) $this->chance->getInt(0, 359), 'drift' => $this->chance->getInt(0, 120) / 100];
            $course = $this->course();
            $pass = Pass::of($course, $speed, $current);
            foreach ($pass->legs as $leg) {
                if ($leg['heading'] === null) {
                    self::assertGreaterThanOrEqual(
                        $speed,
                        $current['drift'] * abs(sin(deg2rad($current['set'] - $leg['bearing']))) + 1e-9,
                        'swept off only by more than she makes',
                    );

                    continue;
                }
                // Velocity through the water and the water's own must add to one along the leg.
                [$east, $north] = [
                    $speed * sin(deg2rad($leg['heading'])) + $current['drift'] * sin(deg2rad($current['set'])),
                    $speed * cos(deg2rad($leg['heading'])) + $current['drift'] * cos(deg2rad($current['set'])),
                ];
                $along = $east * sin(deg2rad($leg['bearing'])) + $north * cos(deg2rad($leg['bearing']));
                $across = $east * cos(deg2rad($leg['bearing'])) - $north * sin(deg2rad($leg['bearing']));
                self::assertEqualsWithDelta(0.0, $across, 1e-9);
                self::assertEqualsWithDelta($leg['ground'], $along, 1e-9);
            }
            if ($pass->takes() !== null) {
                self::assertEqualsWithDelta(
                    $course->length(),
                    array_sum(
                        array_map(
                            static fn (array $leg): float => ($leg['ground'] ?? 0.0) * ($leg['length'] / ($leg['ground'] ?? 1.0)),
                            $pass->legs,
                        ),
                    ),
                    0.5,
                );
                self::assertEqualsWithDelta($pass->takes() * $speed, $pass->fished(), 1e-6);
            }
        }
    }

    public function test_run_the_other_way_every_turn_is_to_the_other_hand(): void
    {
        for ($i = 0; $i < 60; $i++) {
            $course = $this->course();
            $there = Pass::of($course, 1.0)->turns;
            $back = array_reverse(Pass::of($course->reversed(), 1.0)->turns);
            self::assertSame(
                array_column($there, 'side'),
                array_map(
                    static fn (string $side): string => $side === 'port' ? 'starboard' : 'port', array_column($back, 'side'),
                ),
            );
            foreach ($there as $j => $turn) {
                // Bearings are taken where a leg begins, and a parallel is no straight line.
                self::assertEqualsWithDelta($turn['radius'], $back[$j]['radius'], 0.002 * $turn['radius']);
            }
        }
    }

    public function test_a_stretch_of_a_course_is_as_long_as_asked_and_lies_on_it(): void
    {
        for ($i = 0; $i < 40; $i++) {
            $course = $this->course();
            $near = $course->at($this->chance->getInt(0, (int) $course->length()));
            $longest = (float) $this->chance->getInt(200, 4000);
            $stretch = $course->about($near, $longest);
            self::assertEqualsWithDelta(min($longest, $course->length()), $stretch->length(), 1.0);
            foreach ($stretch->places as $place) {
                self::assertLessThan(0.5, $course->away($place));
            }
            self::assertLessThan(30.0, $stretch->away($near));
            self::assertLessThanOrEqual($course->length() + 0.5, $course->simplified(30.0)->length(), 'cut corners are shorter');
        }
    }

    private function course(): Course
    {
        $place = new Place(45.2, -38.5);
        $bearing = (float) $this->chance->getInt(0, 359);
        $places = [$place];
        for ($i = $this->chance->getInt(1, 7); $i > 0; $i--) {
            $bearing += 10 * $this->chance->getInt(-8, 8);
            $length = $this->chance->getInt(200, 1500);
            $places[] = $place = $place->moved($length * sin(deg2rad($bearing)), $length * cos(deg2rad($bearing)));
        }

        return Course::of($places);
    }

    private function grid(): BottomGrid
    {
        $waves = array_map(
            fn (): array => [
                $this->chance->getInt(5, 60) / 100,
                $this->chance->getInt(5, 60) / 100,
                $this->chance->getInt(0, 628) / 100,
                $this->chance->getInt(2, 10),
            ],
            range(1, 4),
        );

        return BottomGrid::of(45.0, -38.0, 0.002, array_values(array_map(static fn (int $i): array => array_map(
            static fn (int $j): float => max(
                0.0,
                25.0 + array_sum(
                    array_map(static fn (array $wave): float => $wave[3] * sin($wave[0] * $i + $wave[1] * $j + $wave[2]), $waves),
                ),
            ),
            range(0, 30),
        ), range(0, 24))));
    }

    private function onEdge(Place $place): bool
    {
        foreach ([
            $place->latitude - 45.0,
            45.0 + 24 * 0.002 - $place->latitude,
            $place->longitude + 38.0,
            -38.0 + 30 * 0.002 - $place->longitude,
        ] as $off) {
            if (abs($off) < 1e-9) {
                return true;
            }
        }

        return false;
    }
}
