<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Instruments\TrackPoint;
use App\Instruments\Track;
use App\Models\Gear\Lure;
use App\Models\Spread;
use Illuminate\Support\Str;
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
        $bite = $this->bitten();

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
        $bite = $this->bitten();
        Spread::query()->findOrFail(DemoRows::spread('next', $this->database))->saveAgainst(1, 2.0, []);
        Lure::query()->update(['finish' => 'repainted']);

        self::assertSame([$bite], $this->send('GET', '/trips/{next}/bites', expect: 200)->json());
    }

    public function test_a_bite_in_a_turn_keeps_the_turn(): void
    {
        $straight = $this->bitten()['snapshot'];
        $turning = $this->bitten(['what_if' => ['speed' => 0.9, 'turn' => ['radius' => 120, 'side' => 'port']]])['snapshot'];

        self::assertNull($straight['turn']);
        self::assertEquals(['radius' => 120, 'side' => 'port'], $turning['turn']);
        self::assertSame(0.9, $turning['speed']);
        self::assertNotSame($straight['lines'][2]['depth'], $turning['lines'][2]['depth']);
    }

    public function test_a_bite_in_a_turn_keeps_what_its_lure_went_through_as_she_was_steered(): void
    {
        $this->travelTo('2031-06-01T11:02:34Z');
        $at = (float) strtotime('2031-06-01T11:02:33Z');
        $track = new Track;
        $track->stage(array_map(static fn (int $i): TrackPoint => new TrackPoint($at - 60.0 + 5.0 * $i, [
            'water_speed' => 1.0, 'heading' => 200.0 - 15.0 * max(0, $i - 6), 'turn' => $i > 6 ? -3.0 : 0.0,
        ]), range(0, 12)));
        $track->takeStaged();
        $kept = $this->bitten()['snapshot'];
        self::assertSame(['port', 1.0], [$kept['turn']['side'], (float) $kept['speed']]);
        $through = $kept['turned'];
        self::assertTrue($through['top'] <= $through['depth'] && $through['depth'] <= $through['bottom']);
        self::assertTrue($through['slowest'] < 1.0 && $through['slowest'] <= $through['speed'], 'inside it slows');
    }

    public function test_a_note_keeps_every_letter(): void
    {
        $note = "Größe? 🐟 <b>'\" \\ 北";

        self::assertSame($note, $this->bitten(came: ['note' => $note])['note']);
    }

    /**
     * Told and landed, as it is kept.
     *
     * @param  array<string, mixed>  $more  of the bite
     * @param  array<string, mixed>  $came  of what came of it
     * @return array<string, mixed>
     */
    private function bitten(array $more = [], array $came = []): array
    {
        $spread = $this->demoSpread();
        $bite = Str::uuid()->toString();
        $at = '2031-06-01T11:02:33Z';
        $told = $this->send('POST', '/trips/{next}/events', ['sent_at' => now()->format('Y-m-d\TH:i:s\Z'), 'events' => [
            $more + [
                'uuid' => $bite, 'kind' => 'bite', 'at' => $at, 'spread_id' => $spread['id'],
                'holder_id' => $this->holder('P3'), 'speed' => $spread['speed'], 'lines' => $spread['lines'],
            ],
            $came + [
                'uuid' => Str::uuid()->toString(), 'kind' => 'landed', 'at' => $at, 'of' => $bite, 'species' => 'king',
                'length' => 0.8, 'weight' => 5.2,
            ],
        ]], 200)->json();
        self::assertSame([], $told['refused']);

        return array_column($this->send('GET', '/trips/{next}/bites', expect: 200)->json(), null, 'uuid')[$bite];
    }
}
