<?php

declare(strict_types=1);

namespace Tests\Core\Trip;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Trip\ChoreRules;
use Admek\Core\Trip\Criterion;
use Admek\Core\Trip\ForecastHour;
use Admek\Core\Trip\GoLimits;
use Admek\Core\Trip\GoNoGo;
use Admek\Core\Trip\HourFinding;
use Admek\Core\Trip\Lee;
use Admek\Core\Trip\TripClock;
use Admek\Core\Trip\Verdict;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GoNoGoTest extends TestCase
{
    private const MPH = Units::MPH;

    public function test_a_settled_morning_is_a_go(): void
    {
        $go = $this->judged($this->settled());

        self::assertSame(Verdict::Go, $go->verdict);
        self::assertSame([], $go->worst);
        self::assertNull($go->fitUntil);
        self::assertSame(
            ['05:57 way_out', '06:00 fishing', '07:00 fishing'],
            array_map(
                static fn (array $hour): string => TripClock::clock($hour['at'])." {$hour['phase']}",
                array_slice($go->hours, 0, 3),
            ),
            'from the dock on, not from the full hour before',
        );
        self::assertSame('way_home', $go->hours[count($go->hours) - 1]['phase']);
    }

    public function test_turning_bad_at_noon_it_is_a_no_go_at_return_and_says_until_when_it_is_fit(): void
    {
        $forecast = $this->settled();
        foreach ([12 => [24, 33, 5.5], 13 => [28, 38, 7.0], 14 => [28, 40, 8.0]] as $hour => [$wind, $gust, $wave]) {
            $forecast[$hour] = new ForecastHour(
                60 * $hour, $wind * self::MPH, $gust * self::MPH, 350.0, $wave * Units::FOOT, 9000.0, false, false,
            );
        }
        $go = $this->judged($forecast);

        self::assertSame(Verdict::NoGo, $go->verdict);
        self::assertSame('12:00', TripClock::clock((int) $go->fitUntil));
        self::assertSame(
            [
                'Wave 7 ft at 13:00 on the way home is over your limit of 3 ft.',
                'Gust 38 mph at 13:00 on the way home is over your limit of 26 mph.',
                'Wind 28 mph at 13:00 on the way home is over your limit of 20 mph.',
            ],
            $this->said($go->worst),
        );
        self::assertSame(Verdict::Go, $go->hours[2]['verdict'], 'the morning is as it was');
    }

    public function test_what_is_not_known_is_not_fine_and_a_known_no_outweighs_it(): void
    {
        $forecast = $this->settled();
        $forecast[9] = new ForecastHour(540, 8 * self::MPH, null, 225.0, 0.3, 9000.0, null, false);
        $go = $this->judged($forecast);
        self::assertSame(Verdict::Unknown, $go->verdict);
        self::assertSame(
            ['Gust at 09:00 on the ground is not known.', 'Lightning at 09:00 on the ground is not known.'],
            $this->said($go->worst),
        );
        self::assertSame(Verdict::Unknown, $this->judged([])->verdict);
        self::assertSame(
            Verdict::Unknown,
            $this->judged(array_slice($this->settled(), 0, 8))->verdict,
            'a forecast that ends at 08:00 says nothing of noon',
        );

        self::assertSame(Verdict::NoGo, $this->judged($forecast, run: 40 * Units::MILE)->verdict);
        self::assertSame(Verdict::Unknown, $this->judged($this->settled(), water: null)->verdict);
    }

    /** @param  array<string, ?float>  $own */
    #[DataProvider('limits')]
    public function test_each_limit_has_its_no_its_caution_and_its_silence(
        Criterion $criterion, ForecastHour $no, ForecastHour $close, array $own,
    ): void {
        foreach ([[$no, Verdict::NoGo], [$close, Verdict::Caution]] as [$hour, $verdict]) {
            $forecast = $this->settled();
            $forecast[8] = $hour;
            $go = $this->judged($forecast);
            self::assertSame([$verdict, $criterion], [$go->verdict, $go->worst[0]->criterion], $verdict->value);
            self::assertSame(Verdict::Go, $this->judged($forecast, own: $own)->verdict, 'without a limit it is not judged');
        }
    }

    /** @return iterable<string, array{Criterion, ForecastHour, ForecastHour, array<string, ?float>}> */
    public static function limits(): iterable
    {
        $hour = static fn (
            float $wind = 8, float $gust = 12, float $wave = 0.3, float $visibility = 9000.0,
        ): ForecastHour => new ForecastHour(480, $wind * self::MPH, $gust * self::MPH, 225.0, $wave, $visibility, false, false);
        yield 'wind' => [Criterion::Wind, $hour(wind: 20.5), $hour(wind: 17.5), ['wind' => null]];
        yield 'gust' => [Criterion::Gust, $hour(gust: 27), $hour(gust: 25), ['gust' => null]];
        yield 'wave' => [Criterion::Wave, $hour(wave: 0.93), $hour(wave: 0.85), ['wave' => null]];
        yield 'visibility' => [Criterion::Visibility, $hour(visibility: 1500), $hour(visibility: 1700), ['visibility' => null]];
    }

    public function test_lightning_at_any_hour_is_a_no(): void
    {
        $forecast = $this->settled();
        $forecast[10] = new ForecastHour(600, 8 * self::MPH, 12 * self::MPH, 225.0, 0.3, 9000.0, true, false);

        self::assertSame(['Lightning is forecast at 10:00 on the ground.'], $this->said($this->judged($forecast)->worst));
    }

    public function test_a_front_is_met_early(): void
    {
        $forecast = $this->settled();
        $forecast[11] = new ForecastHour(660, 8 * self::MPH, 12 * self::MPH, 225.0, 0.3, 9000.0, false, true);
        $go = $this->judged($forecast, own: ['front_hours' => 2.0]);

        self::assertSame('09:00', TripClock::clock((int) $go->fitUntil), 'two hours before it the boat is to be off the water');
        self::assertSame('A front is due at 11:00: you would meet it at 09:00 on the ground.', $this->said($go->worst)[0]);
        self::assertSame(Verdict::Caution, $go->hours[1]['verdict'], 'at dawn it is known to come');
        self::assertSame('A front is due at 11:00, and may come early.', $go->hours[1]['findings'][5]->sentence()->in(Units::Us));
    }

    public function test_the_lee_and_its_change(): void
    {
        $clock = TripClock::of('06:30', '13:00', 9000.0, RuleBook::of(ChoreRules::rules()));
        self::assertSame(
            'Wind from the SW: water under the south-western shore is in the lee.',
            Lee::of(array_values($this->settled()), $clock)->in(Units::Us),
        );
        $forecast = $this->settled();
        $forecast[12] = new ForecastHour(720, 9.0, 14.0, 350.0);
        self::assertSame(
            'Wind from the SW: water under the south-western shore is in the lee. By 12:00 it has gone to the N: that shore '
                .'lies open, and the northern one is in the lee.',
            Lee::of(array_values($forecast), $clock)->in(Units::Us),
        );
        self::assertStringContainsString('not known', Lee::of([], $clock)->in(Units::Us));
        self::assertStringContainsString('No wind', Lee::of([new ForecastHour(480, 0.5, null, 90.0)], $clock)->in(Units::Us));
    }

    /**
     * @param  array<int, ForecastHour>  $forecast
     * @param  array<string, ?float>  $own
     */
    private function judged(array $forecast, ?float $run = 6 * Units::MILE, ?float $water = 14.0, array $own = []): GoNoGo
    {
        $clock = TripClock::of('06:30', '13:20', 6 * Units::MILE, RuleBook::of(ChoreRules::rules()));

        return GoNoGo::of(array_values($forecast), RuleBook::of(GoLimits::rules(), $own), $clock, $run, $water);
    }

    /** @return array<int, ForecastHour> a south-westerly breeze all day, by hour */
    private function settled(): array
    {
        return array_map(
            static fn (int $hour): ForecastHour => new ForecastHour(
                60 * $hour, 8 * self::MPH, 12 * self::MPH, 225.0, 0.3, 9000.0, false, false,
            ),
            range(0, 16),
        );
    }

    /**
     * @param  list<HourFinding>  $findings
     * @return list<string>
     */
    private function said(array $findings): array
    {
        return array_map(static fn (HourFinding $finding): string => $finding->sentence()->in(Units::Us), $findings);
    }
}
