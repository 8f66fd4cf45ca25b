<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Sounding;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\FeatureTestCase;

/** A clip-on logger's trace matched to when a rod's line was out. */
final class LoggerTest extends FeatureTestCase
{
    private const DAY = '2031-06-01';

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(self::DAY.'T15:00:00.000Z');
        $this->seedDemo();
        DB::table('boats')->update(['timezone' => 'UTC']);
        DB::table('trips')->where('id', $this->demoTrip()->id)->update(['date' => self::DAY.' 00:00:00']);
        // P3 out twice, with more let out the second time.
        $line = array_column($this->demoSpread()['lines'], null, 'holder_id')[$this->holder('P3')];
        $tell = fn (int $n, string $kind, string $clock, array $more = []): array => [
            'uuid' => sprintf('018f0000-0000-7000-8000-%012d', $n), 'kind' => $kind, 'at' => self::DAY."T{$clock}:00.000Z",
            'holder_id' => $this->holder('P3'),
        ] + $more;
        $this->send('POST', '/trips/{next}/events', ['sent_at' => self::DAY.'T15:00:00.000Z', 'events' => [
            $tell(1, 'out', '09:00', ['line' => $line]), $tell(2, 'in', '10:00'),
            $tell(3, 'out', '10:10', ['line' => ['let_out' => 60.0] + $line]), $tell(4, 'in', '11:00'),
        ]], 200)->assertJsonPath('refused', []);
    }

    public function test_each_time_the_line_settled_becomes_a_sounding_of_its_own_let_out(): void
    {
        $told = $this->send('POST', '/trips/{next}/logger', $this->asked($this->trace()), 200)->json();
        self::assertSame(['ft', false, 0], [$told['unit'], $told['guessed'], $told['bad_rows']]);
        self::assertEqualsWithDelta(
            [70 * 0.3048, 92 * 0.3048], array_column($told['readings'], 'depth'), 0.05, 'spikes to the surface pull nothing',
        );
        self::assertSame(0, Sounding::query()->count(), 'looked at, not kept');
        $ids = $this->send('PUT', '/trips/{next}/logger', $this->asked($this->trace()), 200)->json('soundings');
        self::assertCount(2, $ids);
        $kept = Sounding::query()->orderBy('id')->get();
        self::assertSame(['logger', 'logger'], $kept->pluck('method')->all());
        $second = $kept->sole(static fn (Sounding $one): bool => $one->id === $ids[1]);
        self::assertEqualsWithDelta(60.0, $second->set_up['let_out'], 1e-9);
        $list = $this->send('GET', '/soundings', expect: 200)->json('soundings');
        self::assertSame(['P3', 'P3'], array_column($list, 'holder'));
        self::assertSame([], array_filter(array_column($list, 'trued'), static fn (?float $trued): bool => $trued === null));
    }

    public function test_metres_a_clock_that_is_off_and_gaps_are_told_and_put_right(): void
    {
        $metres = str_replace('depth ft', 'depth m', $this->trace(1 / 3.2808));
        self::assertSame('m', $this->send('POST', '/trips/{next}/logger', $this->asked($metres), 200)->json('unit'));
        $bare = (string) preg_replace('/^.*\n/', '', $this->trace());
        self::assertTrue($this->send('POST', '/trips/{next}/logger', $this->asked($bare), 200)->json('guessed'));

        $off = $this->trace(hours: 6);
        $refused = $this->assertRefusedAt(['/offset'], 'POST', '/trips/{next}/logger', $this->asked($off));
        self::assertStringContainsString('where P3 was out, 9:00 to 11:00', (string) $refused->json('errors.0.detail'));
        $right = $this->send('POST', '/trips/{next}/logger', ['offset' => -360] + $this->asked($off), 200)->json('readings');
        self::assertEqualsWithDelta(70 * 0.3048, $right[0]['depth'], 0.05);

        $gap = implode("\n", array_filter(
            explode("\n", $this->trace()), static fn (string $row): bool => ! str_starts_with($row, self::DAY.' 10:'),
        ));
        $told = $this->send('POST', '/trips/{next}/logger', $this->asked($gap), 200)->json('readings');
        self::assertSame([null, 'Too few readings while the line was settled.'], [$told[1]['depth'], $told[1]['says']]);
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('unusable')]
    public function test_what_cannot_be_used_is_refused_in_words(string $pointer, array $change): void
    {
        $this->assertRefusedAt(
            [$pointer], 'PUT', '/trips/{next}/logger', $change + $this->asked("time,depth ft\n09:20:00,70\n"),
        );
        self::assertSame(0, Sounding::query()->count());
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function unusable(): iterable
    {
        yield 'nothing' => ['/text', ['text' => '']];
        yield 'words' => ['/text', ['text' => 'the fish were deep']];
        yield 'no column of time' => ['/text', ['text' => "depth,temp\n70,48\n"]];
        yield 'depths of no lure' => ['/text', ['text' => "time,depth m\n09:20:00,700\n"]];
        yield 'a rod of no boat' => ['/holder_id', ['holder_id' => 999]];
        yield 'an offset of days' => ['/offset', ['offset' => 5000]];
        yield 'a unit of nobody' => ['/depth_unit', ['depth_unit' => 'ells']];
    }

    public function test_a_line_that_was_not_out_is_sounded_by_nothing(): void
    {
        $refused = $this->assertRefusedAt(['/holder_id'], 'POST', '/trips/{next}/logger', [
            'holder_id' => $this->holder('S3'),
        ] + $this->asked($this->trace()));
        self::assertStringContainsString('S3 was not', (string) $refused->json('errors.0.detail'));
    }

    /** @return array<string, mixed> */
    private function asked(string $text): array
    {
        return ['holder_id' => $this->holder('P3'), 'text' => $text];
    }

    /** Every twenty seconds from nine to eleven, with a jump to the surface now and then. */
    private function trace(float $times = 1.0, int $hours = 0): string
    {
        $rows = ['time,depth ft'];
        for ($second = 0; $second < 7200; $second += 20) {
            $depth = match (true) {
                $second % 700 === 0, $second >= 3600 && $second < 4200 => 0.0,
                $second < 3600 => min(70.0, $second / 2) + 0.3 * sin($second),
                default => min(92.0, ($second - 4200) / 2) + 0.3 * sin($second),
            };
            $rows[] = self::DAY.' '.gmdate('H:i:s', 9 * 3600 + $hours * 3600 + $second).','.round($depth * $times, 3);
        }

        return implode("\n", $rows)."\n";
    }
}
