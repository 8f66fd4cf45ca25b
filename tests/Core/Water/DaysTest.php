<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Admek\Core\Fish\Species;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Mark;
use Admek\Core\Water\Signs\Marks;
use Admek\Core\Water\Signs\Season;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Surface;
use Admek\Core\Water\Signs\WaterSigns;
use PHPUnit\Framework\TestCase;
use Tests\Core\Water\Support\ReadDays;

/** Made-up but realistic days, each with what a captain of experience would make of it written out. */
final class DaysTest extends TestCase
{
    use ReadDays;

    /**
     * Forty degrees from top to bottom after ice-out. Nothing swims where it likes; brown trout and lake trout come into
     * the shallows, which warm first. Slow, and close in.
     */
    public function test_a_cold_isothermal_spring(): void
    {
        [$bands, $advice] = $this->read(
            new WaterSigns(
                Season::Spring,
                $this->profile([0 => 40, 20 => 39.5, 60 => 39, 100 => 39]),
                new Marks([]),
                100 * self::FOOT,
                Clarity::Tinted,
                Sky::Overcast,
                Surface::Ripple,
            ),
            [Species::BrownTrout, Species::LakeTrout],
        );

        self::assertSame([
            'brown trout 0–25: The whole column is colder than brown trout feed in (44 °F): the warmest of it, 40 °F from 0 to '
                .'25 ft; go by structure and marks.',
            'lake trout 0–30: No water they like; what lake trout will feed in, 38 to 55 °F, lies from 0 to 30 ft, inshore '
                .'while the shallows are warmest.',
        ], $bands);
        self::assertSame('No thermocline', $advice['thermocline']);
        self::assertSame('2 to 2.8 mph, start at 2.2', $advice['speed'], 'slow for cold fish');
        self::assertStringStartsWith('Brown trout: flat lines and boards', $advice['presentation_brown_trout']);
        self::assertSame('4 ft of fluorocarbon', $advice['leader']);
    }

    /**
     * High summer: warm above, a thermocline from fifty feet. Kings are marked at its top; lake trout lie on the cold
     * ground underneath. Clear and calm: far from the boat, long leaders, natural finishes. Deep lake trout do not
     * survive being hauled up; and the surface is as warm as trout are released in.
     */
    public function test_a_summer_thermocline_at_fifty_five_feet(): void
    {
        $signs = new WaterSigns(
            Season::Summer, $this->profile([0 => 67, 30 => 66, 50 => 63, 55 => 58, 60 => 53, 66 => 49, 80 => 46, 120 => 44]),
            new Marks([new Mark(58 * self::FOOT, 6), new Mark(62 * self::FOOT, 4), new Mark(20 * self::FOOT)]), 120 * self::FOOT,
            Clarity::Clear, Sky::Clear, Surface::Calm,
        );
        [$bands, $advice, $why] = $this->read($signs, [Species::King, Species::LakeTrout]);

        self::assertSame([
            'king 53–61: 10 fish marked from 58 to 62 ft: run 2 to 4 ft above them, they look up.',
            'lake trout 100–120: Water lake trout like, 44 to 52 °F, lies from 100 to 120 ft, near the bottom they lie on in '
                .'summer.',
        ], $bands);
        self::assertSame('Thermocline 49 to 67 ft', $advice['thermocline']);
        self::assertSame('From 63 °F to 49 °F, at most 1 °F a foot.', $why['thermocline']);
        self::assertSame('2 to 2.8 mph, start at 2.6', $advice['speed'], 'lifted fish take it faster');
        self::assertStringStartsWith('King: riggers, divers', $advice['presentation_king']);
        self::assertSame('Cover ground', $advice['bunch']);
        self::assertSame('One test line near bottom, 112 ft', $advice['test']);
        self::assertSame(
            ['6.5 ft of fluorocarbon', 'Natural: silver, blue, black-based', 'Far from the boat, on boards'],
            [$advice['leader'], $advice['finish'], $advice['distance']],
        );
        self::assertSame('Release of king and lake trout', $advice['care_king'], 'one rule of warm water holds for both');
        self::assertStringContainsString('Lake trout from 120 ft brought up fast may not survive release', $why['care_king']);

        // The same day without marks: kings by temperature, and no test line to speak of.
        $unmarked = new WaterSigns(
            Season::Summer, $signs->profile, new Marks([]), 120 * self::FOOT, Clarity::Clear, Sky::Clear, Surface::Calm,
        );
        [$bands, $advice] = $this->read($unmarked, [Species::King]);
        self::assertSame(['king 59–71: Water king like, 48 to 54 °F, lies from 59 to 71 ft.'], $bands);
        self::assertArrayNotHasKey('test', $advice);
        self::assertSame('2 to 2.8 mph, start at 2.4', $advice['speed']);
    }

