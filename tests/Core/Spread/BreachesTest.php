<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Check\BreachKind;
use Admek\Core\Spread\Check\Internal\BoxedCurve;
use Admek\Core\Spread\Check\OutOfReach;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\ClipWeight;
use Admek\Core\Tackle\Rigs\Diver;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\InlineBoard;
use Admek\Core\Tackle\Rigs\Release;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Tackle\Rigs\TrailingRig;
use Admek\Core\Towing\Side;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class BreachesTest extends TestCase
{
    private const SPEED = 1.028192;

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

    public function test_bottom_is_touched_within_the_doubt(): void
    {
        $diver = $this->diver('P3', Side::Port, 1.0, -1.0);
        $running = $this->runningLines([$diver])[0];
        $deepest = $running->depth();
        $doubt = $running->doubt->deeper ?? 0.0;

        self::assertSame(
            [], $this->kinds([$diver], BreachKind::Bottom, new SpreadLimits(bottom: Bottom::flat($deepest + $doubt + 0.1))),
        );
        $breach = $this->kinds([$diver], BreachKind::Bottom, new SpreadLimits(bottom: Bottom::flat($deepest + 0.5 * $doubt)))[0];
        self::assertEqualsWithDelta(0.5 * $doubt, $breach->amount, 0.01);
        self::assertEqualsWithDelta($doubt, $breach->wanted, 1e-9);
        self::assertSame([], $this->kinds([$diver], BreachKind::Bottom), 'no bottom entered, none to touch');
    }

    public function test_where_it_touches_first_is_told_before_where_it_is_worst(): void
    {
        $diver = $this->diver('P3', Side::Port, 1.0, -1.0);
        $running = $this->runningLines([$diver])[0];
        [$aft, , $deepest] = $running->solution->bodies['lure'];
        // A ledge a foot too high at 300 m, a hill ten feet too high at 900.
        $bottom = Bottom::profile([
            ['along' => 0.0, 'depth' => $deepest + 20.0], ['along' => 300.0, 'depth' => $deepest - 0.3],
            ['along' => 500.0, 'depth' => $deepest + 20.0],
            ['along' => 900.0, 'depth' => $deepest - 3.0], ['along' => 1200.0, 'depth' => $deepest + 20.0],
        ]);
        $breach = $this->kinds([$diver], BreachKind::Bottom, new SpreadLimits(bottom: $bottom))[0];

        self::assertEqualsWithDelta([-3.0, 900.0 + $aft], [$breach->amount, $breach->ahead], 1e-6, 'the worst');
        self::assertNotNull($breach->first);
        self::assertSame('lure', $breach->first->body);
        self::assertEqualsWithDelta(
            300.0 * 20.0 / 20.3 + $aft, $breach->first->ahead, 1e-6, 'the first: on the way up the ledge',
        );
        self::assertEqualsWithDelta(0.0, $breach->first->clearance, 1e-9);

        $clear = $this->kinds(
            [$diver],
            BreachKind::Bottom,
            new SpreadLimits(
                bottom: Bottom::profile(
                    [['along' => 0.0, 'depth' => $deepest + 9.0], ['along' => 100.0, 'depth' => $deepest + 1.0]],
                ),
                clearance: 5.0,
            ),
        )[0];
        self::assertNotNull($clear->first);
        self::assertEqualsWithDelta(
            5.0, $clear->first->clearance, 1e-9, 'where nothing touches, the first place that is nearer than wanted',
        );
        self::assertEqualsWithDelta(50.0 + $aft, $clear->first->ahead, 1e-6);
    }

    public function test_lines_over_the_entered_limit_stand_first(): void
    {
        $lines = [$this->board('P1', 40.0, -4.0), $this->board('P2', 38.0, -2.0)];
        $breaches = Breaches::of($this->runningLines($lines), new SpreadLimits(lines: 1));

        self::assertSame([BreachKind::LineCount, 2.0, 1.0], [$breaches[0]->kind, $breaches[0]->amount, $breaches[0]->wanted]);
        self::assertSame([], $this->kinds($lines, BreachKind::LineCount, new SpreadLimits(lines: 2)));
        self::assertSame([], $this->kinds($lines, BreachKind::LineCount), 'no limit entered, none held to');
    }

    public function test_bare_water_and_doubled_lures(): void
    {
        $lines = [$this->diver('P3', Side::Port, 1.0, -1.0)];
        $depth = $this->runningLines($lines)[0]->depth();
        $bare = $this->kinds(
            $lines,
            BreachKind::Bare,
            new SpreadLimits(bands: ['king' => [$depth - 10.0, $depth], 'coho' => [$depth, $depth + 3.0]]),
        );

        self::assertCount(1, $bare, 'three metres under a lure are served or nearly');
        self::assertSame('king', $bare[0]->subject);
        self::assertEqualsWithDelta(10.0 - 2 * 0.3048, $bare[0]->amount, 1e-6);
        $doubled = Breaches::of([], new SpreadLimits, ['P4' => 'Night Heron', 'S4' => 'Night Heron', 'C1' => 'Silver Tern']);
        self::assertCount(1, $doubled);
        self::assertSame([['P4', 'S4'], 'Night Heron'], [$doubled[0]->holders, $doubled[0]->subject]);
    }

    public function test_a_board_dragged_back_and_a_line_that_cannot_get_down_are_told(): void
    {
        $heavy = new ClipWeight(LineStock::of(Material::Nylon, 30), new LeadWeight(0.7), 9.0, 90.0, null, $this->spoon());
        $laid = $this->kinds([$this->board('P1', 40.0, -4.0, $heavy)], BreachKind::BoardLaidBack)[0];
        self::assertLessThan($laid->wanted, $laid->amount);
        self::assertSame([], $this->kinds([$this->board('P1', 40.0, -4.0)], BreachKind::BoardLaidBack));

        $diver = $this->diver('P3', Side::Port, 2.0, -1.0);
        $asked = new PlannedLine('P3', $diver->rig, $diver->tip, aim: 90.0);
        $short = OutOfReach::among($this->runningLines([$asked]), new Conditions(self::SPEED));
        self::assertSame([BreachKind::OutOfReach, 90.0], [$short[0]->kind, $short[0]->wanted]);
        $deepest = max(
            array_map(
                fn (float $out): float => $this->runningLines([$diver->withControl($out)])[0]->depth(), range(20.0, 120.0, 2.0),
            ),
        );
        self::assertEqualsWithDelta($deepest, $short[0]->amount, 0.3);
        self::assertSame(
            [],
            OutOfReach::among(
                $this->runningLines([new PlannedLine('P3', $diver->rig, $diver->tip, aim: 15.0)]), new Conditions(self::SPEED),
            ),
        );
    }

    public function test_big_lures_want_more_room_and_doubled_water_is_told_beside_bare(): void
    {
        $big = new FlatLine(LineStock::of(Material::Nylon, 30), 20.0, null, Lure::ofKind(LureKind::BigPlug));
        [$outer, $inner] = [$this->board('P1', 46.0, -4.0), $this->board('P2', 39.0, -2.0)];
        self::assertSame([], $this->kinds([$outer, $inner], BreachKind::Neighbours));
        $crowded = $this->kinds(
            [$this->board('P1', 46.0, -4.0, $big), $this->board('P2', 39.0, -2.0, $big)], BreachKind::Neighbours,
        )[0];
        self::assertEqualsWithDelta(25 * 0.3048, $crowded->wanted, 1e-9);

        $two = [$this->rigger(20.0, 6.0), $this->planned('S5', $this->rigger(20.3, 6.0)->rig, [0.4, 1.7, -1.0])];
        $limits = new SpreadLimits(bands: ['king' => [15.0, 30.0]]);
        $doubled = $this->kinds($two, BreachKind::Doubled, $limits)[0];
        self::assertEqualsWithDelta(0.3, $doubled->amount, 0.05);
        self::assertSame(
            [],
            $this->kinds($two, BreachKind::Doubled, new SpreadLimits(bands: ['king' => [20.0, 22.0]])),
            'with no feet bare a second lure is welcome',
        );
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @return list<Breach>
     */
    private function kinds(array $lines, BreachKind $kind, SpreadLimits $limits = new SpreadLimits): array
    {
        return array_values(
            array_filter(Breaches::of($this->runningLines($lines), $limits), static fn (Breach $b): bool => $b->kind === $kind),
        );
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @return list<RunningLine>
     */
    private function runningLines(array $lines): array
    {
        return array_map(
            static fn (PlannedLine $line): RunningLine => (new SpreadSolver)->run($line, new Conditions(self::SPEED)), $lines,
        );
    }

    private function rigger(float $reading, float $lead): PlannedLine
    {
        return $this->planned(
            'P5',
            new Downrigger(
                new LeadWeight(5.443),
                LineStock::of(Material::RiggerCable, 150),
                $reading,
                new Release(0.0, $lead, LineStock::of(Material::Nylon, 20), null, $this->spoon()),
            ),
            [0.4, -1.7, -1.0],
        );
    }

    private function diver(string $holder, Side $side, float $dial, float $tipAside, float $letOut = 40.0): PlannedLine
    {
        return $this->planned(
            $holder,
            new Diver(
                DiverPlate::of(DiverSize::Large, false),
                $dial,
                $side,
                LineStock::of(Material::Braid, 30),
                $letOut,
                new Leader(LineStock::of(Material::Fluorocarbon, 25), 1.8),
                $this->spoon(),
            ),
            [0.0, $tipAside, -1.2],
        );
    }

    private function board(string $holder, float $out, float $tipAft, ?TrailingRig $trailing = null): PlannedLine
    {
        $side = $holder[0] === 'P' ? Side::Port : Side::Starboard;

        return $this->planned(
            $holder,
            new InlineBoard(
                BoardSize::Large->planer(),
                $side,
                $out,
                $trailing ?? new FlatLine(LineStock::of(Material::Nylon, 14), 30.0, null, $this->spoon()),
            ),
            [$tipAft, 2.0 * $side->sign(), -2.5],
        );
    }

    /** @param  array{float, float, float}  $tip */
    private function planned(string $holder, Rig $rig, array $tip): PlannedLine
    {
        return new PlannedLine($holder, $rig, $tip);
    }

    private function spoon(): Lure
    {
        return Lure::ofKind(LureKind::MediumSpoon);
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
