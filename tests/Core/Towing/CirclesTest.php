<?php

declare(strict_types=1);

namespace Tests\Core\Towing;

use Admek\Core\Towing\Board;
use Admek\Core\Towing\BoardLoad;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Internal\SteadyTow;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolution;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Turn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Steady turns: made-up rigs of every kind on circles of 15 to 1000 m, to either side. */
final class CirclesTest extends TestCase
{
    private const RIGS = 60;

    private Randomizer $random;

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

    public function test_a_light_end_dead_in_the_middle_is_said_and_a_heavy_one_still_told(): void
    {
        $line = static fn (float $weight): TowLine => new TowLine(
            'a', [0.0, 0.0, -1.5], [new Body('lure', $weight, 9e-4), new Line(60.0, 0.0006, 2e-4)],
        );
        $turn = new Turn(15.0, Side::Port);
        $heavy = (new TowSolver)->solve($this->still(1.0), $turn, $line(40.0));
        self::assertGreaterThan(exp(-4), $heavy->speedFactor);

        $this->expectException(CannotTow::class);
        $this->expectExceptionMessageMatches('/no less than (1[6-9]|2\d) m radius: .* dead in the middle of the turn/');
        (new TowSolver)->solve($this->still(1.0), $turn, $line(0.02));
    }

    public function test_eight_colours_sink_and_the_inside_board_falls_back_as_turns_tighten(): void
    {
        $core = new TowLine(
            'a',
            [0.0, 0.0, -1.5],
            [new Body('lure', 0.12, 9e-4), new Line(6.1, 0.0004, 1.7e-4), new Line(73.15, 0.00089, 0.02, 1.7)],
        );
        $depths = array_map(
            fn (float $radius): float => $this->solved(
                $this->still(0.894), new Turn($radius, Side::Port), $core,
            )->bodies['lure'][2] ?? NAN,
            [1000.0, 100.0, 60.0, 40.0, 25.0],
        );
        $sorted = $depths;
        sort($sorted);
        self::assertSame($sorted, $depths, 'the tighter, the deeper');

        $board = static fn (Side $side): TowLine => new TowLine(
            'a',
            [0.0, 2.0 * $side->sign(), -2.0],
            [new Body('lure', 0.12, 9e-4), new Line(30.0, 0.0004, 1.7e-4)],
            new Board($side, 6e-3, 1.15e-2, 8.0, 30.0),
        );
        $inside = $this->solved($this->still(1.0), new Turn(60.0, Side::Port), $board(Side::Port));
        $outside = $this->solved($this->still(1.0), new Turn(60.0, Side::Port), $board(Side::Starboard));
        self::assertLessThan(0.7, $inside?->speedFactor);
        self::assertGreaterThan(1.3, $outside?->speedFactor);
        foreach ([$inside, $outside] as $solution) {
            self::assertEqualsWithDelta(
                sqrt(30.0 ** 2 - 2.0 ** 2),
                hypot($solution->board[0] ?? 0.0, ($solution->board[1] ?? 0.0) - ($solution === $inside ? -2.0 : 2.0)),
                1e-3,
                'as far off as its front line',
            );
        }
    }

