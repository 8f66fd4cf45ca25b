<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Fish\LureFamilies;
use Admek\Core\Fish\Species;
use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Coverage;
use Admek\Core\Spread\Check\LureReach;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Drafting\Assignment;
use Admek\Core\Spread\Drafting\DraftBand;
use Admek\Core\Spread\Drafting\DraftTask;
use Admek\Core\Spread\Drafting\Option;
use Admek\Core\Spread\Drafting\Pattern;
use Admek\Core\Spread\Drafting\Role;
use Admek\Core\Spread\Drafting\WantedWater;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Parts\LureKind;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Spread\Support\Lines;

final class DraftingPartsTest extends TestCase
{
    public function test_water_counts_what_coverage_counts(): void
    {
        $random = new Randomizer(new Mt19937(3));
        for ($round = 0; $round < 50; $round++) {
            $top = $random->getInt(0, 300) / 10;
            $bottom = $top + $random->getInt(20, 200) / 10;
            $water = new WantedWater([new DraftBand(Species::King, $top, $bottom)]);
            $depths = [];
            for ($i = $random->getInt(0, 6); $i > 0; $i--) {
                $depths[] = $random->getInt(0, 600) / 10;
                $water->put($depths[count($depths) - 1]);
            }
            self::assertEqualsWithDelta(
                Coverage::of($top, $bottom, $depths)->share(), $water->covered(), 0.5 / ($bottom - $top), implode(' ', $depths),
            );
        }
    }

    public function test_a_lure_put_and_taken_leaves_the_water_as_it_was(): void
    {
        $water = new WantedWater([new DraftBand(Species::King, 10.0, 20.0, 2.0), new DraftBand(Species::LakeTrout, 30.0, 34.0)]);
        $gains = static fn (): array => array_map($water->gain(...), [5.0, 9.0, 12.0, 15.0, 19.0, 31.0, 40.0]);
        $before = $gains();
        $water->put(12.0);
        self::assertLessThan($before[2], $gains()[2], 'a second lure there is worth less');
        self::assertGreaterThan(0.0, $gains()[2]);
        self::assertFalse($water->isFirst(12.0));
        $water->take(12.0);
        self::assertSame($before, $gains());
        self::assertTrue($water->isFirst(12.0));
        self::assertGreaterThan(
            $water->gain(60.0), $water->gain(40.0), 'of two that serve nothing the nearer is worth a little more',
        );
        self::assertSame(
            [Species::King, Species::LakeTrout, null],
            [$water->bandAt(11.0)?->species, $water->bandAt(29.0)?->species, $water->bandAt(50.0)],
        );
    }

    public function test_the_weight_of_a_band_is_shared_over_its_feet(): void
    {
        $water = new WantedWater([new DraftBand(Species::King, 10.0, 30.0, 1.0), new DraftBand(Species::Coho, 40.0, 42.0, 1.0)]);

        self::assertEqualsWithDelta(0.5, $water->gain(40.3), 0.02, 'the narrow band is had whole by one lure');
        self::assertEqualsWithDelta(0.5 * (LureReach::ABOVE + LureReach::BELOW) / 20.0, $water->gain(20.0), 0.01);
    }

    public function test_rods_go_where_they_cover_most_and_the_one_with_least_choice_first(): void
    {
        $way = static fn (float $from, float $to): Option => new Option(
            Lines::described(Lines::line('C1', 'flat')), $from, $to, Role::Middle,
        );
        $bands = [new DraftBand(Species::King, 10.0, 20.0)];
        $assigned = Assignment::of(
            $bands, ['any' => [$way(2.0, 40.0)], 'shallow' => [$way(2.0, 11.0)], 'deep' => [$way(16.0, 40.0)]], 9,
        );

        self::assertGreaterThan(0.7, $assigned->covered);
        self::assertLessThanOrEqual(11.0, $assigned->rods['shallow']['depth']);
        self::assertGreaterThanOrEqual(16.0, $assigned->rods['deep']['depth']);
        self::assertTrue($assigned->rods['any']['first']);
        self::assertCount(
            2, Assignment::of($bands, ['a' => [$way(2.0, 40.0)], 'b' => [$way(2.0, 40.0)], 'c' => [$way(2.0, 40.0)]], 2)->rods,
        );
        $stuck = Assignment::of($bands, ['top' => [$way(1.0, 4.0)]], 9);
        self::assertSame(4.0, $stuck->rods['top']['depth'], 'as near as it comes');
    }

