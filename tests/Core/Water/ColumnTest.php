<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Admek\Core\Books\Book;
use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;
use Admek\Core\Water\Signs\Mark;
use Admek\Core\Water\Signs\Marks;
use Admek\Core\Water\Signs\Sun;
use Admek\Core\Water\Signs\TemperatureProfile;
use PHPUnit\Framework\TestCase;

/** The column of water: temperature by depth, marks in it, the sun over it. */
final class ColumnTest extends TestCase
{
    private const FOOT = Units::FOOT;

    public function test_between_readings_it_is_straight_and_beyond_them_as_the_nearest(): void
    {
        $profile = TemperatureProfile::of(
            [['depth' => 20.0, 'celsius' => 6.0], ['depth' => 2.0, 'celsius' => 18.0], ['depth' => 10.0, 'celsius' => 16.0]],
        );

        self::assertSame(
            [18.0, 18.0, 17.0, 16.0, 11.0, 6.0, 6.0], array_map($profile->at(...), [0.0, 2.0, 6.0, 10.0, 15.0, 20.0, 90.0]),
        );
        self::assertSame(
            [18.0, 20.0, 18.0, 6.0], [$profile->surface(), $profile->reaches(), $profile->warmest(), $profile->coldest()],
        );
        self::assertNull(TemperatureProfile::of([['depth' => 5.0, 'celsius' => 9.0]])->surface());
    }

    public function test_stretches_within_temperatures_are_exact_and_whole(): void
    {
        $profile = TemperatureProfile::of(
            [
                ['depth' => 0.0, 'celsius' => 8.0],
                ['depth' => 10.0, 'celsius' => 18.0],
                ['depth' => 20.0, 'celsius' => 8.0],
                ['depth' => 30.0, 'celsius' => 8.0],
            ],
        );

        self::assertEqualsWithDelta(
            [['top' => 2.0, 'bottom' => 4.0], ['top' => 16.0, 'bottom' => 18.0]],
            $profile->within(10.0, 12.0, 30.0),
            1e-9,
            'a warm tongue has an upper and a lower side',
        );
        self::assertEqualsWithDelta([['top' => 0.0, 'bottom' => 30.0]], $profile->within(8.0, 18.0, 30.0), 1e-9);
        self::assertEqualsWithDelta(
            [['top' => 20.0, 'bottom' => 25.0]], $profile->within(7.0, 8.0, 25.0), 1e-9, 'cut off by bottom',
        );
        self::assertSame([], $profile->within(20.0, 22.0, 30.0));
        self::assertEqualsWithDelta(
            [['top' => 20.0, 'bottom' => 60.0]],
            $profile->within(7.0, 8.0, 60.0),
            1e-9,
            'deeper than anybody measured it goes on as it was',
        );
    }

    public function test_the_thermocline_is_found_however_the_readings_are_spaced(): void
    {
        $rules = Book::Reading->of();
        $true = static fn (float $feet): float => match (true) {
            $feet < 50 => 66.0 - 0.04 * $feet,
            $feet < 62 => 64.0 - 1.2 * ($feet - 50),
            default => 49.6 - 0.05 * ($feet - 62),
        };
        foreach ([0.5, 1, 2, 4] as $every) {
            $readings = [];
            for ($feet = 0.0; $feet <= 110.0; $feet += $every) {
                $readings[] = ['depth' => $feet * self::FOOT, 'celsius' => ($true($feet) - 32) / 1.8];
            }
            $layer = TemperatureProfile::of($readings)->thermocline($rules);
            self::assertNotNull($layer);
            self::assertEqualsWithDelta(50.0, $layer->top / self::FOOT, 3.0, "{$every} ft");
            self::assertEqualsWithDelta(62.0, $layer->bottom / self::FOOT, 3.0, "{$every} ft");
            self::assertEqualsWithDelta(1.2, Units::Us->fromSi(\Admek\Core\Units\Quantity::Gradient, $layer->steepest), 0.15);
        }
        $thin = TemperatureProfile::of(
            [
                ['depth' => 0.0, 'celsius' => 18.0],
                ['depth' => 9.0, 'celsius' => 18.0],
                ['depth' => 9.1, 'celsius' => 17.9],
                ['depth' => 30.0, 'celsius' => 17.0],
            ],
        );
        self::assertNull($thin->thermocline($rules), 'one odd reading is no thermocline');
        self::assertCount(
            2,
            TemperatureProfile::of(
                [
                    ['depth' => 0.0, 'celsius' => 22.0],
                    ['depth' => 5.0, 'celsius' => 22.0],
                    ['depth' => 8.0, 'celsius' => 18.0],
                    ['depth' => 20.0, 'celsius' => 17.5],
                    ['depth' => 25.0, 'celsius' => 9.0],
                    ['depth' => 40.0, 'celsius' => 7.0],
                ],
            )->layers($rules),
        );
        self::assertNotNull(
            $thin->thermocline(Book::Reading->of(['thermocline_gradient' => 0.2, 'thermocline_thickness' => 0.1])),
            'by rules of one’s own it may be',
        );
    }

    public function test_readings_nobody_could_take_are_refused(): void
    {
        foreach ([
            [[], 'temperatures must be'],
            [[['depth' => -1.0, 'celsius' => 9.0]], 'temperatures.0.depth'],
            [[['depth' => 1.0, 'celsius' => 60.0]], 'temperatures.0.celsius'],
            [[['depth' => 1.0, 'celsius' => 9.0], ['depth' => 1.0, 'celsius' => 9.5]], 'temperatures.1.depth'],
        ] as [$readings, $said]) {
            try {
                TemperatureProfile::of($readings);
                self::fail($said);
            } catch (InvalidValue $invalid) {
                self::assertStringStartsWith($said, $invalid->getMessage());
            }
        }
    }

    public function test_what_marks_say_together(): void
    {
        $rules = Book::Reading->of();
        $marks = new Marks([new Mark(9.0, 4, true), new Mark(12.0, 5), new Mark(29.8, 3), new Mark(2.0)]);

        self::assertSame(
            [3, 10, 13], [$marks->onBottom(30.0, $rules)->fish(), $marks->lifted(30.0, $rules)->fish(), $marks->fish()],
        );
        self::assertTrue($marks->onBottom(null, $rules)->none(), 'without a bottom none is on it');
        self::assertSame(
            ['top' => 9.0, 'bottom' => 12.0],
            $marks->lifted(30.0, $rules)->spread(),
            'one stray fish in ten does not stretch them',
        );
        self::assertFalse($marks->tight());
        self::assertTrue((new Marks([new Mark(9.0, 4, true), new Mark(9.0, 3)]))->tight());
        self::assertEqualsWithDelta(
            [['top' => 9.0, 'fish' => 4], ['top' => 10.5, 'fish' => 0], ['top' => 12.0, 'fish' => 5]],
            (new Marks([new Mark(9.4, 4), new Mark(13.4, 5)]))->histogram(1.5),
            1e-9,
        );
        self::assertNull((new Marks([]))->spread());
        self::assertSame([], (new Marks([]))->histogram(1.0));
        $this->expectExceptionMessage('size must be one of small, medium, large');
        new Mark(3.0, 1, false, 'vast');
    }
}
