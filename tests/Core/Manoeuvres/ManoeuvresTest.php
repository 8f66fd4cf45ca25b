<?php

declare(strict_types=1);

namespace Tests\Core\Manoeuvres;

use Admek\Core\InvalidValue;
use Admek\Core\Manoeuvres\Gentlest;
use Admek\Core\Manoeuvres\Happening;
use Admek\Core\Manoeuvres\HappeningKind;
use Admek\Core\Manoeuvres\Manoeuvre;
use Admek\Core\Manoeuvres\ManoeuvreKind;
use Admek\Core\Manoeuvres\ManoeuvreRules;
use Admek\Core\Manoeuvres\OutOfGear;
use Admek\Core\Manoeuvres\SpreadInTime;
use Admek\Core\Manoeuvres\Tried;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Towing\Medium\Current;
use Admek\Core\Towing\Side;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

final class ManoeuvresTest extends TestCase
{
    private const SPEED = 1.03;

    /** @return iterable<string, array{Presentation}> */
    public static function presentations(): iterable
    {
        foreach (Presentation::cases() as $presentation) {
            yield $presentation->value => [$presentation];
        }
    }

    #[DataProvider('presentations')]
    public function test_every_presentation_comes_back_to_its_depth_after_every_manoeuvre(Presentation $presentation): void
    {
        $described = $presentation === Presentation::Stacker
            ? [Lines::line('P5', 'rigger'), Lines::line('P4', 'stacker')]
            : [Lines::line('P5', $presentation->value)];
        $lines = $this->running($described);
        foreach (ManoeuvreKind::cases() as $kind) {
            if (in_array($kind, [ManoeuvreKind::Speed, ManoeuvreKind::Pass], true)) {
                continue;
            }
            $course = Manoeuvre::of($kind)->course(new Conditions(self::SPEED));
            $spread = SpreadInTime::of($lines, new Conditions(self::SPEED), $course, [0.0, $course->lasts() + 400.0]);
            self::assertSame([], $spread->lost);
            foreach ($lines as $line) {
                [$before, $after] = $spread->frames[$line->planned->holder];
                self::assertEqualsWithDelta($line->depth(), $before->depth(), 0.1, 'before');
                self::assertEqualsWithDelta($line->depth(), $after->depth(), 0.1, "after {$kind->value}");
                self::assertEqualsWithDelta($line->depth(), $spread->rest[$line->planned->holder], 1e-6);
                self::assertEqualsWithDelta(self::SPEED, $after->speed, 0.02);
            }
        }
    }

    public function test_courses_do_what_they_are_called(): void
    {
        $at = static fn (
            ManoeuvreKind $kind, float $time, array $values = [], Side $side = Side::Starboard,
        ): array => Manoeuvre::of($kind, $side, $values)->course(new Conditions(self::SPEED))->at($time);

        self::assertEqualsWithDelta([self::SPEED, deg2rad(90.0)], $at(ManoeuvreKind::Turn, 33.0), 1e-9);
        self::assertEqualsWithDelta([self::SPEED, deg2rad(-45.0)], $at(ManoeuvreKind::Turn, 18.0, [], Side::Port), 1e-9);
        self::assertEqualsWithDelta([self::SPEED, deg2rad(-45.0)], $at(ManoeuvreKind::SCurve, 48.0), 1e-9);
        self::assertGreaterThan(0.0, $at(ManoeuvreKind::SCurve, 8.0)[1], 'to starboard first');
        self::assertLessThan(0.0, $at(ManoeuvreKind::SCurve, 8.0, [], Side::Port)[1], 'to port first');
        self::assertEqualsWithDelta([0.5, 0.0], $at(ManoeuvreKind::Speed, 60.0, ['to' => 0.5]), 1e-9);
        self::assertEqualsWithDelta([self::SPEED * exp(-2.0), 0.0], $at(ManoeuvreKind::OutOfGear, 19.0), 1e-9);
        self::assertEqualsWithDelta([self::SPEED, 0.0], $at(ManoeuvreKind::OutOfGear, 43.0), 1e-9);
        self::assertEqualsWithDelta(
            [self::SPEED - 0.2, deg2rad(10.0)], $at(ManoeuvreKind::Gust, 8.0, ['slows' => 0.2, 'by' => 10.0]), 1e-9,
        );
        self::assertEqualsWithDelta([self::SPEED, 0.0], $at(ManoeuvreKind::Zigzag, 500.0), 1e-9);
        $tight = Manoeuvre::of(ManoeuvreKind::Turn, values: ['radius' => 20.0]);
        self::assertEqualsWithDelta(rad2deg(self::SPEED / 20.0), $tight->rate(self::SPEED), 1e-9);
        self::assertEqualsWithDelta(
            3.0 + 0.5 * M_PI * 20.0 / self::SPEED, $tight->course(new Conditions(self::SPEED))->lasts(), 1e-6,
        );
        $heading = new Conditions(self::SPEED, current: Current::of(200.0, [['depth' => 0.0, 'set' => 0.0, 'drift' => 0.1]]));
        self::assertEqualsWithDelta(
            deg2rad(290.0), Manoeuvre::of(ManoeuvreKind::Turn)->course($heading)->at(60.0)[1], 1e-9, 'from where she heads',
        );
    }

