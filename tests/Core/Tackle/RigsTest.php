<?php

declare(strict_types=1);

namespace Tests\Core\Tackle;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Parts\RatedPoint;
use Admek\Core\Tackle\Rigs\ClipWeight;
use Admek\Core\Tackle\Rigs\Diver;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\Leadcore;
use Admek\Core\Tackle\Rigs\Release;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowSolver;
use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Tackle\Support\RigsOfStock;

final class RigsTest extends TestCase
{
    use RigsOfStock;

    public function test_a_rigger_s_cable_is_the_reading_and_the_boom_s_height(): void
    {
        $chain = $this->rigger(30.0, 8.0)->towLine('a', [0.0, -1.5, -0.9])->chain;

        self::assertInstanceOf(Body::class, $chain[0]);
        self::assertSame('ball', $chain[0]->name);
        self::assertInstanceOf(Branch::class, $chain[1]);
        self::assertInstanceOf(Body::class, $chain[2]);
        self::assertNull($chain[2]->name);
        self::assertEqualsWithDelta(0.5 * 1.2 * 0.00045 * 30.0, $chain[2]->dragArea, 1e-12, 'half the standing rod line');
        self::assertInstanceOf(Line::class, $chain[3]);
        self::assertEqualsWithDelta(30.9, $chain[3]->length, 1e-12);
        self::assertTrue($chain[3]->letOut);
    }

    public function test_a_rigger_on_slack_water_reads_its_depth(): void
    {
        $bodies = $this->depths($this->rigger(30.0, 8.0), 0.05);

        self::assertEqualsWithDelta(30.0, $bodies['ball'][2], 0.02);
    }

    public function test_a_spoon_hardly_sinks_and_a_plug_dives_below_the_ball(): void
    {
        $spoon = $this->depths($this->rigger(20.0, 15.0));
        $plug = $this->depths($this->rigger(20.0, 15.0, $this->plug()));

        self::assertLessThan(3.0, $spoon['lure'][2] - $spoon['ball'][2]);
        self::assertGreaterThan($spoon['lure'][2] + 0.5, $plug['lure'][2]);
    }

    public function test_lengths_of_every_rig_add_up(): void
    {
        $lengths = static fn (Rig $rig): float => array_sum(array_map(
            static fn (object $part): float => $part instanceof Line ? $part->length : 0.0,
            $rig->towLine('a', self::TIP)->chain,
        ));

        self::assertEqualsWithDelta(30.0, $lengths($this->flat(30.0)), 1e-9, 'flat: rod tip to lure, leader within');
        self::assertEqualsWithDelta(40.0 + 1.8, $lengths($this->diver(40.0)), 1e-9, 'diver: read to the diver, leader beyond');
        self::assertEqualsWithDelta(20.0 + 9.0, $lengths($this->clip(20.0)), 1e-9, 'clip: read to the weight, lead beyond');
        self::assertEqualsWithDelta(5 * 9.144 + 6.0, $lengths($this->core(5.0)), 1e-9, 'core: ten yards a colour, leader beyond');
    }

    public function test_the_reference_leadcore_is_rigged_from_stock(): void
    {
        $core = new Leadcore(
            LineStock::of(Material::Leadcore, 27), 5.0, 5.0, LineStock::of(Material::Braid, 30), 20 * self::FOOT,
            new Leader(LineStock::of(Material::Nylon, 8, 0.0003), 30 * self::FOOT),
            Lure::ofKind(LureKind::SmallMinnow)->diving(2e-4),
        );
        $solution = (new TowSolver)->solve($this->water(2.0), null, $core->towLine('a', [0.0, 0.0, -1.2]));

        self::assertEqualsWithDelta(9.9684, $solution->bodies['lure'][2], 0.02);
        self::assertEqualsWithDelta(59.904, $solution->bodies['lure'][0], 0.12);
    }

    public function test_rules_of_thumb_are_the_trade_s(): void
    {
        self::assertSame(30.0, $this->rigger(30.0, 8.0)->ruleOfThumb()->depth);
        self::assertEqualsWithDelta(40 * self::FOOT, $this->core(8.0)->ruleOfThumb()->depth, 1e-9);
        self::assertEqualsWithDelta(0.4 * 45.0, $this->diver(45.0, 3.0)->ruleOfThumb()->depth, 1e-9);
        self::assertNull($this->flat(30.0)->ruleOfThumb());
        self::assertEqualsWithDelta(
            7.5 * self::FOOT,
            (new FlatLine(LineStock::of(Material::Nylon, 14), 50 * self::FOOT, null, $this->plug()))->ruleOfThumb()?->depth,
            1e-9,
        );
    }

