<?php

declare(strict_types=1);

namespace Tests\Core\Instruments;

use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\Hearing;
use Admek\Core\Instruments\Nmea;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class HearingTest extends TestCase
{
    public function test_sentences_are_read_however_they_come_in_pieces(): void
    {
        $sent = Nmea::written('SDDPT,30.5,0.4').Nmea::written('IIVHW,,T,181.0,M,2.00,N,3.7,K').Nmea::written('YXMTW,11.5,C');
        for ($size = 1; $size <= strlen($sent); $size += 3) {
            $hearing = new Hearing;
            $told = [];
            foreach (str_split($sent, $size) as $piece) {
                $told = [...$told, ...$hearing->take('bow', $piece, 0.0)];
            }
            self::assertSame(
                ['depth', 'depth_offset', 'magnetic_heading', 'water_speed', 'water_temperature'], $told, "{$size} at a time",
            );
            self::assertSame(['bow/SD', 'bow/II', 'bow/YX'], array_keys($hearing->sources()));
        }
    }

    public function test_an_endless_line_is_one_fault_and_holds_nothing(): void
    {
        $hearing = new Hearing;
        $before = memory_get_usage();
        for ($i = 0; $i < 5000; $i++) {
            $hearing->take('bow', str_repeat('x', 1000), 0.0);
        }
        self::assertLessThan(100_000, memory_get_usage() - $before);
        self::assertCount(0, $hearing->sources());
        $hearing->take('bow', "\n".Nmea::written('SDDPT,30.5,0.4'), 1.0);
        self::assertSame(['too_long' => 1], $hearing->sources()['bow']['faults']);
        self::assertSame(30.5, $hearing->at(1.0)['depth']->value);
    }

    public function test_garbage_never_becomes_a_figure_and_never_stops_it(): void
    {
        $chance = new Randomizer(new Mt19937(7));
        $good = Nmea::written('SDDPT,30.5,0.4');
        $hearing = new Hearing;
        for ($i = 0; $i < 3000; $i++) {
            $spoilt = $chance->getInt(0, 1) === 0
                ? $chance->getBytes($chance->getInt(1, 200))
                : substr_replace($good, chr($chance->getInt(0, 255)), $chance->getInt(0, strlen($good) - 3), 1);
            if (! str_contains($spoilt, $good)) {
                $hearing->take('bow', $spoilt, $i / 10);
            }
        }
        $hearing->take('bow', "\n".$good, 300.0);
        foreach ($hearing->at(300.0) as $name => $known) {
            self::assertSame(['depth' => 30.5, 'depth_offset' => 0.4][$name], $known->value, $name);
        }
        self::assertSame(30.5, $hearing->at(300.0)['depth']->value);
    }

    public function test_talkers_of_one_line_stand_where_it_stands_and_say_what_others_tell(): void
    {
        $hearing = new Hearing(['helm', 'bow']);
        $hearing->take('bow', Nmea::written('SDDPT,30.0,'), 0.0);
        $hearing->take('helm', Nmea::written('IIDPT,31.0,'), 0.0);
        $hearing->take('helm', Nmea::written('SDDPT,31.5,'), 0.0);
        $depth = $hearing->at(1.0)[Figure::Depth->value];
        self::assertSame([31.0, 'helm/II'], [$depth->value, $depth->source]);
        self::assertSame(['helm/SD' => 31.5, 'bow/SD' => 30.0], $depth->others);
        self::assertSame(['helm', 'helm/II', 'helm/SD', 'bow', 'bow/SD'], array_keys($hearing->sources()));
        self::assertSame(['bow' => 2.0, 'helm' => 2.0], $hearing->silence(2.0));
    }

    #[DataProvider('turns')]
    public function test_a_steady_turn_is_told_and_a_straight_course_is_none(float $rate, float $yaw): void
    {
        $chance = new Randomizer(new Mt19937(11));
        $hearing = new Hearing;
        for ($t = 0; $t <= 40; $t++) {
            $heading = fmod(350.0 + $rate * $t + $yaw * $chance->getInt(-1000, 1000) / 1000 + 720.0, 360.0);
            $hearing->take('helm', Nmea::written(sprintf('HEHDT,%.1f,T', fmod($heading, 360.0))), $t);
        }
        self::assertEqualsWithDelta($rate, $hearing->turn(), max(0.02, 0.12 * $yaw));
        if ($rate === 0.0) {
            self::assertSame(0.0, $hearing->turn());
        }
    }

    /** @return iterable<string, array{float, float}> */
    public static function turns(): iterable
    {
        yield 'to starboard, past north' => [2.0, 0.0];
        yield 'to port, in a sea' => [-3.0, 2.0];
        yield 'straight' => [0.0, 0.0];
        yield 'straight, yawing' => [0.0, 1.0];
    }

    public function test_a_turn_is_not_told_from_too_little_nor_from_a_compass_that_takes_over(): void
    {
        $hearing = new Hearing;
        for ($t = 0; $t <= 4; $t++) {
            $hearing->take('helm', Nmea::written('HEHDT,90.0,T'), $t);
        }
        self::assertNull($hearing->turn());
        for ($t = 5; $t <= 20; $t++) {
            $hearing->take('helm', Nmea::written('HEHDT,90.0,T'), $t);
        }
        self::assertSame(0.0, $hearing->turn());
        // The first falls silent; the second shows ten degrees more, which is no turn.
        for ($t = 21; $t <= 60; $t++) {
            $hearing->take('bow', Nmea::written('HCHDT,100.0,T'), $t);
            self::assertContains($hearing->turn(), [0.0, null], "at {$t} s");
        }
        self::assertSame(0.0, $hearing->turn());
    }

    public function test_where_no_compass_is_heard_the_course_tells_the_turn(): void
    {
        $hearing = new Hearing;
        for ($t = 0; $t <= 20; $t++) {
            $hearing->take('gps', Nmea::written(sprintf('GPVTG,%.1f,T,,M,2.1,N,3.9,K,A', fmod(340.0 + 1.5 * $t, 360.0))), $t);
        }
        self::assertEqualsWithDelta(1.5, $hearing->turn(), 0.01);
    }
}
