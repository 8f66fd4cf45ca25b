<?php

declare(strict_types=1);

namespace Tests\Core\Patterns;

use Admek\Core\Fish\Species;
use Admek\Core\Patterns\Exposure;
use Admek\Core\Patterns\Patterns;
use Admek\Core\Patterns\Start;
use Admek\Core\Patterns\Tomorrow;
use Admek\Core\Spread\Drafting\DraftBand;
use Admek\Core\Units\Units;
use Admek\Core\Water\Signs\Light;
use Admek\Core\Water\Signs\Sky;
use PHPUnit\Framework\TestCase;

/** What the record says to start with. */
final class TomorrowTest extends TestCase
{
    public function test_depths_and_lures_that_bring_more_than_usual_and_the_one_to_keep_testing(): void
    {
        $season = [];
        foreach (['A' => 20, 'B' => 12, 'C' => 9, 'D' => 8, 'E' => 1] as $lure => $bites) {
            $season[] = new Exposure(40.0, $bites, ['lure' => $lure, 'depth' => '6']);
            $season[] = new Exposure(40.0, intdiv($bites, 3), ['lure' => $lure, 'depth' => '2']);
        }
        $season[] = new Exposure(2.0, 1, ['lure' => 'new', 'depth' => '6']);
        $season[] = new Exposure(40.0, 30, ['lure' => 'gone', 'depth' => '6']);
        $told = Tomorrow::of(Patterns::of($season), ['A', 'B', 'C', 'D', 'E', 'new']);
        self::assertSame(['6'], self::levels($told->depths), 'the other brings less');
        self::assertSame(['A', 'B'], array_slice(self::levels($told->lures), 0, 2), 'what is retired is not begun with');
        self::assertSame('new', $told->test?->rate->level, 'nothing known of it may be as good');
        self::assertMatchesRegularExpression(
            '/^0\.\d\d an hour of one line \(0\.\d\d–0\.\d\d\), 26 bites in 80 line-hours; all else alike ×\d\.\d\.$/',
            $told->lures[0]->reason()->in(Units::Us),
        );
        self::assertStringStartsWith('Little is known of it, 1 bite in 2 line-hours', $told->test->reason()->in(Units::Us));
        self::assertStringContainsString('4 bites in', (new Start(
            $told->lures[0]->factor, Patterns::of([new Exposure(3.0, 4, ['lure' => 'x'])])->factors['lure'][0], 3.0,
        ))->reason()->in(Units::Us));
    }

    public function test_with_nothing_in_it_nothing_stands_out(): void
    {
        $none = Tomorrow::of(Patterns::of([]), ['A']);
        self::assertSame([[], [], null], [$none->depths, $none->lures, $none->test]);
        $early = Tomorrow::of(Patterns::of([new Exposure(3.0, 2, ['lure' => 'A', 'depth' => '3'])]), ['A']);
        self::assertSame([[], []], [$early->depths, $early->lures], 'two bites are too early');
        self::assertSame('A', $early->test?->rate->level);
    }

    public function test_a_draft_leans_to_depths_that_lie_within_what_the_water_asks_for(): void
    {
        $bands = [new DraftBand(Species::King, 12.0, 22.0, 2.0)];
        $leaning = DraftBand::leaning($bands, [[18.0, 25.0], [40.0, 43.0]]);
        self::assertCount(2, $leaning, 'fish of other days do not pull lines out of today’s water');
        self::assertEqualsWithDelta([18.0, 22.0, 1.0], [$leaning[1]->top, $leaning[1]->bottom, $leaning[1]->weight], 1e-9);
        self::assertSame($bands, DraftBand::leaning($bands, []));
    }

    public function test_light_is_told_by_the_sun_and_the_cloud(): void
    {
        self::assertSame(
            [Light::Dark, Light::Low, Light::Low, Light::High, Light::Clouded, Light::Dark],
            [
                Light::of(-7.0, null, 35.0), Light::of(-5.0, null, 35.0), Light::of(34.9, Sky::Clear, 35.0),
                Light::of(35.0, null, 35.0), Light::of(50.0, Sky::Overcast, 35.0), Light::of(-9.0, Sky::Overcast, 35.0),
            ],
        );
    }

    /**
     * @param  list<Start>  $starts
     * @return list<string>
     */
    private static function levels(array $starts): array
    {
        return array_map(static fn (Start $start): string => $start->rate->level, $starts);
    }
}
