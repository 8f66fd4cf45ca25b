<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Admek\Core\Books\Book;
use Admek\Core\Fish\Habits;
use Admek\Core\Fish\Species;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use Admek\Core\Water\Advice;
use Admek\Core\Water\Band;
use Admek\Core\Water\Reading;
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
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What must hold of any water, over a few hundred days made up from a fixed seed. */
final class PropertiesTest extends TestCase
{
    private const DAYS = 250;

    private Randomizer $chance;

    private RuleBook $rules;

    private RuleBook $habits;

    protected function setUp(): void
    {
        $this->chance = new Randomizer(new Mt19937(20310710));
        $this->rules = Book::Reading->of();
        $this->habits = Book::Habits->of();
    }

    public function test_a_band_lies_in_the_water_is_no_thinner_than_anyone_knows_it_and_has_its_reason(): void
    {
        for ($day = 0; $day < self::DAYS; $day++) {
            $signs = $this->signs();
            foreach ((new TargetBands($signs, $this->habits, $this->rules))->for(Species::cases()) as $band) {
                self::assertGreaterThanOrEqual(0.0, $band->top);
                self::assertLessThanOrEqual($signs->bottom + 1e-6, $band->bottom, "{$day} {$band->species->value}");
                self::assertGreaterThanOrEqual(
                    min($this->rules->get('least_band'), $signs->bottom) - 1e-6, $band->bottom - $band->top,
                );
                self::assertGreaterThan(0.0, $band->weight);
                foreach (Units::cases() as $units) {
                    self::assertStringEndsWith('.', $band->why->in($units));
                    self::assertStringNotContainsString('{', $band->why->in($units));
                }
            }
        }
    }

    public function test_a_band_by_temperature_holds_water_its_species_feeds_in(): void
    {
        $seen = 0;
        for ($day = 0; $day < self::DAYS; $day++) {
            $signs = $this->signs(marked: false);
            foreach ((new TargetBands($signs, $this->habits, $this->rules))->for(Species::cases()) as $band) {
                if ($band->from !== 'temperature') {
                    continue;
                }
                $seen++;
                $habits = Habits::of($band->species, $this->habits);
                $within = array_filter(
                    range(0, 40),
                    static fn (int $i): bool => (
                        $celsius = $signs->profile?->at($band->top + $i / 40 * ($band->bottom - $band->top))
                    ) >= $habits->feedsFrom - 1e-6 && $celsius <= $habits->feedsTo + 1e-6,
                );
                self::assertNotSame([], $within, "{$day} {$band->species->value}");
            }
        }
        self::assertGreaterThan(500, $seen);
    }

    public function test_a_band_by_marks_stands_above_fish_the_species_could_be(): void
    {
        $seen = 0;
        for ($day = 0; $day < self::DAYS; $day++) {
            $signs = $this->signs(marked: true);
            $bands = new TargetBands($signs, $this->habits, $this->rules);
            foreach ($bands->for([Species::King, Species::Coho, Species::Steelhead]) as $band) {
                if ($band->from !== 'marks') {
                    continue;
                }
                $seen++;
                $habits = Habits::of($band->species, $this->habits);
                $fish = $signs->marks->at(
                    static fn (float $depth): bool => (
                        $celsius = $signs->profile?->at($depth)
                    ) >= $habits->feedsFrom && $celsius <= $habits->feedsTo,
                )->lifted($signs->bottom, $this->rules);
                $spread = $fish->spread();
                self::assertNotNull($spread);
                self::assertLessThan($spread['bottom'] + 2.0, $band->top, 'over the deepest of them');
            }
        }
        self::assertGreaterThan(50, $seen);
    }

    public function test_stretches_within_temperatures_agree_with_looking_foot_by_foot(): void
    {
        for ($day = 0; $day < self::DAYS; $day++) {
            $profile = $this->profile();
            $bottom = $this->between(8.0, 60.0);
            $from = $this->between(3.0, 18.0);
            $to = $from + $this->between(0.5, 8.0);
            $stretches = $profile->within($from, $to, $bottom);
            for ($depth = 0.011; $depth < $bottom; $depth += 0.37) {
                $inside = array_filter(
                    $stretches, static fn (array $stretch): bool => $depth >= $stretch['top'] && $depth <= $stretch['bottom'],
                ) !== [];
                $celsius = $profile->at($depth);
                if (abs($celsius - $from) > 1e-3 && abs($celsius - $to) > 1e-3) {
                    self::assertSame($celsius > $from && $celsius < $to, $inside, "{$day} at {$depth}");
                }
            }
        }
    }

