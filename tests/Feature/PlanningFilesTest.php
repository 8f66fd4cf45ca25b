<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Boat\Hull;
use App\Models\Boat;
use App\Models\Gear\Lure;
use App\Models\Holder;
use App\Models\Trip;
use Symfony\Component\Yaml\Yaml;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\PlansAhead;

/** Drafts, kept spreads, spread files and tables of the planning table, through HTTP. */
final class PlanningFilesTest extends FeatureTestCase
{
    use PlansAhead;

    private const FOOT = 0.3048;

    public function test_the_card_reads_as_the_counter_does(): void
    {
        \App\Models\Gear\Reel::query()->where('name', 'Braid 30 lb, counter')->update(['counter_factor' => 1.1]);
        $rows = [];
        foreach ($this->send('GET', '/spreads/{next}/deck-card', expect: 200)->json('rows') as $row) {
            $rows[$row['running']['holder']] = $row;
        }

        self::assertEqualsWithDelta(150 * self::FOOT * 1.1, $rows['P3']['counter'][1], 1e-6);
        self::assertEqualsWithDelta(
            $rows['P5']['settings'][1], $rows['P5']['counter'][1], 1e-9, 'a rigger reads on its own counter',
        );
        self::assertNull($rows['C1']['counter'], 'colours are counted by their marks');
    }

    public function test_a_draft_covers_more_keeps_the_limit_and_changes_nothing(): void
    {
        $before = $this->demoSpread();
        $bands = [
            ['species' => 'king', 'top' => 14.0, 'bottom' => 22.5, 'weight' => 2.0],
            ['species' => 'lake_trout', 'top' => 28.0, 'bottom' => 34.0, 'weight' => 1.0],
        ];
        $draft = $this->send('POST', '/spreads/{next}/draft', ['bands' => $bands] + $before, 200)->json();

        self::assertGreaterThan($draft['covered_now'], $draft['covered']);
        self::assertSame($before, $this->demoSpread());
        $running = $this->send(
            'POST', '/spreads/{next}/preview', ['lines' => array_column($draft['lines'], 'line')] + $before, 200,
        )->json();
        foreach ($draft['lines'] as $line) {
            self::assertEqualsWithDelta(
                array_column($running['lines'], null, 'holder')[$line['holder']]['depth'], $line['depth'], 0.01,
            );
        }
        self::assertSame(
            [],
            array_intersect(
                ['tangle', 'bottom', 'holder_order', 'neighbours', 'board_under', 'surfaced'],
                array_column($running['breaches'], 'kind'),
            ),
        );
        Trip::query()->update(['line_limit' => 4]);
        self::assertCount(4, $this->send('POST', '/spreads/{next}/draft', ['bands' => $bands] + $before, 200)->json('lines'));
        $bands[0]['bottom'] = 3.0;
        $this->assertRefusedAt(['/bands/0/bottom'], 'POST', '/spreads/{next}/draft', ['bands' => $bands] + $before);
        $this->assertRefusedAt(['/bands'], 'POST', '/spreads/{next}/draft', ['bands' => []] + $before);
        $turning = ['bands' => [$bands[1]], 'what_if' => ['turn' => ['radius' => 50, 'side' => 'port']]] + $before;
        $this->assertRefusedAt(['/what_if/turn'], 'POST', '/spreads/{next}/draft', $turning);
    }

