<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Files\ProfileFile;
use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Bottom;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class BottomTest extends TestCase
{
    public function test_the_least_clearance_is_that_of_brute_force_over_the_whole_course(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($course = 0; $course < 40; $course++) {
            $places = [];
            for ($i = 0, $along = 0.0; $i < 12; $i++, $along += $random->getInt(5, 60)) {
                $places[] = ['along' => $along, 'depth' => $random->getInt(150, 450) / 10];
            }
            $bottom = Bottom::profile($places)->from((float) $random->getInt(0, 200));
            [$depth, $lag] = [$random->getInt(5, 200) / 10, (float) $random->getInt(0, 90)];
            $least = INF;
            for ($gone = 0.0; $gone < 900.0; $gone += 0.05) {
                $clearance = $bottom->at($gone - $lag) - $depth;
                if ($clearance < $least - 1e-9) {
                    [$least, $when] = [$clearance, $gone];
                }
            }
            $found = $bottom->clearance($depth, $lag);
            self::assertEqualsWithDelta($least, $found['clearance'], 0.05);
            self::assertEqualsWithDelta($when ?? 0.0, $found['ahead'], 0.06);
            $wanted = $random->getInt(0, 60) / 10 + 0.013;
            $first = null;
            for ($gone = 0.0; $gone < 900.0 && $first === null; $gone += 0.05) {
                $first = $bottom->at($gone - $lag) - $depth <= $wanted ? $gone : null;
            }
            $first === null
                ? self::assertNull($bottom->first($depth, $lag, $wanted))
                : self::assertEqualsWithDelta($first, $bottom->first($depth, $lag, $wanted), 0.06);
        }
    }

    public function test_a_level_bottom_is_level_everywhere(): void
    {
        $bottom = Bottom::flat(30.0);

        self::assertSame([30.0, 30.0], [$bottom->at(-50.0), $bottom->at(5000.0)]);
        self::assertSame(['clearance' => 4.5, 'ahead' => 0.0, 'standing' => 0.0], $bottom->clearance(25.5, 40.0));
    }

    public function test_gear_that_would_run_deeper_lies_on_the_ground_where_it_trails(): void
    {
        $bottom = Bottom::profile([['along' => 0.0, 'depth' => 20.0], ['along' => 100.0, 'depth' => 40.0]])->from(60.0);
        self::assertEqualsWithDelta(26.0, $bottom->stops(30.0, 30.0), 1e-9, 'as deep as it is 30 m behind her');
        self::assertNull($bottom->stops(30.0, 0.0), 'she is over 32 m herself');
        self::assertNull($bottom->stops(26.0, 30.0), 'what just touches hangs clear');
        self::assertSame([25.0, null, null], [
            Bottom::stopped(30.0, 25.0), Bottom::stopped(25.0, 25.0), Bottom::stopped(30.0, null),
        ]);
    }

    public function test_what_lies_astern_of_the_gear_counts_no_more(): void
    {
        $hump = Bottom::profile(
            [['along' => 0.0, 'depth' => 30.0], ['along' => 100.0, 'depth' => 18.0], ['along' => 200.0, 'depth' => 30.0]],
        );

        self::assertSame(
            ['clearance' => -2.0, 'ahead' => 150.0, 'standing' => 0.0],
            $hump->clearance(20.0, 50.0),
            'gear 50 m back comes over it when the boat is 50 m past',
        );
        self::assertSame(
            ['clearance' => -2.0, 'ahead' => 30.0, 'standing' => 0.0],
            $hump->from(120.0)->clearance(20.0, 50.0),
            'the boat is over it already, the gear is not',
        );
        self::assertSame(10.0, $hump->from(260.0)->clearance(20.0, 50.0)['clearance']);
    }

    /** @return iterable<string, array{string, bool, list<array{float, float}>}> */
    public static function files(): iterable
    {
        yield 'feet by heading on a metric boat' => [
            "Distance (ft),Depth (ft)\n0,100\n250,80\n", true, [[0.0, 30.48], [76.2, 24.384]],
        ];
        yield 'metres by heading, commas in the figures' => [
            "weg m;tiefe m\n0;30,5\n100;28,25\n", false, [[0.0, 30.5], [100.0, 28.25]],
        ];
        yield 'no heading: the boat’s own units' => ["0 100\n100 90\n", false, [[0.0, 30.48], [30.48, 27.432]]];
        yield 'no heading, metric, tabs, other line ends, remarks and a mark of order' => [
            "\u{FEFF}# a course\r\n0\t30\r\n\r\n50\t29\r", true, [[0.0, 30.0], [50.0, 29.0]],
        ];
        yield 'miles are nobody’s: only what is named' => ["along,depth ft\n0,100\n100,50", true, [[0.0, 30.48], [100.0, 15.24]]];
    }

    /** @param  list<array{float, float}>  $wanted */
    #[DataProvider('files')]
    public function test_a_profile_is_read_in_the_units_it_is_in(string $text, bool $metric, array $wanted): void
    {
        self::assertEqualsWithDelta($wanted, array_map(array_values(...), ProfileFile::read($text, $metric)), 1e-9);
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        yield 'a word among figures' => ["0,30\n10,deep\n", 'profile line 2'];
        yield 'four columns' => ["0,30,5,1\n", 'profile line 1'];
        yield 'going back' => ["a,b\n0,30\n10,30\n5,30\n", 'profile line 4'];
        yield 'nothing' => ["along,depth\n", 'profile'];
        yield 'too deep' => ["0,30\n10,9000\n", 'profile.1.depth'];
        yield 'not text' => ["\xff\xfe0,1", 'profile'];
        yield 'without end' => [
            implode("\n", array_map(static fn (int $i): string => "{$i},30", range(0, Bottom::MOST_PLACES))),
            'profile line 20001',
        ];
    }

    #[DataProvider('broken')]
    public function test_a_broken_profile_is_refused_by_line(string $text, string $where): void
    {
        try {
            ProfileFile::read($text, true);
        } catch (InvalidValue $invalid) {
            self::assertSame($where, $invalid->field);

            return;
        }
        self::fail('It was taken.');
    }

    public function test_what_stands_on_the_bottom_is_met_before_the_bottom_is(): void
    {
        $course = Bottom::profile(
            [
                ['along' => 0.0, 'depth' => 30.0],
                ['along' => 100.0, 'depth' => 30.0, 'standing' => 6.0],
                ['along' => 200.0, 'depth' => 30.0],
            ],
        );

        self::assertSame(['clearance' => 4.0, 'ahead' => 120.0, 'standing' => 6.0], $course->clearance(20.0, 20.0));
        self::assertEqualsWithDelta(27.0, $course->at(50.0), 1e-9, 'straight between the places, as the bottom is');
        self::assertSame(3.0, $course->from(150.0)->clearance(20.0, 0.0)['standing'], 'half passed');
        self::assertSame(0.0, $course->from(250.0)->clearance(20.0, 0.0)['standing'], 'passed');
        self::assertSame(
            ['clearance' => 7.0, 'ahead' => 0.0, 'standing' => 3.0], Bottom::flat(30.0)->with(3.0)->clearance(20.0, 5.0),
        );
        self::assertSame(24.0, $course->with(3.0)->at(100.0), 'the higher of the two counts');
        self::assertSame(0.0, Bottom::flat(2.0)->with(9.0)->at(0.0), 'nothing counts above the surface');
        $this->expectExceptionMessage('profile.0.standing');
        Bottom::profile([['along' => 0.0, 'depth' => 5.0, 'standing' => 6.0]]);
    }
}
