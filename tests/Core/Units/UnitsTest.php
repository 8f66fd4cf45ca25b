<?php

declare(strict_types=1);

namespace Tests\Core\Units;

use Admek\Core\Files\Table;
use Admek\Core\InvalidValue;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Unit;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;

final class UnitsTest extends TestCase
{
    public function test_figures_as_a_captain_says_them(): void
    {
        self::assertSame(
            ['55 ft', '6.5 ft', '2.3 mph', '52 °F', '18 °F', '0.55 °F a foot', '12 lb', '8 mi', '20%', '35°', '3'],
            array_map(static fn (array $figure): string => Units::Us->say(...$figure), [
                [Quantity::Depth, 55 * 0.3048], [Quantity::Leader, 6.5 * 0.3048], [Quantity::Speed, 2.3 * 0.44704],
                [Quantity::Temperature, 11.1], [Quantity::TemperatureStep, 10.0],
                [Quantity::Gradient, 1.0025], [Quantity::Mass, 5.443], [Quantity::Distance, 12875.0], [Quantity::Share, 0.2],
                [Quantity::Angle, 35.2], [Quantity::Count, 3.0],
            ]),
        );
        self::assertSame(
            ['16.8 m', '11.1 °C', '3.7 km/h', '0 °C'],
            [
                Units::Metric->say(Quantity::Depth, 16.764),
                Units::Metric->say(Quantity::Temperature, 11.1),
                Units::Metric->say(Quantity::Speed, 1.028),
                Units::Metric->say(Quantity::Temperature, -0.01),
            ],
        );
    }

    public function test_a_weight_is_said_as_the_scale_showed_it_and_one_worked_out_to_what_it_is_worth(): void
    {
        self::assertSame(
            ['14.25 lb', '14.3 lb', '14 lb', '6.46 kg', '6.5 kg'],
            [
                Units::Us->say(Quantity::Mass, 14.25 * 0.45359237), Units::Us->say(Quantity::Mass, 14.2513 * 0.45359237),
                Units::Us->say(Quantity::Mass, 14.0 * 0.45359237), Units::Metric->say(Quantity::Mass, 6.46),
                Units::Metric->say(Quantity::Mass, 14.25 * 0.45359237),
            ],
        );
    }

    public function test_a_pull_is_a_pound_s_weight_and_fish_are_measured_finer_than_water(): void
    {
        self::assertSame(
            ['1 lb', '4.45 N', '31.5 in', '80 cm'],
            [
                Units::Us->say(Quantity::Pull, 0.45359237 * 9.80665),
                number_format(Units::Metric->fromSi(Quantity::Pull, 0.45359237 * 9.80665), 2).' N',
                Units::Us->say(Quantity::Fish, 0.80), Units::Metric->say(Quantity::Fish, 0.80),
            ],
        );
        self::assertSame('2 m', Units::Metric->say(Quantity::Leader, 1.98), 'in words');
        self::assertSame(2, Units::Metric->fieldPlaces(Quantity::Leader), 'as it was typed');
        foreach (Units::cases() as $units) {
            foreach (Quantity::cases() as $quantity) {
                $typed = 3.0 + 10.0 ** -$units->fieldPlaces($quantity);
                self::assertGreaterThanOrEqual(
                    strlen($units->figure($quantity, $units->toSi($quantity, $typed))), strlen((string) $typed), $quantity->value,
                );
            }
        }
    }

    public function test_there_and_back(): void
    {
        foreach (Units::cases() as $units) {
            foreach (Quantity::cases() as $quantity) {
                self::assertEqualsWithDelta(7.25, $units->fromSi($quantity, $units->toSi($quantity, 7.25)), 1e-12);
            }
        }
        self::assertEqualsWithDelta(-40.0, Units::Us->toSi(Quantity::Temperature, -40.0), 1e-12, 'where both scales meet');
    }

    public function test_a_sentence_takes_its_figures_in(): void
    {
        $said = Sentence::of(
            'From {top#} to {bottom} for {name}.',
            ['top' => [Quantity::Depth, 10 * 0.3048], 'bottom' => [Quantity::Depth, 20 * 0.3048], 'name' => 'king'],
        );
        self::assertSame('From 10 to 20 ft for king. And so on.', $said->then(Sentence::of('And so on.'))->in(Units::Us));
        self::assertSame('From 3 to 6.1 m for king.', $said->in(Units::Metric));
        $this->expectException(\LogicException::class);
        Sentence::of('{missing}')->in(Units::Us);
    }

    public function test_units_named_in_headings(): void
    {
        $named = static fn (Quantity $quantity, string $heading): ?string => Unit::inHeading($quantity, $heading)?->name;
        self::assertSame(
            ['ft', 'm', 'm', 'fathoms', null, null],
            array_map(
                static fn (string $h): ?string => $named(Quantity::Depth, $h),
                ['Depth (ft)', 'depth_m', 'Depth in metres', 'fm', 'depth', 'bottom mark'],
            ),
        );
        self::assertSame(
            ['°F', '°C', '°F', '°C', '°C', null],
            array_map(
                static fn (string $h): ?string => $named(Quantity::Temperature, $h),
                ['Temp °F', 'Temperature (C)', 'temp_deg_F', 'T [°C]', 'Celsius', 'Temp'],
            ),
        );
        self::assertSame(
            ['kn', 'mph', 'km/h', 'm/s'],
            array_map(
                static fn (string $h): ?string => $named(Quantity::Wind, $h), ['Wind kts', 'wind_mph', 'Wind km/h', 'wind m/s'],
            ),
        );
        self::assertEqualsWithDelta(10.0, Unit::of(Quantity::Temperature, '°F')?->toSi(50.0), 1e-12);
        self::assertNull(Unit::of(Quantity::Wind, 'beaufort'));
    }

    public function test_rows_and_columns_whatever_lies_between(): void
    {
        foreach ([
            "a,b\n1.5,2\n3,4\n",
            "a;b\r\n1,5;2\r\n\r\n3;4",
            "a\tb\r1,5\t2\r# said by the way\r3\t4\r",
            "  a b\n1.5   2\n3 4",
            "\u{FEFF}\"a\",\"b\"\n\"1.5\",2\n3,4",
            "\xFF\xFE".mb_convert_encoding("a,b\n1.5,2\n3,4", 'UTF-16LE'),
        ] as $i => $text) {
            $table = Table::read('file', $text);
            self::assertSame(['a', 'b'], $table->heading, "{$i}");
            self::assertSame(
                [[1.5, 2.0], [3.0, 4.0]],
                array_map(static fn (array $row): array => array_map(Table::number(...), $row['cells']), $table->rows),
                "{$i}",
            );
        }
        self::assertNull(Table::read('file', "1,2\n")->heading);
        self::assertSame(3, Table::read('file', "a,b\n\n1,2\n")->rows[0]['line'], 'lines are counted as an editor counts them');
        self::assertSame([null, null, -2.0, 1.5, null], array_map(Table::number(...), ['', 'x', "\u{2212}2", ' 1,5 ', '1e999']));
        $this->expectException(InvalidValue::class);
        Table::read('file', "a\0b");
    }
}
