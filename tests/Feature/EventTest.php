<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bite;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\FeatureTestCase;

/** A day told by its events, through HTTP against a real database. */
final class EventTest extends FeatureTestCase
{
    private const NOW = '2031-06-01T10:00:00.000Z';

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(self::NOW);
        $this->seedDemo();
    }

    public function test_a_line_set_bitten_and_landed_is_a_day(): void
    {
        $line = $this->line('P3');
        $told = $this->tell([
            self::event(1, 'out', '09:00:00', ['holder_id' => $line['holder_id'], 'line' => $line]),
            self::event(2, 'bite', '09:30:00.250', ['holder_id' => $line['holder_id']] + $this->asked()),
            self::event(3, 'landed', '09:40:00', ['of' => self::uuid(2), 'species' => 'king', 'length' => 0.8]),
            self::event(4, 'kept', '09:41:00', ['of' => self::uuid(2), 'weight' => 6.2, 'condition' => 'tired']),
            self::event(5, 'note', '09:45:00', ['note' => "Bird's there; <b>gulls</b>"]),
        ]);
        self::assertSame([5, []], [count($told['kept']), $told['refused']]);
        $day = $this->day();
        self::assertSame($told['version'], $day['version']);
        self::assertSame(
            ['P3', 'in_boat', '2031-06-01T09:40:00.000Z', null, 'Slate Lantern'],
            [
                $day['lines'][0]['holder'], $day['lines'][0]['state'], $day['lines'][0]['since'], $day['lines'][0]['due'],
                $day['lines'][0]['line']['lure'],
            ],
        );
        self::assertEqualsWithDelta(0.5, $day['line_hours'], 0.001);
        self::assertSame([['species' => 'king', 'landed' => 1, 'kept' => 1, 'released' => 0]], $day['fish']);
        self::assertSame(
            ['2031-06-01T09:30:00.250Z', 'landed', true, 0.8, 6.2, 'tired'],
            [
                $day['bites'][0]['at'], $day['bites'][0]['outcome'], $day['bites'][0]['kept'], $day['bites'][0]['length'],
                $day['bites'][0]['weight'], $day['bites'][0]['condition'],
            ],
        );
        self::assertSame(['note', 'kept', 'landed', 'bite', 'out'], array_column($day['log'], 'kind'));
        self::assertSame("Bird's there; <b>gulls</b>", $day['log'][0]['note']);
        self::assertMatchesRegularExpression(
            '/^(The laptop|Laptop \w{4})$/', implode(array_unique(array_column($day['log'], 'who'))),
        );

        $bite = $this->send('GET', '/trips/{next}/bites', expect: 200)->json('0');
        self::assertSame(['P3', 'king', 'landed', 6.2], [$bite['holder'], $bite['species'], $bite['outcome'], $bite['weight']]);
        self::assertCount(12, $bite['snapshot']['lines']);
    }

    public function test_what_is_fishing_is_looked_at_in_turn_by_the_captain_s_own_time(): void
    {
        $events = [];
        foreach (['P1', 'P2', 'S2', 'S1'] as $i => $code) {
            $line = $this->line($code);
            $events[] = self::event($i, 'out', "09:0{$i}:00", ['holder_id' => $line['holder_id'], 'line' => $line]);
        }
        $this->tell($events);
        $due = array_column($this->day()['lines'], 'due', 'holder');
        self::assertSame('2031-06-01T09:23:00.000Z', $due['S1']);
        self::assertSame('2031-06-01T09:18:00.000Z', $due['S2'], 'a quarter of the round before');
        $this->send('PUT', '/boat/books/day', ['own' => ['check_every' => 40], 'back' => []], 200);
        self::assertSame('2031-06-01T09:43:00.000Z', array_column($this->day()['lines'], 'due', 'holder')['S1']);
    }

    public function test_sent_twice_it_is_kept_once_and_what_was_told_first_stands(): void
    {
        $line = $this->line('P3');
        $bite = self::event(2, 'bite', '09:30:00', ['holder_id' => $line['holder_id']] + $this->asked());
        $first = $this->tell([$bite]);
        $again = $this->tell([['uuid' => strtoupper($bite['uuid']), 'at' => '2031-06-01T09:59:00Z'] + $bite, $bite]);
        self::assertSame([self::uuid(2), self::uuid(2)], $again['kept']);
        self::assertSame($first['version'], $again['version']);
        self::assertSame(['2031-06-01T09:30:00.000Z'], array_column($this->day()['bites'], 'at'));
    }

    public function test_what_is_taken_back_is_gone_from_the_day_and_kept_all_the_same(): void
    {
        $line = $this->line('P3');
        $this->tell([
            self::event(2, 'bite', '09:30:00', ['holder_id' => $line['holder_id']] + $this->asked()),
            self::event(3, 'void', '09:31:00', ['of' => self::uuid(2)]),
        ]);
        self::assertSame([[], []], [$this->day()['bites'], $this->day()['log']]);
        self::assertSame([], $this->send('GET', '/trips/{next}/bites', expect: 200)->json());
        self::assertSame(2, DB::table('events')->where('trip_id', $this->demoTrip()->id)->count());
        $this->tell([self::event(4, 'void', '09:32:00', ['of' => self::uuid(3)])]);
        self::assertCount(1, $this->send('GET', '/trips/{next}/bites', expect: 200)->json());
    }

    public function test_a_bite_told_without_its_lines_is_of_those_that_were_out_by_then(): void
    {
        $line = $this->line('P3');
        $other = ['lure_id' => $this->line('P5')['lure_id']] + $line;
        $p4 = $this->line('P4');
        $of = ['holder_id' => $line['holder_id'], 'spread_id' => $this->demoSpread()['id']];
        $this->tell([self::event(1, 'out', '08:00:00', ['holder_id' => $line['holder_id'], 'line' => $line])]);
        $this->tell([self::event(2, 'swap', '09:00:00', ['holder_id' => $line['holder_id'], 'line' => $other])]);
        $this->tell([self::event(3, 'out', '09:10:00', ['holder_id' => $p4['holder_id'], 'line' => $p4])]);
        $this->tell([self::event(4, 'speed', '09:20:00', ['speed' => 1.3])]);
        $this->tell([self::event(7, 'in', '09:25:00', ['holder_id' => $p4['holder_id']])]);
        $this->tell([self::event(8, 'void', '09:40:00', ['of' => self::uuid(7)])]);
        $told = $this->tell([self::event(5, 'bite', '08:30:00', $of), self::event(6, 'bite', '09:30:00', $of)]);
        self::assertSame([], $told['refused']);
        $bites = array_column($this->send('GET', '/trips/{next}/bites', expect: 200)->json(), 'snapshot', 'uuid');
        $was = array_map(
            static fn (array $was): array => [array_column($was['lines'], 'lure', 'holder'), (float) $was['speed']],
            [$bites[self::uuid(5)], $bites[self::uuid(6)]],
        );
        self::assertEquals([
            [['P3' => 'Slate Lantern'], $this->demoSpread()['speed']], [['P3' => 'Blue Hour', 'P4' => 'Night Heron'], 1.3],
        ], $was);
    }

    public function test_one_that_cannot_be_used_is_named_with_its_field_and_the_others_are_kept(): void
    {
        $line = $this->line('P3');
        $told = $this->tell([
            self::event(1, 'out', '09:00:00', ['holder_id' => $line['holder_id'], 'line' => ['reel_id' => 9999] + $line]),
            self::event(2, 'checked', '09:01:00', ['holder_id' => $line['holder_id']]),
            self::event(3, 'landed', '09:02:00', ['of' => self::uuid(9), 'weight' => 900.0]),
            self::event(4, 'void', '09:03:00', ['of' => self::uuid(1)]),
        ]);
        self::assertSame([self::uuid(2)], $told['kept']);
        self::assertSame(
            [[0, '/line/reel_id'], [2, '/weight'], [3, '/of']],
            array_map(static fn (array $one): array => [$one['index'], $one['errors'][0]['pointer']], $told['refused']),
        );
        self::assertSame(60.0, (float) $told['refused'][1]['errors'][0]['most']);
    }

    public function test_what_is_one_thing_is_kept_whole_or_not_at_all_and_nothing_else_suffers_by_it(): void
    {
        $thing = ['thing' => self::uuid(90)];
        $bite = self::event(1, 'bite', '09:00:00', ['holder_id' => $this->holder('P3')] + $thing + $this->asked());
        $ended = static fn (float $weight): array => self::event(
            2, 'landed', '09:10:00', ['of' => self::uuid(1), 'weight' => $weight] + $thing,
        );
        $note = self::event(3, 'note', '09:20:00', ['note' => 'fog', 'thing' => self::uuid(91)]);
        $told = $this->tell([$note, $bite, $ended(900.5)]);
        self::assertSame([[self::uuid(3)], [1, 2]], [$told['kept'], array_column($told['refused'], 'index')]);
        self::assertSame(
            ['/thing', '/weight'], array_map(static fn (array $one): string => $one['errors'][0]['pointer'], $told['refused']),
        );
        self::assertSame(['note'], array_column($this->day()['log'], 'kind'));
        $again = $this->tell([$note, $bite, $ended(5.5)]);
        self::assertSame([[self::uuid(3), self::uuid(1), self::uuid(2)], []], [$again['kept'], $again['refused']]);
        self::assertSame(['note', 'landed', 'bite'], array_column($this->day()['log'], 'kind'));
    }

    public function test_a_bite_told_with_what_went_out_before_it_is_of_those_lines(): void
    {
        $events = [];
        foreach (['P3', 'P4'] as $i => $code) {
            $line = $this->line($code);
            $events[] = self::event($i, 'out', "08:0{$i}:00", ['holder_id' => $line['holder_id'], 'line' => $line]);
        }
        $told = $this->tell([...$events, self::event(5, 'bite', '08:30:00', [
            'holder_id' => $this->holder('P3'), 'spread_id' => $this->demoSpread()['id'],
        ])]);
        self::assertSame([], $told['refused']);
        $bite = $this->send('GET', '/trips/{next}/bites', expect: 200)->json('0');
        self::assertSame(['P3', 'P4'], array_column($bite['snapshot']['lines'], 'holder'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unusable(): iterable
    {
        yield 'no id' => [['uuid' => 'x'], '/uuid'];
        yield 'no such kind' => [['kind' => 'dreamt'], '/kind'];
        yield 'no time' => [['at' => 'dawn'], '/at'];
        yield 'no time anybody fished' => [['at' => '0001-01-01T00:00:00Z'], '/at'];
        yield 'of no rod' => [['kind' => 'in'], '/holder_id'];
        yield 'of a rod there never was' => [['kind' => 'in', 'holder_id' => 99], '/holder_id'];
        yield 'of no bite' => [['kind' => 'landed'], '/of'];
        yield 'of what is no id' => [['kind' => 'void', 'of' => 'that'], '/of'];
        yield 'a bite of a rod there never was' => [
            ['kind' => 'bite', 'holder_id' => 99, 'speed' => 1.0, 'lines' => []], '/holder_id',
        ];
        yield 'an unknown fish' => [['kind' => 'landed', 'of' => self::uuid(9), 'species' => 'kraken'], '/species'];
        yield 'a length in words' => [['kind' => 'landed', 'of' => self::uuid(9), 'length' => 'long'], '/length'];
        yield 'a note of a rod' => [['holder_id' => 1], '/holder_id'];
        yield 'a novel' => [['note' => str_repeat('x', 501)], '/note'];
        yield 'a place off the earth' => [['kind' => 'marker', 'latitude' => 95.0, 'longitude' => 0.0], '/latitude'];
        yield 'a spread of another trip' => [['spread_id' => 1], '/spread_id'];
        yield 'a line that is none' => [['kind' => 'out', 'holder_id' => 1, 'line' => ['lure_id' => 1]], '/line/holder_id'];
        yield 'a speed nobody trolls' => [['kind' => 'speed', 'speed' => 40.0], '/speed'];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('unusable')]
    public function test_an_event_that_cannot_be_is_refused(array $wrong, string $pointer): void
    {
        $told = $this->tell([$wrong + self::event(1, 'note', '09:00:00', ['note' => 'x'])]);
        self::assertSame([], $told['kept']);
        self::assertSame($pointer, $told['refused'][0]['errors'][0]['pointer'], (string) json_encode($told));
        self::assertSame([], $this->day()['log']);
    }

    public function test_a_clock_that_is_hours_off_is_put_right(): void
    {
        $line = $this->line('P3');
        $event = self::event(1, 'out', '04:00:00', ['holder_id' => $line['holder_id'], 'line' => $line]);
        $this->send('POST', '/trips/{next}/events', ['sent_at' => '2031-06-01T04:30:00.000Z', 'events' => [$event]], 200);
        self::assertSame('2031-06-01T09:30:00.000Z', $this->day()['log'][0]['at'], 'half an hour ago by its own clock');
        $toldAt = (int) DB::table('events')->where('uuid', self::uuid(1))->value('told_at');
        self::assertSame('2031-06-01T04:00:00Z', gmdate('Y-m-d\TH:i:s\Z', $toldAt));
    }

    public function test_bites_of_another_trip_are_left_alone(): void
    {
        $before = Bite::query()->get()->toArray();
        $this->tell([self::event(2, 'bite', '09:30:00', ['holder_id' => $this->holder('P3')] + $this->asked())]);
        self::assertSame($before, Bite::query()->where('uuid', '!=', self::uuid(2))->get()->toArray());
        self::assertCount(8, Bite::query()->get());
    }

    /**
     * @param  list<array<string, mixed>>  $events
     * @return array<string, mixed>
     */
    private function tell(array $events): array
    {
        return $this->send('POST', '/trips/{next}/events', ['sent_at' => self::NOW, 'events' => $events], 200)->json();
    }

    /** @return array<string, mixed> */
    private function day(): array
    {
        return $this->send('GET', '/trips/{next}/day', expect: 200)->json();
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function event(int $number, string $kind, string $clock, array $more): array
    {
        return ['uuid' => self::uuid($number), 'kind' => $kind, 'at' => "2031-06-01T{$clock}Z"] + $more;
    }

    private static function uuid(int $number): string
    {
        return sprintf('0190b1a4-0000-7000-8000-%012d', $number);
    }

    /** @return array<string, mixed> */
    private function line(string $code): array
    {
        return array_column($this->demoSpread()['lines'], null, 'holder_id')[$this->holder($code)];
    }

    /** @return array<string, mixed> */
    private function asked(): array
    {
        $spread = $this->demoSpread();

        return ['spread_id' => $spread['id'], 'speed' => $spread['speed'], 'lines' => $spread['lines']];
    }
}