    /**
     * October: the wind has mixed the column to fifty degrees. Temperature no longer chooses a depth for kings; coho
     * keep to the upper half. A week ago there was a thermocline.
     */
    public function test_an_autumn_turnover(): void
    {
        $signs = new WaterSigns(
            Season::Autumn, $this->profile([0 => 52, 40 => 52, 80 => 51, 120 => 51]), new Marks([]), 120 * self::FOOT,
            Clarity::Tinted, Sky::Broken, Surface::Rough,
            earlier: $this->profile([0 => 58, 60 => 57, 70 => 50, 120 => 45]), earlierDays: 7,
        );
        [$bands, $advice, $why] = $this->read($signs, [Species::King, Species::Coho]);

        self::assertSame([
            'king 0–120: Water king like, 48 to 54 °F, lies from 0 to 120 ft. The column is all alike: temperature does not '
                .'choose, marks and structure do.',
            'coho 0–40: Water coho like, 52 to 58 °F, lies from 0 to 40 ft, in the upper water they keep to.',
        ], $bands);
        self::assertSame(['No thermocline', 'The thermocline is gone'], [$advice['thermocline'], $advice['change']]);
        self::assertSame('7 days ago there was one: the column has turned over, and fish are anywhere in it.', $why['change']);
        self::assertSame('2.3 to 2.8 mph, start at 2.6', $advice['speed'], 'what both take');
        self::assertSame('Close is good, the wash too', $advice['distance']);
    }

    /**
     * Two days of wind off the shore in July: the warm water is gone, forty-seven at the surface where it was sixty-eight.
     * Steelhead are in nothing they like; the edge where cold meets warm is the place, not a depth.
     */
    public function test_an_upwelling_after_an_offshore_wind(): void
    {
        $signs = new WaterSigns(
            Season::Summer, $this->profile([0 => 47, 10 => 46, 30 => 44, 60 => 43]), new Marks([]), 60 * self::FOOT,
            Clarity::Clear, Sky::Clear, Surface::Ripple,
            earlier: $this->profile([0 => 68, 30 => 64, 45 => 50, 60 => 46]), earlierDays: 2,
        );
        [$bands, $advice, $why] = $this->read($signs, [Species::Steelhead, Species::King]);

        self::assertSame('Cold water has come up', $advice['change']);
        self::assertSame(
            'The surface is 21 °F colder than 2 days ago: wind off the shore has blown the warm water out. Fish the edge where '
                .'it meets the warm, farther out, or what the cold has brought in.',
            $why['change'],
        );
        self::assertStringStartsWith(
            'steelhead 0–40: No water they like; what steelhead will feed in, 42 to 63 °F, lies from 0 to 40 ft', $bands[0],
        );
        self::assertSame(
            '2.8 to 3.6 mph, start at 3',
            $advice['speed'],
            'steelhead and king share no speed but one: the first has it, slow for the cold',
        );
        self::assertStringContainsString('The others want another speed: the first has it.', $why['speed']);
    }

    /**
     * A river in flood lays stained, warmer water over the lake. Walleye are bunched on bottom under it: bouncers, at a
     * crawl, short leaders, glow and gold. Brown trout hold in the plume itself.
     */
    public function test_a_stained_river_plume(): void
    {
        $signs = new WaterSigns(
            Season::Spring, $this->profile([0 => 58, 8 => 57, 12 => 50, 30 => 46, 60 => 44]),
            new Marks([new Mark(29.5 * self::FOOT, 5, true)]), 30 * self::FOOT,
            Clarity::Stained, Sky::Overcast, Surface::Ripple, 0.7, 0.1,
        );
        [$bands, $advice, $why] = $this->read($signs, [Species::Walleye, Species::BrownTrout]);

        self::assertSame([
            'walleye 22–30: 5 fish marked within 1 ft of bottom at 30 ft: close to it, simple and slow, little hardware.',
            'brown trout 0–11: Water brown trout like, 52 to 60 °F, lies from 0 to 11 ft, in the shallows they keep to in '
                .'spring.',
        ], $bands);
        self::assertSame('0.2 to 0.8 mph, start at 0.5', $advice['speed']);
        self::assertStringStartsWith('Walleye: bouncers, droppers', $advice['presentation_walleye']);
        self::assertSame('Stop on them', $advice['bunch']);
        self::assertSame(
            ['Release of walleye', 'Release of brown trout'], [$advice['care_walleye'], $advice['care_brown_trout']],
        );
        self::assertSame(
            ['2.5 ft of fluorocarbon', 'Loud: glow, gold, copper, hot colours'], [$advice['leader'], $advice['finish']],
        );
        self::assertSame('Gear feels up to 1.3 mph otherwise', $advice['current']);
        self::assertStringContainsString('1.6 mph at the surface, 0.2 mph at depth', $why['current']);
    }
}
