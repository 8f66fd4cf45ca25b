<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Files\ManoeuvreCase;
use Admek\Core\Files\ManoeuvreResult;
use Admek\Core\Files\TowCase;
use Admek\Core\Files\TowResult;
use Admek\Core\Ground\Place;
use Admek\Core\InvalidValue;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Motion\CannotMove;
use Admek\Core\Towing\Motion\Mover;
use App\Files\Gpx;
use Illuminate\Support\Facades\DB;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Support\Mutants;
use Tests\Support\Sqlite;

/**
 * Spoilt files: each is taken whole or refused whole, with words, and what is kept of one can be shown. MUTANTS in the
 * environment asks for so many of each, MUTANTS_SEED for others.
 */
final class MutantsTest extends FeatureTestCase
{
    private const MOST_MEMORY = 256 * 1024 * 1024;

    /** @return iterable<string, array{string, string, ?string}> method, path, the field of JSON the text goes in, or as it is */
    public static function importers(): iterable
    {
        yield 'temperatures' => ['POST', '/trips/{next}/water/temperatures', 'text'];
        yield 'forecast in JSON' => ['POST', '/trips/{next}/forecast/file', 'text'];
        yield 'forecast in CSV' => ['POST', '/trips/{next}/forecast/file', 'text'];
        yield 'bottom profile' => ['PUT', '/trips/{next}/bottom', 'profile'];
        yield 'GPX' => ['PUT', '/structures/file', null];
        yield 'GeoJSON' => ['PUT', '/structures/file', null];
        yield 'chart' => ['PUT', '/chart', null];
        yield 'spread file' => ['POST', '/spreads/{next}/file', null];
        yield 'gear table' => ['PUT', '/locker/lures/table', 'text'];
        yield 'boat file' => ['PUT', '/boat/file', null];
        yield 'day file' => ['PUT', '/days/file?trip={trip}', null];
        yield 'day as a table' => ['PUT', '/days/file?trip={trip}', null];
        yield 'day as GPX' => ['PUT', '/days/file?trip={trip}', null];
        yield 'gear' => ['PUT', '/locker/lures/{lure}', null];
    }

    #[DataProvider('importers')]
    public function test_a_spoilt_file_is_taken_whole_or_not_at_all(string $method, string $path, ?string $field): void
    {
        $this->seedDemo();
        $good = $this->good((string) $this->dataName());
        // Another connection sees when something was kept.
        $beside = new PDO("sqlite:{$this->database}");
        $version = static fn (): string => Sqlite::value($beside, 'pragma data_version');
        $mutants = new Mutants((int) (getenv('MUTANTS_SEED') ?: 20261127));
        $broken = [];
        $taken = 0;
        $count = (int) (getenv('MUTANTS') ?: 60);
        self::assertLessThan(300, $this->bring($method, $path, $field, $good)->getStatusCode(), 'the good one');
        for ($i = 0; $i < $count; $i++) {
            $mutant = $mutants->of($good);
            $before = $version();
            $answer = $this->bring($method, $path, $field, $mutant);
            $status = $answer->getStatusCode();
            $said = json_decode((string) $answer->getContent(), true);
            $half = $status >= 400 && $before !== $version();
            if ($status >= 500 || ! is_array($said) || $half || ($status === 422 && ($said['errors'] ?? []) === [])) {
                $broken[] = "{$i}: {$status} ".($half ? 'half kept ' : '').substr((string) $answer->getContent(), 0, 200)
                    ."\n".substr($mutant, 0, 400);
            }
            $taken += $status < 300 ? 1 : 0;
            if ($i % 200 === 0) {
                $this->assertShown();
            }
        }
        self::assertSame([], array_slice($broken, 0, 5));
        self::assertGreaterThan(0, $taken, 'some are still good');
        self::assertLessThan($count, $taken, 'and some are not');
        $this->assertShown();
        self::assertLessThan(self::MOST_MEMORY, memory_get_peak_usage(true));
    }

    public function test_a_spoilt_tow_case_is_solved_or_refused_with_its_place(): void
    {
        $this->assertSolvedOrRefused('reference-cases', static function (mixed $case): void {
            TowResult::of(TowCase::ofJson($case));
        });
    }

    public function test_a_spoilt_manoeuvre_is_followed_or_refused_with_its_place(): void
    {
        $this->assertSolvedOrRefused('reference-manoeuvres', static function (mixed $case): void {
            ManoeuvreResult::of(ManoeuvreCase::ofJson($case), new Mover(budget: 5000));
        });
    }

