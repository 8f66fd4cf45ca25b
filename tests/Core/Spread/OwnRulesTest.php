<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Fish\FishCare;
use Admek\Core\Fish\Habits;
use Admek\Core\Fish\Species;
use Admek\Core\Ground\Course;
use Admek\Core\Ground\Pass;
use Admek\Core\Ground\PassChoice;
use Admek\Core\Ground\PassRules;
use Admek\Core\Ground\PassWords;
use Admek\Core\Ground\Place;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Check\BottomFishing;
use Admek\Core\Spread\Check\Coverage;
use Admek\Core\Spread\Check\FishOn;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Drafting\DraftBand;
use Admek\Core\Spread\Drafting\WantedWater;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Trip\ChoreRules;
use Admek\Core\Trip\ForecastHour;
use Admek\Core\Trip\GoLimits;
use Admek\Core\Trip\Lee;
use Admek\Core\Trip\TripClock;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use Admek\Core\Water\Band;
use Admek\Core\Water\Promise;
use Admek\Core\Water\Reading;
use Admek\Core\Water\ReadingRules;
use Admek\Core\Water\Shade;
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
use Tests\Core\Spread\Support\Lines;

/** A threshold that is the boat's own is the one that is judged by. */
final class OwnRulesTest extends TestCase
{
    public function test_what_a_lure_serves_is_the_captain_s_to_say_and_drafts_go_by_it(): void
    {
        $wide = $this->limits(['serves_above' => 2.0, 'serves_below' => 4.0]);
        self::assertEqualsWithDelta(0.6, Coverage::of(10.0, 20.0, [14.0], $wide->reach)->share(), 1e-9);
        $water = new WantedWater([new DraftBand(Species::King, 10.0, 20.0)], $wide->reach);
        $water->put(14.0);
        self::assertEqualsWithDelta(0.6, $water->covered(), 0.03);
        self::assertEquals($wide->reach, $wide->withBands(['king' => [1.0, 2.0]])->reach, 'it stays with other bands');
    }

    public function test_a_fish_clears_more_lines_the_farther_it_is_held_to_wander(): void
    {
        $running = (new SpreadSolver)->all(Lines::planned([
            Lines::line('P3', 'diver', ['dial' => 3.0, 'let_out' => 42.0]),
            Lines::line('S3', 'diver', ['dial' => 3.0, 'let_out' => 42.0]),
        ]), new Conditions(1.03));
        self::assertSame(['P3' => [], 'S3' => []], FishOn::clearing($running, $this->limits(['fish_way' => 0.0])));
        self::assertSame(['P3' => ['S3'], 'S3' => ['P3']], FishOn::clearing($running, $this->limits(['fish_way' => 20.0])));
    }

    public function test_a_flatter_line_on_bottom_wants_less_weight(): void
    {
        $conditions = new Conditions(0.6);
        $running = (new SpreadSolver)->run(Lines::planned([Lines::line('P4', 'bouncer')])[0], $conditions);
        $lightest = fn (array $own): ?float => BottomFishing::of($running, $conditions, $this->limits($own))?->lightest;

        self::assertLessThan($lightest([]), $lightest(['steep_enough' => 15.0, 'most_scope' => 4.0]));
        self::assertStringContainsString(
            'line at 15°',
            BottomFishing::of($running, $conditions, $this->limits(['steep_enough' => 15.0]))?->advice()->in(Units::Us) ?? '',
        );
    }

    public function test_the_lee_the_shade_and_the_promise_go_by_their_book(): void
    {
        $clock = TripClock::of('06:30', '13:00', 9000.0, RuleBook::of(ChoreRules::rules()));
        $lee = static fn (array $own): string => Lee::of(
            [new ForecastHour(480, 3.0, null, 90.0)], $clock, RuleBook::of(GoLimits::rules(), $own),
        )->in(Units::Us);
        self::assertStringContainsString('eastern shore', $lee([]));
        self::assertStringContainsString('No wind', $lee(['calm' => 4.0]));

        $sun = ['elevation' => 50.0, 'bearing' => 90.0];
        $side = static fn (array $own): string => Shade::advice($sun, null, null, RuleBook::of(ReadingRules::rules(), $own))
            ?->answer->in(Units::Us) ?? '';
        self::assertStringStartsWith('The western side', $side([]));
        self::assertStringStartsWith('Either side', $side(['lit' => 40.0]));

        $band = new Band(Species::King, 30.0, 50.0, 1.0, 'temperature', Sentence::of('.'));
        $named = static fn (array $own): string => (new Promise(
            new WaterSigns(Season::Summer), [$band], RuleBook::of(ReadingRules::rules(), $own),
        ))->advice()[0]->answer->in(Units::Us);
        self::assertStringContainsString('divers', $named([]));
        self::assertStringNotContainsString('divers', $named(['within_reach' => 0.5]), 'they get to six of its twenty metres');
    }

