<?php

declare(strict_types=1);

namespace Tests\Core\Instruments;

use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\PackedTrack;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\InvalidValue;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Chance;

/** Points of a track, packed. */
final class PackedTrackTest extends TestCase
{
    public function test_every_point_comes_back_within_half_a_part_whatever_it_holds(): void
    {
        $chance = new Chance(5);
        $points = [];
        $at = 1_795_000_000.0;
        for ($i = 0; $i < 3000; $i++) {
            $at += (1 + $chance->below(9000)) / 1000;
            $figures = [];
            foreach (Figure::cases() as $figure) {
                [$least, $most] = $figure->range();
                if ($chance->below(4) > 0) {
                    $figures[$figure->value] = match ($chance->below(20)) {
                        0 => $least, 1 => $most, default => $least + ($most - $least) * $chance->below(1_000_003) / 1_000_003,
                    };
                }
            }
            $points[] = new TrackPoint($at, $figures);
        }
        $packed = PackedTrack::pack($points);
        $back = PackedTrack::unpack($packed);

        self::assertCount(3000, $back);
        foreach ($points as $i => $point) {
            self::assertSame(round($point->at * 1000), round($back[$i]->at * 1000));
            self::assertEqualsCanonicalizing(array_keys($point->figures), array_keys($back[$i]->figures));
            foreach ($point->figures as $name => $figure) {
                self::assertEqualsWithDelta($figure, $back[$i]->figures[$name], 0.5000001 / Figure::from($name)->parts(), $name);
            }
        }
        self::assertSame($packed, PackedTrack::pack($back), 'nothing more is lost');
    }

    public function test_what_has_no_more_decimals_comes_back_the_same(): void
    {
        $points = [new TrackPoint(1_795_000_000.123, [
            'latitude' => 45.3100001, 'longitude' => -38.4162943, 'depth' => 30.02, 'course' => 359.99, 'turn' => -0.125,
        ])];
        self::assertEquals($points, PackedTrack::unpack(PackedTrack::pack($points)));
        self::assertSame([], PackedTrack::unpack(PackedTrack::pack([])));
    }

    public function test_an_hour_at_a_point_a_second_takes_a_tenth_of_its_room(): void
    {
        $chance = new Chance(6);
        $noise = static fn (float $of): float => $of * ($chance->below(2001) / 1000 - 1.0);
        $points = array_map(static fn (int $i): TrackPoint => new TrackPoint(1_795_000_000.0 + $i, [
            'latitude' => 45.3 + 1e-5 * $i + $noise(3e-6), 'longitude' => -38.4 + 3e-6 * $i + $noise(3e-6),
            'water_speed' => 1.1 + $noise(0.03), 'ground_speed' => 1.2 + $noise(0.05), 'course' => 20.0 + $noise(2.0),
            'heading' => 21.0 + $noise(2.0), 'turn' => $noise(0.2), 'depth' => 35.0 + $noise(0.1),
        ]), range(0, 3599));
        $rows = strlen(json_encode(array_column($points, 'figures'), JSON_THROW_ON_ERROR));

        self::assertLessThan(0.12 * $rows, strlen(PackedTrack::pack($points)));
    }

    /** @param  array<string, float>  $figures */
    #[TestWith([['depth' => 1501.0], 'points.1.depth'])]
    #[TestWith([['latitude' => NAN], 'points.1.latitude'])]
    #[TestWith([['turn' => -1e300], 'points.1.turn'])]
    #[TestWith([[], 'points.1.at', 1000.0])]
    #[TestWith([[], 'points.1.at', -INF])]
    public function test_what_no_boat_does_is_not_packed(array $figures, string $field, float $at = 1001.0): void
    {
        try {
            PackedTrack::pack([new TrackPoint(1000.0, []), new TrackPoint($at, $figures)]);
            self::fail();
        } catch (InvalidValue $invalid) {
            self::assertSame($field, $invalid->field);
        }
    }

    #[TestWith(['no such thing'])]
    #[TestWith([''])]
    #[TestWith(['{}', true])]
    #[TestWith(['[1,{"at":[1,2],"depth":[3]}]', true])]
    #[TestWith(['[1,{"at":[1,2],"depth":[3000,"4"]}]', true])]
    #[TestWith(['[1,{"at":[1,2],"depth":[3000,1e30]}]', true])]
    #[TestWith(['[1,{"at":[1,2],"depth":[3000,1500000]}]', true])]
    #[TestWith(['[1,{"at":[1,2],"depht":[3000,1]}]', true])]
    #[TestWith(['[1,{"at":[1,0]}]', true])]
    #[TestWith(['[1,{"at":[1,null]}]', true])]
    #[TestWith(['[1,{"at":[100000000000001]}]', true])]
    #[TestWith(['[2,{"at":[1,2]}]', true])]
    #[TestWith(['[1,{"at":{"a":1}}]', true])]
    public function test_what_is_no_track_is_refused(string $packed, bool $deflated = false): void
    {
        $this->expectException(InvalidValue::class);
        PackedTrack::unpack($deflated ? (string) gzdeflate($packed) : $packed);
    }

    public function test_a_small_file_does_not_fill_the_memory(): void
    {
        $this->expectException(InvalidValue::class);
        PackedTrack::unpack((string) gzdeflate('[1,{"at":['.str_repeat('1,', 10_000_000).'1]}]'));
    }
}
