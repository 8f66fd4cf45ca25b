<?php

declare(strict_types=1);

namespace Tests\Core\Trip;

use Admek\Core\Books\Book;
use Admek\Core\InvalidValue;
use Admek\Core\Trip\Criterion;
use Admek\Core\Trip\ForecastHour;
use Admek\Core\Trip\HourFinding;
use Admek\Core\Trip\Lee;
use Admek\Core\Trip\TripClock;
use Admek\Core\Trip\Verdict;
use Admek\Core\Units\Compass;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is said of an hour, of the lee, and by which points. */
final class SentencesTest extends TestCase
{
    #[DataProvider('findings')]
    public function test_each_finding_says_what_when_and_against_what(HourFinding $finding, string $said, string $metric): void
    {
        self::assertSame($said, $finding->sentence()->in(Units::Us));
        self::assertSame($metric, $finding->sentence()->in(Units::Metric));
    }

    /** @return iterable<string, array{HourFinding, string, string}> */
    public static function findings(): iterable
    {
        $find = static fn (
            Criterion $criterion, Verdict $verdict, ?float $value, ?float $limit, ?int $at = 420, ?string $phase = 'fishing',
        ): HourFinding => new HourFinding($criterion, $verdict, $at, $phase, $value, $limit);
        yield 'wind over' => [
            $find(Criterion::Wind, Verdict::NoGo, 10.0, 8.94),
            'Wind 22 mph at 07:00 on the ground is over your limit of 20 mph.',
            'Wind 36 km/h at 07:00 on the ground is over your limit of 32 km/h.',
        ];
        yield 'gust close, going out' => [
            $find(Criterion::Gust, Verdict::Caution, 11.0, 11.6, 330, 'way_out'),
            'Gust 25 mph at 05:30 on the way out is close to your limit of 26 mph.',
            'Gust 40 km/h at 05:30 on the way out is close to your limit of 42 km/h.',
        ];
        yield 'waves within' => [
            $find(Criterion::Wave, Verdict::Go, 0.3048, 0.9144),
            'Wave 1 ft at 07:00 on the ground, your limit 3 ft.',
            'Wave 0.3 m at 07:00 on the ground, your limit 0.9 m.',
        ];
        yield 'visibility under, coming home' => [
            $find(Criterion::Visibility, Verdict::NoGo, 804.672, 1609.344, 780, 'way_home'),
            'Visibility 0.5 mi at 13:00 on the way home is under your limit of 1 mi.',
            'Visibility 0.8 km at 13:00 on the way home is under your limit of 1.6 km.',
        ];
        yield 'unknown' => [
            $find(Criterion::Wave, Verdict::Unknown, null, 0.9),
            'Wave at 07:00 on the ground is not known.',
            'Wave at 07:00 on the ground is not known.',
        ];
        yield 'cold water, the whole trip' => [
            $find(Criterion::WaterTemperature, Verdict::NoGo, 3.0, 4.444, null, null),
            'Water temperature 37 °F is under your limit of 40 °F.',
            'Water temperature 3 °C is under your limit of 4.4 °C.',
        ];
        yield 'water nobody measured' => [
            $find(Criterion::WaterTemperature, Verdict::Unknown, null, 4.444, null, null),
            'Water temperature is not known.',
            'Water temperature is not known.',
        ];
        yield 'far out' => [
            $find(Criterion::Distance, Verdict::NoGo, 32186.88, 24140.16, null, null),
            'Distance 20 mi is over your limit of 15 mi.',
            'Distance 32.2 km is over your limit of 24.1 km.',
        ];
        yield 'no front' => [$find(Criterion::Front, Verdict::Go, INF, null), 'No front is forecast.', 'No front is forecast.'];
        yield 'nobody says of a front' => [
            $find(Criterion::Front, Verdict::Unknown, null, null),
            'Front at 07:00 on the ground is not known.',
            'Front at 07:00 on the ground is not known.',
        ];
    }

    public function test_how_bad_a_thing_is_by_the_share_of_its_limit(): void
    {
        $of = static fn (Criterion $criterion, float $value): float => (
            new HourFinding($criterion, Verdict::NoGo, 0, 'fishing', $value, 10.0)
        )->severity();

        self::assertEqualsWithDelta(
            [1.5, 2.0],
            [$of(Criterion::Wind, 15.0), $of(Criterion::Visibility, 5.0)],
            1e-9,
            'half the visibility is as bad as twice the wind',
        );
        self::assertGreaterThan(
            $of(Criterion::Wind, 40.0),
            (new HourFinding(Criterion::Lightning, Verdict::NoGo, 0, 'fishing', 1.0, null))->severity(),
            'lightning before any wind',
        );
    }

    public function test_verdicts_rank_and_the_worse_of_two_is_kept(): void
    {
        self::assertSame([Verdict::Go, Verdict::Caution, Verdict::Unknown, Verdict::NoGo], Verdict::cases());
        self::assertSame(Verdict::Unknown, Verdict::Caution->worse(Verdict::Unknown));
        self::assertSame(Verdict::NoGo, Verdict::NoGo->worse(Verdict::Unknown));
    }

    #[DataProvider('winds')]
    public function test_land_to_windward_gives_the_lee(float $from, string $point, string $shore): void
    {
        $clock = TripClock::of('06:00', '12:00', null, Book::Chores->of());

        self::assertSame(
            "Wind from the {$point}: water under the {$shore} shore is in the lee.",
            Lee::of([new ForecastHour(480, 6.0, null, $from)], $clock)->in(Units::Us),
        );
        self::assertSame($point, Compass::point($from - 360.0));
    }

    /** @return iterable<string, array{float, string, string}> */
    public static function winds(): iterable
    {
        foreach ([
            [0, 'N', 'northern'],
            [44, 'NE', 'north-eastern'],
            [91, 'E', 'eastern'],
            [135, 'SE', 'south-eastern'],
            [181, 'S', 'southern'],
            [222, 'SW', 'south-western'],
            [270, 'W', 'western'],
            [317, 'NW', 'north-western'],
            [359, 'N', 'northern'],
        ] as [$from, $point, $shore]) {
            yield "{$from}°" => [(float) $from, $point, $shore];
        }
    }

    public function test_a_small_shift_keeps_the_lee_and_wind_outside_the_trip_is_nobody_s(): void
    {
        $clock = TripClock::of('06:00', '12:00', null, Book::Chores->of());
        $shifting = [new ForecastHour(360, 6.0, null, 350.0), new ForecastHour(600, 6.0, null, 20.0)];
        self::assertStringNotContainsString(
            'it has gone', Lee::of($shifting, $clock)->in(Units::Us), 'thirty degrees across north',
        );
        self::assertEqualsWithDelta(30.0, Compass::apart(350.0, 20.0), 1e-9);
        self::assertStringContainsString('not known', Lee::of([new ForecastHour(1200, 6.0, null, 90.0)], $clock)->in(Units::Us));
    }

    public function test_figures_no_sky_has_are_refused(): void
    {
        foreach ([
            ['wind', ['wind' => 90.0]],
            ['gust', ['gust' => -1.0]],
            ['from', ['from' => 400.0]],
            ['wave', ['wave' => 40.0]],
            ['visibility', ['visibility' => -5.0]],
            ['at', ['at' => 9000]],
        ] as [$field, $figures]) {
            try {
                new ForecastHour(...$figures + ['at' => 0]);
                self::fail($field);
            } catch (InvalidValue $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }
}
