<?php

declare(strict_types=1);

namespace Tests\Core\Boat;

use Admek\Core\Boat\Hull;
use Admek\Core\Boat\Rail;
use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Towing\Side;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;

final class RailTest extends TestCase
{
    public function test_holders_stand_port_bow_round_the_stern_whatever_order_they_come_in(): void
    {
        $holders = [
            self::at('P1', -4.0, -2.0), self::at('P2', -1.0, -2.5), self::at('P3', 0.4, -1.7), self::at('C1', 0.3, -0.9),
            self::at('C2', 0.3, 0.9), self::at('S3', 0.4, 1.7), self::at('S2', -1.0, 2.5), self::at('S1', -4.0, 2.0),
        ];
        for ($seed = 1; $seed <= 20; $seed++) {
            mt_srand($seed);
            $mixed = $holders;
            shuffle($mixed);
            self::assertSame(['P1', 'P2', 'P3', 'C1', 'C2', 'S3', 'S2', 'S1'], self::codes(Rail::of($mixed)));
        }
    }

    public function test_a_side_mirrored_is_the_other_s_image_and_twice_is_as_it_was(): void
    {
        $rail = Rail::of([
            self::at('P1', -4.0, -2.0), self::at('P4', 0.4, -1.7, HolderKind::Boom), self::at('C1', 0.3, 0.0),
            self::at('S9', -3.0, 2.2),
        ]);
        $mirrored = $rail->mirrored(Side::Port);
        self::assertSame(['P1', 'P4', 'C1', 'S4', 'S1'], self::codes($mirrored));
        [$one, , , $boom, $other] = $mirrored->holders;
        self::assertSame([$one->aft, -$one->starboard, $one->height], [$other->aft, $other->starboard, $other->height]);
        self::assertSame([HolderKind::Boom, Side::Starboard], [$boom->kind, $boom->side]);
        self::assertEquals($mirrored->holders, $mirrored->mirrored(Side::Starboard)->holders);
    }

    public function test_a_mirrored_rigger_keeps_the_counter_that_stood_there(): void
    {
        $boom = static fn (string $code, Side $side, float $shows): DescribedHolder => new DescribedHolder(
            $code, $side, HolderKind::Boom, 0.4, $side === Side::Port ? -1.7 : 1.7, 1.0, true, $shows,
        );
        $mirrored = Rail::of([$boom('P3', Side::Port, 1.05), $boom('P4', Side::Port, 1.06), $boom('S3', Side::Starboard, 0.97)])
            ->mirrored(Side::Port);
        $counters = [];
        foreach ($mirrored->holders as $holder) {
            $counters[$holder->code] = [$holder->counterCalibrated, $holder->counterFactor];
        }
        ksort($counters);
        self::assertSame(
            ['P3' => [true, 1.05], 'P4' => [true, 1.06], 'S3' => [true, 0.97], 'S4' => [false, 1.0]], $counters,
        );
    }

    public function test_a_mirrored_code_that_is_taken_or_says_no_side_is_a_free_one(): void
    {
        $rail = Rail::of([
            self::at('P1', -4.0, -2.0), self::at('R2', -2.0, -2.0), self::at('7', -1.0, -2.0), self::at('S1', 0.2, 0.0),
        ]);
        self::assertSame(['P1', 'R2', '7', 'S1', 'X2', 'L2', 'X1'], self::codes($rail->mirrored(Side::Port)));
    }

    public function test_a_code_twice_or_none_is_refused_by_its_place(): void
    {
        foreach (['p1' => 'holders.1.code', '' => 'holders.1.code'] as $code => $field) {
            try {
                Rail::of([self::at('P1', -4.0, -2.0), self::at((string) $code, -3.0, -2.0)]);
                self::fail('taken');
            } catch (InvalidValue $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }

    public function test_what_stands_where_no_rod_can_is_remarked_on(): void
    {
        $hull = new Hull(9.0, 3.2);
        $said = static fn (Rail $rail): array => array_map(
            static fn (Sentence $remark): string => $remark->in(Units::Us), $rail->remarks($hull),
        );
        self::assertSame([], $said(Rail::of([self::at('P1', -4.0, -2.9), self::at('P5', 1.5, -1.7), self::at('C1', 2.0, 0.0)])));
        self::assertSame(
            ['P1 stands far off the boat.', 'P2 is of the port side and stands on the other.'],
            $said(Rail::of([self::at('P1', -30.0, -2.9), self::at('P2', -1.0, 2.4, side: Side::Port)])),
        );
    }

    /** @return list<string> */
    private static function codes(Rail $rail): array
    {
        return array_map(static fn (DescribedHolder $holder): string => $holder->code, $rail->holders);
    }

    private static function at(
        string $code, float $aft, float $starboard, HolderKind $kind = HolderKind::Rod, ?Side $side = null,
    ): DescribedHolder {
        $stands = match (true) {
            abs($starboard) < 1.0 => null,
            $starboard < 0.0 => Side::Port,
            default => Side::Starboard,
        };

        return new DescribedHolder($code, $side ?? $stands, $kind, $aft, $starboard, 2.0);
    }
}
