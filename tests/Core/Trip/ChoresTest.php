<?php

declare(strict_types=1);

namespace Tests\Core\Trip;

use Admek\Core\InvalidValue;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Trip\BaitCure;
use Admek\Core\Trip\Chore;
use Admek\Core\Trip\ChoreRules;
use Admek\Core\Trip\Chores;
use Admek\Core\Trip\StoreItem;
use Admek\Core\Trip\Stores;
use Admek\Core\Trip\TripClock;
use Admek\Core\Trip\TripNeeds;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;

final class ChoresTest extends TestCase
{
    public function test_a_morning_with_cut_bait_in_brine_counted_back_from_lines_in(): void
    {
        self::assertSame([
            '18:00 the day before' => 'Stores against the list',
            '18:15 the day before' => 'Scent looked over',
            '18:30 the day before' => 'Fuel, oil, bilge',
            '19:00 the day before' => 'Leaders tied',
            '19:30 the day before' => 'Reels checked: drag, counter, frays, knots',
            '19:33 the day before' => 'Bait out of the freezer',
            '20:00 the day before' => 'Official marine forecast, the evening look',
            '20:48 the day before' => 'Bait into brine',
            '04:48' => 'Bait cut into strips and rigged',
            '05:03' => 'Official marine forecast again',
            '05:08' => 'Ice aboard',
            '05:18' => 'Float plan left ashore',
            '05:28' => 'Radio check',
            '05:33' => 'Guest briefing',
            '05:48' => 'Dock lines off',
        ], $this->byTime($this->needs(), '06:15', 4 * Units::MILE));
    }

    /**
     * @param  array<string, float>  $own
     * @return array<string, string>
     */
    private function byTime(TripNeeds $needs, string $linesIn, ?float $run, array $own = []): array
    {
        $rules = RuleBook::of(ChoreRules::rules(), $own);
        $byTime = [];
        foreach (Chores::for($needs, TripClock::of($linesIn, '12:30', $run, $rules), $rules) as $chore) {
            if ($chore->key !== 'charge') {
                $byTime[TripClock::clock($chore->at).($chore->at < 0 ? ' the day before' : '')] = $chore->what;
            }
        }

        return $byTime;
    }

    public function test_it_re_times_itself_when_lines_in_moves(): void
    {
        $rules = RuleBook::of(ChoreRules::rules());
        [$early, $late] = array_map(
            fn (string $linesIn): array => $this->keyed(
                Chores::for($this->needs(), TripClock::of($linesIn, '13:00', 6000.0, $rules), $rules),
            ),
            ['05:30', '07:00'],
        );
        foreach (['thaw', 'cure', 'cut', 'ice', 'radio_check', 'briefing', 'dock_lines', 'float_plan'] as $key) {
            self::assertSame(90, $late[$key]->at - $early[$key]->at, $key);
        }
        self::assertSame(-240, $early['charge']->at, 'what is done by day is done the evening before, not in the night');
        self::assertSame(-240, $late['charge']->at);
        $night = $this->keyed(Chores::for($this->needs(), TripClock::of('20:00', '01:00', 6000.0, $rules), $rules));
        self::assertGreaterThan(0, $night['charge']->at, 'for a night trip the same day');
    }

    public function test_only_what_the_trip_needs(): void
    {
        $rules = RuleBook::of(ChoreRules::rules());
        $of = fn (TripNeeds $needs): array => array_keys(
            $this->keyed(Chores::for($needs, TripClock::of('06:00', '12:00', null, $rules), $rules)),
        );
        self::assertSame(
            [], array_intersect(['thaw', 'cure', 'cut', 'live_bait', 'scent', 'leaders', 'reels'], $of(new TripNeeds(4))),
        );
        self::assertContains('live_bait', $of(new TripNeeds(4, liveBaitRods: 2)));
        self::assertNotContains('cut', $of(new TripNeeds(4, liveBaitRods: 2)));
        self::assertNotContains('cure', $of($this->needs(BaitCure::Fresh)));
        self::assertSame(
            [],
            array_diff(
                ['float_plan', 'radio_check', 'briefing', 'dock_lines', 'forecast_morning', 'ice', 'fuel', 'charge', 'stores'],
                $of(new TripNeeds(1)),
            ),
        );
    }

    public function test_bait_is_thawed_before_it_is_cured_and_cured_before_it_is_cut(): void
    {
        $rules = RuleBook::of(ChoreRules::rules());
        foreach ([
            [BaitCure::Salt, 600, '10 h in salt toughen it so that it stays on the hook.'],
            [BaitCure::Brine, 480, '8 h in brine firm it and keep its shine.'],
        ] as [$cure, $minutes, $why]) {
            $chores = $this->keyed(Chores::for($this->needs($cure), TripClock::of('06:15', '12:30', null, $rules), $rules));
            self::assertSame(75, $chores['cure']->at - $chores['thaw']->at);
            self::assertSame($minutes, $chores['cut']->at - $chores['cure']->at);
            self::assertSame(360 - 15, $chores['cut']->at + $chores['cut']->minutes, 'ready when the guests are briefed');
            self::assertSame($why, $chores['cure']->why->in(Units::Us));
        }
    }