    /** @param  callable(mixed): void  $solve */
    private function assertSolvedOrRefused(string $cases, callable $solve): void
    {
        $good = array_map(
            static fn (string $file): mixed => json_decode((string) file_get_contents($file), true)['case'],
            glob(dirname(__DIR__)."/{$cases}/*.json") ?: [],
        );
        $mutants = new Mutants((int) (getenv('MUTANTS_SEED') ?: 20261127));
        $refused = 0;
        $count = (int) (getenv('MUTANTS') ?: 60);
        for ($i = 0; $i < $count; $i++) {
            $case = json_decode($mutants->of((string) json_encode($good[$i % count($good)])), true, 128);
            try {
                $solve($case);
            } catch (InvalidValue|CannotTow|CannotMove $told) {
                self::assertNotSame('', $told->getMessage());
                $refused++;
            }
        }
        self::assertGreaterThan(0, $refused);
        self::assertLessThan($count, $refused);
        self::assertLessThan(self::MOST_MEMORY, memory_get_peak_usage(true));
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function bring(string $method, string $path, ?string $field, string $text)
    {
        $whole = $path === '/trips/{next}/bottom' ? ['bottom' => 40.0, 'clearance' => 1.0, 'structure' => null] : [];
        $body = $field === null ? $text
            : (string) json_encode([$field => $text] + $whole, JSON_INVALID_UTF8_SUBSTITUTE);

        $path = strtr($path, [
            '{lure}' => (string) DB::table('lures')->max('id'), '{trip}' => (string) $this->demoTrip('past')->id,
        ]);

        return $this->call($method, "/api{$path}", server: [
            'CONTENT_TYPE' => in_array($path, ['/structures/file', '/chart'], true) ? 'application/gpx+xml' : 'application/json',
            'HTTP_ACCEPT' => 'application/json',
        ], content: $body);
    }

    /** Whatever was kept, every screen is answered; and there is not more and more of it. */
    private function assertShown(): void
    {
        foreach ([
            '/chart', '/structures/file/gpx', '/structures/file/geojson', '/locker', '/trips', '/trips/{next}/preparation',
            '/trips/{next}/water', '/spreads/{next}/deck-card', '/trips/{next}/day', '/trips/{next}/watch',
            '/trips/{next}/bites', '/trips/{next}/changes',
        ] as $path) {
            $this->call('GET', "/api{$path}", server: ['HTTP_ACCEPT' => 'application/json'])->assertStatus(200);
        }
        DB::table('structures')->delete();
        foreach (['reels', 'lures', 'balls', 'divers', 'boards'] as $list) {
            DB::table($list)->where('id', '>', 200)->whereNotIn('id', DB::table('spread_lines')->pluck(match ($list) {
                'reels' => 'reel_id', 'lures' => 'lure_id', 'balls' => 'ball_id', 'divers' => 'diver_id', default => 'board_id',
            })->filter())->delete();
        }
    }

    private function good(string $importer): string
    {
        return match ($importer) {
            'temperatures' => "depth ft;temp °F\n0;66,2\n20;65\n40;62\n46;56\n74;48\n118;44\n",
            'forecast in JSON' => (string) file_get_contents(resource_path('forecasts/settled.json')),
            'forecast in CSV' => "time,wind mph,gust,from,wave ft,visibility mi\n05:00,8,11,220,1.5,9\n06:00,8,11,220,1.5,9\n"
                ."07:00,9,12,230,2,9\n12:00,11,15,240,2,9\n",
            'bottom profile' => "0 30\n200 28.5\n500 20\n900 41\n",
            'GPX' => $this->out('/structures/file/gpx'),
            'GeoJSON' => $this->out('/structures/file/geojson'),
            'chart' => (string) json_encode([
                'format' => 'admek-bottom', 'version' => 1, 'name' => 'A shelf', 'source' => 'made up', 'south' => 45.3,
                'west' => -38.5, 'step' => 0.002,
                'rows' => array_map(static fn (int $row): array => array_map(
                    static fn (int $column): float => round(20.0 + 2.0 * $row + 8.0 * sin($column / 3), 1), range(0, 11),
                ), range(0, 11)),
            ]),
            'gear table' => $this->out('/locker/lures/table'),
            'boat file' => $this->out('/boat/file'),
            'day file' => $this->day(),
            'day as a table' => self::renamed($this->out('/trips/{past}/day/file/csv')),
            'day as GPX' => $this->dayAsGpx(),
            'spread file' => (string) $this->call('GET', '/api/spreads/{next}/file')->getContent(),
            default => (string) json_encode([
                'name' => 'Borrowed', 'kind' => 'medium_spoon', 'finish' => 'copper',
            ]),
        };
    }

    /** Of the past trip, by other names, with a line set before. */
    private function day(): string
    {
        /** @var array{events: list<array<string, mixed>>, track: list<array<string, float>>} $day */
        $day = json_decode($this->out('/trips/{past}/day/file/json'), true);
        $day['events'] = array_slice($day['events'], 0, 4);
        $line = array_merge(...array_column(array_column($day['events'], 'tells'), 'lines'))[2];
        array_unshift($day['events'], [
            'uuid' => '11111111-0000-7000-8000-000000000001', 'kind' => 'out', 'holder' => $line['holder'], 'of' => null,
            'tells' => array_intersect_key($line, array_flip(['holder', 'reel', 'lure', 'finish', 'set_up'])),
        ] + $day['events'][0]);
        $day['track'] = [['at' => $day['events'][0]['at'], 'latitude' => 45.31, 'longitude' => -38.42, 'depth' => 35.5]];

        return self::renamed((string) json_encode($day, JSON_PRESERVE_ZERO_FRACTION));
    }

    /** As it is written where she had instruments. */
    private function dayAsGpx(): string
    {
        /** @var array{events: list<array<string, mixed>>} $day */
        $day = json_decode($this->day(), true);
        $time = gmdate('Y-m-d\TH:i:s.000\Z', (int) $day['events'][0]['at']);
        $gpx = new Gpx;
        $gpx->point('wpt', new Place(45.31, -38.42), ['time' => $time, 'name' => 'P3 king landed'], ['event' => array_map(
            static fn (array $event): string => (string) json_encode($event, JSON_PRESERVE_ZERO_FRACTION), $day['events'],
        )]);
        $gpx->begin('trk');
        $gpx->begin('trkseg');
        $gpx->point('trkpt', new Place(45.31, -38.42), ['time' => $time], ['figures' => ['{"depth":35.5,"heading":321.0}']]);
        $gpx->end();
        $gpx->end();

        return $gpx->text();
    }

    /** Events by other names. */
    private static function renamed(string $text): string
    {
        return (string) preg_replace('/\b[0-9a-f]{8}-(?=[0-9a-f]{4}-)/', '0190b1a4-', $text);
    }

    private function out(string $path): string
    {
        return (string) $this->call('GET', "/api{$path}")->getContent();
    }
}
