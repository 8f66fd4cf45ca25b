<?php

declare(strict_types=1);

namespace Tests\Core\Tackle;

use Admek\Core\Spread\Check\BottomFishing;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Parts\RatedPoint;
use Admek\Core\Tackle\Rigs\Bouncer;
use Admek\Core\Tackle\Rigs\ClipWeight;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\Leadcore;
use Admek\Core\Tackle\Rigs\Release;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Depths that practitioners find with ordinary gear, against the model's with the closest stock figures (docs/model.md shows the
 * table).
 */
final class PracticeTest extends TestCase
{
    private const FOOT = Units::FOOT;

    private const TIP = [0.0, 0.0, -1.0];

    private const TIP_AT_THE_WATER = [0.0, 0.0, 0.0];

    /**
     * @return iterable<string, array{Rig, array{float, float, float}, list<float>,  float, float}> rig, tip, mph, from and to in
     *   feet
     */
    public static function found(): iterable
    {
        $nylon = static fn (float $test): LineStock => LineStock::of(Material::Nylon, $test);
        $flat = static fn (LineStock $line, float $feet, Lure $lure): Rig => new FlatLine($line, $feet * self::FOOT, null, $lure);
        yield 'bucktail behind an ounce, 85 ft, tip at the water' => [
            new ClipWeight(
                LineStock::of(Material::Braid, 80),
                new LeadWeight(0.02835),
                4 * self::FOOT,
                81 * self::FOOT,
                null,
                Lure::ofKind(LureKind::Bucktail),
            ),
            self::TIP_AT_THE_WATER, [3.0], 3.0, 5.0,
        ];
        yield 'big plug, 65 ft of 80 lb braid' => [
            $flat(LineStock::of(Material::Braid, 80), 65, Lure::ofKind(LureKind::BigPlug)), self::TIP, [3.5], 14.0, 16.0,
        ];
        yield 'small minnow, 100 ft of 12 lb' => [
            $flat($nylon(12), 100, Lure::ofKind(LureKind::SmallMinnow)), self::TIP, [2.0], 4.0, 6.0,
        ];
        yield 'long minnow, 100 ft of 12 lb' => [
            $flat($nylon(12), 100, Lure::ofKind(LureKind::LongMinnow)), self::TIP, [2.0], 8.0, 10.0,
        ];
        $boxed = Lure::ofKind(LureKind::LargeDeepPlug)->ratedAt(
            new RatedPoint(20 * self::FOOT, 100 * self::FOOT, $nylon(20)->diameter, 2.5 * Units::MPH),
        );
        yield 'plug boxed 20 ft, 100 ft of 20 lb' => [$flat($nylon(20), 100, $boxed), self::TIP, [2.5, 3.0], 19.0, 21.0];
    }

    /**
     * @param  array{float, float, float}  $tip
     * @param  list<float>  $speeds  mph
     */
    #[DataProvider('found')]
    public function test_it_runs_where_it_is_found_to(Rig $rig, array $tip, array $speeds, float $from, float $to): void
    {
        foreach ($speeds as $mph) {
            $feet = $this->feet($rig, $mph, $tip);
            self::assertGreaterThanOrEqual($from, $feet, "at {$mph} mph");
            self::assertLessThanOrEqual($to, $feet, "at {$mph} mph");
        }
    }

    public function test_a_light_spoon_runs_four_or_five_feet_under_its_ball(): void
    {
        $rig = new Downrigger(new LeadWeight(5.443), LineStock::of(Material::RiggerCable, 150), 60 * self::FOOT, new Release(
            0.0, 100 * self::FOOT, LineStock::of(Material::Nylon, 20),
            new Leader(LineStock::of(Material::Fluorocarbon, 20), 6 * self::FOOT), Lure::ofKind(LureKind::SmallSpoon),
        ));
        $bodies = (new SpreadSolver)->run(
            new PlannedLine('P5', $rig, [0.0, -1.5, -1.0]), new Conditions(3.2 * Units::MPH), withDoubt: false,
        )->solution->bodies;

        self::assertEqualsWithDelta(4.5, ($bodies['lure'][2] - $bodies[Downrigger::BALL][2]) / self::FOOT, 0.55);
    }

