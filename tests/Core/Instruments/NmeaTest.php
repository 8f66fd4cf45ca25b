<?php

declare(strict_types=1);

namespace Tests\Core\Instruments;

use Admek\Core\Instruments\Fault;
use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\Nmea;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NmeaTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, float>}> */
    public static function sentences(): iterable
    {
        yield 'water speed and heading' => ['VWVHW,312.0,T,300.5,M,4.5,N,8.3,K', [
            'heading' => 312.0, 'magnetic_heading' => 300.5, 'water_speed' => 4.5 * 1852 / 3600,
        ]];
        yield 'water speed in km/h alone' => ['VWVHW,,T,,M,,N,7.2,K', ['water_speed' => 2.0]];
        yield 'over the ground' => ['GPVTG,45.5,T,,M,2.0,N,3.7,K,A', ['course' => 45.5, 'ground_speed' => 2 * 1852 / 3600]];
        yield 'the minimum' => ['GPRMC,101530.00,A,4518.600,N,03824.120,W,2.3,181.5,010631,3.5,W,A', [
            'latitude' => 45.31, 'longitude' => -38.402, 'ground_speed' => 2.3 * 1852 / 3600, 'course' => 181.5,
            'variation' => -3.5,
        ]];
        yield 'a fix' => ['GPGGA,101530.00,4518.600,S,03824.120,E,1,08,0.9,12.0,M,,M,,', [
            'latitude' => -45.31, 'longitude' => 38.402,
        ]];
        yield 'a place' => ['GPGLL,4518.600,N,03824.120,W,101530.00,A,A', ['latitude' => 45.31, 'longitude' => -38.402]];
        yield 'depth and offset' => ['SDDPT,35.5,0.8,100', ['depth' => 35.5, 'depth_offset' => 0.8]];
        yield 'depth below the transducer' => ['SDDBT,116.5,f,35.5,M,19.4,F', ['depth' => 35.5]];
        yield 'depth in feet alone' => ['SDDBT,100.0,f,,M,,F', ['depth' => 30.48]];
        yield 'depth in fathoms alone' => ['SDDBT,,f,,M,10.0,F', ['depth' => 18.288]];
        yield 'temperature' => ['YXMTW,12.4,C', ['water_temperature' => 12.4]];
        yield 'true heading' => ['HEHDT,359.9,T', ['heading' => 359.9]];
        yield 'compass' => ['HCHDM,10.0,M', ['magnetic_heading' => 10.0]];
        yield 'compass with its errors' => ['HCHDG,359.0,2.5,E,12.0,W', ['magnetic_heading' => 1.5, 'variation' => -12.0]];
        yield 'wind' => ['WIMWV,214.8,R,10.0,N,A', ['wind_angle' => 214.8, 'wind_speed' => 10 * 1852 / 3600]];
        yield 'wind in m/s' => ['WIMWV,14.8,R,5.0,M,A', ['wind_angle' => 14.8, 'wind_speed' => 5.0]];
    }

    /** @param  array<string, float>  $figures */
    #[DataProvider('sentences')]
    public function test_each_kind_tells_its_figures_in_si(string $body, array $figures): void
    {
        $heard = Nmea::read(Nmea::written($body));
        self::assertNull($heard->fault, (string) $heard->fault?->words());
        self::assertEqualsWithDelta($figures, $heard->figures, 1e-9);
        self::assertSame(substr($body, 0, 5), $heard->talker.$heard->kind);
        $other = Nmea::read(Nmea::written('ZZ'.substr($body, 2)));
        self::assertSame($heard->figures, $other->figures, 'whoever says it');
    }

    /** @return iterable<string, array{string, Fault}> */
    public static function useless(): iterable
    {
        yield 'nothing' => ['', Fault::NoSentence];
        yield 'something else' => ['hello', Fault::NoSentence];
        yield 'of another protocol' => ['!AIVDM,1,1,,A,13HOI:0P0000VOHLCnHQKwvL05Ip,0*23', Fault::NoSentence];
        yield 'bytes' => ["\$GPGLL,\xff\x00*00", Fault::NoSentence];
        yield 'endless' => ['$GPGLL,'.str_repeat('9', 90).'*00', Fault::TooLong];
        yield 'without a checksum' => ['$YXMTW,12.4,C', Fault::Unchecked];
        yield 'a letter changed' => [str_replace('12.4', '12.5', Nmea::written('YXMTW,12.4,C')), Fault::Broken];
        yield 'a checksum of one letter' => ['$YXMTW,12.4,C*1', Fault::Broken];
        yield 'of an unknown kind' => [Nmea::written('GPXYZ,1,2'), Fault::Unknown];
        yield 'of a maker' => [Nmea::written('PXYZA,1,2'), Fault::Unknown];
        yield 'a word for a figure' => [Nmea::written('YXMTW,warm,C'), Fault::Misformed];
        yield 'in another unit' => [Nmea::written('YXMTW,12.4,F'), Fault::Misformed];
        yield 'a figure no number has' => [Nmea::written('YXMTW,1e3,C'), Fault::Misformed];
        yield 'sixty minutes' => [Nmea::written('GPGLL,4560.000,N,03824.120,W,101530,A'), Fault::Misformed];
        yield 'half a place' => [Nmea::written('GPGLL,4518.000,N,,W,101530,A'), Fault::Misformed];
        yield 'a place of no side' => [Nmea::written('GPGLL,4518.000,,03824.120,W,101530,A'), Fault::Misformed];
        yield 'a place it does not know' => [
            Nmea::written('GPRMC,101530,V,4518.6,N,03824.1,W,2.3,181.5,010631,,'), Fault::NotValid,
        ];
        yield 'no fix' => [Nmea::written('GPGGA,101530.00,4518.6,N,03824.1,W,0,00,,,M,,M,,'), Fault::NotValid];
        yield 'a depth it has lost' => [Nmea::written('SDDPT,,0.8'), Fault::NotValid];
        yield 'nothing told' => [Nmea::written('SDDBT,,f,,M,,F'), Fault::NotValid];
        yield 'no water under her' => [Nmea::written('SDDPT,0.0,0.8'), Fault::OutOfRange];
        yield 'a boat of forty metres a second' => [Nmea::written('VWVHW,,T,,M,80.0,N,,K'), Fault::OutOfRange];
        yield 'a bearing of four hundred' => [Nmea::written('HEHDT,400.0,T'), Fault::OutOfRange];
        yield 'few fields' => [Nmea::written('WIMWV'), Fault::NotValid];
    }

    #[DataProvider('useless')]
    public function test_what_tells_nothing_is_never_used_and_said_why(string $line, Fault $why): void
    {
        $heard = Nmea::read($line);
        self::assertSame($why, $heard->fault);
        self::assertSame([], $heard->figures);
        self::assertNotSame('', $why->words());
    }

    public function test_of_a_stream_of_garbage_only_whole_sentences_are_used(): void
    {
        mt_srand(12);
        $whole = [];
        foreach (self::sentences() as [$body]) {
            $whole[] = Nmea::written($body);
        }
        for ($i = 0; $i < 20_000; $i++) {
            $line = $whole[mt_rand(0, count($whole) - 1)];
            $spoilt = match (mt_rand(0, 4)) {
                0 => substr($line, 0, mt_rand(0, strlen($line) - 6)),
                1 => substr_replace($line, chr(mt_rand(0, 255)), mt_rand(1, strlen($line) - 6), 1),
                2 => $line[0].strrev(substr($line, 1)),
                3 => implode('', array_map(static fn (): string => chr(mt_rand(0, 255)), range(0, mt_rand(0, 120)))),
                default => substr($line, mt_rand(1, 8)),
            };
            $heard = Nmea::read($spoilt);
            if ($spoilt !== $line) {
                self::assertNotNull($heard->fault, bin2hex($spoilt));
            }
            foreach ($heard->figures as $name => $value) {
                [$least, $most] = Figure::from($name)->range();
                self::assertTrue($value >= $least && $value <= $most);
            }
        }
    }
}