    public function test_the_column_is_read_by_its_book(): void
    {
        $column = static fn (float $at): TemperatureProfile => TemperatureProfile::of([
            ['depth' => 0.0, 'celsius' => 20.0], ['depth' => $at, 'celsius' => 19.0],
            ['depth' => $at + 2.0, 'celsius' => 10.0], ['depth' => 40.0, 'celsius' => 8.0],
        ]);
        $signs = new WaterSigns(
            Season::Summer, $column(12.0), new Marks([new Mark(20.0, 2), new Mark(39.9)]), 40.0, Clarity::Clear, Sky::Clear,
            Surface::Calm, 0.3, 0.35, $column(10.0), 2,
        );
        $bands = static fn (array $own = []): array => (new TargetBands(
            $signs, RuleBook::of(Habits::rules()), RuleBook::of(ReadingRules::rules(), ['lake_trout_off_bottom' => 30.0] + $own),
        ))->for([Species::LakeTrout, Species::Muskie]);
        self::assertSame('bottom', $bands()[0]->from, 'one on the ground against two off it');
        self::assertSame('marks', $bands(['dwells' => 1.0])[0]->from);
        self::assertEqualsWithDelta(10.0, $bands(['muskie_share' => 0.25])[1]->bottom, 2.5);
        $weights = static fn (array $own): array => array_map(static fn (Band $band): float => $band->weight, $bands($own));
        self::assertSame(
            [3.0 * 2.0, 0.5 * ($bands()[1]->from === 'marks' ? 2.0 : 1.0)],
            $weights(['first' => 3.0, 'second' => 0.5, 'seen' => 2.0]),
        );

        $said = static function (string $key, array $own = []) use ($signs, $bands): string {
            $reading = new Reading(
                $signs, $bands(), [Species::Muskie], RuleBook::of(Habits::rules()),
                RuleBook::of(ReadingRules::rules(), $own), RuleBook::of(FishCare::rules()),
            );
            foreach ($reading->advice() as $advice) {
                if ($advice->key === $key) {
                    return "{$advice->answer->in(Units::Metric)}: {$advice->why->in(Units::Metric)}";
                }
            }

            return '';
        };
        self::assertStringStartsWith('Thermocline 2 m deeper', $said('change'));
        self::assertStringStartsWith('As 2 days ago', $said('change', ['moved' => 3.0]));
        self::assertStringStartsWith('Gear feels what the log shows', $said('current'));
        self::assertStringStartsWith('Gear feels up to', $said('current', ['alike' => 0.045]));
        self::assertStringStartsWith('One test line', $said('test'));
        self::assertSame('', $said('test', ['high' => 40.0]));
        self::assertStringContainsString('Below 24.4 m little colour', $said('finish'));
        self::assertStringNotContainsString('little colour', $said('finish', ['dark' => 80.0]));
        self::assertStringStartsWith('Muskie on 18', $said('muskie_leads'));
        self::assertStringStartsWith('Muskie on 3', $said('muskie_leads', ['warm_wash' => 15.0]));
        self::assertStringStartsWith('Muskie on 40', $said('muskie_leads', ['muskie_long_from' => 40.0]));
    }

    public function test_a_pass_is_judged_by_its_book_and_told_in_a_line(): void
    {
        $a = new Place(45.0, -38.0);
        $course = Course::of([$a, $a->moved(0.0, 1000.0), $a->moved(600.0, 1900.0)]);
        $current = ['set' => 180.0, 'drift' => 0.7];
        $pass = static fn (array $own): Pass => Pass::of($course, 1.0, $current, RuleBook::of(PassRules::rules(), $own));

        self::assertNull(PassWords::lift($pass([])));
        self::assertStringContainsString('run back', PassWords::lift($pass(['too_slow' => 0.5]))?->in(Units::Us) ?? '');
        self::assertSame([1, 0], [count($pass([])->turns), count($pass(['corner' => 40.0])->turns)]);
        $still = RuleBook::of(PassRules::rules(), ['still' => 0.8]);
        self::assertStringContainsString(
            'Without current', PassChoice::of($pass([]), $pass([]), $current, $still)->why->in(Units::Us),
        );

        $turns = $pass([])->turns;
        $told = static fn (?float ...$safe): string => PassWords::turns(
            $turns, $safe === [] ? null : ['port' => $safe[0], 'starboard' => $safe[1] ?? null],
        )?->in(Units::Metric) ?? '';
        self::assertMatchesRegularExpression('/^One turn, the tightest \d+ m to starboard: no spread is planned/', $told());
        self::assertStringEndsWith('the spread is safe in it.', $told(50.0, 50.0));
        self::assertStringEndsWith(
            'one is tighter than the spread is safe to, 9000 m.', $told(50.0, 9000.0),
        );
        self::assertStringEndsWith('one is tighter than the spread is safe to.', $told(null, null));
        self::assertNull(PassWords::turns([], null));
    }

    /** @param  array<string, float>  $own */
    private function limits(array $own): SpreadLimits
    {
        return new SpreadLimits(book: RuleBook::of(SpreadLimits::rules(), $own));
    }
}