    public function test_a_layer_cools_as_fast_as_it_must_and_nothing_outside_does(): void
    {
        [$thick, $enough] = [$this->rules->get('thermocline_thickness'), $this->rules->get('thermocline_gradient')];
        for ($day = 0; $day < self::DAYS; $day++) {
            $profile = $this->profile();
            $layers = $profile->layers($this->rules);
            foreach ($layers as $layer) {
                self::assertGreaterThanOrEqual($thick - 1e-6, $layer->bottom - $layer->top);
                self::assertGreaterThanOrEqual($enough - 1e-6, $layer->steepest);
                self::assertGreaterThan($layer->cold, $layer->warm);
            }
            for ($top = 0.05; $top + $thick < $profile->reaches() - 0.15; $top += 0.83) {
                if (($profile->at($top) - $profile->at($top + $thick)) / $thick > $enough + 0.02) {
                    self::assertNotSame(
                        [],
                        array_filter(
                            $layers,
                            static fn ($layer): bool => $top >= $layer->top - 0.11 && $top + $thick <= $layer->bottom + 0.11,
                        ),
                        "{$day} at {$top}",
                    );
                }
            }
            $steepest = $profile->thermocline($this->rules);
            self::assertSame(
                $layers === [] ? null : max(array_map(static fn ($layer): float => $layer->steepest, $layers)),
                $steepest?->steepest,
            );
        }
    }

    public function test_light_only_ever_moves_a_band_down_as_the_sun_rises_and_keeps_it_whole(): void
    {
        for ($day = 0; $day < self::DAYS; $day++) {
            $top = $this->between(0.0, 30.0);
            $band = new Band(Species::King, $top, $top + $this->between(2.5, 30.0), 1.0, 'temperature', Sentence::of('.'));
            $sky = Sky::cases()[$this->chance->getInt(0, 2)];
            $last = -INF;
            for ($elevation = -20.0; $elevation <= 80.0; $elevation += 4.0) {
                ['top' => $shallow, 'bottom' => $deep] = $band->under($elevation, $sky, $this->rules);
                self::assertGreaterThanOrEqual($last - 1e-9, $shallow);
                self::assertGreaterThanOrEqual($band->top - 1e-9, $shallow);
                self::assertLessThanOrEqual($band->bottom + 1e-9, $deep);
                self::assertGreaterThanOrEqual(
                    min($band->bottom - $band->top, $this->rules->get('least_band')) - 1e-9, $deep - $shallow,
                );
                $last = $shallow;
            }
        }
    }

    public function test_advice_never_repeats_a_key_leaves_a_figure_open_or_contradicts_what_is_unknown(): void
    {
        for ($day = 0; $day < self::DAYS; $day++) {
            $signs = $this->signs();
            $species = $this->chance->shuffleArray(Species::cases());
            $species = array_slice($species, 0, $this->chance->getInt(1, 3));
            $bands = (new TargetBands($signs, $this->habits, $this->rules))->for($species);
            $advice = (new Reading($signs, $bands, $species, $this->habits, $this->rules, Book::Care->of()))->advice();
            $keys = array_map(static fn (Advice $one): string => $one->key, $advice);
            self::assertSame($keys, array_values(array_unique($keys)));
            foreach ($advice as $one) {
                foreach (Units::cases() as $units) {
                    self::assertStringNotContainsString('{', $one->answer->in($units).$one->why->in($units), $one->key);
                }
                self::assertLessThanOrEqual(
                    1, count(array_filter($one->schools, static fn (array $school): bool => $school['chosen'])),
                );
            }
            self::assertSame($signs->clarity !== null, in_array('leader', $keys, true));
            self::assertSame($signs->clarity !== null && $signs->surface !== null, in_array('distance', $keys, true));
            self::assertSame(! $signs->marks->none(), in_array('bunch', $keys, true));
        }
    }

    private function signs(?bool $marked = null): WaterSigns
    {
        $bottom = $this->between(6.0, 60.0);
        $marks = [];
        for ($i = $marked === false ? 0 : $this->chance->getInt($marked === true ? 2 : 0, 6); $i > 0; $i--) {
            $marks[] = new Mark($this->between(0.5, $bottom), $this->chance->getInt(1, 20), $this->chance->getInt(0, 1) === 1);
        }
        $one = fn (array $of): mixed => $this->chance->getInt(0, 3) === 0 ? null : $of[$this->chance->getInt(0, count($of) - 1)];

        return new WaterSigns(
            Season::cases()[$this->chance->getInt(0, 3)],
            $this->profile(),
            new Marks($marks),
            $bottom,
            $one(Clarity::cases()),
            $one(Sky::cases()),
            $one(Surface::cases()),
        );
    }

    private function profile(): TemperatureProfile
    {
        $celsius = $this->between(3.0, 26.0);
        $depth = 0.0;
        $readings = [];
        for ($i = $this->chance->getInt(2, 12); $i > 0; $i--) {
            $readings[] = ['depth' => $depth, 'celsius' => $celsius];
            $depth += $this->between(0.3, 9.0);
            $celsius = max(0.5, min(28.0, $celsius - $this->between(-1.0, 4.0)));
        }

        return TemperatureProfile::of($readings);
    }

    private function between(float $least, float $most): float
    {
        // Randomizer::getFloat came with PHP 8.3.
        return $least + ($most - $least) * $this->chance->getInt(0, 1_000_000) / 1_000_000;
    }
}
