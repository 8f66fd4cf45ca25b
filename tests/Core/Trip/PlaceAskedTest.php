<?php

declare(strict_types=1);

namespace Tests\Core\Trip;

use Admek\Core\Trip\PlaceAsked;
use Admek\Core\Units\ClockFace;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PlaceAskedTest extends TestCase
{
    private const PLACE = ['latitude' => 45.31, 'longitude' => -38.41];

    #[TestWith([750, false])]
    #[TestWith([570, false])]
    #[TestWith([930, false])]
    #[TestWith([569, true])]
    #[TestWith([931, true])]
    #[TestWith([30, true])]
    #[TestWith([1439, true])]
    public function test_a_sun_that_stands_highest_at_no_noon_is_asked_about(int $noon, bool $asked): void
    {
        self::assertSame($asked, PlaceAsked::of(self::PLACE, 'Gannet Rise', $noon, null) !== null);
    }

    public function test_the_hour_is_told_as_the_captain_reads_clocks(): void
    {
        self::assertStringStartsWith(
            'There the sun stands highest at 5:07 PM by', (string) PlaceAsked::of(self::PLACE, '', 1027, null)
                ?->in(Units::Us, ClockFace::Twelve),
        );
    }

    public function test_a_place_that_was_another_ground_s_is_asked_about_and_no_other(): void
    {
        $was = ['ground' => 'Dunmarl Bank'] + self::PLACE;
        self::assertSame(
            'This is where Dunmarl Bank lies. Gannet Rise lies there too: keep the place.',
            PlaceAsked::of(self::PLACE, 'Gannet Rise', 750, $was)?->in(Units::Us),
        );
        foreach ([
            'the same ground' => [self::PLACE, 'Dunmarl Bank', $was], 'a ground without a name' => [self::PLACE, '', $was],
            'the first trip' => [self::PLACE, 'Gannet Rise', null],
            'a last trip without a place' => [self::PLACE, 'Gannet Rise', ['latitude' => null] + $was],
            'another place' => [['longitude' => -38.4101] + self::PLACE, 'Gannet Rise', $was],
        ] as $case => [$place, $ground, $last]) {
            self::assertNull(PlaceAsked::of($place, $ground, 750, $last), $case);
        }
    }
}
