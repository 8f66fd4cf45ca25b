<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Admek\Core\Books\Book;
use Admek\Core\Fish\Species;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use Admek\Core\Water\Band;
use Admek\Core\Water\Schedule;
use Admek\Core\Water\Shade;
use Admek\Core\Water\Signs\Season;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Sun;
use PHPUnit\Framework\TestCase;

/** Sun, shade, light and seasons over a column of water. */
final class LightTest extends TestCase
{
    public function test_the_sun_agrees_with_rise_and_set_and_stands_south_at_noon(): void
    {
        foreach ([[45.3, -38.4], [-33.0, 20.0], [10.0, 100.0], [60.0, -150.0]] as [$latitude, $longitude]) {
            $sun = new Sun($latitude, $longitude);
            foreach (['2031-01-10', '2031-03-21', '2031-06-21', '2031-10-05'] as $date) {
                $day = $sun->day((int) strtotime("{$date} 12:00 UTC") - (int) ($longitude * 240));
                // The upper limb shows with the centre 50′ under; PHP counts the sun's radius of 16′ on top of that.
                self::assertEqualsWithDelta(-1.1, $sun->at($day['sunrise'])['elevation'], 0.15, "{$date} {$latitude}");
                self::assertEqualsWithDelta(-1.1, $sun->at($day['sunset'])['elevation'], 0.15);
                self::assertEqualsWithDelta(-6.0, $sun->at($day['first_light'])['elevation'], 0.15);
                $noon = $sun->at($day['noon']);
                $overhead = $noon['elevation'] > 85.0;
                self::assertTrue(
                    $overhead || abs(
                        $noon['bearing'] - (
                            $noon['bearing'] > 90 && $noon['bearing'] < 270 ? 180.0 : ($noon['bearing'] < 90 ? 0.0 : 360.0)
                        ),
                    ) < 1.5,
                    "{$noon['bearing']}",
                );
                self::assertGreaterThan(0.0, sin(deg2rad($sun->at($day['sunrise'] + 1800)['bearing'])), 'it rises in the east');
                self::assertLessThan(0.0, sin(deg2rad($sun->at($day['sunset'] - 1800)['bearing'])));
            }
        }
        // Equinox on the line: overhead at noon, due east at rising (Meeus).
        $line = new Sun(0.0, 0.0);
        self::assertGreaterThan(87.5, $line->at($line->day((int) strtotime('2031-03-20 12:00 UTC'))['noon'])['elevation']);
        self::assertEqualsWithDelta(
            90.0, $line->at($line->day((int) strtotime('2031-03-20 12:00 UTC'))['sunrise'])['bearing'], 0.6,
        );
        $this->expectExceptionMessage('latitude');
        new Sun(80.0, 0.0);
    }

    public function test_light_moves_a_band_down_and_cloud_half_as_far(): void
    {
        $rules = Book::Reading->of();
        $band = new Band(Species::King, 20.0, 40.0, 1.0, 'temperature', Sentence::of('.'));
        $top = static fn (float $elevation, ?Sky $sky): float => $band->under($elevation, $sky, $rules)['top'];

        self::assertEqualsWithDelta(
            [20.0, 25.0, 30.0, 30.0],
            array_map(static fn (float $e): float => $top($e, Sky::Clear), [-6.0, 14.5, 35.0, 60.0]),
            1e-9,
            'from first light to thirty-five degrees',
        );
        self::assertEqualsWithDelta(
            [25.0, 27.5, 30.0],
            array_map(static fn (Sky $sky): float => $top(35.0, $sky), [Sky::Overcast, Sky::Broken, Sky::Clear]),
            1e-9,
        );
        self::assertEqualsWithDelta(20.0, $top(-20.0, Sky::Clear), 1e-9, 'in the night it stays at the top');
        self::assertEqualsWithDelta(
            10.0, $band->under(10.0, null, $rules)['bottom'] - $band->under(10.0, null, $rules)['top'], 1e-9,
        );
        $low = new Band(Species::Walleye, 8.0, 10.5, 1.0, 'bottom', Sentence::of('.'));
        self::assertSame(['top' => 8.0, 'bottom' => 10.5], $low->under(40.0, Sky::Clear, $rules), 'fish on bottom stay there');
        $rows = Schedule::of(
            [$band],
            new Sun(45.3, -38.4),
            Sky::Clear,
            (int) strtotime('2031-07-10 08:15 UTC'),
            (int) strtotime('2031-07-10 14:15 UTC'),
            $rules,
        );
        self::assertCount(6, $rows);
        $tops = array_map(static fn (array $row): float => $row['bands'][0]['top'], $rows);
        $sorted = $tops;
        sort($sorted);
        self::assertSame($sorted, $tops);
        self::assertSame(
            [20.0, 40.0],
            array_values(
                array_intersect_key(
                    Schedule::of([$band], null, null, 0, 100, $rules)[0]['bands'][0], ['top' => 0, 'bottom' => 0],
                ),
            ),
            'where the place is not known light moves nothing',
        );
    }

    public function test_the_shaded_side_is_the_one_away_from_the_sun(): void
    {
        $said = static fn (float $up, float $bearing, ?Sky $sky, ?string $name = null): array => (
            $advice = Shade::advice(['elevation' => $up, 'bearing' => $bearing], $sky, $name)
        ) === null ? ['', ''] : [$advice->answer->in(Units::Us), $advice->why->in(Units::Us)];

        self::assertSame(
            ['The western side of Old Wall first', 'The sun stands in the E, 95°, 20° up: that side is in the shade.'],
            $said(20.0, 95.0, Sky::Clear, 'Old Wall'),
        );
        self::assertSame('The northern side of structure first', $said(40.0, 180.0, null)[0]);
        self::assertSame(
            ['Either side of structure', 'Under cloud no side is darker than the other.'], $said(20.0, 95.0, Sky::Overcast),
        );
        self::assertSame('With the sun 60° up both sides are lit.', $said(60.0, 180.0, Sky::Clear)[1]);
        self::assertSame(['', ''], $said(-3.0, 70.0, Sky::Clear), 'before it rises there is no shade');
    }

    public function test_seasons_turn_round_south_of_the_line(): void
    {
        self::assertSame(
            [Season::Winter, Season::Winter, Season::Spring, Season::Summer, Season::Autumn],
            array_map(static fn (int $month): Season => Season::of($month), [12, 2, 3, 8, 11]),
        );
        self::assertSame(
            [Season::Summer, Season::Autumn, Season::Winter],
            array_map(static fn (int $month): Season => Season::of($month, -40.0), [12, 3, 8]),
        );
    }

    public function test_a_quarter_of_the_year_or_a_few_days_make_waters_alike(): void
    {
        self::assertTrue(Season::Summer->isAlike(Season::Summer, 80));
        self::assertTrue(Season::Summer->isAlike(Season::Autumn, 10));
        self::assertTrue(Season::Summer->isAlike(Season::Autumn, -10));
        self::assertFalse(Season::Summer->isAlike(Season::Autumn, 11));
    }
}
