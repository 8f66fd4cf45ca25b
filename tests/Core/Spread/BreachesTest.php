<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Spread\Check\BreachKind;
use Admek\Core\Spread\Check\Internal\BoxedCurve;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\ClipWeight;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Towing\Side;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use ReflectionProperty;
use Tests\Core\Spread\Support\LinesToLookAt;

final class BreachesTest extends TestCase
{
    use LinesToLookAt;

    public function test_the_nearest_approach_is_that_of_brute_force_on_dense_curves(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $within = 0;
        for ($pair = 0; $pair < 60; $pair++) {
            [$a, $b] = [$this->wander($random), $this->wander($random)];
            $brute = INF;
            foreach ($this->dense($a) as $p) {
                foreach ($this->dense($b) as $q) {
                    $brute = min($brute, ($p[0] - $q[0]) ** 2 + ($p[1] - $q[1]) ** 2 + ($p[2] - $q[2]) ** 2);
                }
            }
            $brute = sqrt($brute);
            $found = BoxedCurve::of($a)->nearest(BoxedCurve::of($b), 6.0);
            if ($brute > 6.1) {
                self::assertNull($found);
            } elseif ($brute < 6.0) {
                $within++;
                self::assertNotNull($found);
                self::assertEqualsWithDelta($brute, $found['distance'], 0.08);
                self::assertLessThanOrEqual($brute + 1e-9, $found['distance']);
                $off = static fn (array $curve): float => sqrt(
                    min(
                        INF,
                        ...array_map(
                            static fn (array $p): float => ($p[0] - $found['place'][0]) ** 2 + (
                                $p[1] - $found['place'][1]
                            ) ** 2 + ($p[2] - $found['place'][2]) ** 2,
                            $curve,
                        ),
                    ),
                );
                self::assertEqualsWithDelta(0.5 * $found['distance'], $off($this->dense($a)), 0.08, 'the place lies midway');
            }
        }
        self::assertGreaterThan(15, $within);
    }

    public function test_what_is_left_out_about_a_triangle_is_near_to_nothing_in_it(): void
    {
        $random = new Randomizer(new Mt19937(12));
        $left = $whole = 0;
        for ($pair = 0; $pair < 60; $pair++) {
            $curve = BoxedCurve::of($this->wander($random));
            [$a, $b, $c] = array_map(fn (): array => $this->wander($random)[0], [1, 2, 3]);
            $within = 0.5 + $random->getInt(0, 5500) / 1000;
            $about = $curve->about($a, $b, $c, $within);
            for ($i = 0; $i <= 20; $i++) {
                $to = array_map(static fn (float $from, float $to): float => $from + $i / 20 * ($to - $from), $b, $c);
                $taut = BoxedCurve::of([$a, [$to[0], $to[1], $to[2]]]);
                self::assertEquals($taut->nearest($curve, $within), $taut->nearest($about, $within));
            }
            $left += count((array) (new ReflectionProperty($about, 'chunks'))->getValue($about));
            $whole += count((array) (new ReflectionProperty($curve, 'chunks'))->getValue($curve));
        }
        self::assertGreaterThan(0, $left);
        self::assertLessThan(0.7 * $whole, $left, 'most of it need not be looked at');
    }

    public function test_segments_in_every_attitude(): void
    {
        self::assertEqualsWithDelta(
            2.0, self::near([[0.0, 0.0, 0.0], [4.0, 0.0, 0.0]], [[2.0, -3.0, 2.0], [2.0, 3.0, 2.0]]), 1e-12, 'crossing',
        );
        self::assertEqualsWithDelta(
            1.5, self::near([[0.0, 0.0, 0.0], [4.0, 0.0, 0.0]], [[1.0, 1.5, 0.0], [9.0, 1.5, 0.0]]), 1e-12, 'side by side',
        );
        self::assertEqualsWithDelta(
            5.0, self::near([[0.0, 0.0, 0.0], [4.0, 0.0, 0.0]], [[7.0, 4.0, 0.0], [9.0, 9.0, 0.0]]), 1e-12, 'end to end',
        );
        self::assertEqualsWithDelta(
            3.0, self::near([[0.0, 0.0, 0.0], [0.0, 0.0, 0.0]], [[3.0, 0.0, 0.0], [3.0, 0.0, 0.0]]), 1e-12, 'points',
        );
    }

