<?php

declare(strict_types=1);

namespace Tests\Core\Towing;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\Internal\Stream;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Current;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Salinity;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\Turn;
use PHPUnit\Framework\TestCase;

final class WaterTest extends TestCase
{
    public function test_water_has_the_tabled_density(): void
    {
        // CRC Handbook, air-free water at one atmosphere.
        foreach ([0 => 999.840, 4 => 999.972, 10 => 999.700, 20 => 998.203, 30 => 995.646] as $celsius => $density) {
            self::assertEqualsWithDelta($density, Salinity::Fresh->density((float) $celsius), 0.01);
        }
        // Check values of the equation of state, UNESCO 1981.
        self::assertEqualsWithDelta(999.96675, Salinity::Fresh->density(5.0), 1e-5);
        self::assertEqualsWithDelta(1027.67547, Salinity::Salt->density(5.0, 35.0), 1e-5);
        self::assertEqualsWithDelta(1023.34306, Salinity::Salt->density(25.0, 35.0), 1e-5);
        self::assertEqualsWithDelta(1025.0, Salinity::Salt->density(), 1.0, 'as is usual');
        $this->expectExceptionMessage('salinity');
        Salinity::Salt->density(10.0, 5.0);
    }

    public function test_what_displaces_more_water_is_borne_by_heavier_water(): void
    {
        $line = new TowLine(
            'a',
            [0.0, 0.0, -1.0],
            [
                new Body('ball', 48.0, 0.004, displacement: 4.8e-4),
                new Branch([new Body('lure', 0.1, 9e-4), new Line(5.0, 0.0004, 2e-4, displacement: 1.2e-7)]),
                new Line(30.0, 0.0008, 0.02),
            ],
        );
        $salt = $line->floating(999.8, 1025.0);
        $lift = 25.2 * 9.80665;

        self::assertSame($line, $line->floating(999.8, 999.8));
        self::assertInstanceOf(Body::class, $salt->chain[0]);
        self::assertEqualsWithDelta(48.0 - $lift * 4.8e-4, $salt->chain[0]->weight, 1e-9);
        self::assertInstanceOf(Branch::class, $salt->chain[1]);
        self::assertEquals(new Body('lure', 0.1, 9e-4), $salt->chain[1]->elements[0], 'told in water, whichever it is');
        self::assertInstanceOf(Line::class, $salt->chain[1]->elements[1]);
        self::assertEqualsWithDelta(2e-4 - $lift * 1.2e-7, $salt->chain[1]->elements[1]->weight, 1e-12);
        self::assertSame($line->chain[2], $salt->chain[2]);
    }

    public function test_flow_is_linear_between_depths_and_constant_beyond(): void
    {
        $flow = Flow::ofLayers(
            [['depth' => 5.0, 'aft' => 1.0, 'starboard' => 0.0], ['depth' => 15.0, 'aft' => 2.0, 'starboard' => -0.4]],
        );

        self::assertSame([1.0, 0.0], $flow->at(0.0));
        self::assertEqualsWithDelta([1.25, -0.1], $flow->at(7.5), 1e-12);
        self::assertSame([2.0, -0.4], $flow->at(99.0));
        self::assertFalse($flow->isUniform());
        self::assertEqualsWithDelta([2.3, -0.4], $flow->faster(0.3)->at(15.0), 1e-12);
    }

    public function test_a_shear_adds_nothing_at_the_surface_and_all_at_its_depth(): void
    {
        $flow = Flow::uniform(1.0)->sheared(0.2, 20.0);

        self::assertEqualsWithDelta(
            [1.0, 1.1, 1.2, 1.2], [$flow->at(0.0)[0], $flow->at(10.0)[0], $flow->at(20.0)[0], $flow->at(50.0)[0]], 1e-12,
        );
    }

    public function test_only_what_the_current_differs_from_the_surface_reaches_the_gear(): void
    {
        $layer = static fn (float $depth, float $set, float $drift): array => [
            'depth' => $depth, 'set' => $set, 'drift' => $drift,
        ];
        $even = Current::of(30.0, [$layer(0.0, 200.0, 0.4), $layer(20.0, 200.0, 0.4)])->flow(1.0);
        $ahead = Current::of(90.0, [$layer(0.0, 90.0, 0.0), $layer(20.0, 90.0, 0.3)])->flow(1.0);
        $against = Current::of(90.0, [$layer(0.0, 90.0, 0.0), $layer(20.0, 270.0, 0.3)])->flow(1.0);
        $abeam = Current::of(0.0, [$layer(0.0, 0.0, 0.0), $layer(20.0, 90.0, 0.3)])->flow(1.0);

        self::assertEqualsWithDelta([1.0, 0.0], $even->at(20.0), 1e-12, 'water that moves as a whole moves the boat too');
        self::assertEqualsWithDelta([0.7, 0.0], $ahead->at(20.0), 1e-12, 'setting with the boat, the gear feels less');
        self::assertEqualsWithDelta([1.3, 0.0], $against->at(20.0), 1e-12);
        self::assertEqualsWithDelta([1.0, 0.3], $abeam->at(20.0), 1e-12, 'setting east under a boat heading north, to starboard');
        self::assertEqualsWithDelta([1.0, 0.15], $abeam->at(10.0), 1e-12);
        $this->expectExceptionMessage('begins at the surface');
        Current::of(0.0, [$layer(5.0, 0.0, 0.1)]);
    }

    public function test_in_a_turn_the_water_streams_round_its_centre(): void
    {
        $stream = new Stream(new Water(999.8, Flow::uniform(1.2)));
        $stream->swirl = (new Turn(60.0, Side::Port))->swirl(1.2);

        self::assertEqualsWithDelta([0.0, -60.0], $stream->centre(), 1e-12);
        self::assertEqualsWithDelta([1.2, 0.0], $stream->at(0.0, 0.0, 5.0), 1e-12, 'at the transom as on a straight course');
        self::assertEqualsWithDelta([0.0, 0.0], $stream->at(0.0, -60.0, 5.0), 1e-12, 'it stands in the centre');
        self::assertEqualsWithDelta([1.8, 0.0], $stream->at(0.0, 30.0, 5.0), 1e-12, 'half a radius outside, half as fast again');
        self::assertEqualsWithDelta([0.0, -1.2], $stream->at(60.0, -60.0, 5.0), 1e-12, 'a quarter round, to port');
    }
}
