<?php

declare(strict_types=1);

namespace Tests\Core\Tackle;

use Admek\Core\Tackle\Catalogue\Craft;
use Admek\Core\Tackle\Catalogue\CraftPart;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;

final class CraftTest extends TestCase
{
    public function test_every_rig_is_told_part_by_part_in_so_few_words_that_they_are_read(): void
    {
        $parts = array_column(CraftPart::cases(), 'value');
        $cards = array_map(static fn (Presentation $one): array => Craft::of($one, Units::Us, 20), Presentation::cases());
        foreach ([...$cards, Craft::onBoard()] as $card) {
            self::assertSame($parts, array_keys($card));
            foreach ($card as $part => $words) {
                self::assertGreaterThan(10, strlen($words), $part);
                self::assertLessThanOrEqual(CraftPart::MOST, mb_strlen($words), $part);
                self::assertStringEndsWith('.', $words);
            }
        }
    }

    public function test_lengths_are_told_as_the_boat_thinks_them(): void
    {
        $told = static fn (Units $units): string => Craft::of(Presentation::Bouncer, $units, 20)['letting_out']
            .Craft::cutBait($units);
        self::assertStringContainsString('Snell 1.5 to 2 ft among', $told(Units::Us));
        self::assertStringContainsString('2 to 3 in,', $told(Units::Us));
        self::assertMatchesRegularExpression('/Snell 0\.\d+ to 0\.6 m among/', $told(Units::Metric));
        self::assertStringNotContainsString('{', $told(Units::Metric));
    }

    public function test_a_line_is_checked_as_often_as_the_boat_s_own_rule_says(): void
    {
        self::assertStringStartsWith('Every 35 minutes, staggered', Craft::of(Presentation::Rigger, Units::Us, 35)['checks']);
    }

    public function test_what_a_hand_can_be_hurt_by_is_said_at_its_step(): void
    {
        foreach ([
            [Presentation::Rigger, 'letting_out', 'hands clear'], [Presentation::Wire, 'letting_out', 'no wraps'],
            [Presentation::Dropper, 'goes_wrong', 'never round a hand'], [Presentation::Wash, 'letting_out', 'propeller'],
        ] as [$rig, $part, $caution]) {
            self::assertStringContainsString($caution, Craft::of($rig, Units::Us, 20)[$part]);
        }
    }
}
