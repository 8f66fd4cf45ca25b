<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Fish\Species;
use Admek\Core\Spread\Check\BottomFishing;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Drafting\Draft;
use Admek\Core\Spread\Drafting\DraftedLine;
use Admek\Core\Spread\Drafting\Drafter;
use Admek\Core\Spread\Drafting\DraftTask;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Mark;
use Admek\Core\Water\Signs\Marks;
use Admek\Core\Water\Signs\Season;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Surface;
use Admek\Core\Water\Signs\TemperatureProfile;
use Admek\Core\Water\Signs\WaterSigns;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\DaysToDraft;

/** What is drafted for days on shallow ground and in moving water, whose readings {@see \Tests\Core\Water\MoreDaysTest} holds. */
final class DraftedDaysTest extends TestCase
{
    use DaysToDraft;

    /** Bouncers tick at a crawl near the boat, and clip weights take harnesses to those that float up over the same flat. */
    public function test_walleye_scattered_on_a_flat(): void
    {
        $draft = $this->draft(self::flat(), Species::Walleye, 8);
        $bouncers = self::of($draft, Presentation::Bouncer);
        self::assertGreaterThanOrEqual(3, count($bouncers));
        foreach ($bouncers as $line) {
            self::assertContains($line->line->lure->kind, [LureKind::WormHarness, LureKind::SlowSpinHook]);
            self::assertEqualsWithDelta(22 * self::FOOT, $line->depth, 1.2 * self::FOOT, $line->line->holder->code);
            $leader = $line->line->figure(LineFigure::LeaderLength);
            self::assertEqualsWithDelta(4.0 * self::FOOT, $leader, 1e-6, 'as the water asks');
            self::assertNull($line->line->board);
        }
        self::assertNotEmpty(array_filter(
            self::of($draft, Presentation::Clip),
            static fn (DraftedLine $line): bool => $line->line->board !== null && $line->depth < 18 * self::FOOT,
        ), 'clip weights behind boards, above them');
        self::assertSame([], self::of($draft, Presentation::Diver), 'nothing pulls a plate at half a mile an hour');
    }

    public function test_walleye_suspended_over_a_basin_have_no_bouncers(): void
    {
        $draft = $this->draft(new WaterSigns(
            Season::Summer, self::profile([0 => 72, 20 => 71, 30 => 66, 40 => 58, 60 => 54]),
            new Marks([new Mark(24 * self::FOOT, 3), new Mark(30 * self::FOOT, 2), new Mark(27 * self::FOOT, 2)]),
            60 * self::FOOT, Clarity::Tinted, Sky::Broken, Surface::Ripple,
        ), Species::Walleye, 8);
        self::assertSame([], self::of($draft, Presentation::Bouncer));
        self::assertGreaterThanOrEqual(4, count(self::of($draft, Presentation::Clip)));
        foreach (self::of($draft, Presentation::Clip) as $line) {
            self::assertLessThanOrEqual(250 * self::FOOT, $line->line->need(LineFigure::LetOut));
            self::assertEqualsWithDelta(4 * self::FOOT, $line->line->figure(LineFigure::LeaderLength), 1e-6, 'the water’s');
        }
    }

    #[DataProvider('schools')]
    public function test_muskie_leads_are_those_of_the_school(?string $school, int $short, int $long): void
    {
        $draft = $this->draft(self::edge(), Species::Muskie, 6, $school === null ? [] : ['muskie_leads' => $school]);
        $near = [...self::of($draft, Presentation::Wash), ...self::of($draft, Presentation::DownRod)];
        $far = self::of($draft, Presentation::Flat);
        self::assertSame([$short > 0, $long > 0], [$near !== [], $far !== []]);
        self::assertGreaterThanOrEqual($short, count($near));
        self::assertGreaterThanOrEqual($long, count($far));
        foreach (self::of($draft, Presentation::Wash) as $line) {
            self::assertNull($line->line->board);
            self::assertWithin([10, 20], $line);
            self::assertContains($line->line->lure->kind, [LureKind::Bucktail, LureKind::BigPlug]);
        }
        foreach ($far as $line) {
            self::assertWithin([60, 100], $line);
        }
        foreach ($draft->lines as $line) {
            self::assertNotContains($line->line->presentation, [
                Presentation::Bouncer, Presentation::Core, Presentation::Diver, Presentation::Clip,
            ]);
            self::assertLessThan(18 * self::FOOT, $line->depth, 'mid column and above');
        }
    }

    /** @return iterable<string, array{?string, int, int}> */
    public static function schools(): iterable
    {
        yield 'as the water has it: both' => [null, 3, 3];
        yield 'both' => ['mixed', 3, 3];
        yield 'short' => ['short', 4, 0];
        yield 'long' => ['long', 0, 4];
    }

