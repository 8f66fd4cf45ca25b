<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Instruments\TrackPoint;
use App\Instruments\Track;
use App\Models\Bite;
use App\Models\Gear\Lure;
use App\Models\Spread;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Support\DemoRows;

final class BiteTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }

    public function test_a_bite_keeps_what_every_line_was_doing(): void
    {
        $bite = $this->send('POST', '/trips/{next}/bites', $this->bite(), 201)->json();

        self::assertSame('P3', $bite['holder']);
        self::assertSame('2031-06-01T11:02:33Z', $bite['bitten_at']);
        self::assertCount(12, $bite['snapshot']['lines']);
        $line = array_column($bite['snapshot']['lines'], null, 'holder')['P3'];
        self::assertEqualsWithDelta(64.6 * 0.3048, $line['depth'], 0.3);
        self::assertSame(['Slate Lantern', 3.0], [$line['lure'], (float) $line['set_up']['dial']]);
        self::assertSame([$bite], $this->send('GET', '/trips/{next}/bites', expect: 200)->json());
    }

    public function test_later_edits_of_spread_and_locker_never_change_history(): void
    {
        $bite = $this->send('POST', '/trips/{next}/bites', $this->bite(), 201)->json();
        Spread::query()->findOrFail(DemoRows::spread('next', $this->database))->saveAgainst(1, 2.0, []);
        Lure::query()->update(['finish' => 'repainted']);

        self::assertSame([$bite], $this->send('GET', '/trips/{next}/bites', expect: 200)->json());
    }

    public function test_a_bite_in_a_turn_keeps_the_turn(): void
    {
        $straight = $this->send('POST', '/trips/{next}/bites', $this->bite(), 201)->json('snapshot');
        $turning = $this->send(
            'POST',
            '/trips/{next}/bites',
            ['what_if' => ['speed' => 0.9, 'turn' => ['radius' => 120, 'side' => 'port']]] + $this->bite(),
            201,
        )->json('snapshot');

        self::assertNull($straight['turn']);
        self::assertEquals(['radius' => 120, 'side' => 'port'], $turning['turn']);
        self::assertSame(0.9, $turning['speed']);
        self::assertNotSame($straight['lines'][2]['depth'], $turning['lines'][2]['depth']);
    }

    public function test_a_bite_in_a_turn_keeps_what_its_lure_went_through_as_she_was_steered(): void
    {
        $this->travelTo('2031-06-01T11:02:34Z');
        $at = (float) strtotime('2031-06-01T11:02:33Z');
        (new Track)->take(array_map(static fn (int $i): TrackPoint => new TrackPoint($at - 60.0 + 5.0 * $i, [
            'water_speed' => 1.0, 'heading' => 200.0 - 15.0 * max(0, $i - 6), 'turn' => $i > 6 ? -3.0 : 0.0,
        ]), range(0, 12)));
        $kept = $this->send('POST', '/trips/{next}/bites', $this->bite(), 201)->json('snapshot');
        self::assertSame(['port', 1.0], [$kept['turn']['side'], (float) $kept['speed']]);
        $through = $kept['turned'];
        self::assertTrue($through['top'] <= $through['depth'] && $through['depth'] <= $through['bottom']);
        self::assertTrue($through['slowest'] < 1.0 && $through['slowest'] <= $through['speed'], 'inside it slows');
    }

    public function test_a_bite_sent_twice_is_kept_once(): void
    {
        $bite = $this->bite();
        $first = $this->send('POST', '/trips/{next}/bites', $bite, 201)->json();
        $again = $this->send('POST', '/trips/{next}/bites', ['note' => 'changed on the way'] + $bite, 200)->json();

        self::assertSame($first, $again);
        self::assertCount(1, $this->send('GET', '/trips/{next}/bites')->json());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unusable(): iterable
    {
        yield 'no id of its own' => [['uuid' => 'x'], '/uuid'];
        yield 'no time' => [['bitten_at' => 'dawn'], '/bitten_at'];
        yield 'no time anybody fished' => [['bitten_at' => '0001-01-01T00:00:00Z'], '/bitten_at'];
        yield 'a rod that is not out' => [['holder_id' => 99], '/holder_id'];
        yield 'an unknown fish' => [['species' => 'kraken'], '/species'];
        yield 'an unknown outcome' => [['outcome' => 'eaten'], '/outcome'];
        yield 'a whale' => [['weight' => 5000], '/weight'];
        yield 'a length in words' => [['length' => 'long'], '/length'];
        yield 'a novel' => [['note' => str_repeat('x', 501)], '/note'];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('unusable')]
    public function test_an_unusable_bite_is_refused_whole(array $wrong, string $pointer): void
    {
        $this->assertRefusedAt([$pointer], 'POST', '/trips/{next}/bites', $wrong + $this->bite());
        self::assertSame(7, Bite::query()->count(), 'only the demo’s own');
    }

    public function test_a_spread_of_another_trip_is_refused(): void
    {
        $other = DemoRows::spread('past', $this->database);
        $this->assertRefusedAt(['/spread_id'], 'POST', '/trips/{next}/bites', ['spread_id' => $other] + $this->bite());
    }

    public function test_a_note_keeps_every_letter(): void
    {
        $note = "Größe? 🐟 <b>'\" \\ 北";

        self::assertSame($note, $this->send('POST', '/trips/{next}/bites', ['note' => $note] + $this->bite(), 201)->json('note'));
    }

    /** @return array<string, mixed> */
    private function bite(): array
    {
        $spread = $this->demoSpread();

        return [
            'uuid' => \Illuminate\Support\Str::uuid()->toString(), 'spread_id' => $spread['id'],
            'bitten_at' => '2031-06-01T11:02:33Z',
            'holder_id' => $this->holder('P3'),
            'species' => 'king', 'outcome' => 'landed', 'length' => 0.8, 'weight' => 5.2, 'note' => null,
            'speed' => $spread['speed'], 'lines' => $spread['lines'],
        ];
    }
}
