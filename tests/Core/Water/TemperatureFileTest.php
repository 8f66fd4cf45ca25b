<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Admek\Core\Files\TemperatureFile;
use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TemperatureFileTest extends TestCase
{
    #[DataProvider('readable')]
    public function test_it_reads_what_people_and_probes_write(
        string $text, Units $units, string $depth, string $temperature, bool $guessed,
    ): void {
        $file = TemperatureFile::read($text, $units);

        self::assertEqualsWithDelta(
            [['depth' => 0.0, 'celsius' => 18.3333], ['depth' => 15.24, 'celsius' => 10.0]], $file->readings, 0.01,
        );
        self::assertSame(
            [$depth, $temperature, $guessed],
            [$file->columns['depth']['unit'], $file->columns['temperature']['unit'], $file->columns['temperature']['guessed']],
        );
        self::assertSame(0, $file->badRows);
    }

    /** @return iterable<string, array{string, Units, string, string, bool}> */
    public static function readable(): iterable
    {
        yield 'typed in two columns' => ["0 65\n50 50", Units::Us, 'ft', '°F', true];
        yield 'a probe, other columns between' => [
            "Time,Speed,Depth (ft),Temp F,Batt\r\n06:01,2.3,0,65,98\r\n06:04,2.3,50,50,98\r\n", Units::Us, 'ft', '°F', false,
        ];
        yield 'a logger in metric, decimal commas' => ["Tiefe m;Temperatur °C\n0;18,333\n15,24;10", Units::Us, 'm', '°C', false];
        yield 'columns the other way round' => ["temperature_f\tdepth_ft\n65\t0\n50\t50", Units::Metric, 'ft', '°F', false];
        yield 'old Mac line ends, depths counted down' => [
            "depth m,temp c\r0,18.333\r-15.24,10\r", Units::Metric, 'm', '°C', false,
        ];
        yield 'degrees that cannot be Celsius' => ["depth m,temp\n0,65\n15.24,50", Units::Metric, 'm', '°F', true];
        yield 'fathoms' => ["depth fathoms,temp F\n0,65\n8.3333,50", Units::Us, 'fathoms', '°F', false];
    }

    public function test_the_captain_s_word_goes_over_what_was_guessed(): void
    {
        $file = TemperatureFile::read("0 18\n15 10", Units::Us, 'm', '°C');

        self::assertEqualsWithDelta(
            [['depth' => 0.0, 'celsius' => 18.0], ['depth' => 15.0, 'celsius' => 10.0]], $file->readings, 1e-6,
        );
        self::assertFalse($file->columns['depth']['guessed']);
        $this->expectExceptionMessage('depth_unit must be one of ft, m, fathoms');
        TemperatureFile::read('0 18', Units::Us, 'cubits');
    }

    public function test_bad_rows_are_passed_over_each_with_its_reason(): void
    {
        $file = TemperatureFile::read("depth ft,temp F\n0,65\n10,\n20,warm\n,60\n30,590\n40,10\n9000,50\n50,50", Units::Us);

        self::assertCount(2, $file->readings);
        self::assertSame([
            3 => 'no temperature', 4 => 'its temperature is no number', 5 => 'no depth',
            6 => 'warmer than any water fished (°F?)', 7 => 'colder than water can be (°F?)',
            8 => 'deeper than any water fished (ft?)',
        ], array_column($file->bad, 'reason', 'line'));
        self::assertSame([8, 6, '20, warm'], [$file->rows, $file->badRows, $file->bad[1]['text']]);
    }

    public function test_down_and_up_are_averaged_and_a_long_log_thinned(): void
    {
        $file = TemperatureFile::read("depth m,temp c\n0,18\n10,12\n20,8\n10,12.4\n0,18.2\n", Units::Metric);
        self::assertEqualsWithDelta(
            [['depth' => 0.0, 'celsius' => 18.1], ['depth' => 10.0, 'celsius' => 12.2], ['depth' => 20.0, 'celsius' => 8.0]],
            $file->readings,
            1e-6,
        );

        $rows = ['depth m,temp c'];
        for ($i = 0; $i < 20000; $i++) {
            $depth = 40.0 * abs(2 * $i / 20000 - 1);
            $rows[] = sprintf('%.3f,%.3f', $depth, 18.0 - 0.25 * $depth);
        }
        $file = TemperatureFile::read(implode("\n", $rows), Units::Metric);
        self::assertLessThanOrEqual(150, count($file->readings));
        foreach ($file->readings as $reading) {
            self::assertEqualsWithDelta(18.0 - 0.25 * $reading['depth'], $reading['celsius'], 0.01, 'thinned, not bent');
        }
    }

    #[DataProvider('unusable')]
    public function test_what_cannot_be_used_says_why(string $text, string $said): void
    {
        try {
            TemperatureFile::read($text, Units::Us);
        } catch (InvalidValue $invalid) {
            self::assertStringContainsString($said, $invalid->getMessage());

            return;
        }
        self::fail('It was taken.');
    }

    /** @return iterable<string, array{string, string}> */
    public static function unusable(): iterable
    {
        yield 'nothing' => [" \n", 'at least one row'];
        yield 'a heading alone' => ["depth,temp\n", 'at least one row'];
        yield 'no column of depth' => ["time,temp\n06:00,65\n", 'a heading that names a column depth'];
        yield 'swapped' => ["65 0\n55 50\n45 70\n42 90\n40 99\n", 'look swapped'];
        yield 'words' => ["warm 1\nwarmer 2\n", 'line 1'];
        yield 'bytes' => ["0,65\n\xFF\xFE,3", 'UTF-8'];
    }
}