    /** Flat lines, those behind the boat with the tip at the water; small and short-led; no core, no plates. */
    public function test_lake_trout_inshore_in_cold_spring(): void
    {
        $draft = $this->draft(new WaterSigns(
            Season::Spring, self::profile([0 => 44, 12 => 43, 25 => 42]), new Marks([]), 25 * self::FOOT,
            Clarity::Stained, Sky::Overcast, Surface::Ripple,
        ), Species::LakeTrout, 6);
        $flat = self::of($draft, Presentation::Flat);
        self::assertGreaterThanOrEqual(4, count($flat));
        foreach ($flat as $line) {
            self::assertSame(
                $line->line->board === null ? 0.0 : null, $line->line->figure(LineFigure::TipHeight), $line->line->holder->code,
            );
            self::assertEqualsWithDelta(2.5 * self::FOOT, $line->line->figure(LineFigure::LeaderLength), 1e-6);
        }
        self::assertNotEmpty(array_filter($flat, static fn (DraftedLine $line): bool => $line->line->lure->name === 'minnow'));
        self::assertSame([], self::of($draft, Presentation::Core));
        self::assertSame(
            Material::Nylon,
            $this->draft(self::flat(), Species::Walleye, 2, ['leader' => 'nylon'])->lines[0]->line->leaderMaterial,
        );
    }

    /** Bait on droppers that tick, where the boat is held against a cold flow. */
    public function test_salmon_on_a_river_bed(): void
    {
        $signs = new WaterSigns(
            Season::Spring, self::profile([0 => 44, 14 => 44]), new Marks([new Mark(13.4 * self::FOOT, 3)]), 14 * self::FOOT,
            Clarity::Stained, Sky::Overcast, Surface::Ripple, 1.1, 0.9,
        );
        $task = $this->dayTask($signs, Species::King, 6);
        $draft = (new Drafter)->draft($task);
        $droppers = self::of($draft, Presentation::Dropper);
        self::assertGreaterThanOrEqual(2, count($droppers));
        self::assertSame('bait', $droppers[0]->line->lure->name);
        self::assertSame([], [...self::of($draft, Presentation::Core), ...self::of($draft, Presentation::Wire)]);
        foreach ($draft->running as $running) {
            $fishing = BottomFishing::of($running, $task->conditions, $task->limits);
            self::assertNotFalse($fishing?->isHeavyEnough(), $running->planned->holder);
        }
    }

    public function test_where_the_ground_is_not_known_nothing_is_set_to_tick_it(): void
    {
        $known = $this->dayTask(self::flat(), Species::Walleye, 6);
        $draft = (new Drafter)->draft(new DraftTask(
            $known->bands, $known->holders, $known->gear, $known->conditions, new SpreadLimits(6), 6,
        ));
        self::assertSame([], self::of($draft, Presentation::Bouncer));
        self::assertCount(6, $draft->lines);
    }

    private static function flat(): WaterSigns
    {
        return new WaterSigns(Season::Summer, self::profile([0 => 71, 10 => 71, 22 => 69]), new Marks([
            new Mark(21.4 * self::FOOT, 2), new Mark(21.6 * self::FOOT), new Mark(14 * self::FOOT), new Mark(17 * self::FOOT),
        ]), 22 * self::FOOT, Clarity::Tinted, Sky::Clear, Surface::Ripple);
    }

    private static function edge(): WaterSigns
    {
        return new WaterSigns(
            Season::Autumn, self::profile([0 => 62, 20 => 61, 27 => 60]), new Marks([]), 27 * self::FOOT,
            Clarity::Clear, Sky::Overcast, Surface::Ripple,
        );
    }

    /** @param  array{int, int}  $feet */
    private static function assertWithin(array $feet, DraftedLine $line): void
    {
        $out = $line->line->need(LineFigure::LetOut) / self::FOOT;
        self::assertTrue($out > $feet[0] - 0.6 && $out < $feet[1] + 0.6, "{$line->line->holder->code}: {$out} ft");
    }

    /** @return list<DraftedLine> */
    private static function of(Draft $draft, Presentation $presentation): array
    {
        return array_values(array_filter(
            $draft->lines, static fn (DraftedLine $line): bool => $line->line->presentation === $presentation,
        ));
    }

    /** @param  array<string, string>  $schools */
    private function draft(WaterSigns $signs, Species $species, int $most, array $schools = []): Draft
    {
        $task = $this->dayTask($signs, $species, $most, $schools);
        $draft = (new Drafter)->draft($task);
        self::assertSame([], $draft->grave($task));
        // Short in the wash fishes the top alone: muskie come up to it.
        self::assertGreaterThan(($schools['muskie_leads'] ?? '') === 'short' ? 0.5 : 0.85, $draft->covered);
        self::assertSame(
            array_map(static fn (DraftedLine $line): string => $line->line->holder->code, $draft->lines),
            array_map(static fn (RunningLine $line): string => $line->planned->holder, $draft->running),
        );

        return $draft;
    }

    /** @param  array<int, float>  $readings  °F by ft */
    private static function profile(array $readings): TemperatureProfile
    {
        return TemperatureProfile::of(array_map(
            static fn (int $feet, float $fahrenheit): array => [
                'depth' => $feet * self::FOOT, 'celsius' => ($fahrenheit - 32) / 1.8,
            ],
            array_keys($readings), $readings,
        ));
    }
}
