<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\LaptopName;
use App\Models\Boat;
use App\Models\KeptEvents;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Support\FeatureTestCase;

/** Days that a wrong clock told, and days that two laptops told. */
final class MovedTimesTest extends FeatureTestCase
{
    private const NOW = '2031-06-03T12:00:00.000Z';

    private string $day;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(self::NOW);
        $this->seedDemo();
        $this->day = "/trips/{$this->demoTrip()->id}";
        $this->demoTrip()->update(['date' => '2031-06-01']);
    }

    public function test_what_a_clock_years_off_told_is_put_right_as_one_and_back(): void
    {
        // 05:00 of the port's clock is 09:00 UTC; the laptop's thought it 2011.
        $this->tell('2011-03-01T02:00:00Z', 1, 'out');
        $this->tell('2011-03-01T03:30:00Z', 2, 'bite');
        $this->tell('2011-03-01T03:31:00Z', 3, 'landed', ['of' => self::uuid(2), 'species' => 'king']);
        $before = $this->read();

        $elsewhere = $this->moved(['first' => '2031-06-01T06:00', 'events' => [self::uuid(9)]]);
        $this->send('POST', "{$this->day}/events", $elsewhere, 200)
            ->assertJsonPath('refused.0.errors.0.pointer', '/events');
        $this->send('POST', "{$this->day}/events", $this->moved(['first' => 'noon', 'events' => [self::uuid(1)]]), 200)
            ->assertJsonPath('refused.0.errors.0.pointer', '/first');
        self::assertSame($before, $this->read());

        $told = $this->moved(['first' => '2031-06-01T06:00', 'events' => array_map(self::uuid(...), [3, 1, 2])]);
        self::assertSame([], $this->send('POST', "{$this->day}/events", $told, 200)->json('refused'));
        $log = array_column($this->send('GET', "{$this->day}/day", expect: 200)->json('log'), 'at', 'uuid');
        self::assertSame(
            ['2031-06-01T09:00:00.000Z', '2031-06-01T10:30:00.000Z', '2031-06-01T10:31:00.000Z'],
            array_map(static fn (int $n): string => $log[self::uuid($n)], [1, 2, 3]),
        );
        self::assertSame('2031-06-01 10:30:00', DB::table('bites')->where('uuid', self::uuid(2))->value('bitten_at'));
        $trip = $this->demoTrip();
        $boat = Boat::query()->sole();
        $back = (float) $trip->midnight($boat)->addMinutes($trip->clock($boat)->backBy)->format('U');
        $until = KeptEvents::until($trip, $boat, (float) now()->format('U'));
        self::assertSame($back, $until, 'nothing fishes on till it was put right');

        // Out as a file and back in, it is the same day.
        $file = (string) $this->send('GET', "{$this->day}/day/file/json", expect: 200)->getContent();
        $put = $this->read();
        DB::table('bites')->delete();
        DB::table('events')->delete();
        $this->takeIn($file);
        self::assertSame($put, $this->read());

        $this->tell('2031-06-03T12:00:00Z', 8, 'void', ['of' => self::uuid(7)]);
        self::assertSame($before, $this->read());
    }

    public function test_two_laptops_are_two_and_the_fish_that_both_told_is_asked_about(): void
    {
        $name = resolve(LaptopName::class);
        $this->send('PUT', '/devices/laptop', ['name' => str_repeat('x', 41)], 422);
        self::assertSame('Helm', $this->send('PUT', '/devices/laptop', ['name' => 'Helm'], 200)->json('laptop'));
        self::assertSame(['Helm', 'Helm'], [$name->told(), $this->send('GET', '/aboard')->json('name')]);
        $this->tell('2031-06-01T09:00:00Z', 1, 'out');
        $this->tell('2031-06-01T10:30:00Z', 2, 'bite');
        $other = str_replace(
            ['"who":"Helm"', self::uuid(2)], ['"who":"Cabin"', self::uuid(12)],
            (string) $this->send('GET', "{$this->day}/day/file/json", expect: 200)->getContent(),
        );
        $this->takeIn($other);
        self::assertSame(
            [['one' => self::uuid(2), 'other' => self::uuid(12)]],
            $this->send('GET', "{$this->day}/day", expect: 200)->json('twice'),
        );
        $this->tell('2031-06-01T10:35:00Z', 13, 'void', ['of' => self::uuid(12)]);
        $day = $this->send('GET', "{$this->day}/day", expect: 200)->json();
        self::assertSame([[], 1], [$day['twice'], count($day['bites'])]);
    }

    public function test_a_laptop_that_nobody_named_is_called_by_its_key(): void
    {
        $names = [];
        foreach (['a', 'b'] as $laptop) {
            $file = "{$this->database}.{$laptop}";
            file_put_contents("{$file}.key", str_repeat($laptop, 32));
            $names[] = (new LaptopName($file))->told();
            self::assertSame($names[count($names) - 1], (new LaptopName($file))->told());
            unlink("{$file}.key");
        }
        self::assertMatchesRegularExpression('/^Laptop [A-Z][a-z]{3}$/', $names[0]);
        self::assertNotSame($names[0], $names[1]);
        self::assertSame('The laptop', (new LaptopName("{$this->database}.none"))->told());
    }

    protected function tearDown(): void
    {
        @unlink("{$this->database}.name");
        parent::tearDown();
    }

    private static function uuid(int $n): string
    {
        return sprintf('0190b1a4-0000-7000-8000-%012d', $n);
    }

    /** @param  array<string, mixed>  $told */
    private function tell(string $at, int $n, string $kind, array $told = []): void
    {
        $spread = $this->demoSpread();
        $p3 = $this->holder('P3');
        $told += match ($kind) {
            'out' => ['holder_id' => $p3, 'line' => array_column($spread['lines'], null, 'holder_id')[$p3]],
            'bite' => ['holder_id' => $p3] + array_intersect_key($spread, ['speed' => 0, 'lines' => 0]),
            default => [],
        };
        $events = ['sent_at' => self::NOW, 'events' => [['uuid' => self::uuid($n), 'kind' => $kind, 'at' => $at] + $told]];
        self::assertSame([], $this->send('POST', "{$this->day}/events", $events, 200)->json('refused'));
    }

    /**
     * @param  array<string, mixed>  $told
     * @return array<string, mixed>
     */
    private function moved(array $told): array
    {
        return ['sent_at' => self::NOW, 'events' => [['uuid' => self::uuid(7), 'kind' => 'moved', 'at' => self::NOW] + $told]];
    }

    /** @return list<mixed> the day, but for what moved it */
    private function read(): array
    {
        $day = $this->send('GET', "{$this->day}/day", expect: 200)->json();

        return [
            array_values(array_filter($day['log'], static fn (array $event): bool => $event['kind'] !== 'moved')),
            $day['bites'], $day['line_hours'],
            $this->send('GET', "{$this->day}/bites", expect: 200)->json('*.bitten_at'),
        ];
    }

    private function takeIn(string $file): void
    {
        $this->call('PUT', '/api/days/file?trip='.$this->demoTrip()->id, content: $file, server: [
            'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json',
        ])->assertOk();
    }
}