    public function test_divers_crossed_over_tangle_and_the_same_set_right_do_not(): void
    {
        $right = [$this->diver('P3', Side::Port, 3.0, -2.5), $this->diver('S3', Side::Starboard, 3.0, 2.5)];
        $crossed = [$this->diver('P3', Side::Starboard, 3.0, -2.5), $this->diver('S3', Side::Port, 3.0, 2.5)];

        self::assertSame([], $this->kinds($right, BreachKind::Tangle));
        $tangle = $this->kinds($crossed, BreachKind::Tangle)[0];
        self::assertSame(['P3', 'S3'], $tangle->holders);
        self::assertEqualsWithDelta(0.0, $tangle->place[1] ?? 9.0, 0.1, 'they cross behind the middle of the boat');
        self::assertLessThan(0.2, $tangle->amount);
    }

    public function test_a_farther_board_held_aft_crosses_the_nearer_ones_line_and_is_named(): void
    {
        $right = [$this->board('P1', 40.0, -4.0), $this->board('P2', 25.0, -2.0)];
        $wrong = [$this->board('P1', 25.0, -4.0), $this->board('P2', 40.0, -2.0)];

        self::assertSame([], $this->kinds($right, BreachKind::HolderOrder));
        self::assertSame(['P1', 'P2'], $this->kinds($wrong, BreachKind::HolderOrder)[0]->holders);
    }

    public function test_boards_keep_their_distance(): void
    {
        $close = $this->kinds([$this->board('P1', 40.0, -4.0), $this->board('P2', 38.0, -2.0)], BreachKind::Neighbours)[0];

        self::assertEqualsWithDelta(15 * 0.3048, $close->wanted, 1e-9);
        self::assertLessThan($close->wanted, $close->amount);
        self::assertSame(
            [],
            $this->kinds([$this->board('P1', 40.0, -4.0), $this->board('S1', 40.0, -4.0)], BreachKind::Neighbours),
            'opposite sides are no neighbours',
        );
    }

    public function test_a_board_pulled_under_and_a_lure_on_the_surface(): void
    {
        $heavy = $this->board(
            'P1',
            40.0,
            -4.0,
            new ClipWeight(LineStock::of(Material::Nylon, 20), new LeadWeight(3.0), 9.0, 20.0, null, $this->spoon()),
        );
        $skimming = new PlannedLine(
            'C2',
            new FlatLine(LineStock::of(Material::Nylon, 20), 20.0, null, Lure::ofKind(LureKind::BigPlug)->diving(0.0)),
            [0.3, 0.0, -2.4],
        );

        self::assertSame(['P1'], $this->kinds([$heavy], BreachKind::BoardUnder)[0]->holders);
        self::assertSame('lure', $this->kinds([$skimming], BreachKind::Surfaced)[0]->subject);
    }

    /** @return list<array{float, float, float}> a curve of 8 to 30 segments about as long as a line */
    private function wander(Randomizer $random): array
    {
        $unit = static fn (): float => $random->getInt(-1000, 1000) / 1000;
        $points = [[10 * $unit(), 10 * $unit(), 10 * $unit()]];
        for ($i = $random->getInt(8, 30); $i > 0; $i--) {
            [$x, $y, $z] = $points[count($points) - 1];
            $points[] = [$x + 1.5 + $unit(), $y + $unit(), $z + $unit()];
        }

        return $points;
    }

    /**
     * @param  list<array{float, float, float}>  $points
     * @return list<array{float, float, float}>
     */
    private function dense(array $points): array
    {
        $dense = [];
        for ($i = 1, $n = count($points); $i < $n; $i++) {
            for ($k = 0; $k <= 16; $k++) {
                $dense[] = array_map(
                    static fn (int $axis): float => $points[$i - 1][$axis] + $k / 16 * (
                        $points[$i][$axis] - $points[$i - 1][$axis]
                    ),
                    [0, 1, 2],
                );
            }
        }

        return $dense;
    }

    /**
     * @param  list<array{float, float, float}>  $a
     * @param  list<array{float, float, float}>  $b
     */
    private static function near(array $a, array $b): ?float
    {
        return BoxedCurve::of($a)->nearest(BoxedCurve::of($b), 100.0)['distance'] ?? null;
    }
}
