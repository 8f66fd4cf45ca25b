<?php

declare(strict_types=1);

namespace Tests\Core\Files;

use Admek\Core\Files\GearTable;
use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\GearField;
use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GearTableTest extends TestCase
{
    /** As a spreadsheet of a country with decimal commas saves it: a byte order mark, semicolons, a note of two lines. */
    public function test_a_spreadsheet_s_own_table_is_read(): void
    {
        $table = GearTable::read(GearForm::Lures, "\u{FEFF}Name;Family;Finish;Length, cm;Weight (g);rated: runs at, m;"
            ."on so much line out, m;of line so thick, mm;at, km/h;Note;Colour code\r\n"
            ."Grey Wren;deep plug;\"grey; black\";9,5;14,2;4,5;30;0,35;3,2;\"bought at the fair\ntwo hooks changed\";7\r\n"
            ."'=Wren;medium spoon;silver;;;;;;;;\r\n", Units::Us);

        self::assertSame([], $table->bad);
        self::assertSame(['Colour code'], $table->ignored);
        [$wren, $other] = $table->rows;
        self::assertSame([2, 4], [$wren['line'], $other['line']]);
        self::assertSame(['Grey Wren', 'deep_plug', 'grey; black'], [
            $wren['figures']['name'], $wren['figures']['kind'], $wren['figures']['finish'],
        ]);
        self::assertSame("bought at the fair\ntwo hooks changed", $wren['figures']['note']);
        self::assertEqualsWithDelta([0.095, 0.0142, 4.5, 30.0, 0.35e-3, 3.2 / 3.6], array_map(
            static fn (string $key): mixed => $wren['figures'][$key],
            ['size', 'mass', 'rated_depth', 'rated_lead', 'rated_line_diameter', 'rated_speed'],
        ), 1e-12);
        self::assertSame('=Wren', $other['figures']['name']);
        self::assertNull($other['figures']['rated_depth']);
    }

    public function test_rows_that_cannot_be_read_are_named_by_line_and_reason(): void
    {
        $table = GearTable::read(
            GearForm::Balls, "name,weight\nTen,10\nTwelve,twelve\n\"Half\",0.5\nFifteen,15,\n", Units::Us,
        );
        self::assertSame(
            ['Ten', 'Half', 'Fifteen'], array_map(static fn (array $row): mixed => $row['figures']['name'], $table->rows),
        );
        self::assertSame([3], array_column($table->bad, 'line'));
        self::assertSame('mass must be a number, not “twelve”', $table->bad[0]['reason']);
        self::assertEqualsWithDelta(10 * Units::POUND, $table->rows[0]['figures']['mass'], 1e-12);

        $divers = GearTable::read(
            GearForm::Divers, "name,plate,ring round the rim\nA,large,perhaps\nB,huge,yes\nC,small,x\n", Units::Us,
        );
        self::assertSame(
            ['ringed must be yes or no, not “perhaps”', 'size must be one of small, medium, large, not “huge”'],
            array_column($divers->bad, 'reason'),
        );
        self::assertTrue($divers->rows[0]['figures']['ringed']);
    }

    public function test_a_quote_nobody_closed_takes_no_other_row_with_it(): void
    {
        $table = GearTable::read(GearForm::Balls, "name,weight\nTen 4\" wide,10\nTwelve,12\n", Units::Us);
        self::assertCount(2, $table->rows);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unusable(): iterable
    {
        yield 'nothing' => ['', 'a heading'];
        yield 'no heading' => ["1,2\n3,4\n", 'a heading'];
        yield 'no name' => ["weight\n10\n", 'headed name'];
        yield 'no column of names' => ["weight,note\n10,a\n", 'headed name'];
        yield 'a unit of something else' => ["name,\"weight, ft\"\nTen,10\n", 'weight is not in ft'];
    }

    #[DataProvider('unusable')]
    public function test_what_cannot_be_used_at_all_says_why(string $text, string $why): void
    {
        $this->expectException(InvalidValue::class);
        $this->expectExceptionMessage($why);
        GearTable::read(GearForm::Balls, $text, Units::Us);
    }

    public function test_what_is_written_is_read_back_the_same_in_either_units(): void
    {
        foreach (GearForm::cases() as $form) {
            $pieces = array_map(static fn (int $piece): array => self::piece($form, $piece), range(1, 12));
            foreach (Units::cases() as $units) {
                $table = GearTable::read($form, GearTable::written($form, $pieces, $units), $units);
                self::assertSame([], [...$table->bad, ...$table->ignored], $form->value);
                foreach ($table->rows as $i => ['figures' => $figures]) {
                    ksort($figures);
                    $wanted = $pieces[$i];
                    ksort($wanted);
                    self::assertEqualsWithDelta($wanted, $figures, 1e-6, "{$form->value} {$units->value}");
                }
            }
        }
    }

    /** @return array<string, mixed> */
    private static function piece(GearForm $form, int $piece): array
    {
        mt_srand($piece);
        $names = [
            'Plain', 'With, comma', 'Say "so"', "Two\nlines", '=1+1', '＝1+1', "'＠both",
            '-minus', "'-kept", "''=both", "'plain", 'Ümläut; semi',
        ];
        $figures = ['name' => $names[$piece % count($names)]." {$piece}"];
        foreach ($form->fields() as $field) {
            $figures[$field->key] = $field->optional && mt_rand(0, 2) === 0 ? null : self::value($field);
        }

        return $figures;
    }

    private static function value(GearField $field): string|float|bool
    {
        return match (true) {
            is_bool($field->start) => mt_rand(0, 1) === 1,
            $field->options !== null => (string) array_rand($field->options),
            $field->quantity === Quantity::Count => (float) mt_rand(2, 20),
            $field->quantity !== null => mt_rand(1, 900) / 100,
            default => ['a note', 'half; half', '@home', 'x'][mt_rand(0, 3)],
        };
    }
}
