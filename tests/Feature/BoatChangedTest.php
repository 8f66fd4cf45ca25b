<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use Tests\Feature\Support\FeatureTestCase;

/** A boat is changed: what it does is said, trips gone by keep her as she was, nothing recorded is lost. */
final class BoatChangedTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }

    public function test_her_figures_are_kept_against_the_version_they_were_read_at(): void
    {
        $boat = $this->boat();
        $kept = $this->send('PUT', '/boat', ['name' => 'Third Lamp', 'crew' => 1, 'log_factor' => 0.96] + $boat, 200)->json();
        self::assertSame(['Third Lamp', 1, 0.96, 2], [$kept['name'], $kept['crew'], $kept['log_factor'], $kept['version']]);
        self::assertSame(array_column($boat['holders'], 'id'), array_column($kept['holders'], 'id'));
        $this->send('PUT', '/boat', ['name' => 'Fourth Lamp'] + $boat, 409)->assertJsonPath(
            'detail', 'The boat was saved on another device since it was opened here.',
        );
        self::assertSame('Third Lamp', Boat::query()->sole()->name);
    }

    public function test_what_is_told_of_a_rod_that_was_taken_out_since_is_kept(): void
    {
        $p3 = $this->holder('P3');
        $line = array_column($this->demoSpread()['lines'], null, 'holder_id')[$p3];
        $tell = function (int $i, string $kind, array $more): void {
            $now = gmdate('Y-m-d\TH:i:s\Z');
            $event = ['uuid' => sprintf('0190b1a4-0000-7000-8000-%012d', $i), 'kind' => $kind, 'at' => $now] + $more;
            $told = $this->send('POST', '/trips/{next}/events', ['sent_at' => $now, 'events' => [$event]], 200)->json();
            self::assertSame([], $told['refused']);
        };
        $tell(1, 'out', ['holder_id' => $p3, 'line' => $line]);
        $this->send('PUT', '/boat', $this->without($this->boat(), 'P3'), 200);
        $this->send('GET', '/trips/{next}/watch', expect: 200);
        $tell(2, 'in', ['holder_id' => $p3]);
        $day = $this->send('GET', '/trips/{next}/day', expect: 200)->json();
        self::assertSame(['P3', 'in_boat'], [$day['lines'][0]['holder'], $day['lines'][0]['state']]);
    }

    public function test_a_holder_taken_out_is_said_first_and_takes_its_line_from_what_is_planned_alone(): void
    {
        $boat = $this->boat();
        $past = $this->pastSpread();
        // Its lines are in the holders she had then, which have other numbers from then on.
        $card = fn (): array => array_map(
            static fn (array $row): array => array_diff_key($row, ['line' => 0]),
            $this->send('GET', "/spreads/{$past->id}/deck-card", expect: 200)->json('rows'),
        );
        $before = [$past->rows(), $card()];
        $taken = $this->without($boat, 'P3');

        $does = $this->send('POST', '/boat/change', $taken, 200)->json('trips');
        self::assertSame(1, $does[0]['gone']);
        self::assertContains('P3 is taken out, and its line with it.', $does[0]['says']);
        self::assertSame($boat, $this->boat(), 'nothing is kept by looking');

        $kept = $this->send('PUT', '/boat', $taken, 200)->json();
        self::assertNotContains('P3', array_column($kept['holders'], 'code'));
        $next = $this->send('GET', '/spreads/{next}', expect: 200)->json();
        self::assertCount(11, $next['lines']);
        self::assertSame(2, $next['version'], 'a page that has it open is told');
        self::assertSame($kept['holders'], $next['boat']['holders']);
        $this->send('POST', '/spreads/{next}/preview', $next, 200)->assertJsonCount(11, 'lines');

        $then = $this->send('GET', "/spreads/{$past->id}", expect: 200)->json();
        self::assertContains('P3', array_column($then['boat']['holders'], 'code'));
        self::assertCount(count($before[0]), $then['lines']);
        self::assertEquals($before[1], $card());
        $this->send('PUT', "/spreads/{$past->id}", $then, 200);
    }

    public function test_a_tip_moved_leaves_trips_gone_by_where_they_were(): void
    {
        $boat = $this->boat();
        $past = $this->pastSpread();
        $before = $this->runs($past->id);
        foreach ($boat['holders'] as $i => $holder) {
            $boat['holders'][$i]['height'] = $holder['height'] + 1.0;
        }
        $says = $this->send('POST', '/boat/change', $boat, 200)->json('trips.0.says');
        self::assertMatchesRegularExpression('/runs at \d+ ft instead of \d+ ft/', implode(' ', $says));
        $this->send('PUT', '/boat', $boat, 200);
        self::assertEquals($before, $this->runs($past->id));
        // Changed again, what is gone by stays with the first.
        foreach ($boat['holders'] as $i => $holder) {
            $boat['holders'][$i]['height'] = $holder['height'] - 0.5;
        }
        $this->send('PUT', '/boat', ['version' => 2] + $boat, 200);
        self::assertEquals($before, $this->runs($past->id));
    }

    public function test_codes_exchanged_and_a_side_mirrored_are_kept(): void
    {
        $boat = $this->boat();
        $codes = array_column($boat['holders'], 'code');
        [$p1, $p2] = [array_search('P1', $codes, true), array_search('P2', $codes, true)];
        [$boat['holders'][$p1]['code'], $boat['holders'][$p2]['code']] = ['P2', 'P1'];
        $kept = $this->send('PUT', '/boat', $boat, 200)->json();
        self::assertSame($boat['holders'][$p1]['id'], array_column($kept['holders'], 'id', 'code')['P2']);

        $hull = array_intersect_key($boat, ['length' => true, 'beam' => true]);
        $mirrored = $this->send('POST', '/boat/rail', $hull + ['holders' => $boat['holders'], 'mirror' => 'port'], 200)->json();
        self::assertSame([], $mirrored['remarks']);
        $this->send('PUT', '/boat', ['version' => 2, 'holders' => $mirrored['holders']] + $boat, 200);
    }

    public function test_a_bite_of_a_holder_taken_out_since_is_still_taken(): void
    {
        $spread = $this->opened($this->nextSpread());
        $trip = $spread['trip_id'];
        $holder = array_column($spread['boat']['holders'], 'id', 'code')['P3'];
        $this->send('PUT', '/boat', $this->without($this->boat(), 'P3'), 200);
        $at = '2031-06-02T10:00:00Z';
        $this->send('POST', "/trips/{$trip}/events", ['sent_at' => $at, 'events' => [[
            'uuid' => '0190b1a4-0000-7000-8000-00000000a001', 'kind' => 'bite', 'at' => $at, 'spread_id' => $spread['id'],
            'holder_id' => $holder, 'speed' => $spread['speed'], 'lines' => $spread['lines'],
        ]]], 200)->assertJsonPath('refused', []);
        $this->send('GET', "/trips/{$trip}/bites", expect: 200)->assertJsonPath('0.holder', 'P3');
    }

    public function test_a_new_trip_is_begun_in_her_holders_as_they_are_now(): void
    {
        Trip::query()->whereDate('date', '>=', now()->format('Y-m-d'))->delete();
        $this->send('PUT', '/boat', $this->without($this->boat(), 'P3'), 200);
        $begun = $this->send('GET', '/trips/new', expect: 200)->json();
        $trip = $this->send('POST', '/trips', $begun, 201)->json();
        $spread = $this->opened($trip['spreads'][0]['id']);
        self::assertNotEmpty($spread['lines']);
        self::assertSame([], array_diff(
            array_column($spread['lines'], 'holder_id'), array_column($spread['boat']['holders'], 'id'),
        ));
    }

    public function test_a_boat_nobody_could_sail_changes_nothing(): void
    {
        $boat = $this->boat();
        $boat['holders'][2]['code'] = $boat['holders'][3]['code'];
        $boat['holders'][4]['height'] = 40;
        $this->assertRefusedAt(['/holders/2/code', '/holders/3/code', '/holders/4/height'], 'PUT', '/boat', $boat);
        $boat = $this->boat();
        $boat['holders'][1]['id'] = $boat['holders'][0]['id'];
        $this->assertRefusedAt(['/holders/1/id'], 'PUT', '/boat', $boat);
        self::assertSame(1, Boat::query()->sole()->version);
    }

    public function test_boat_and_locker_go_out_as_a_file_and_come_in_unchanged_or_not_at_all(): void
    {
        $file = $this->send('GET', '/boat/file', expect: 200)->json();
        $found = $this->send('POST', '/boat/file', $file, 200)->json();
        self::assertSame(['Second Lamp', 12, [], []], [$found['name'], $found['holders'], $found['added'], $found['does']]);
        $this->send('PUT', '/boat/file', $file, 200);
        self::assertEqualsWithDelta($file, $this->send('GET', '/boat/file', expect: 200)->json(), 1e-9);

        $other = $file;
        $other['boat']['name'] = 'Third Lamp';
        $other['boat']['holders'] = array_values(array_filter(
            $other['boat']['holders'], static fn (array $holder): bool => $holder['code'] !== 'P3',
        ));
        $other['locker'] = ['balls' => [['name' => 'Ball 20 lb', 'mass' => 9.07]]];
        $found = $this->send('POST', '/boat/file', $other, 200)->json();
        self::assertSame([['Ball 20 lb'], 1], [$found['added'], $found['does'][0]['gone']]);
        $other['locker']['lures'] = [['name' => 'Odd', 'kind' => 'trumpet', 'finish' => 'red']];
        $this->assertRefusedAt(['/locker/lures/0'], 'PUT', '/boat/file', $other);
        $tall = $file;
        $tall['boat']['holders'][2]['height'] = 60.0;
        $this->assertRefusedAt(['/boat/holders/2/height'], 'PUT', '/boat/file', $tall);
        $this->assertRefusedAt(['/admek'], 'POST', '/boat/file', ['version' => 2] + $file);
        self::assertEqualsWithDelta($file, $this->send('GET', '/boat/file', expect: 200)->json(), 1e-9);
        unset($other['locker']['lures']);
        self::assertSame('Third Lamp', $this->send('PUT', '/boat/file', $other, 200)->json('name'));
    }

    /** @return array<string, mixed> as it is sent back */
    private function boat(): array
    {
        $boat = $this->send('GET', '/boat', expect: 200)->json();
        unset($boat['id']);
        foreach ($boat['holders'] as $i => $holder) {
            unset($boat['holders'][$i]['place']);
        }

        return $boat;
    }

    /**
     * @param  array<string, mixed>  $boat
     * @return array<string, mixed>
     */
    private function without(array $boat, string $code): array
    {
        $boat['holders'] = array_values(array_filter(
            $boat['holders'], static fn (array $holder): bool => $holder['code'] !== $code,
        ));

        return $boat;
    }

    /** @return list<array<string, mixed>> */
    private function runs(int $spread): array
    {
        return $this->send('POST', "/spreads/{$spread}/preview", $this->opened($spread), 200)->json('lines');
    }

    private function pastSpread(): Spread
    {
        return Trip::query()->whereDate('date', '<', now()->format('Y-m-d'))->firstOrFail()->spreads()->firstOrFail();
    }

    private function nextSpread(): int
    {
        return (int) Trip::query()->whereDate('date', '>=', now()->format('Y-m-d'))->firstOrFail()->spreads()->value('id');
    }

    /** @return array<string, mixed> */
    private function opened(int $spread): array
    {
        return $this->send('GET', "/spreads/{$spread}", expect: 200)->json();
    }
}