    public function test_an_assignment_is_within_a_hair_of_the_best_there_is(): void
    {
        $random = new Randomizer(new Mt19937(8));
        $bands = [new DraftBand(Species::King, 8.0, 18.0, 2.0), new DraftBand(Species::LakeTrout, 24.0, 30.0)];
        for ($round = 0; $round < 12; $round++) {
            $options = [];
            foreach (['a', 'b', 'c'] as $holder) {
                $from = $random->getInt(1, 20);
                $options[$holder] = [
                    new Option(
                        Lines::described(Lines::line('C1', 'flat')),
                        (float) $from,
                        (float) ($from + $random->getInt(4, 20)),
                        Role::Middle,
                    ),
                ];
            }
            $best = 0.0;
            $depths = array_filter(range(1.0, 32.0, 0.5));
            foreach ($depths as $a) {
                foreach ($depths as $b) {
                    foreach ($depths as $c) {
                        if ($options['a'][0]->reaches($a) && $options['b'][0]->reaches($b) && $options['c'][0]->reaches($c)) {
                            $best = max($best, $this->covered($bands, [$a, $b, $c]));
                        }
                    }
                }
            }
            self::assertGreaterThanOrEqual($best - 0.06, Assignment::of($bands, $options, 3)->covered);
        }
    }

    public function test_the_foremost_board_rides_farthest_and_the_foremost_diver_widest(): void
    {
        $pattern = new Pattern($this->task(), new SpreadSolver);
        self::assertSame([2, 5], [$pattern->leastBoards(), $pattern->mostBoards()]);
        $options = $pattern->options(2);
        $figure = static fn (string $holder, string $name): mixed => $options[$holder][0]->line->figures[$name] ?? null;

        self::assertGreaterThan($figure('P2', 'board_out'), $figure('P1', 'board_out'));
        self::assertSame([3.5, 2.0, 0.5], [$figure('P3', 'dial'), $figure('P4', 'dial'), $figure('P5', 'dial')]);
        self::assertSame(
            [Role::OutsideBoard, Role::InsideBoard, Role::WideDiver, Role::SteepDiver],
            array_map(static fn (string $h): Role => $options[$h][0]->role, ['P1', 'P2', 'P3', 'P5']),
        );
        self::assertSame(
            [Role::DeepRigger, Role::LongLeadRigger], array_map(static fn (Option $o): Role => $o->role, $options['P6']),
        );
        foreach ($options as $ways) {
            foreach ($ways as $way) {
                self::assertLessThan($way->deepest, $way->shallowest);
            }
        }
        self::assertContains(LureKind::LongMinnow, $options['P1'][0]->kinds, 'a flat line on a board needs a lure that dives');
    }

    public function test_each_species_has_its_families(): void
    {
        foreach (Species::cases() as $species) {
            self::assertGreaterThanOrEqual(3, count(LureFamilies::for($species)), $species->value);
        }
        $this->expectException(InvalidValue::class);
        new DraftBand(Species::King, 20.0, 10.0);
    }

    /**
     * @param  list<DraftBand>  $bands
     * @param  list<float>  $depths
     */
    private function covered(array $bands, array $depths): float
    {
        $water = new WantedWater($bands);
        array_map($water->put(...), $depths);

        return $water->covered();
    }

    private function task(): DraftTask
    {
        $holders = [];
        foreach (['port' => -1.0, 'starboard' => 1.0] as $side => $at) {
            for ($i = 1; $i <= 6; $i++) {
                $holders[] = [
                    'code' => ucfirst($side)[0].$i,
                    'side' => $side,
                    'kind' => $i === 6 ? 'boom' : 'rod',
                    'aft' => 0.8 * $i - 4.4,
                    'starboard' => $at * 2.4,
                    'height' => $i === 6 ? 1.0 : 3.2 - 0.4 * $i,
                ];
            }
        }

        return new DraftTask(
            [new DraftBand(Species::King, 14.0, 22.0)], Lines::holders($holders),
            Lines::gear([
                'reel' => [
                    ['name' => 'braid', 'material' => 'braid', 'test' => 30],
                    ['name' => 'nylon', 'material' => 'nylon', 'test' => 20],
                    ['name' => 'core', 'material' => 'leadcore', 'test' => 27, 'colours' => 8.0],
                ],
                'lure' => [['name' => 'spoon', 'kind' => 'medium_spoon'], ['name' => 'minnow', 'kind' => 'long_minnow']],
                'ball' => [['name' => '12 lb', 'mass' => 5.443]],
                'diver' => [['name' => 'large', 'size' => 'large', 'ringed' => false]],
                'board' => [['name' => 'large', 'size' => 'large']],
            ]),
            new Conditions(1.028), new SpreadLimits, 16,
        );
    }
}