    public function test_bands_and_bottom_are_kept_with_the_trip_whole_or_not_at_all(): void
    {
        $bands = [['species' => 'walleye', 'top' => 6.0, 'bottom' => 12.0, 'weight' => 1.0]];
        self::assertEquals($bands, $this->send('PUT', '/trips/{next}/bands', ['bands' => $bands], 200)->json('bands'));
        $this->assertRefusedAt(
            ['/bands/1/bottom'],
            'PUT',
            '/trips/{next}/bands',
            ['bands' => [...$bands, ['species' => 'king', 'top' => 6.0, 'bottom' => 2.0, 'weight' => 1.0]]],
        );
        self::assertEquals($bands, $this->send('GET', '/trips/{next}')->json('bands'));

        $trip = $this->send(
            'PUT',
            '/trips/{next}/bottom',
            [
                'bottom' => 40.0,
                'clearance' => 2.0,
                'profile' => "distance m;depth m\n0;40\n250;28,5\n500;40\n",
                'profile_name' => 'ledge.csv',
            ],
            200,
        )->json();
        self::assertEquals(
            [['along' => 0, 'depth' => 40], ['along' => 250, 'depth' => 28.5], ['along' => 500, 'depth' => 40]], $trip['profile'],
        );
        $bottom = array_values(
            array_filter(
                $this->send('POST', '/spreads/{next}/preview', $this->demoSpread(), 200)->json('breaches'),
                static fn (array $b): bool => $b['kind'] === 'bottom',
            ),
        )[0];
        self::assertGreaterThan(250.0, $bottom['ahead'], 'gear comes over it a little after the boat');
        $past = $this->send(
            'POST', '/spreads/{next}/preview', ['what_if' => ['gone' => 400.0]] + $this->demoSpread(), 200,
        )->json('breaches');
        self::assertNotContains('bottom', array_column($past, 'kind'));
        foreach (["0,40\n0,30\n", "0,40\nx,30\n", "0\n", '0,9999', "\n"] as $broken) {
            $refused = $this->send(
                'PUT', '/trips/{next}/bottom', ['bottom' => 40.0, 'profile' => $broken], trim($broken) === '' ? 200 : 422,
            );
            self::assertMatchesRegularExpression(
                trim($broken) === '' ? '#^$#' : '#^/profile#', (string) $refused->json('errors.0.pointer'),
            );
        }
        self::assertNull($this->send('GET', '/trips/{next}')->json('profile'), 'an empty one drops it');
    }

    public function test_a_kept_spread_finds_its_place_on_a_boat_whose_holders_have_changed(): void
    {
        $spread = $this->demoSpread();
        $made = $this->send(
            'POST', '/templates', ['name' => 'Summer', 'species' => 'king', 'season' => 'summer'] + $spread, 201,
        )->json();
        self::assertSame([12, 'summer'], [$made['line_count'], $made['season']]);
        $this->assertRefusedAt(['/name'], 'POST', '/templates', ['name' => 'Summer'] + $spread);
        $same = $this->send('POST', "/templates/{$made['id']}/fit", expect: 200)->json();
        self::assertEquals(
            $this->send('POST', '/spreads/{next}/preview', $spread, 200)->json('lines'),
            $this->send('POST', '/spreads/{next}/preview', ['lines' => $same['lines']] + $spread, 200)->json('lines'),
        );

        Holder::query()->where('code', 'P3')->update(['code' => 'PX']);
        Holder::query()->where('code', 'S1')->update(['side' => 'centre']);
        $moved = $this->send('POST', "/templates/{$made['id']}/fit", expect: 200)->json();
        self::assertSame([], $moved['left_out']);
        self::assertContains(Holder::query()->where('code', 'PX')->value('id'), array_column($moved['lines'], 'holder_id'));
        self::assertCount(1, $this->send('GET', '/templates', expect: 200)->json());
        $this->send('DELETE', "/templates/{$made['id']}", expect: 204);
        $this->send('POST', "/templates/{$made['id']}/fit", expect: 404);
    }

    public function test_a_spread_file_goes_out_and_comes_in_on_another_boat(): void
    {
        $file = $this->send('GET', '/spreads/{next}/file', expect: 200)->json();
        self::assertSame(['admek-spread', 1, 'Second Lamp'], [$file['format'], $file['version'], $file['boat']]);
        $depths = array_column(
            $this->send('POST', '/spreads/{next}/preview', $this->demoSpread(), 200)->json('lines'), 'depth', 'holder',
        );

        Boat::query()->first()?->lures()->where('name', 'Moss Beetle')->delete();
        $file['lines'][0]['lure']['name'] = 'A Borrowed Minnow';
        $read = $this->send('POST', '/spreads/{past}/file', $file, 200)->json();
        self::assertSame([['A Borrowed Minnow'], []], [$read['added'], $read['left_out']]);
        $again = array_column(
            $this->send(
                'POST', '/spreads/{past}/preview', $read + $this->send('GET', '/spreads/{past}')->json(), 200,
            )->json('lines'),
            'depth',
            'holder',
        );
        self::assertEqualsWithDelta($depths, $again, 1e-3);

        $lures = count($this->send('GET', '/locker')->json('lures'));
        $this->assertRefusedAt(['/version'], 'POST', '/spreads/{past}/file', ['version' => 2] + $file);
        $this->assertRefusedAt(['/format'], 'POST', '/spreads/{past}/file', ['format' => 'other'] + $file);
        $file['lines'][1]['lure']['name'] = 'Half Kept';
        $file['lines'][3]['dial'] = 9;
        $this->assertRefusedAt(['/lines/3/dial'], 'POST', '/spreads/{past}/file', $file);
        $file['lines'][3]['dial'] = 2;
        $file['lines'][3]['colour'] = 'red';
        $this->send('POST', '/spreads/{past}/file', $file, 422);
        self::assertCount($lures, $this->send('GET', '/locker')->json('lures'), 'nothing of a refused file is stowed');
    }

