<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bite;
use App\Models\Boat;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\Support\FeatureTestCase;
use ZipArchive;

/** All that was recorded out as one file, and back into an empty Admek. */
final class EverythingTest extends FeatureTestCase
{
    /** The smallest picture there is: one pixel. */
    private const PIXEL = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

    public function test_what_comes_back_into_an_empty_admek_is_written_the_same_again(): void
    {
        $this->seedDemo();
        $bite = Bite::query()->firstOrFail();
        DB::table('photographs')->insert([
            'bite' => $bite->uuid, 'trip_id' => $bite->trip_id, 'type' => 'image/png',
            'picture' => (string) base64_decode(self::PIXEL, true),
            'added_at' => '2031-05-01 08:00:00', 'who' => 'Mate’s phone',
        ]);
        DB::table('track')->insert(['at' => 1_795_000_000_123, 'latitude' => 45.3100001, 'longitude' => -38.4, 'depth' => 30.0]);
        $this->send('POST', '/spreads/{next}/soundings', [
            'holder_id' => $this->holder('P3'), 'taken_at' => '2031-05-01T08:00:00Z', 'method' => 'sonar', 'depth' => 18.0,
        ] + $this->demoSpread(), 201);
        $spread = $this->send('GET', '/spreads/{next}')->json();
        $written = $this->written();
        $lines = explode("\n", trim($written));
        self::assertStringStartsWith('{"format":"admek-everything","version":2,"data":"2026', $lines[0]);
        self::assertStringContainsString('"base64"', $written);
        self::assertStringNotContainsString('"table":"devices"', $written);

        $this->emptied();
        $counts = $this->read($written, 200)->json();
        self::assertSame(count($lines) - 2, array_sum($counts), 'but for the first line and the last');
        self::assertSame([1, 7, 1], [$counts['boats'], $counts['bites'], $counts['photographs']]);
        self::assertSame(hash('xxh128', $written), hash('xxh128', $this->written()), 'byte for byte');
        self::assertEquals($spread, $this->send('GET', '/spreads/{next}', expect: 200)->json());
        self::assertStringContainsString('nothing here is written over', (string) $this->read($written, 422)->json('detail'));
    }

    #[TestWith(['csv'])]
    #[TestWith(['gpx'])]
    public function test_every_day_that_was_fished_is_packed_as_the_file_it_comes_back_in_by(string $format): void
    {
        $this->seedDemo();
        $packed = $this->get("/api/days/file/{$format}");
        self::assertSame([200, 'application/zip'], [$packed->getStatusCode(), $packed->headers->get('Content-Type')]);
        $path = (string) tempnam(sys_get_temp_dir(), 'days');
        file_put_contents($path, $packed->streamedContent());
        $zip = new ZipArchive;
        self::assertTrue($zip->open($path));
        $trip = $this->demoTrip('past');
        $day = $zip->getFromName("day-{$trip->date->format('Y-m-d')}-{$trip->id}.{$format}");
        self::assertSame($this->get("/api/trips/{$trip->id}/day/file/{$format}")->getContent(), $day);
        self::assertSame(2, $zip->numFiles, 'the one day, and whose it is');
        $zip->close();
        unlink($path);
        $this->send('GET', '/days/file/xml', expect: 404);
    }

    /** @param  callable(list<string>): array<string>  $spoil */
    #[DataProvider('spoilt')]
    public function test_what_is_spoilt_is_refused_by_its_line_and_nothing_is_kept(
        callable $spoil, string $where, string $why,
    ): void {
        $this->seedDemo();
        $lines = explode("\n", trim($this->written()));
        $this->emptied();
        $refused = $this->read(implode("\n", $spoil($lines))."\n", 422);
        self::assertStringContainsString($where, (string) $refused->json('errors.0.pointer'));
        self::assertStringContainsString($why, (string) $refused->json('detail'));
        self::assertSame([0, 0, 0], [Boat::query()->count(), DB::table('trips')->count(), DB::table('events')->count()]);
    }

    /** @return iterable<string, array{callable(list<string>): array<string>, string, string}> */
    public static function spoilt(): iterable
    {
        $at = static fn (int $line, callable $change): callable => static fn (array $lines): array => array_replace(
            $lines, [$line => $change($lines[$line])],
        );
        yield 'another format' => [$at(0, static fn (): string => '{"format":"admek-spread"}'), 'line 1', 'admek-everything'];
        yield 'of another Admek' => [
            $at(0, static fn (string $line): string => str_replace('2026_', '2031_', $line)), 'line 1', 'bring the other one up',
        ];
        yield 'no JSON' => [$at(4, static fn (string $line): string => substr($line, 0, -3)), 'line 5', 'JSON'];
        yield 'a table nobody knows' => [
            $at(3, static fn (string $line): string => str_replace('"table":"', '"table":"x', $line)), 'line 4', 'a row of',
        ];
        yield 'a column nobody knows' => [
            $at(3, static fn (string $line): string => str_replace('"row":{', '"row":{"sails":2,', $line)), 'line 4',
            'which has no sails',
        ];
        yield 'a column that is missing' => [
            $at(3, static fn (string $line): string => (string) preg_replace('/"name":"[^"]*",?/', '', $line)), 'line 4',
            'is missing',
        ];
        yield 'half of it' => [
            static fn (array $lines): array => self::signed(array_filter(
                $lines, static fn (string $line): bool => ! str_contains($line, '"table":"trips"'),
            )), 'file', 'that is not in it',
        ];
        yield 'cut short' => [static fn (array $lines): array => array_slice($lines, 0, -1), 'file', 'cut short'];
        yield 'cut short by much' => [static fn (array $lines): array => array_slice($lines, 0, 20), 'file', 'cut short'];
        yield 'changed since' => [
            static fn (array $lines): array => str_replace('Dunmarl', 'Dunmore', $lines), 'file', 'changed since',
        ];
        yield 'with more behind' => [static fn (array $lines): array => [...$lines, $lines[3]], 'line ', 'is the last'];
        yield 'nothing' => [static fn (): array => [], '', ''];
    }

