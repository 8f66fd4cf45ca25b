<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Boat;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Support\FeatureTestCase;

/** The end of a day, the trip after it, and trips that are called off or deleted. */
final class DayEndTest extends FeatureTestCase
{
    private const NOW = '2031-06-01T10:00:00.000Z';

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(self::NOW);
        $this->seedDemo();
    }

    public function test_what_was_used_goes_down_with_the_end_of_the_day_and_comes_back_with_its_undo(): void
    {
        Boat::query()->update(['stores' => json_encode(['ice' => 20.0, 'baits' => 30])]);
        $ice = fn (): array => Boat::query()->firstOrFail()->stores ?? [];
        $this->tell(1, 'ended', ['left' => ['ice' => 5.0]]);
        self::assertEquals(['ice' => 5.0, 'baits' => 30.0], $ice());
        $end = $this->end();
        self::assertSame([self::uuid(1), '2031-06-01T09:50:00.000Z'], [$end['end'], $end['ended']]);
        self::assertTrue($this->send('GET', '/trips/{next}', expect: 200)->json('ended'));
        self::assertSame('log', $this->send('GET', '/trips/{next}', expect: 200)->json('next.screen'));
        $told = json_decode((string) DB::table('events')->where('kind', 'ended')->value('tells'), true);
        self::assertEquals(['left' => ['ice' => 5.0], 'used' => ['ice' => 15.0]], $told);

        $this->tell(2, 'void', ['of' => self::uuid(1)]);
        self::assertEquals(20.0, $ice()['ice']);
        self::assertNull($this->end()['ended']);
        $wrong = $this->tell(3, 'ended', ['left' => ['ice' => -1.0]], kept: false);
        self::assertSame('/left/ice', $wrong['refused'][0]['errors'][0]['pointer']);
    }

    public function test_what_nobody_told_to_its_end_is_open(): void
    {
        $spread = $this->demoSpread();
        $bite = fn (int $number): array => $this->tell($number, 'bite', [
            'holder_id' => $this->holder('P3'), 'speed' => $spread['speed'], 'lines' => $spread['lines'],
        ]);
        $bite(1);
        $bite(2);
        $this->tell(3, 'landed', ['of' => self::uuid(2), 'species' => 'king']);
        $bite(4);
        $this->tell(5, 'kept', ['of' => self::uuid(4), 'species' => 'king']);
        $bite(6);
        $this->tell(7, 'lost', ['of' => self::uuid(6)]);
        $end = $this->end();
        self::assertEqualsCanonicalizing([self::uuid(1), self::uuid(2)], array_column($end['unfinished'], 'bite'));
        self::assertEqualsCanonicalizing(
            ['landed; whether it was kept was not told.', 'what came of it was not told.'],
            array_column($end['unfinished'], 'words'),
        );
        self::assertSame(['landed' => 2, 'pictured' => 0], $end['photographs']);
        self::assertSame([['species' => 'king', 'landed' => 2, 'kept' => 1, 'released' => 0]], $end['fish']);
    }

    public function test_the_same_spread_tomorrow_is_as_it_was_fished_at_the_end(): void
    {
        $line = array_column($this->demoSpread()['lines'], null, 'holder_id')[$this->holder('P3')];
        $told = ['let_out' => $line['let_out'] - 3.0] + $line;
        $this->tell(1, 'let_out', ['holder_id' => $line['holder_id'], 'line' => $told]);
        $trip = $this->demoTrip();
        $again = $this->send('POST', '/trips/{next}/again', [], 201)->json();
        self::assertSame(
            [$trip->date->addDay()->format('Y-m-d'), $trip->ground, $trip->bottom, $trip->species],
            [$again['date'], $again['ground'], $again['bottom'], $again['species']],
        );
        $lines = array_column(
            $this->send('GET', "/spreads/{$again['spreads'][0]['id']}", expect: 200)->json('lines'), 'let_out', 'holder_id',
        );
        self::assertCount(count($this->demoSpread()['lines']), $lines);
        self::assertEqualsWithDelta($told['let_out'], $lines[$line['holder_id']], 1e-9);
        self::assertSame($again['id'], $this->end()['next']);
        $this->assertRefusedAt(['/lines_in'], 'POST', '/trips/{next}/again', []);
    }

    public function test_a_trip_called_off_is_not_the_next_one_and_leaves_its_hour_free(): void
    {
        $trip = $this->send('GET', '/trips/{next}', expect: 200)->json();
        $this->send('PUT', '/trips/{next}/called-off', ['called_off' => true], 200)->assertJsonPath('called_off', true);
        self::assertNotSame($trip['id'], Boat::query()->firstOrFail()->tripUnderWay()?->id);
        $new = $this->send('POST', '/trips', array_intersect_key($trip, array_flip([
            'date', 'lines_in', 'back_by', 'ground', 'anglers', 'species', 'bottom',
        ])), 201)->json('id');
        $this->assertRefusedAt(['/lines_in'], 'PUT', '/trips/{next}/called-off', ['called_off' => false]);
        $this->send('DELETE', "/trips/{$new}", expect: 204);
        $this->send('PUT', '/trips/{next}/called-off', ['called_off' => false], 200)->assertJsonPath('under_way', true);
    }

    public function test_a_deleted_trip_is_nowhere_and_comes_back_with_all_of_it(): void
    {
        $past = $this->demoTrip('past');
        $season = fn (): int => $this->send('GET', '/season', expect: 200)->json('bites');
        [$bites, $all] = [$past->bites()->count(), $season()];
        self::assertGreaterThan(0, $bites);
        $this->send('DELETE', "/trips/{$past->id}", expect: 204);
        $this->send('GET', "/trips/{$past->id}", expect: 404);
        $this->send('GET', "/trips/{$past->id}/day", expect: 404);
        self::assertNotContains($past->id, array_column($this->send('GET', '/trips', expect: 200)->json(), 'id'));
        self::assertSame($all - $bites, $season());
        self::assertSame([[$past->id, $bites]], array_map(
            static fn (array $trip): array => [$trip['id'], $trip['bite_count']],
            $this->send('GET', '/trips/deleted', expect: 200)->json(),
        ));
        $this->send('PUT', "/trips/{$past->id}/back", [], 200)->assertJsonPath('bite_count', $bites);
        self::assertSame($all, $season());
        self::assertSame([], $this->send('GET', '/trips/deleted', expect: 200)->json());
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function tell(int $number, string $kind, array $more, bool $kept = true): array
    {
        $event = ['uuid' => self::uuid($number), 'kind' => $kind, 'at' => '2031-06-01T09:50:00Z'] + $more;
        $answer = $this->send('POST', '/trips/{next}/events', ['sent_at' => self::NOW, 'events' => [$event]], 200)->json();
        self::assertSame($kept, $answer['refused'] === [], (string) json_encode($answer));

        return $answer;
    }

    private static function uuid(int $number): string
    {
        return sprintf('0190b1a4-0000-7000-8000-%012d', $number);
    }

    /** @return array<string, mixed> */
    private function end(): array
    {
        return $this->send('GET', '/trips/{next}/end', expect: 200)->json();
    }
}