    public function test_the_table_goes_by_the_captain_s_own_rules_and_one_number_bounds_a_spread_everywhere(): void
    {
        $cell = function (): float {
            $rows = array_map(
                static fn (string $row): array => str_getcsv($row, escape: ''),
                array_filter(explode("\r\n", (string) $this->send('GET', '/spreads/{next}/table', expect: 200)->getContent())),
            );

            return (float) array_column($rows, (int) array_search('rule of thumb, ft', $rows[0], true), 0)['C1'];
        };
        $before = $cell();
        $this->send('PUT', '/boat/books/thumb', ['own' => ['per_colour' => 7.5]], 200);
        self::assertEqualsWithDelta(1.5 * $before, $cell(), 0.2);

        $contract = Yaml::parseFile(base_path('docs/openapi.yaml'))['components']['schemas'];
        $schema = json_decode((string) file_get_contents(base_path('docs/spread.schema.json')), true);
        self::assertSame(array_fill(0, 4, Hull::MOST_HOLDERS), [
            $contract['SpreadPreview']['properties']['lines']['maxItems'],
            $contract['SpreadSave']['properties']['lines']['maxItems'],
            $contract['NewBoat']['properties']['holders']['maxItems'], $schema['properties']['lines']['maxItems'],
        ]);
    }

    public function test_the_table_of_depths_is_csv_in_the_boat_s_units(): void
    {
        $csv = (string) $this->send('GET', '/spreads/{next}/table', expect: 200)->getContent();
        $rows = array_map(static fn (string $row): array => str_getcsv($row, escape: ''), array_filter(explode("\r\n", $csv)));

        self::assertSame('depth, ft', $rows[0][5]);
        self::assertSame(['P3', 'diver', 'Slate Lantern', '150.0', 'ft'], array_slice(array_column($rows, null, 0)['P3'], 0, 5));
        self::assertCount(13, $rows);
        Lure::query()->where('name', 'Slate Lantern')->update(['name' => '=cmd|calc']);
        $csv = (string) $this->send('GET', '/spreads/{next}/table', expect: 200)->getContent();
        self::assertStringContainsString("P3,diver,'=cmd|calc,150.0", $csv, 'a name is no formula');
    }

    public function test_a_spread_file_is_solved_on_the_command_line(): void
    {
        $path = tempnam(sys_get_temp_dir(), 'admek-');
        file_put_contents($path, $this->send('GET', '/spreads/{next}/file')->getContent());
        $depths = array_column(
            $this->send('POST', '/spreads/{next}/preview', $this->demoSpread())->json('lines'), 'depth', 'holder',
        );
        try {
            self::assertSame(0, $this->command('admek:solve', ['file' => $path, '--json' => true]));
            $lines = json_decode((string) $this->printed(), true)['lines'];
            self::assertEqualsWithDelta($depths, array_column($lines, 'depth', 'holder'), 1e-3);
            self::assertSame(0, $this->command('admek:solve', ['file' => $path]));
            self::assertStringContainsString('Slate Lantern', $this->printed());
            file_put_contents($path, '{"format":"admek-spread","version":7}');
            self::assertSame(2, $this->command('admek:solve', ['file' => $path]));
        } finally {
            unlink($path);
        }
        self::assertSame(2, $this->command('admek:solve', ['file' => $path]));
    }
}
