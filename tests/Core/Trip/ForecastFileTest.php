<?php

declare(strict_types=1);

namespace Tests\Core\Trip;

use Admek\Core\Files\ForecastFile;
use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ForecastFileTest extends TestCase
{
    public function test_csv_in_the_units_of_its_heading_with_what_is_not_known_left_unknown(): void
    {
        ['hours' => $hours] = ForecastFile::read("\u{FEFF}Time;Wind kn;Gust (kn);Wind from;Waves m;Visibility "
            ."nm;Thunder;Front\r\n05:00;10;15,5;225;0,6;5;no;no\r06:00;;;;;;;\n23:00;8;9;200;1;5;yes;no\n00:30;8;9;200;1;5;0;1\n",
            false);

        self::assertEqualsWithDelta(
            [300, 10 * 1852 / 3600, 15.5 * 1852 / 3600, 225.0, 0.6, 9260.0, false, false],
            array_values(get_object_vars($hours[0])),
            1e-9,
        );
        self::assertSame([360, null, null, null, null, null, null, null], array_values(get_object_vars($hours[1])));
        self::assertSame(
            [true, 1440 + 30, false, true],
            [$hours[2]->lightning, $hours[3]->at, $hours[3]->lightning, $hours[3]->front],
            'past midnight the clock starts again',
        );
        self::assertEqualsWithDelta(10 * Units::MPH, ForecastFile::read("time,wind\n05:00,10\n", false)['hours'][0]->wind, 1e-9);
        self::assertEqualsWithDelta(10 / 3.6, ForecastFile::read("time,wind\n05:00,10\n", true)['hours'][0]->wind, 1e-9);
    }

    public function test_json_says_its_source_and_age(): void
    {
        $file = [
            'format' => 'admek-forecast',
            'version' => 1,
            'source' => 'Typed from the radio',
            'issued' => '2031-05-01T21:00',
            'units' => ['wind' => 'mph', 'wave' => 'ft'],
            'hours' => [
                ['at' => '05:00', 'wind' => 10, 'gust' => 14, 'wave' => 2, 'visibility' => 8000, 'lightning' => false],
                ['at' => '2031-05-02T06:00', 'front' => true],
            ],
        ];
        ['source' => $source, 'issued' => $issued, 'hours' => $hours] = ForecastFile::read((string) json_encode($file), false);

        self::assertSame(['Typed from the radio', '2031-05-01T21:00'], [$source, $issued]);
        self::assertEqualsWithDelta(
            [10 * Units::MPH, 14 * Units::MPH, 2 * Units::FOOT, 8000.0],
            [$hours[0]->wind, $hours[0]->gust, $hours[0]->wave, $hours[0]->visibility],
            1e-9,
        );
        self::assertSame([null, true, 360], [$hours[1]->lightning, $hours[1]->front, $hours[1]->at]);
    }

    #[DataProvider('broken')]
    public function test_what_cannot_be_read_is_refused_whole_and_where(string $text, string $field): void
    {
        try {
            ForecastFile::read($text, false);
        } catch (InvalidValue $invalid) {
            self::assertSame($field, $invalid->field);

            return;
        }
        self::fail('It was taken.');
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        $json = static fn (array $more): string => (string) json_encode(
            $more + ['format' => 'admek-forecast', 'version' => 1, 'hours' => [['at' => '05:00', 'wind' => 3]]],
        );
        yield 'nothing' => ['', 'forecast line 1'];
        yield 'no heading' => ["05:00,10\n", 'forecast line 1'];
        yield 'no time' => ["wind,gust\n10,12\n", 'forecast line 1'];
        yield 'a heading alone' => ["time,wind\n", 'forecast'];
        yield 'a word for a figure' => ["time,wind\n05:00,breezy\n", 'forecast line 2 wind'];
        yield 'an hour there is none of' => ["time,wind\n05:00,10\n25:10,10\n", 'forecast line 3 time'];
        yield 'a truncated row' => ["time,wind,gust\n05:00,10,12\n06:00,1", 'forecast line 3'];
        yield 'a gale beyond gales' => ["time,wind mph\n05:00,900\n", 'forecast line 2.wind'];
        yield 'a flag that is none' => ["time,front\n05:00,2\n", 'forecast line 2 front'];
        yield 'bytes' => ["time,wind\n05:00,\xC3\x28\n", 'forecast'];
        yield 'half JSON' => ['{"format": "admek-forecast", "hours": [', 'forecast'];
        yield 'another format' => [$json(['format' => 'other']), 'forecast.format'];
        yield 'a newer version' => [$json(['version' => 2]), 'forecast.version'];
        yield 'a unit nobody knows' => [$json(['units' => ['wind' => 'beaufort']]), 'forecast.units.wind'];
        yield 'no hours' => [$json(['hours' => []]), 'forecast.hours'];
        yield 'an hour without its time' => [$json(['hours' => [['wind' => 3]]]), 'forecast.hours.0 time'];
        yield 'wind in words' => [$json(['hours' => [['at' => '05:00', 'wind' => '3']]]), 'forecast.hours.0 wind'];
        yield 'a wave beyond waves' => [$json(['hours' => [['at' => '05:00', 'wave' => 99]]]), 'forecast.hours.0.wave'];
        yield 'more hours than two days hold' => ["time,wind\n".str_repeat("05:00,3\n04:00,3\n", 3), 'forecast line 5 time'];
        yield 'a source as long as a letter' => [$json(['source' => str_repeat('a', 121)]), 'forecast.source'];
    }
}
