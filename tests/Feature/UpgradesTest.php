<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Migrations;
use App\Models\Bite;
use Illuminate\Support\Facades\DB;
use PDO;
use Tests\Feature\Support\DataInAFolder;
use Tests\Feature\Support\FeatureTestCase;

/** Data of other Admeks: brought up whole, or left as it is. */
final class UpgradesTest extends FeatureTestCase
{
    use DataInAFolder;

    public function test_what_an_older_admek_wrote_is_backed_up_before_it_is_brought_up_to_date(): void
    {
        $backups = dirname($this->database).'/backups';
        $before = glob("{$backups}/*") ?: [];
        self::assertSame(0, $this->command('admek:upgrade'));
        self::assertSame($before, glob("{$backups}/*") ?: [], 'nothing to be brought up to date');

        $this->oldest();
        self::assertSame(0, $this->command('admek:upgrade', ['--also' => $this->folder]), $this->printed());
        self::assertSame(0, $this->command('admek:check'), $this->printed());
        self::assertSame(2, Bite::query()->count());
        $this->send('GET', '/boat', expect: 200)->assertJsonPath('name', 'First Lamp');
        $spread = $this->send('GET', '/spreads/1', expect: 200)->json();
        $this->send('POST', '/spreads/1/preview', $spread, 200)->assertJsonCount(1, 'lines');
        $bites = $this->send('GET', '/trips/1/bites', expect: 200)->assertJsonCount(2)->json();
        $told = $this->send('GET', '/trips/1/day', expect: 200)->json('bites');
        foreach (['uuid', 'holder', 'outcome', 'species', 'length', 'weight', 'note'] as $figure) {
            self::assertEqualsCanonicalizing(array_column($bites, $figure), array_column($told, $figure), $figure);
        }
        $made = array_diff(glob("{$backups}/*") ?: [], $before);
        self::assertCount(1, $made);
        self::assertStringEndsWith('-before-upgrade.sqlite', (string) current($made));
        self::assertCount(1, glob("{$this->folder}/*-before-upgrade.sqlite") ?: []);
        array_map(unlink(...), $made);
        @rmdir($backups);
    }

    public function test_data_begun_at_the_baseline_is_brought_up_from_there(): void
    {
        $this->command('migrate:fresh', [
            '--path' => 'database/migrations/2026_02_01_000000_baseline.php', '--force' => true,
        ]);
        DB::table('boats')->insert(['name' => 'Lantern Rose', 'length' => 9.0, 'beam' => 3.0]);
        DB::table('holders')->insert(['boat_id' => 1, 'code' => 'P1', 'side' => 'port', 'kind' => 'rod', 'place' => 0] + [
            'aft' => -1.0, 'starboard' => -1.0, 'height' => 1.0,
        ]);
        $this->stopped();
        self::assertSame(0, $this->command('admek:upgrade'), $this->printed());
        $boat = $this->send('GET', '/boat', expect: 200)->json();
        self::assertSame(['Lantern Rose', ['P1']], [$boat['name'], array_column($boat['holders'], 'code')]);
        self::assertSame(
            $this->app->make(Migrations::class)->current(), DB::table('migrations')->orderBy('id')->pluck('migration')->all(),
        );
        exec('rm -rf '.escapeshellarg(dirname($this->database).'/backups'));
    }

    public function test_gear_is_counted_a_clock_chosen_and_leaders_told_by_what_there_was_before(): void
    {
        $this->command('migrate:fresh', [
            '--path' => 'database/migrations/2026_02_01_000000_baseline.php', '--force' => true,
        ]);
        DB::table('boats')->insert([
            'name' => 'Lantern Rose', 'length' => 9.0, 'beam' => 3.0, 'units' => 'metric',
            'stores' => json_encode(['leader 6 ft fluorocarbon 25 lb' => 10, 'leader 2.5 m nylon 20 lb' => 3, 'ice' => 9.5]),
        ]);
        foreach (['P1', 'P2', 'S1'] as $place => $code) {
            DB::table('holders')->insert([
                'boat_id' => 1, 'code' => $code, 'side' => 'port', 'kind' => 'rod', 'place' => $place, 'aft' => -1.0 - $place,
                'starboard' => -1.0, 'height' => 1.0,
            ]);
        }
        DB::table('reels')->insert(array_map(
            static fn (string $name): array => ['boat_id' => 1, 'name' => $name, 'material' => 'nylon', 'test' => 20.0],
            ['Hung thrice', 'Never hung'],
        ));
        DB::table('lures')->insert(['boat_id' => 1, 'name' => 'Tern', 'kind' => 'medium_spoon', 'finish' => 'silver']);
        DB::table('trips')->insert([
            'boat_id' => 1, 'date' => '2026-05-01', 'lines_in' => '06:00', 'back_by' => '12:00', 'ground' => 'Bank',
            'anglers' => 2, 'species' => '["king"]',
        ]);
        foreach ([1 => [1, 2, 3], 2 => [1, 2]] as $spread => $holders) {
            DB::table('spreads')->insert(['trip_id' => 1, 'name' => "Plan {$spread}", 'speed' => 1.0]);
            foreach ($holders as $holder) {
                DB::table('spread_lines')->insert([
                    'spread_id' => $spread, 'holder_id' => $holder, 'presentation' => 'flat', 'reel_id' => 1, 'lure_id' => 1,
                    'let_out' => 20.0, 'attractor' => 'dodger', 'leader_length' => 2.0, 'leader_test' => 25.0,
                    'leader_material' => 'fluorocarbon',
                ]);
            }
        }
        $this->stopped();
        self::assertSame(0, $this->command('admek:upgrade'), $this->printed());
        self::assertSame([3, 1], DB::table('reels')->orderBy('id')->pluck('count')->all(), 'what one spread hung was aboard');
        self::assertSame([null], DB::table('lures')->pluck('count')->all());
        self::assertSame('24', DB::table('boats')->value('clock_face'));
        self::assertEquals(
            ['leader 1.83 fluorocarbon 25' => 10, 'leader 2.50 nylon 20' => 3, 'ice' => 9.5],
            json_decode((string) DB::table('boats')->value('stores'), true),
        );
        $line = $this->send('GET', '/spreads/1', expect: 200)->json('lines.0');
        self::assertSame(['dodger', null], [$line['attractor'], $line['attractor_id']], 'any of its kind still hangs there');
        exec('rm -rf '.escapeshellarg(dirname($this->database).'/backups'));
    }