    public function test_where_a_chore_stands_and_whose_it_is(): void
    {
        $chore = new Chore('ice', 'Ice aboard', 300, 10, 'mate', \Admek\Core\Units\Sentence::of('.'));

        self::assertSame(['coming', 'now', 'now', 'late'], array_map($chore->stateAt(...), [299, 300, 309, 310]));
        self::assertSame(['Ada', 320], [$chore->ownedBy('Ada')->owner, $chore->begunAt(320)->at]);
    }

    public function test_the_clock_of_a_trip(): void
    {
        $rules = RuleBook::of(ChoreRules::rules());
        $clock = TripClock::of('06:15', '12:30', 8 * Units::MILE, $rules);
        self::assertSame(
            [375 - 34 - 5, 375, 750 - 34, 750],
            [$clock->castOff, $clock->linesIn, $clock->leave, $clock->backBy],
            '24 min at 20 mph, 10 in the harbour, 5 to set',
        );
        self::assertEqualsWithDelta((716 - 375) / 60, $clock->hoursFished(), 1e-9);
        self::assertSame(['23:30', '00:10'], [TripClock::clock(-30), TripClock::clock(1450)]);
        self::assertSame(1440 + 60, TripClock::of('20:00', '01:00', null, $rules)->backBy);
        self::assertSame(360, TripClock::of('06:00', '06:05', 50000.0, $rules)->leave, 'no time to fish is none, not less');
        $this->expectExceptionMessage('back_by must be a clock time');
        TripClock::of('06:00', '24:10', null, $rules);
    }

    public function test_stores_by_the_formulas_and_what_is_left_to_buy(): void
    {
        $rules = RuleBook::of(Stores::rules());
        $needs = new TripNeeds(
            4, cutBaitRods: 3, liveBaitRods: 2, lines: 9,
            leaders: [['key' => 'k', 'leader' => '6 ft fluorocarbon 25 lb', 'count' => 9]],
        );
        $items = $this->named(Stores::for($needs, 6.0, $rules, ['baits' => 20.0, 'ice' => 100.0]));

        self::assertEqualsWithDelta(
            ['strips' => 65, 'baits' => 33, 'live_bait' => 15, 'scent' => 1, 'leader k' => 14],
            array_diff_key(array_map(static fn (StoreItem $item): float => $item->needed, $items), ['ice' => 0, 'salt' => 0]),
            1e-9,
            '3 rods × 6 h × 3 strips × 1.2 = 64.8; two from a bait; 2 × 6 × 1.2 = 14.4; 9 + half',
        );
        self::assertEqualsWithDelta((4 * 8 + 6 * 2) * Units::POUND, $items['ice']->needed, 1e-9);
        self::assertEqualsWithDelta(13.0, $items['baits']->toBuy(), 1e-9);
        self::assertEqualsWithDelta(0.0, $items['ice']->toBuy(), 1e-9);
        self::assertEqualsWithDelta(0.0, $items['strips']->toBuy(), 1e-9, 'strips are cut, not bought');
        self::assertSame(
            '3 rods, 6 h, a strip every 20 min, 20 % over.', str_replace('%', ' %', $items['strips']->why->in(Units::Us)),
        );
        $whole = $this->named(Stores::for(new TripNeeds(4, cutBaitRods: 3, strips: false, cure: BaitCure::Fresh), 6.0, $rules));
        self::assertEqualsWithDelta(22.0, $whole['baits']->needed, 1e-9, '3 × 6 × 1.2 = 21.6');
        self::assertSame(['baits', 'scent', 'ice'], array_keys($whole));
        self::assertSame(['ice'], array_keys($this->named(Stores::for(new TripNeeds(2), 4.0, $rules))));
    }

    public function test_what_was_used_and_what_is_left_is_what_was_aboard(): void
    {
        self::assertSame(
            ['ice' => 3.0, 'dabs' => 0.0, 'bait' => 0.0],
            Stores::used(['ice' => 8.0, 'dabs' => 2.0], ['ice' => 5.0, 'dabs' => 4.0, 'bait' => 1.0]),
        );
    }

    public function test_rules_are_the_boat_s_own_within_their_range(): void
    {
        $rules = RuleBook::of(Stores::rules(), ['spare' => 0.5]);
        self::assertSame([0.5, true, false], [$rules->get('spare'), $rules->isOwn('spare'), $rules->isOwn('bait_life')]);
        foreach ([
            ['spare', 9.0, 'spare must be a number from 0 to 2'],
            ['spar', 1.0, 'spar must be one of bait_life'],
            ['spare', null, 'spare must be a number'],
        ] as [$key, $figure, $said]) {
            try {
                RuleBook::of(Stores::rules(), [$key => $figure]);
                self::fail($said);
            } catch (InvalidValue $invalid) {
                self::assertStringStartsWith($said, $invalid->getMessage());
            }
        }
    }

    private function needs(BaitCure $cure = BaitCure::Brine): TripNeeds
    {
        return new TripNeeds(5, cutBaitRods: 3, lines: 12, riggers: true, cure: $cure);
    }

    /**
     * @param  list<Chore>  $chores
     * @return array<string, Chore>
     */
    private function keyed(array $chores): array
    {
        return array_combine(array_map(static fn (Chore $chore): string => $chore->key, $chores), $chores);
    }

    /**
     * @param  list<StoreItem>  $items
     * @return array<string, StoreItem>
     */
    private function named(array $items): array
    {
        return array_combine(array_map(static fn (StoreItem $item): string => $item->key, $items), $items);
    }
}
