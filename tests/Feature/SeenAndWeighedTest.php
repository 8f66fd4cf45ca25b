<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Books\Book;
use App\Models\Boat;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\Support\FeatureTestCase;

/** Signs of the water told on it, and fish weighed in their net: what follows from them. */
final class SeenAndWeighedTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2031-06-01T10:00:00.000Z');
        $this->seedDemo();
    }

    public function test_what_is_seen_on_the_water_stands_in_for_what_was_read_before_until_it_is_read_again(): void
    {
        $this->travelTo('2031-06-01T09:00:00Z');
        $this->send('PUT', '/trips/{next}/water/signs', ['clarity' => 'clear', 'sky' => 'clear', 'surface' => 'calm'], 200);
        $this->travelTo('2031-06-01T10:00:00Z');
        $this->tell('signs', 1, ['clarity' => 'stained'], '09:20');
        $this->tell('signs', 2, ['sky' => 'overcast', 'note' => 'front coming'], '09:40');
        $this->tell('signs', 3, ['clarity' => 'tinted', 'surface' => 'rough'], '08:00');
        $seen = ['clarity' => 'stained', 'sky' => 'overcast', 'surface' => 'calm'];
        self::assertEquals($seen, $this->signs());
        self::assertEquals($seen, self::tapped($this->send('GET', '/trips/{next}/watch', expect: 200)->json('signs')));

        $this->tell('void', 4, ['of' => self::uuid(1)], '09:50');
        self::assertSame('clear', $this->signs()['clarity'], 'taken back');
        $this->tell('signs', 5, ['sky' => null], '09:55');
        self::assertEquals(['clarity' => 'clear', 'surface' => 'calm'], $this->signs(), 'not known any more');
        $this->send('PUT', '/trips/{next}/water/signs', ['sky' => 'broken'], 200);
        self::assertSame('broken', $this->signs()['sky'], 'read again');

        $log = array_column($this->send('GET', '/trips/{next}/day', expect: 200)->json('log'), 'words', 'uuid');
        self::assertSame('signs of the water: sky overcast', $log[self::uuid(2)]);
        self::assertSame('signs of the water: sky not known', $log[self::uuid(5)]);
    }

    public function test_what_the_leader_should_be_follows_the_water_as_it_is_seen(): void
    {
        $this->send('PUT', '/trips/{next}/water/signs', ['clarity' => 'clear', 'sky' => 'clear'], 200);
        $clear = $this->send('GET', '/trips/{next}/water', expect: 200)->json('advice');
        $this->travelTo('2031-06-01T10:10:00Z');
        $this->tell('signs', 1, ['clarity' => 'stained'], '10:05');

        self::assertNotEquals($clear, $this->send('GET', '/trips/{next}/water', expect: 200)->json('advice'));
    }

    public function test_a_follow_and_lost_gear_are_told_and_what_to_do_about_them(): void
    {
        self::assertFalse($this->send('GET', '/trips/{next}/watch', expect: 200)->json('follows'), 'kings do not');
        $this->demoTrip()->update(['species' => ['muskie']]);
        self::assertTrue($this->send('GET', '/trips/{next}/watch', expect: 200)->json('follows'));
        $line = array_column($this->demoSpread()['lines'], null, 'holder_id')[$this->holder('P3')];
        foreach ([1, 4] as $first) {
            $this->tell('out', $first, ['holder_id' => $this->holder('P3'), 'line' => $line], "09:0{$first}");
            $this->tell('fouled', $first + 1, ['holder_id' => $this->holder('P3')], '09:0'.($first + 1));
            $this->tell('gear_lost', $first + 2, ['holder_id' => $this->holder('P3')], '09:0'.($first + 2));
        }
        $this->tell('followed', 8, ['latitude' => 45.3, 'longitude' => -38.4], '09:58');
        $keys = array_column($this->send('GET', '/trips/{next}/changes', expect: 200)->json('changes'), 'key');
        self::assertSame('followed-'.self::uuid(8), $keys[0]);
        self::assertContains('gear-2', $keys);
        self::assertSame('in_boat', array_column(
            $this->send('GET', '/trips/{next}/watch', expect: 200)->json('rods'), 'state', 'holder',
        )['P3']);
        $gpx = (string) $this->send('GET', '/trips/{next}/day/file/gpx', expect: 200)->getContent();
        self::assertStringContainsString('<name>a fish followed</name>', $gpx);
        $this->tell('answer', 9, ['key' => $keys[0], 'answer' => 'taken'], '09:59');
        $keys = array_column($this->send('GET', '/trips/{next}/changes', expect: 200)->json('changes'), 'key');
        self::assertNotContains('followed-'.self::uuid(8), $keys);
    }

    public function test_the_net_a_fish_was_weighed_in_is_taken_off_as_it_weighed_then(): void
    {
        $this->bite();
        $this->tell('landed', 2, ['of' => self::uuid(1), 'weight' => 6.5, 'in_net' => true], '09:40');
        $net = $this->send('GET', '/boat', expect: 200)->json('net_weight');
        self::assertSame($this->boat()->book(Book::Day)->get('net_weight'), $net);
        self::assertEqualsWithDelta(6.5 - $net, $this->weight(), 1e-9);

        $this->send('PUT', '/boat/books/day', ['own' => ['net_weight' => 8.0]], 200);
        self::assertEqualsWithDelta(6.5 - $net, $this->weight(), 1e-9, 'another net changes no fish');
        $this->tell('landed', 3, ['of' => self::uuid(1), 'weight' => 6.5], '09:45');
        self::assertEqualsWithDelta(6.5, $this->weight(), 1e-9);
        $csv = (string) $this->send('GET', '/trips/{next}/day/file/csv', expect: 200)->getContent();
        self::assertStringContainsString(','.round(6.5 - $net, 3).',', $csv);
    }

    #[TestWith([0.3, true])]
    #[TestWith([61.0, false])]
    public function test_a_fish_that_weighs_less_than_nothing_or_more_than_any_is_refused(float $weight, bool $inNet): void
    {
        $this->bite();
        $event = ['uuid' => self::uuid(2), 'kind' => 'landed', 'at' => '2031-06-01T09:40:00Z', 'of' => self::uuid(1)];
        $refused = $this->send('POST', '/trips/{next}/events', [
            'sent_at' => '2031-06-01T10:00:00Z', 'events' => [$event + ['weight' => $weight, 'in_net' => $inNet]],
        ], 200)->json('refused.0.errors.0');

        self::assertSame('/weight', $refused['pointer']);
        self::assertEqualsWithDelta(0.02 + ($inNet ? 0.9 : 0.0), $refused['least'], 1e-9);
    }

    private function boat(): Boat
    {
        return Boat::query()->firstOrFail();
    }

    private function weight(): float
    {
        return $this->send('GET', '/trips/{next}/day', expect: 200)->json('bites.0.weight');
    }

    /** @return array<string, mixed> */
    private function signs(): array
    {
        return self::tapped($this->send('GET', '/trips/{next}/water', expect: 200)->json('signs'));
    }

    /**
     * @param  array<string, mixed>  $signs
     * @return array<string, mixed>
     */
    private static function tapped(array $signs): array
    {
        return array_intersect_key($signs, ['clarity' => 0, 'sky' => 0, 'surface' => 0]);
    }

    private function bite(): void
    {
        $spread = $this->demoSpread();
        $asked = ['spread_id' => $spread['id'], 'speed' => $spread['speed'], 'lines' => $spread['lines']];
        $this->tell('bite', 1, ['holder_id' => $this->holder('P3')] + $asked, '09:30');
    }

    /** @param  array<string, mixed>  $more */
    private function tell(string $kind, int $number, array $more, string $clock): void
    {
        $event = ['uuid' => self::uuid($number), 'kind' => $kind, 'at' => "2031-06-01T{$clock}:00Z"] + $more;
        $sent = ['sent_at' => now()->format('Y-m-d\TH:i:s\Z'), 'events' => [$event]];
        self::assertSame([], $this->send('POST', '/trips/{next}/events', $sent, 200)->json('refused'));
    }

    private static function uuid(int $number): string
    {
        return sprintf('0190b1a4-0000-7000-8000-%012d', $number);
    }
}