    public function test_data_of_a_newer_admek_is_neither_changed_nor_served(): void
    {
        DB::table('migrations')->insert(['migration' => '2099_add_sails', 'batch' => 9]);
        $this->stopped();
        $before = md5_file($this->database);
        self::assertSame(1, $this->command('admek:upgrade'));
        self::assertStringContainsString('A newer Admek has written it', $this->printed());
        $this->stopped();
        self::assertSame($before, md5_file($this->database));
    }

    public function test_a_chart_from_before_its_lines_were_kept_is_drawn_once_and_one_too_rough_to_draw_is_kept(): void
    {
        $this->oldest();
        $this->command('admek:upgrade');
        $rough = ['south' => 45.3, 'west' => -38.5, 'step' => 0.001, 'rows' => array_map(
            static fn (int $row): array => array_map(
                static fn (int $at): float => ($row * 7 + $at * 13) % 2 * 300.0, range(0, 299),
            ),
            range(0, 299),
        )];
        foreach (['a slope' => array_fill(0, 9, range(10.0, 50.0, 5.0)), 'rough' => $rough['rows']] as $name => $rows) {
            DB::table('charts')->delete();
            DB::table('charts')->insert(['boat_id' => 1, 'name' => $name, 'grid' => json_encode(['rows' => $rows] + $rough)]);
            DB::table('migrations')->where('migration', 'like', '%draw_charts')->delete();
            $this->stopped();
            self::assertSame(0, $this->command('admek:upgrade'), $this->printed());
            self::assertNotNull(DB::table('charts')->value('drawn'));
            $lines = $this->send('GET', '/chart', expect: 200)->json('contours');
            self::assertSame($name === 'rough', $lines === [], $name);
        }
        exec('rm -rf '.escapeshellarg(dirname($this->database).'/backups'));
    }

    public function test_old_data_brought_up_and_new_data_begun_have_the_same_tables(): void
    {
        $tables = static function (): array {
            $shape = [];
            foreach (DB::table('sqlite_master')->where('type', 'table')->orderBy('name')->pluck('name') as $table) {
                $sorted = static function (string $pragma, string ...$keys) use ($table): array {
                    $rows = array_map(static fn (object $row): string => (string) json_encode(
                        array_intersect_key((array) $row, array_flip($keys)),
                    ), DB::select("pragma {$pragma}(\"{$table}\")"));
                    sort($rows);

                    return $rows;
                };
                $shape[(string) $table] = [
                    $sorted('table_info', 'name', 'type', 'notnull', 'dflt_value', 'pk'),
                    $sorted('foreign_key_list', 'table', 'from', 'to', 'on_delete'),
                    $sorted('index_list', 'name', 'unique'),
                ];
            }

            return $shape;
        };
        $begun = $tables();
        self::assertGreaterThan(20, count($begun));
        $this->oldest();
        $this->command('admek:upgrade');
        self::assertSame($begun, $tables());
        exec('rm -rf '.escapeshellarg(dirname($this->database).'/backups'));
    }

    /** The data of the oldest Admek there was, in place of the test's. */
    private function oldest(): void
    {
        $this->stopped();
        foreach (['', '-wal', '-shm'] as $part) {
            @unlink($this->database.$part);
        }
        (new PDO("sqlite:{$this->database}"))->exec((string) file_get_contents(dirname(__DIR__).'/Support/oldest.sql'));
    }
}