    /** @param  array<string, float>  $values */
    #[DataProvider('refused')]
    public function test_what_no_boat_does_is_refused_by_its_figure(ManoeuvreKind $kind, array $values, string $field): void
    {
        try {
            Manoeuvre::of($kind, values: $values)->course(new Conditions(self::SPEED));
            self::fail('It was taken.');
        } catch (InvalidValue $invalid) {
            self::assertSame($field, $invalid->field);
        }
    }

    /** @return iterable<string, array{ManoeuvreKind, array<string, float>, string}> */
    public static function refused(): iterable
    {
        yield 'a spin' => [ManoeuvreKind::Turn, ['rate' => 90.0], 'rate'];
        yield 'no turn at all' => [ManoeuvreKind::Turn, ['by' => 0.0], 'by'];
        yield 'on the spot' => [ManoeuvreKind::Turn, ['radius' => 3.0], 'radius'];
        yield 'no number' => [ManoeuvreKind::OutOfGear, ['for' => NAN], 'for'];
        yield 'another’s figure' => [ManoeuvreKind::OutOfGear, ['rate' => 3.0], 'rate'];
        yield 'astern' => [ManoeuvreKind::Speed, ['to' => -1.0], 'to'];
    }

    public function test_a_tangle_in_a_turn_is_told_with_its_pair_and_gone_at_the_gentlest_rate(): void
    {
        $lines = $this->running([
            Lines::line('P3', 'core'), Lines::line('C7', 'wire'), Lines::line('S3', 'core'), Lines::line('C6', 'flat'),
        ]);
        $limits = new SpreadLimits;
        $tangles = fn (float $rate): array => $this->tangles(
            $lines, Manoeuvre::of(ManoeuvreKind::Turn, values: ['rate' => $rate]), $limits,
        );
        $found = $tangles(3.0);
        self::assertNotSame([], $found);
        foreach ($found as $tangle) {
            self::assertCount(2, $tangle->holders);
            self::assertLessThan($limits->tangle, $tangle->amount);
            self::assertGreaterThanOrEqual($tangle->from, $tangle->worst);
        }
        $gentlest = Gentlest::of(Manoeuvre::of(ManoeuvreKind::Turn), $lines, new Conditions(self::SPEED), $limits);
        self::assertNotNull($gentlest->rate);
        self::assertLessThan(3.0, $gentlest->rate);
        self::assertSame([], $tangles($gentlest->rate), 'so gently they keep apart');
        self::assertNotSame([], $tangles(1.4 * $gentlest->rate), 'and not much faster');
    }

    public function test_a_turn_to_the_other_side_does_the_same_to_the_other_side(): void
    {
        $described = static fn (string $side): array => [
            Lines::line("{$side}1", 'core', ['board' => ['size' => 'large'], 'board_out' => 40.0]),
            Lines::line("{$side}2", 'flat', ['board' => ['size' => 'small'], 'board_out' => 25.0]),
            Lines::line("{$side}4", 'diver'),
        ];
        $slack = fn (string $side, Side $to): array => array_map(
            static fn (Happening $happening): array => [$happening->kind, $happening->from, substr($happening->holders[0], 1)],
            $this->tried(
                $this->running($described($side)), Manoeuvre::of(ManoeuvreKind::Turn, $to), new SpreadLimits,
            )->happenings,
        );
        self::assertNotSame([], $slack('P', Side::Port));
        self::assertEquals($slack('P', Side::Port), $slack('S', Side::Starboard));
        self::assertSame(HappeningKind::Slack, $slack('P', Side::Port)[0][0], 'an inside board lies down');
    }

