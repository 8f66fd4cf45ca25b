<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use App\Reading\Season\FishedTrip;
use App\Reading\Season\Season;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoDays;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Support\FeatureTestCase;

/** What a season of the demo boat says, and what tomorrow begins with. */
final class SeasonTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2031-06-01T10:00:00.000Z');
        $this->seedDemo();
    }

    public function test_before_anything_is_told_there_is_nothing_to_say(): void
    {
        DB::table('events')->delete();
        $season = $this->send('GET', '/season', expect: 200)->json();
        self::assertEqualsWithDelta([0.0, 0, []], [$season['hours'], $season['bites'], $season['factors']], 1e-9);
        $nothing = ['bins' => [], 'best' => null];
        self::assertSame(['clock' => $nothing, 'sun' => $nothing], $season['windows']);
        $start = $this->send('GET', '/trips/{next}/start', expect: 200)->json();
        self::assertSame([[], [], null, 'all trips like it'], [$start['depths'], $start['lures'], $start['test'], $start['of']]);
        self::assertNotContains('record', array_column($this->water()['advice'], 'key'));
    }

    public function test_a_day_told_by_its_bites_alone_is_taken_to_have_been_fished_as_planned(): void
    {
        $season = $this->send('GET', '/season', expect: 200)->json();
        self::assertSame([7, 1], [$season['bites'], $season['trips']]);
        self::assertGreaterThan(12 * 3.0, $season['hours'], 'twelve lines for the hours of the trip');
        $lures = array_column(array_column($season['factors'], null, 'factor')['lure']['levels'], 'early', 'level');
        self::assertSame([true], array_values(array_unique($lures)), 'seven bites on twelve lures are too early');
    }

    public function test_what_would_run_through_the_ground_was_fished_on_it(): void
    {
        $deepest = fn (): float => max([0.0, ...array_map(
            static fn (array $piece): float => (float) ($piece['told']['depth'] ?? 0.0),
            (new FishedTrip($this->demoTrip('past')->refresh(), Boat::query()->firstOrFail(), new Track))
                ->pieces((float) now()->format('U')),
        )]);
        self::assertGreaterThan(25.0, $deepest());
        $this->demoTrip('past')->update(['bottom' => 21.0]);
        self::assertEqualsWithDelta(21.0, $deepest(), 1e-9);
    }

    public function test_a_season_is_told_by_all_it_was_fished_by(): void
    {
        $this->fished();
        $season = $this->send('GET', '/season', expect: 200)->json();
        self::assertSame(13, $season['trips']);
        self::assertGreaterThan(300.0, $season['hours']);
        $factors = array_column($season['factors'], null, 'factor');
        foreach (['lure', 'finish', 'presentation', 'depth', 'side', 'light', 'temperature', 'height', 'ground'] as $factor) {
            $levels = $factors[$factor]['levels'];
            self::assertLessThanOrEqual($season['hours'] + 0.01, array_sum(array_column($levels, 'hours')), $factor);
            self::assertSame($season['bites'], array_sum(array_column($levels, 'bites')), $factor);
        }
        $lures = array_column($factors['lure']['levels'], null, 'level');
        self::assertGreaterThan(1.15, $lures['Slate Lantern']['times'], 'as it is made in the demo world');
        self::assertMatchesRegularExpression('/^\d+–\d+ ft$/', $factors['depth']['levels'][0]['words']);
        self::assertSame($season['bites'], array_sum(array_column($season['heat'], 'bites')));
        self::assertEqualsWithDelta($season['hours'], array_sum(array_column($season['heat'], 'hours')), 0.01);
        $clock = $season['windows']['clock'];
        self::assertEqualsWithDelta($season['hours'], array_sum(array_column($clock['bins'], 'hours')), 0.01);
        self::assertContains($clock['best'], $clock['bins']);
        self::assertSame(max([0.0, ...array_column($clock['bins'], 'low')]), $clock['best']['low'] ?? null, 'surest of much');

        $rise = $this->send('GET', '/season?ground=Gannet+Rise', expect: 200)->json();
        self::assertSame(4, $rise['trips']);
        self::assertLessThan(0.5 * $season['hours'], $rise['hours']);
        $kings = $this->send('GET', '/season?species=king', expect: 200)->json();
        self::assertTrue($kings['bites'] > 0 && $kings['bites'] < $season['bites']);
        self::assertEqualsWithDelta($season['hours'], $kings['hours'], 1e-6, 'they were fished for all the same');
        $this->send('GET', '/season?species=whale', expect: 422);
        $this->send('PUT', '/boat/books/patterns', ['own' => ['depth' => 20.0]], 200);
        $wide = array_column($this->send('GET', '/season')->json('factors'), null, 'factor')['depth']['levels'];
        self::assertLessThan(count($factors['depth']['levels']), count($wide));
    }

    public function test_a_trip_is_read_once_and_again_where_what_it_follows_from_has_changed(): void
    {
        $this->fished();
        $season = $this->send('GET', '/season', expect: 200)->json();
        self::assertSame([13, 0, 13], [$season['trips'], $season['unread'], DB::table('fished_trips')->count()]);
        $read = fn (): array => DB::table('fished_trips')->orderBy('trip_id')->pluck('pieces', 'trip_id')->all();
        $marked = static fn () => DB::table('fished_trips')->update(['pieces' => 'read']);
        $anew = function () use ($read): array {
            for ($unread = 1; $unread > 0;) {
                $unread = $this->send('GET', '/season', expect: 200)->json('unread');
            }

            return array_keys(array_filter($read(), static fn (string $pieces): bool => $pieces !== 'read'));
        };
        $marked();
        self::assertSame([], $anew());
        self::assertSame($season, $this->send('GET', '/season')->json());

        $trip = Trip::query()->where('id', $season['days'][4]['trip'])->sole();
        $changes = [
            'a note of it' => static fn () => $trip->update(['bottom' => 21.0]),
            'a reading of its water' => static fn () => $trip->temperatures()->create(['depth' => 3.0, 'celsius' => 14.0]),
            'an event' => static fn () => DB::table('events')->insert(array_replace(
                (array) DB::table('events')->where('trip_id', $trip->id)->where('kind', 'out')->first(),
                ['id' => null, 'uuid' => '018f0000-0000-7000-8000-0000000000c1'],
            )),
            'its plan' => static fn () => $trip->spreads()->increment('version'),
            'its track' => function () use ($trip): void {
                $point = ['at' => (float) $trip->date->setTime(12, 0)->format('U'), 'depth' => 30.0];
                $this->send('PUT', "/days/file?trip={$trip->id}", [
                    'format' => 'admek-day', 'version' => 1, 'events' => [], 'track' => [$point],
                ], 200);
            },
        ];
        foreach ($changes as $what => $change) {
            $marked();
            $change();
            self::assertContains($trip->id, $anew(), $what);
        }
        $marked();
        DB::table('lures')->update(['name' => DB::raw("name || '!'")]);
        self::assertNotContains($trip->id, $anew(), 'what is known of the gear since says nothing of a day long past');
        $this->send('DELETE', '/season/read', expect: 204);
        self::assertCount(13, $anew(), 'until that is asked for');
    }

    public function test_tomorrow_begins_with_it_in_water_lure_box_and_draft_until_it_is_refused(): void
    {
        $this->fished();
        $start = $this->send('GET', '/trips/{next}/start', expect: 200)->json();
        self::assertSame('Dunmarl Bank', $start['of'], 'there is enough of its own ground');
        self::assertNotSame([], $start['depths']);
        self::assertSame('Slate Lantern', $start['lures'][0]['name']);
        $record = array_column($this->water()['advice'], null, 'key')['record'];
        self::assertStringStartsWith('Begin at ', $record['answer']);
        self::assertStringContainsString('By Dunmarl Bank.', $record['why']);
        $box = $this->send('GET', '/trips/{next}/lure-box', expect: 200)->json('order');
        $slate = array_column($box, null, 'lure')[$start['lures'][0]['lure_id']];
        self::assertMatchesRegularExpression(
            '/Your log: \d+ bites in \d+ line-hours; all else alike/', implode(' ', $slate['reasons']),
        );

        $drafted = $this->drafted();
        $this->send('PUT', '/trips/{next}/water/choices', ['advice' => 'record', 'state' => 'refused'], 200);
        self::assertSame('refused', array_column($this->water()['advice'], 'state', 'key')['record']);
        self::assertNotEquals($drafted, $this->drafted(), 'refused, depths follow the water alone');
    }

    public function test_a_day_stands_on_a_line_of_time(): void
    {
        $this->fished();
        $trip = $this->send('GET', '/season', expect: 200)->json('days.2.trip');
        $line = $this->send('GET', "/trips/{$trip}/day/line", expect: 200)->json();
        self::assertSame('P1', $line['rods'][0]['holder'], 'as they stand round the rail');
        self::assertCount(12, $line['rods']);
        $day = $this->send('GET', "/trips/{$trip}/day", expect: 200)->json();
        self::assertSame(count($day['bites']), array_sum(array_map(
            static fn (array $rod): int => count($rod['bites']), $line['rods'],
        )));
        $hours = 0.0;
        foreach ($line['rods'] as $rod) {
            foreach ($rod['spells'] as $spell) {
                $hours += $spell['until'] - $spell['from'];
                self::assertTrue($spell['from'] >= $line['from'] - 1e-3 && $spell['until'] <= $line['until'] + 1e-3);
            }
        }
        self::assertEqualsWithDelta($day['line_hours'], $hours, 0.02);
        self::assertEqualsWithDelta(13.7, $line['sun']['sunset'] - $line['sun']['sunrise'], 0.5, 'a day late in August');
        self::assertSame([[], [], null], [$line['did'], $line['speeds'], $line['course']]);
        self::assertSame(['king', 'lake_trout'], array_column($line['bands'], 'species'));
        foreach ($line['bands'] as ['spans' => $spans]) {
            foreach ($spans as $i => $span) {
                self::assertLessThan($span['bottom'], $span['top']);
                self::assertSame($spans[$i + 1]['from'] ?? null, $span['until'], 'one follows the other');
            }
        }
        $from = strtotime($line['midnight']) + 3600.0 * $line['from'];
        foreach ([[45.30, -38.40], [45.32, -38.40], [45.32, -38.37]] as $i => [$latitude, $longitude]) {
            DB::table('track')->insert([
                'at' => (int) (1000 * ($from + 1200 * $i)), 'latitude' => $latitude, 'longitude' => $longitude,
            ]);
        }
        $course = $this->send('GET', "/trips/{$trip}/day/line", expect: 200)->json('course');
        self::assertEqualsWithDelta([[0.0, 0.9484], [0.0, 0.0], [1.0, 0.0]], $course['line'], 1e-3, 'north up, its place untold');
        self::assertSame('1.5 mi', $course['across']);
        $at = gmdate('Y-m-d\TH:i:s.000\Z', strtotime($line['midnight']) + (int) (3600 * ($line['from'] + 2.0)));
        $this->send('POST', "/trips/{$trip}/events", ['sent_at' => '2031-06-01T10:00:00.000Z', 'events' => [
            ['uuid' => '018f0000-0000-7000-8000-0000000000b1', 'kind' => 'speed', 'at' => $at, 'speed' => 1.2],
        ]], 200);
        $did = $this->send('GET', "/trips/{$trip}/day/line", expect: 200)->json('did');
        self::assertSame(['speed', []], [$did[0]['words'], $did[0]['holders']]);
        self::assertEqualsWithDelta([8.0, 8.0], [$did[0]['before']['hours'], $did[0]['after']['hours']], 1.0, 'twelve lines');
    }

    private function fished(): void
    {
        $boat = Boat::query()->firstOrFail();
        (new DemoDays($boat, 5))->season(CarbonImmutable::parse('2031-06-01'));
        Season::whole($boat->refresh(), new Track);
    }

    /** @return array<string, mixed> */
    private function water(): array
    {
        return $this->send('GET', '/trips/{next}/water', expect: 200)->json();
    }

    /** @return array<string, float> depths by holder */
    private function drafted(): array
    {
        $spread = Spread::query()->whereBelongsTo($this->demoTrip())->firstOrFail();
        $this->send('PUT', '/trips/{next}/bands', [
            'bands' => [['species' => 'king', 'top' => 8.0, 'bottom' => 36.0, 'weight' => 1.0]],
        ], 200);

        return array_column($this->send('POST', "/spreads/{$spread->id}/draft", [
            'bands' => [['species' => 'king', 'top' => 8.0, 'bottom' => 36.0, 'weight' => 1.0]],
        ] + $this->demoSpread(), 200)->json('lines'), 'depth', 'holder');
    }
}
