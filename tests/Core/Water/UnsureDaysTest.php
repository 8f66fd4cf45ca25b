<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Admek\Core\Fish\Species;
use Admek\Core\Units\Units;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Mark;
use Admek\Core\Water\Signs\Marks;
use Admek\Core\Water\Signs\Season;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Surface;
use Admek\Core\Water\Signs\WaterSigns;
use PHPUnit\Framework\TestCase;
use Tests\Core\Water\Support\ReadDays;

/** Days on which schools differ, little is known, or marks belong to another. */
final class UnsureDaysTest extends TestCase
{
    use ReadDays;

    public function test_where_schools_differ_the_captain_s_is_followed_and_the_other_shown(): void
    {
        $signs = new WaterSigns(
            Season::Summer,
            $this->profile([0 => 74, 20 => 72, 40 => 60]),
            new Marks([]),
            40 * self::FOOT,
            Clarity::Stained,
            Sky::Clear,
            Surface::Ripple,
        );
        $default = $this->reading($signs, [Species::Muskie])['muskie_leads'];
        self::assertSame('Muskie on 10 to 20 ft, in the wash', $default->answer->in(Units::Us));
        self::assertSame(['short' => true, 'long' => false, 'mixed' => false], array_column($default->schools, 'chosen', 'key'));
        $own = $this->reading($signs, [Species::Muskie], ['muskie_leads' => 'long', 'leader' => 'nylon']);
        self::assertSame('Muskie on 60 to 100 ft', $own['muskie_leads']->answer->in(Units::Us));
        self::assertSame('2.5 ft of nylon', $own['leader']->answer->in(Units::Us));
        self::assertStringContainsString(
            'Stained, warm or weedy', $own['muskie_leads']->why->in(Units::Us), 'what speaks for the other school is still said',
        );
        $hot = new WaterSigns(Season::Summer, $this->profile([0 => 80, 20 => 79, 40 => 60]), new Marks([]), 40 * self::FOOT);
        self::assertSame(
            'Do not fish for muskie to release: surface water of 80 °F is over 78 °F.',
            $this->reading($hot, [Species::Muskie])['care_muskie']->why->in(Units::Us),
        );
    }

    public function test_what_is_not_known_is_not_made_up(): void
    {
        [$bands, $advice, $why] = $this->read(new WaterSigns(Season::Summer), [Species::King]);
        self::assertSame([], $bands, 'neither temperature, marks nor bottom');
        self::assertSame(['speed', 'care_king'], array_keys($advice));
        self::assertStringContainsString('not known', $why['care_king']);
        [$bands] = $this->read(new WaterSigns(Season::Summer, bottom: 60 * self::FOOT), [Species::LakeTrout]);
        self::assertSame(
            [
                'lake trout 40–60: No temperatures and no marks: where lake trout live at this season, 40 to 60 ft, and no '
                    .'more is known.',
            ],
            $bands,
        );
        [$bands] = $this->read(
            new WaterSigns(Season::Summer, $this->profile([0 => 66, 30 => 60]), new Marks([]), 100 * self::FOOT),
            [Species::LakeTrout],
        );
        self::assertStringContainsString(
            'The whole column is warmer than lake trout feed in (55 °F): the coldest of it, 60 °F',
            $bands[0],
            'nothing is read into water nobody measured',
        );
        self::assertNull($this->reading(new WaterSigns(Season::Summer, currentSurface: 0.3), [])['speed'] ?? null);
    }

    public function test_a_column_they_could_feed_in_is_not_called_too_warm_where_they_do_not_live(): void
    {
        [$bands] = $this->read(new WaterSigns(
            Season::Summer, $this->profile([0 => 50, 20 => 50, 21 => 60, 60 => 60]), new Marks([]), 60 * self::FOOT,
        ), [Species::LakeTrout]);
        self::assertStringNotContainsString('whole column', $bands[0]);
        self::assertStringContainsString('outside where they live at this season', $bands[0]);
    }

    public function test_a_surface_that_was_told_is_known_without_a_column(): void
    {
        $signs = new WaterSigns(Season::Summer, bottom: 60 * self::FOOT, surfaceTemperature: (58 - 32) / 1.8);
        self::assertSame('Surface 58 °F', $this->reading($signs, [Species::King])['thermocline']->answer->in(Units::Us));
        self::assertEqualsWithDelta((58 - 32) / 1.8, $signs->warmth(), 1e-9);
    }

    public function test_marks_in_water_a_species_cannot_feed_in_are_another_s(): void
    {
        $signs = new WaterSigns(
            Season::Summer,
            $this->profile([0 => 72, 40 => 70, 50 => 52, 100 => 44]),
            new Marks([new Mark(20 * self::FOOT, 30)]),
            100 * self::FOOT,
        );
        [$bands] = $this->read($signs, [Species::King]);

        self::assertStringContainsString('Water king like', $bands[0], 'marks at 71 °F are no kings');

        $both = new WaterSigns(
            Season::Autumn,
            $signs->profile,
            new Marks(
                [
                    new Mark(20 * self::FOOT, 9),
                    new Mark(55 * self::FOOT, 4),
                    new Mark(60 * self::FOOT, 4),
                    new Mark(99.5 * self::FOOT, 3),
                ],
            ),
            100 * self::FOOT,
        );
        [$bands] = $this->read($both, [Species::King, Species::LakeTrout]);
        self::assertStringStartsWith('king 50–58: 8 fish marked from 55 to 60 ft', $bands[0]);
        self::assertStringStartsWith(
            'lake trout 92–100: 3 fish marked within 1 ft of bottom',
            $bands[1],
            'fish on the ground leave lake trout to it, even with more above',
        );
        self::assertSame(
            '2 to 2.8 mph, start at 2.6',
            $this->reading($both, [Species::King, Species::LakeTrout])['speed']->answer->in(Units::Us),
            'the first species sets the pace',
        );
        self::assertSame(
            '2 to 2.8 mph, start at 2',
            $this->reading($both, [Species::LakeTrout, Species::King])['speed']->answer->in(Units::Us),
            'on bottom it is slow',
        );
    }
}