    public function test_a_control_is_rounded_to_what_a_mate_can_read_off(): void
    {
        $control = $this->diver(40.0)->control();

        self::assertEqualsWithDelta(137 * self::FOOT, $control->settable(137.4 * self::FOOT, false), 1e-9);
        self::assertEqualsWithDelta(41.75, $control->settable(41.8, true), 1e-9);
        self::assertSame($control->most, $control->settable(1e9, false));
        self::assertEqualsWithDelta(3.3, $this->core(5.0)->control()->settable(3.2501, false), 1e-9);
    }

    /** @return iterable<string, array{string, Closure(self): mixed}> */
    public static function unusable(): iterable
    {
        yield 'rigger reading' => ['let_out', static fn (self $t) => $t->rigger(500.0, 8.0)];
        yield 'rigger lead shorter than its leader' => ['lead', static fn (self $t) => $t->rigger(20.0, 0.5)];
        yield 'diver let-out' => ['let_out', static fn (self $t) => $t->diver(-3.0)];
        yield 'diver dial' => ['dial', static fn (self $t) => $t->diver(40.0, 9.0)];
        yield 'diver dial not a number' => ['dial', static fn (self $t) => $t->diver(40.0, NAN)];
        yield 'flat line shorter than its leader' => ['let_out', static fn (self $t) => $t->flat(1.0)];
        yield 'clip let-out' => ['let_out', static fn (self $t) => $t->clip(0.0)];
        yield 'more colours than on the reel' => ['colours', static fn (self $t) => $t->core(12.0)];
        yield 'a core of nylon' => [
            'reel',
            static fn (self $t) => new Leadcore(
                LineStock::of(Material::Nylon, 20), 3, 8, LineStock::of(Material::Braid, 30), 0, null, $t->spoon(),
            ),
        ];
        yield 'a ball of a ton' => ['mass', static fn () => new LeadWeight(1000.0)];
        yield 'an endless leader' => ['leader_length', static fn () => new Leader(LineStock::of(Material::Nylon, 20), 31.0)];
        yield 'a lure rated steeper than its lead' => ['rated_depth', static fn () => new RatedPoint(20.0, 21.0, 0.00035, 1.0)];
        yield 'a lure of no size' => ['drag_area', static fn () => Lure::ofKind(LureKind::SmallSpoon, 0.0)];
    }

    /** @param  Closure(self): mixed  $make */
    #[DataProvider('unusable')]
    public function test_values_refuse_what_nobody_can_rig(string $field, Closure $make): void
    {
        try {
            $make($this);
        } catch (InvalidValue $invalid) {
            self::assertSame($field, $invalid->field);
            self::assertNotSame('', $invalid->allowed);

            return;
        }
        self::fail('It was taken.');
    }

    public function rigger(float $reading, float $lead, ?Lure $lure = null): Downrigger
    {
        return new Downrigger(
            new LeadWeight(5.443),
            LineStock::of(Material::RiggerCable, 150),
            $reading,
            new Release(0.0, $lead, LineStock::of(Material::Nylon, 20), $this->leader(1.8), $lure ?? $this->spoon()),
        );
    }

    public function diver(float $letOut, float $dial = 2.0): Diver
    {
        return new Diver(
            DiverPlate::of(DiverSize::Large, false),
            $dial,
            Side::Port,
            LineStock::of(Material::Braid, 30),
            $letOut,
            $this->leader(1.8),
            $this->spoon(),
        );
    }

    public function clip(float $letOut): ClipWeight
    {
        return new ClipWeight(
            LineStock::of(Material::Nylon, 14), new LeadWeight(0.0567), 9.0, $letOut, $this->leader(1.8), $this->spoon(),
        );
    }

    public function core(float $colours): Leadcore
    {
        return new Leadcore(
            LineStock::of(Material::Leadcore, 27),
            $colours,
            10.0,
            LineStock::of(Material::Braid, 30),
            0.0,
            $this->leader(6.0),
            $this->spoon(),
        );
    }
}