    public function test_bottom_is_touched_where_it_is_in_reach_and_by_what_is_not_meant_to(): void
    {
        $lines = $this->running([Lines::line('P5', 'rigger'), Lines::line('C6', 'bouncer')]);
        $slow = Manoeuvre::of(ManoeuvreKind::OutOfGear, values: ['for' => 60.0]);
        $over = fn (float $depth): array => array_values(array_filter(
            $this->tried($lines, $slow, new SpreadLimits(bottom: Bottom::flat($depth)))->happenings,
            static fn (Happening $happening): bool => $happening->kind === HappeningKind::Bottom,
        ));
        self::assertSame([], $over(60.0));
        $touched = $over($lines[0]->depth() + 2.0);
        self::assertSame([['P5'], 'lure'], [$touched[0]->holders, $touched[0]->body]);
        self::assertCount(1, $touched, 'a bouncer is there to touch');
    }

    public function test_out_of_gear_the_first_to_touch_is_the_first_to_clear(): void
    {
        $lines = $this->running([
            Lines::line('C6', 'flat'), Lines::line('P4', 'diver'), Lines::line('P5', 'rigger'), Lines::line('S5', 'bouncer'),
        ]);
        $over = static fn (?float $bottom): array => OutOfGear::sinking($lines, new Conditions(self::SPEED), $bottom);
        $sinking = $over(30.0);
        self::assertSame(['P5', 'P4', 'C6', 'S5'], array_column($sinking, 'holder'));
        [$rigger, $diver, $flat, $bouncer] = $sinking;
        self::assertTrue($rigger->soonest < $rigger->seconds && $rigger->seconds < ($rigger->latest ?? INF));
        self::assertLessThan($diver->seconds, $rigger->seconds);
        self::assertNull($flat->seconds);
        self::assertTrue($bouncer->onBottom);
        self::assertLessThan($rigger->seconds, $over(27.0)[0]->seconds, 'the shallower, the sooner');
        self::assertSame([null], array_unique(array_column($over(null), 'seconds')), 'nobody knows how deep it is');
        self::assertGreaterThan(24.0, $over(null)[0]->depth);
    }

    public function test_a_boat_that_carries_her_way_longer_leaves_more_time(): void
    {
        $lines = $this->running([Lines::line('P4', 'diver')]);
        $touch = static fn (float $coasting): ?float => OutOfGear::sinking(
            $lines, new Conditions(self::SPEED), 26.0, RuleBook::of(ManoeuvreRules::rules(), ['coasting' => $coasting]),
        )[0]->seconds;
        self::assertGreaterThan($touch(4.0), $touch(16.0));
    }

    /**
     * @param  list<array<string, mixed>>  $described
     * @return list<RunningLine>
     */
    private function running(array $described): array
    {
        return (new SpreadSolver)->all(Lines::planned($described), new Conditions(self::SPEED));
    }

    /** @param  list<RunningLine>  $lines */
    private function tried(array $lines, Manoeuvre $manoeuvre, SpreadLimits $limits): Tried
    {
        return Tried::of($this->followed($lines, $manoeuvre), $lines, $limits);
    }

    /**
     * @param  list<RunningLine>  $lines
     * @return list<Happening>
     */
    private function tangles(array $lines, Manoeuvre $manoeuvre, SpreadLimits $limits): array
    {
        return Tried::tangles($this->followed($lines, $manoeuvre), $limits);
    }

    /** @param  list<RunningLine>  $lines */
    private function followed(array $lines, Manoeuvre $manoeuvre): SpreadInTime
    {
        $course = $manoeuvre->course(new Conditions(self::SPEED));

        return SpreadInTime::of($lines, new Conditions(self::SPEED), $course, range(0.0, $manoeuvre->lasts($course), 1.0));
    }
}