    public function test_a_current_that_shears_is_answered_for_the_heading_as_it_is(): void
    {
        $flow = Flow::ofLayers(
            [['depth' => 0.0, 'aft' => 1.0, 'starboard' => 0.0], ['depth' => 15.0, 'aft' => 0.7, 'starboard' => 0.3]],
        );
        $line = new TowLine(
            'a',
            [0.0, -1.5, -1.0],
            [
                new Body('ball', 48.0, 0.0037),
                new Branch([new Body('lure', 0.1, 9e-4), new Line(8.0, 0.00045, 2e-4)]),
                new Line(22.0, 0.0008, 0.02),
            ],
        );
        $turn = new Turn(50.0, Side::Starboard);
        $solution = (new TowSolver(10.0))->solve(new Water(999.8, $flow), $turn, $line);
        $working = (new TowSolver)->solve(new Water(999.8, $flow), $turn, $line);

        self::assertEqualsWithDelta($line->towPoint, $solution->path[count($solution->path) - 1], 1e-3);
        foreach ($solution->bodies as $name => $place) {
            self::assertEqualsWithDelta($place, $working->bodies[$name], 0.01, $name);
        }
        self::assertGreaterThan(
            $solution->bodies['ball'][1], $solution->bodies['lure'][1], 'the deep water carries the lead to starboard',
        );
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

    /** @return iterable<array{Water, TowLine, Turn}> */
    private function rigs(int $seed, bool $boards = true, bool $branches = true): iterable
    {
        $this->random = new Randomizer(new Mt19937($seed));
        for ($i = 0; $i < self::RIGS; $i++) {
            $water = $this->one(4)
                ? new Water(
                    999.8,
                    Flow::ofLayers(
                        [
                            ['depth' => 0.0, 'aft' => $this->spread(0.4, 1.6), 'starboard' => 0.0],
                            ['depth' => $this->spread(5.0, 30.0), 'aft' => $this->spread(0.4, 1.6), 'starboard' => 0.1],
                        ],
                    ),
                )
                : $this->still($this->spread(0.4, 1.6));
            $chain = [
                new Body(
                    'lure',
                    [0.02, 0.12, 0.3][$this->random->getInt(0, 2)],
                    $this->spread(4e-4, 5e-3),
                    $this->one(3) ? $this->spread(2e-4, 3e-3) : 0.0,
                ),
            ];
            for ($part = $this->random->getInt(1, 2); $part > 0; $part--) {
                $chain[] = $this->length();
                if ($branches && $this->one(4)) {
                    $chain[] = new Branch([new Body("branch {$part}", 0.1, 6e-4), $this->length(0.5)]);
                } elseif ($this->one(2)) {
                    $chain[] = new Body(
                        "weight {$part}",
                        [0.5, 3.0, 40.0][$this->random->getInt(0, 2)],
                        $this->spread(2e-4, 5e-3),
                        0.0,
                        $this->one(3) ? $this->spread(1e-3, 4e-3) : 0.0,
                    );
                }
                $chain[] = $this->length();
            }
            $side = Side::cases()[$this->random->getInt(0, 1)];
            $board = null;
            if ($boards && $this->one(4)) {
                $out = $this->spread(8.0, 40.0);
                $board = $this->one(2)
                    ? new Board($side, 6e-3, 1.15e-2, 8.0, $out)
                    : new Board(
                        $side,
                        5e-2,
                        0.12,
                        60.0,
                        $out,
                        0.7 * $out,
                        [new BoardLoad(0.4 * $out, [new Body('other', 0.1, 6e-4), $this->length()])],
                    );
            }
            yield [
                $water,
                new TowLine(
                    'a',
                    [$this->spread(0.5, 2.0) - 2.0, $side->sign() * $this->spread(0.5, 3.0), -$this->spread(0.5, 3.0)],
                    $chain,
                    $board,
                ),
                new Turn($this->spread(15.0, 1000.0), Side::cases()[$this->random->getInt(0, 1)]),
            ];
        }
    }

    private function length(float $share = 1.0): Element
    {
        return [
            new Line($share * $this->spread(2.0, 60.0), 0.00037, 1.5e-4),
            new Line($share * $this->spread(2.0, 60.0), 0.00028, -1.8e-5),
            new Line($share * $this->spread(2.0, 80.0), 0.00089, 0.02, 1.7),
            new Line($share * $this->spread(2.0, 60.0), 0.00081, 0.029, 1.3),
        ][$this->random->getInt(0, 3)];
    }

    private function still(float $speed): Water
    {
        return new Water(999.8, Flow::uniform($speed));
    }

    private function solved(Water $water, ?Turn $turn, TowLine $line): ?TowSolution
    {
        try {
            return (new TowSolver)->solve($water, $turn, $line);
        } catch (CannotTow) {
            return null;
        }
    }

    private function mirroredWater(Water $water): Water
    {
        $flow = $water->flow;

        return new Water(
            $water->density,
            Flow::ofLayers(
                array_map(
                    static fn (float $depth, float $aft, float $starboard): array => [
                        'depth' => $depth, 'aft' => $aft, 'starboard' => -$starboard,
                    ],
                    $flow->depths,
                    $flow->aft,
                    $flow->starboard,
                ),
            ),
        );
    }

    private function mirroredLine(TowLine $line): TowLine
    {
        $b = $line->board;

        return new TowLine($line->id, [
            $line->towPoint[0], -$line->towPoint[1], $line->towPoint[2],
        ], self::mirrored($line->chain), $b === null ? null : new Board(
            $b->side === Side::Port ? Side::Starboard : Side::Port, $b->dragArea, $b->sideArea, $b->buoyancy, $b->lineOut,
            $b->clipOut, $b->others,
        ));
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

    private function one(int $in): bool
    {
        return $this->random->getInt(1, $in) === 1;
    }

    private function spread(float $least, float $most): float
    {
        return $least * ($most / $least) ** ($this->random->getInt(0, 1_000_000) / 1e6);
    }

    /**
     * @param  list<Element>  $chain
     * @return list<Element>
     */
    private static function mirrored(array $chain): array
    {
        return array_map(
            static fn (Element $e): Element => $e instanceof Body ? new Body(
                $e->name, $e->weight, $e->dragArea, $e->downArea, -$e->sideArea, $e->role,
            ) : $e,
            $chain,
        );
    }
}