    #[TestWith(['photographs', 'type', 'text/html'])]
    #[TestWith(['photographs', 'type', 'text/javascript'])]
    #[TestWith(['photographs', 'picture', '<script>1</script>'])]
    #[TestWith(['boats', 'units', 'furlongs'])]
    #[TestWith(['boats', 'timezone', 'Nowhere/Atall'])]
    #[TestWith(['boats', 'length', -3])]
    #[TestWith(['boats', 'crew', 'two'])]
    #[TestWith(['boats', 'rule_books', '{"go":7}'])]
    #[TestWith(['boats', 'instruments', '"x"'])]
    #[TestWith(['holders', 'kind', 'sail'])]
    #[TestWith(['holders', 'side', 'up'])]
    #[TestWith(['holders', 'code', "P1\u{0007}"])]
    #[TestWith(['lures', 'kind', 'dynamite'])]
    #[TestWith(['lures', 'rated_depth', 1e9])]
    #[TestWith(['reels', 'test', -5.0])]
    #[TestWith(['reels', 'material', 'rope'])]
    #[TestWith(['trips', 'date', '2031-02-31'])]
    #[TestWith(['trips', 'lines_in', 'dawn'])]
    #[TestWith(['trips', 'species', '["kraken"]'])]
    #[TestWith(['trips', 'forecast', '{"hours":3}'])]
    #[TestWith(['trips', 'pass', '"west"'])]
    #[TestWith(['trips', 'water', 'brandy'])]
    #[TestWith(['spreads', 'setting_order', '{"a":"b"}'])]
    #[TestWith(['spreads', 'speed', 'slow'])]
    #[TestWith(['spread_lines', 'presentation', 'kite'])]
    #[TestWith(['spread_lines', 'let_out', -1e300])]
    #[TestWith(['spread_lines', 'overrides', '[5]'])]
    #[TestWith(['bites', 'outcome', 'eaten'])]
    #[TestWith(['bites', 'snapshot', '[]'])]
    #[TestWith(['events', 'kind', 'dreamt'])]
    #[TestWith(['events', 'at', '1e9'])]
    #[TestWith(['events', 'tells', '{"lines":"many"}'])]
    #[TestWith(['chores', 'key', 7])]
    #[TestWith(['target_bands', 'top', 'surface'])]
    #[TestWith(['temperature_readings', 'celsius', '8'])]
    #[TestWith(['track', 'latitude', 900.0])]
    #[TestWith(['structures', 'places', '[[1]]'])]
    #[TestWith(['charts', 'grid', '{"cells":[]}'])]
    public function test_a_value_nobody_could_have_typed_is_refused_with_its_place(
        string $table, string $column, string|int|float $spoilt,
    ): void {
        $this->seedDemo();
        $this->fill();
        $lines = explode("\n", trim($this->written()));
        foreach ($lines as $i => $line) {
            $told = json_decode($line, true);
            if (($told['table'] ?? null) === $table) {
                $told['row'][$column] = $spoilt;
                $lines[$i] = (string) json_encode($told, JSON_PRESERVE_ZERO_FRACTION);
                $at = $i + 1;
            }
        }
        self::assertTrue(isset($at), "there is a row of {$table}");
        $this->emptied();
        $refused = $this->read(implode("\n", $lines)."\n", 422, signed: true);
        self::assertMatchesRegularExpression('~^/line \d+~', (string) $refused->json('errors.0.pointer'));
        self::assertSame(0, Boat::query()->count());
        $this->send('GET', '/boat', expect: 404);
    }

    /** What the demo world lacks. */
    private function fill(): void
    {
        $bite = Bite::query()->firstOrFail();
        DB::table('photographs')->insert([
            'bite' => $bite->uuid, 'trip_id' => $bite->trip_id, 'type' => 'image/png',
            'picture' => (string) base64_decode(self::PIXEL, true), 'added_at' => '2031-05-01 08:00:00', 'who' => 'Mate’s phone',
        ]);
        DB::table('track')->insert(['at' => 1_795_000_000_123, 'latitude' => 45.3100001, 'longitude' => -38.4, 'depth' => 30.0]);
        $this->send('POST', '/structures', ['name' => 'Hump', 'kind' => 'hump', 'places' => [[45.3, -38.4]]], 201);
        $this->send('PUT', '/trips/{next}/chores/ice', ['done' => true], 200);
    }

    private function written(): string
    {
        return $this->get('/api/everything')->assertOk()->streamedContent();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function read(string $text, int $expect, bool $signed = false): TestResponse
    {
        $text = $signed ? implode("\n", self::signed(explode("\n", trim($text))))."\n" : $text;
        $answer = $this->call('PUT', '/api/everything', server: [
            'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/octet-stream',
        ], content: $text);
        self::assertSame($expect, $answer->getStatusCode(), substr((string) $answer->getContent(), 0, 400));

        return $answer;
    }

    /**
     * With the last line such a file would have.
     *
     * @param  array<string>  $lines
     * @return list<string>
     */
    private static function signed(array $lines): array
    {
        $lines = array_slice(array_values($lines), 0, -1);
        $hash = hash('sha256', implode("\n", $lines)."\n");

        return [...$lines, (string) json_encode(['end' => ['rows' => count($lines) - 1, 'sha256' => $hash]])];
    }

    private function emptied(): void
    {
        self::assertSame(0, $this->command('migrate:fresh', ['--force' => true]));
    }
}
