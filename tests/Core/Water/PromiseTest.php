<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Admek\Core\Fish\Species;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use Admek\Core\Water\Band;
use Admek\Core\Water\Promise;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Marks;
use Admek\Core\Water\Signs\Season;
use Admek\Core\Water\Signs\Surface;
use Admek\Core\Water\Signs\WaterSigns;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which presentations are named first for a band, and which never. */
final class PromiseTest extends TestCase
{
    /**
     * @param  list<string>  $first
     * @param  list<string>  $never
     */
    #[DataProvider('bands')]
    public function test_what_gets_there_and_suits_the_fish_comes_first(
        Species $species,
        float $top,
        float $bottom,
        string $from,
        ?Clarity $clarity,
        ?Surface $surface,
        array $first,
        array $never,
    ): void {
        $band = new Band($species, $top * Units::FOOT, $bottom * Units::FOOT, 1.0, $from, Sentence::of('.'));
        $advice = (
            new Promise(new WaterSigns(Season::Summer, null, new Marks([]), 60.0, $clarity, null, $surface), [$band])
        )->advice();
        [$name, $list] = explode(': ', $advice[0]->answer->in(Units::Us));
        $named = explode(', ', $list);

        self::assertSame($species->label(), lcfirst($name));
        self::assertSame($first, array_slice($named, 0, count($first)));
        self::assertSame([], array_intersect($never, $named));
        self::assertLessThanOrEqual(4, count($named));
        self::assertMatchesRegularExpression('/^For \d+ to \d+ ft\. [A-Z].+\.$/', $advice[0]->why->in(Units::Us));
    }

    /** @return iterable<string, array{Species, float, float, string, ?Clarity, ?Surface, list<string>, list<string>}> */
    public static function bands(): iterable
    {
        yield 'kings at sixty feet' => [
            Species::King,
            50,
            70,
            'temperature',
            null,
            null,
            ['riggers', 'divers'],
            ['flat lines and boards', 'bouncers', 'wash lines'],
        ];
        yield 'kings deeper than divers get' => [
            Species::King, 150, 180, 'temperature', null, null, ['riggers', 'stacked releases'], ['divers', 'leadcore'],
        ];
        yield 'steelhead on top, clear and calm' => [
            Species::Steelhead,
            0,
            15,
            'temperature',
            Clarity::Clear,
            Surface::Calm,
            ['flat lines and boards'],
            ['wire', 'bouncers'],
        ];
        yield 'coho in the upper water, clear and rippled: quiet core' => [
            Species::Coho, 20, 45, 'temperature', Clarity::Clear, Surface::Ripple, ['leadcore'], ['wash lines', 'droppers'],
        ];
        yield 'the same when it is rough' => [
            Species::Coho, 20, 45, 'temperature', Clarity::Clear, Surface::Rough, ['riggers'], ['wash lines'],
        ];
        yield 'walleye on bottom' => [
            Species::Walleye,
            20,
            28,
            'bottom',
            Clarity::Stained,
            null,
            ['bouncers', 'clip weights'],
            ['wash lines', 'stacked releases'],
        ];
        yield 'walleye hung up over the basin' => [
            Species::Walleye, 15, 25, 'marks', null, null, ['clip weights'], ['bouncers', 'stacked releases'],
        ];
        yield 'muskie in stained water: the wash' => [
            Species::Muskie,
            0,
            12,
            'temperature',
            Clarity::Stained,
            Surface::Ripple,
            ['wash lines'],
            ['stacked releases', 'wire'],
        ];
        yield 'muskie in clear and calm: away from the boat' => [
            Species::Muskie,
            0,
            12,
            'temperature',
            Clarity::Clear,
            Surface::Calm,
            ['flat lines and boards'],
            ['stacked releases', 'wire'],
        ];
        yield 'lake trout on the ground' => [
            Species::LakeTrout, 110, 118, 'bottom', null, null, ['riggers'], ['flat lines and boards', 'leadcore'],
        ];
    }

    public function test_a_river_s_walleye_are_held_over_with_a_dropper(): void
    {
        $band = new Band(Species::Walleye, 5.0, 8.0, 1.0, 'temperature', Sentence::of('.'));
        $still = (new Promise(new WaterSigns(Season::Spring, bottom: 8.0), [$band]))->advice()[0]->answer->in(Units::Us);
        $river = (
            new Promise(new WaterSigns(Season::Spring, bottom: 8.0, currentSurface: 0.9), [$band])
        )->advice()[0]->answer->in(Units::Us);

        self::assertStringNotContainsString('droppers', $still);
        self::assertStringStartsWith('Walleye: droppers', $river);
    }

    public function test_no_band_no_promise(): void
    {
        self::assertSame([], (new Promise(new WaterSigns(Season::Summer), []))->advice());
    }
}
