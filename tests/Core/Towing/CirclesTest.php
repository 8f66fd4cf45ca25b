<?php

declare(strict_types=1);

namespace Tests\Core\Towing;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Internal\SteadyTow;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolution;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Turn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Towing\Support\MadeUpRigs;

/** Steady turns: made-up rigs of every kind on circles of 15 to 1000 m, to either side. */
final class CirclesTest extends TestCase
{
    use MadeUpRigs;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([3, 77, 2024] as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_a_turn_to_the_other_side_is_its_mirror_image(int $seed): void
    {
        foreach ($this->rigs($seed) as [$water, $line, $turn]) {
            $one = $this->solved($water, $turn, $line);
            $other = $this->solved(
                $this->mirroredWater($water),
                new Turn($turn->radius, $turn->side === Side::Port ? Side::Starboard : Side::Port),
                $this->mirroredLine($line),
            );
            self::assertSame($one === null, $other === null, 'what cannot be towed one way round cannot the other');
            if ($one === null || $other === null) {
                continue;
            }
            foreach ($one->bodies as $name => [$x, $y, $z]) {
                self::assertEqualsWithDelta(
                    [$x, -$y, $z], $other->bodies[$name], 2e-3 * max(1.0, 100.0 / $turn->radius), $this->told($line, $turn),
                );
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_the_wider_the_turn_the_nearer_it_is_to_the_straight_course(int $seed): void
    {
        foreach ($this->rigs($seed) as [$water, $line, $turn]) {
            $straight = $this->solved($water, null, $line);
            $miss = [];
            foreach ([3e3, 3e4, 3e5] as $radius) {
                $turned = $this->solved($water, new Turn($radius, $turn->side), $line);
                self::assertNotNull($turned, 'so wide a turn anything follows');
                $miss[] = max(
                    0.0,
                    ...array_map(
                        static fn (array $p, array $q): float => hypot($p[0] - $q[0], $p[1] - $q[1]) + abs($p[2] - $q[2]),
                        array_values($turned->bodies),
                        array_values($straight->bodies ?? []),
                    ),
                );
            }
            self::assertLessThan(max(0.15 * $miss[0], 3e-3), $miss[1], 'ten times wider, a tenth of the difference');
            self::assertLessThan(max(0.15 * $miss[1], 3e-3), $miss[2]);
        }
    }

    #[DataProvider('seeds')]
    public function test_forces_balance_along_the_line_where_it_lies(int $seed): void
    {
        $held = 0;
        foreach ($this->rigs($seed, boards: false, branches: false) as [$water, $line, $turn]) {
            try {
                $solution = (new TowSolver(10.0))->solve($water, $turn, $line);
            } catch (CannotTow) {
                continue;
            }
            $end = $solution->path[count($solution->path) - 1];
            self::assertEqualsWithDelta($line->towPoint, $end, 2e-3, 'its top is on the tow point');
            if ($solution->surfaced !== []) {
                continue;
            }
            self::assertEqualsWithDelta(
                $solution->towTension,
                $this->summed($water, $turn, $line, $solution),
                0.004 * $solution->towTension + 1e-3,
                $this->told($line, $turn),
            );
            $held++;
        }
        self::assertGreaterThan(self::RIGS / 3, $held);
    }

    #[DataProvider('seeds')]
    public function test_where_the_search_starts_makes_no_difference(int $seed): void
    {
        $held = 0;
        foreach ($this->rigs($seed) as [$water, $line, $turn]) {
            try {
                $direct = new SteadyTow($water, $turn, $line);
                $direct->solve();
            } catch (CannotTow) {
                continue;
            }
            foreach ([1.15, 0.9] as $factor) {
                try {
                    $near = new SteadyTow($water, new Turn($factor * $turn->radius, $turn->side), $line);
                    $near->solve();
                } catch (CannotTow) {
                    continue;
                }
                $from = new SteadyTow($water, $turn, $line);
                if (! $from->follow($near)) {
                    continue;
                }
                foreach ($direct->bodies() as $name => $place) {
                    self::assertEqualsWithDelta(
                        $place, $from->bodies()[$name], 0.02, $this->told($line, $turn)." {$name} from {$factor}",
                    );
                }
                $held++;
            }
        }
        self::assertGreaterThan(self::RIGS, $held);
    }

    /**
     * The pull at the tow point as the sum of every load on the curve the solver gives: a second reckoning, by midpoints.
     */
    private function summed(Water $water, Turn $turn, TowLine $line, TowSolution $solution): float
    {
        $swirl = $turn->side->sign() * hypot(...$water->flow->at(0.0)) / $turn->radius;
        $at = static function (array $p) use ($water, $swirl): array {
            [$u, $v] = $water->flow->at($p[2]);

            return [$u - $swirl * $p[1], $v + $swirl * $p[0], 0.0];
        };
        $force = [0.0, 0.0, 0.0];
        $i = 0;
        foreach ($line->chain as $element) {
            if ($element instanceof Body) {
                [$u, $v] = $at($solution->path[$i]);
                $q = 0.5 * $water->density * hypot($u, $v);
                $add = [
                    $q * ($element->dragArea * $u - $element->sideArea * $v),
                    $q * ($element->dragArea * $v + $element->sideArea * $u),
                    $q * hypot($u, $v) * $element->downArea + $element->weight,
                ];
                $force = array_map(static fn (float $a, float $b): float => $a + $b, $force, $add);
            } elseif ($element instanceof Line) {
                for ($left = $element->length; $left > 1e-6; $i++) {
                    [$p, $q] = [$solution->path[$i], $solution->path[$i + 1]];
                    $piece = sqrt(($q[0] - $p[0]) ** 2 + ($q[1] - $p[1]) ** 2 + ($q[2] - $p[2]) ** 2);
                    $middle = array_map(static fn (float $a, float $b): float => 0.5 * ($a + $b), $p, $q);
                    $t = array_map(static fn (float $a, float $b): float => ($b - $a) / $piece, $p, $q);
                    [$u, $v] = $middle[2] > 0.0 ? $at($middle) : [0.0, 0.0];
                    $along = $u * $t[0] + $v * $t[1];
                    $n = [$u - $along * $t[0], $v - $along * $t[1], -$along * $t[2]];
                    $across = 0.5 * $water->density * $element->diameter * $element->normalDrag * sqrt(
                        $n[0] ** 2 + $n[1] ** 2 + $n[2] ** 2,
                    );
                    $slip = 0.5 * $water->density * $element->diameter * M_PI * $element->skinFriction * abs($along) * $along;
                    foreach ([0, 1, 2] as $axis) {
                        $force[$axis] += $piece * (
                            $across * $n[$axis] + $slip * $t[$axis] + ($axis === 2 ? $element->weight : 0.0)
                        );
                    }
                    $left -= $piece * 1.0000005;
                    if ($left < 2e-3) {
                        $left = 0.0;
                    }
                }
            }
        }

        return sqrt($force[0] ** 2 + $force[1] ** 2 + $force[2] ** 2);
    }

    private function told(TowLine $line, Turn $turn): string
    {
        return sprintf(
            '%.1f m to %s: %s',
            $turn->radius,
            $turn->side->value,
            json_encode(array_map(static fn (Element $e): array => array_filter((array) $e), $line->chain)),
        );
    }
}
