<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Admek\Core\Books\Book;
use Admek\Core\Fish\Species;
use Admek\Core\Water\Pace;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Mark;
use Admek\Core\Water\Signs\Marks;
use Admek\Core\Water\Signs\Season;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Surface;
use Admek\Core\Water\Signs\TemperatureProfile;
use Admek\Core\Water\Signs\WaterSigns;
use Admek\Core\Water\TargetBands;
use PHPUnit\Framework\TestCase;
use Tests\Core\Water\Support\ReadDays;

/** Days on shallow ground and in moving water, each with what a captain of experience would make of it written out. */
final class MoreDaysTest extends TestCase
{
    use ReadDays;

    /** A flat of twenty-two feet at first light, walleye spread over it: bouncers at a crawl, what floats up on clip weights. */
    public function test_walleye_scattered_on_a_flat(): void
    {
        $marks = [
            new Mark(21.4 * self::FOOT, 2), new Mark(21.6 * self::FOOT), new Mark(14 * self::FOOT), new Mark(17 * self::FOOT),
        ];
        [$bands, $advice] = $this->read(new WaterSigns(
            Season::Summer, $this->profile([0 => 71, 10 => 71, 22 => 69]), new Marks($marks), 22 * self::FOOT,
            Clarity::Tinted, Sky::Clear, Surface::Ripple,
        ), [Species::Walleye]);
        self::assertStringStartsWith('walleye 14–22: 3 fish marked within 1 ft of bottom', $bands[0]);
        self::assertSame('0.2 to 0.8 mph, start at 0.5', $advice['speed']);
        self::assertStringStartsWith('Walleye: bouncers, clip weights', $advice['presentation_walleye']);
        self::assertSame(['Cover ground', '4 ft of fluorocarbon'], [$advice['bunch'], $advice['leader']]);
        self::assertSame('Middling: boards out, some lines close', $advice['distance']);
    }

    /** The same fish over the basin: between twenty and thirty feet of sixty, they look up. Faster, and never on the ground. */
    public function test_walleye_suspended_over_a_basin(): void
    {
        $marks = [new Mark(24 * self::FOOT, 3), new Mark(30 * self::FOOT, 2), new Mark(27 * self::FOOT, 2)];
        [$bands, $advice] = $this->read(new WaterSigns(
            Season::Summer, $this->profile([0 => 72, 20 => 71, 30 => 66, 40 => 58, 60 => 54]), new Marks($marks),
            60 * self::FOOT, Clarity::Tinted, Sky::Broken, Surface::Ripple,
        ), [Species::Walleye]);
        self::assertSame('walleye 20–28: 7 fish marked from 24 to 30 ft: run 2 to 4 ft above them, they look up.', $bands[0]);
        self::assertSame('1 to 2.4 mph, start at 2', $advice['speed']);
        self::assertStringStartsWith('Walleye: clip weights', $advice['presentation_walleye']);
        self::assertStringNotContainsString('bouncers', $advice['presentation_walleye']);
        self::assertSame('One test line near bottom, 52 ft', $advice['test']);
    }

    /**
     * An edge from eighteen to twenty-seven feet, the water cooling: muskie run mid column and above, on long leads and in the
     * wash.
     */
    public function test_muskie_on_an_edge_in_early_autumn(): void
    {
        [$bands, $advice] = $this->read(new WaterSigns(
            Season::Autumn, $this->profile([0 => 62, 20 => 61, 27 => 60]), new Marks([]), 27 * self::FOOT,
            Clarity::Clear, Sky::Overcast, Surface::Ripple,
        ), [Species::Muskie]);
        self::assertStringStartsWith('muskie 0–18: ', $bands[0]);
        self::assertStringContainsString('in the middle and upper water', $bands[0]);
        self::assertSame('3 to 4.5 mph, start at 3.8', $advice['speed']);
        foreach (['flat lines and boards', 'wash lines'] as $fished) {
            self::assertStringContainsString($fished, $advice['presentation_muskie']);
        }
        self::assertStringNotContainsString('bouncers', $advice['presentation_muskie']);
        self::assertSame('Muskie on both: half short in the wash, half long', $advice['muskie_leads']);
    }

    /** Twenty-five feet of stained water at forty-four degrees: flat lines with the tip down, small, short, loud. */
    public function test_lake_trout_inshore_in_cold_spring(): void
    {
        [$bands, $advice] = $this->read(new WaterSigns(
            Season::Spring, $this->profile([0 => 44, 12 => 43, 25 => 42]), new Marks([]), 25 * self::FOOT,
            Clarity::Stained, Sky::Overcast, Surface::Ripple,
        ), [Species::LakeTrout]);
        self::assertStringStartsWith('lake trout 0–25: ', $bands[0]);
        self::assertStringStartsWith('Lake trout: flat lines and boards', $advice['presentation_lake_trout']);
        self::assertSame('Flat lines with the tip at the water, small lures, short leads', $advice['shallows']);
        self::assertSame(
            ['2.5 ft of fluorocarbon', 'Loud: glow, gold, copper, hot colours', '1.6 to 2.8 mph, start at 1.9'],
            [$advice['leader'], $advice['finish'], $advice['speed']],
        );
    }

    /** Salmon glued to the bed of a river in cold flow: bait alone on a dropper, held where they lie, the boat hardly moving. */
    public function test_salmon_on_a_river_bed(): void
    {
        $river = static fn (float $celsius): WaterSigns => new WaterSigns(
            Season::Spring, TemperatureProfile::of(array_map(
                static fn (float $depth): array => ['depth' => $depth, 'celsius' => $celsius], [0.0, 4.2],
            )),
            new Marks([new Mark(13.4 * self::FOOT, 3)]), 14 * self::FOOT, Clarity::Stained, Sky::Overcast, Surface::Ripple,
            1.1, 0.9,
        );
        [$bands, $advice, $why] = $this->read($river(6.7), [Species::King]);
        self::assertStringStartsWith('king 6–14: 3 fish marked within 1 ft of bottom', $bands[0]);
        self::assertStringStartsWith('King: droppers', $advice['presentation_king']);
        self::assertSame('Bait alone, on a dropper', $advice['hardware']);
        self::assertStringContainsString('Held against the flow', $why['speed']);
        self::assertArrayNotHasKey('shallows', $advice);
        [, $advice] = $this->read($river(12.0), [Species::King]);
        self::assertSame('Bait behind a spinner, or a flasher on a short bumper', $advice['hardware'], 'warmer, they follow');

        $signs = $river(6.7);
        $at = (new TargetBands($signs, Book::Habits->of(), Book::Reading->of()))->for([Species::King]);
        $pace = Pace::of([Species::King], $at, $signs, Book::Habits->of(), Book::Reading->of());
        self::assertEqualsWithDelta(1.1, $pace?->at, 1e-9, 'as fast through the water as it runs');
    }
}