    /** Practice tells one depth for a span of speeds; the model, which follows speed, comes through it within that span. */
    public function test_core_runs_through_its_known_depths_within_their_speeds(): void
    {
        $through = function (Rig $rig, float $from, float $to, float $slow, float $fast): void {
            self::assertGreaterThanOrEqual($from, $this->feet($rig, $slow), 'not too shallow when slow');
            self::assertLessThanOrEqual($to, $this->feet($rig, $fast), 'nor too deep when fast');
            $middle = $this->feet($rig, 0.5 * ($slow + $fast));
            self::assertTrue($middle > 0.92 * $from && $middle < 1.08 * $to, "{$middle} ft half way");
        };
        $leader = static fn (float $feet): Leader => new Leader(LineStock::of(Material::Nylon, 12), $feet * self::FOOT);
        $core = static fn (float $colours, float $leaderFeet, float $backing, Lure $lure): Rig => new Leadcore(
            LineStock::of(Material::Leadcore, 27), $colours, $colours, LineStock::of(Material::Braid, 30), $backing * self::FOOT,
            $leader($leaderFeet), $lure,
        );
        $plug = Lure::ofKind(LureKind::LongMinnow);
        $through($core(4, 30, 0, $plug), 24.0, 25.0, 1.8, 2.2);
        $through($core(4, 30, 0, Lure::ofKind(LureKind::SlowSpinHook, 1e-5, 0.0)), 20.0, 20.0, 1.8, 2.2);
        $through($core(3, 45, 20, $plug), 25.0, 25.0, 1.7, 1.9);
    }

    public function test_a_bouncer_is_given_the_weight_that_is_used(): void
    {
        $ounces = static function (float $depthFeet, float $mph): ?float {
            $rig = new Bouncer(
                LineStock::of(Material::Braid, 10),
                new LeadWeight(0.042524),
                1.3 * $depthFeet * self::FOOT,
                new Leader(LineStock::of(Material::Fluorocarbon, 12), 5 * self::FOOT),
                Lure::ofKind(LureKind::WormHarness),
            );
            $speed = new Conditions($mph * Units::MPH);
            // Let out until the weight is on bottom.
            $line = new PlannedLine('P3', $rig, [0.0, -1.0, -1.0]);
            $running = (new SpreadSolver)->run($line, $speed, withDoubt: false);
            $short = static fn (RunningLine $line): bool => $line->solution->bodies['weight'][2] < $depthFeet * self::FOOT;
            for ($out = $depthFeet; $short($running) && $out < 2 * $depthFeet; $out += 0.5) {
                $running = (new SpreadSolver)->run($line->withControl($out * self::FOOT), $speed, withDoubt: false);
            }
            $kilograms = BottomFishing::of($running, $speed)?->lightest;

            return $kilograms === null ? null : round($kilograms / 0.02835, 2);
        };
        // The card's fastest speed is 0.3 mph over the plan's: 0.9 is trolled up to 1.2.
        foreach ([15.0, 20.0] as $feet) {
            self::assertSame(1.5, $ounces($feet, 0.9), "an ounce and a half in {$feet} ft");
        }
        self::assertContains($ounces(25.0, 0.9), [1.5, 2.0], 'one of two stock weights at 25 ft');
        self::assertGreaterThan(2.0, $ounces(40.0, 0.9), 'heavier beyond');
    }

    /** @param  array{float, float, float}  $tip */
    private function feet(Rig $rig, float $mph, array $tip = self::TIP): float
    {
        return (new SpreadSolver)->run(
            new PlannedLine('C1', $rig, $tip), new Conditions($mph * Units::MPH), withDoubt: false,
        )->depth() / self::FOOT;
    }
}
