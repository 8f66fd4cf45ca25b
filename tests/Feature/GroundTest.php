<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\OnTheGround;

/** The chart, structures in and out, and passes, through HTTP against a real database. */
final class GroundTest extends FeatureTestCase
{
    use OnTheGround;

    private const FOOT = 0.3048;

    public function test_wood_on_the_bottom_is_met_and_told_before_the_bottom_is(): void
    {
        $deepest = $this->depthOf($this->demoSpread(), 'P5');
        $this->send('PUT', '/trips/{next}/bottom', ['bottom' => $deepest + 6.0, 'clearance' => 1.0, 'structure' => 0.0], 200);
        self::assertSame([], $this->bottomsOfP5());
        self::assertEquals(
            7.0,
            $this->send(
                'PUT', '/trips/{next}/bottom', ['bottom' => $deepest + 6.0, 'clearance' => 1.0, 'structure' => 7.0], 200,
            )->json('structure'),
        );
        self::assertLessThanOrEqual(0.0, $this->bottomsOfP5()[0]['amount']);
        self::assertEquals(7.0, $this->bottomsOfP5()[0]['structure']);
        $this->assertRefusedAt(['/structure'], 'PUT', '/trips/{next}/bottom', ['bottom' => 40.0, 'structure' => 90.0]);
    }

    public function test_the_demo_s_sea_has_its_lines_of_depth_and_its_structures(): void
    {
        $chart = $this->send('GET', '/chart', expect: 200)->json();

        self::assertSame(['Vessamer Sea off Quillhaven', 'made up; no such water'], [$chart['name'], $chart['source']]);
        self::assertEqualsWithDelta(10 * self::FOOT, $chart['contours'][2]['depth'] - $chart['contours'][1]['depth'], 1e-9);
        self::assertContains('Dunmarl Bank', array_column($chart['structures'], 'name'));
        self::assertEqualsWithDelta(-38.24, max(-180.0, ...array_column($chart['land'], 3)), 0.01, 'the land lies to the east');
        foreach ($chart['contours'] as $contour) {
            foreach ($contour['lines'] as $line) {
                self::assertGreaterThan(1, count($line));
            }
        }
    }

    public function test_an_edge_is_followed_at_a_depth_and_looked_at_with_the_planned_gear(): void
    {
        $ask = fn (array $more): array => $this->send(
            'POST',
            '/trips/{next}/pass',
            $more + ['speed' => 1.028, 'follow' => ['depth' => 80 * self::FOOT, 'near' => [45.30, -38.44], 'longest' => 3000.0]],
            200,
        )->json();
        $pass = $ask([]);

        self::assertEqualsWithDelta(3000.0, $pass['length'], 150.0, 'cut to what was asked, corners a boat can steer');
        foreach ($pass['bottom'] as ['depth' => $depth]) {
            self::assertEqualsWithDelta(80 * self::FOOT, $depth, 2.5, 'along the eighty-foot line');
        }
        self::assertEqualsWithDelta($pass['length'] / 1.028, $pass['ways']['drawn']['takes'], 1.0);
        self::assertEqualsWithDelta($pass['ways']['drawn']['takes'], $pass['ways']['reversed']['takes'], 1e-6);
        self::assertContains(
            'P5', array_merge(...array_column($pass['touches'], 'holders')), 'gear at 97 ft does not go over 80 ft of bottom',
        );
        self::assertGreaterThan(50.0, $pass['safe_radius']['port']);
        $against = $ask(['current' => ['set' => fmod($pass['ways']['drawn']['bearing'] + 180.0, 360.0), 'drift' => 0.9]]);
        self::assertSame(
            ['reversed', 'Too little made good: lift and run back instead.', null],
            [$against['better'], $against['ways']['drawn']['lift'], $against['ways']['reversed']['lift']],
        );
        self::assertStringContainsString('lift at the end and run back', $against['why']);
        self::assertNull($this->send('GET', '/trips/{next}')->json('pass'), 'looking keeps nothing');

        $sharp = $this->send(
            'POST', '/trips/{next}/pass',
            ['speed' => 1.028, 'places' => [[45.30, -38.44], [45.302, -38.44], [45.302, -38.4375]]], 200,
        )->json();
        self::assertCount(1, $sharp['ways']['drawn']['turns']);
        self::assertSame('starboard', $sharp['ways']['drawn']['turns'][0]['side']);
        self::assertSame('port', $sharp['ways']['reversed']['turns'][0]['side'], 'the other way round it is the other hand');
        self::assertSame(
            $sharp['ways']['drawn']['turns'][0]['radius'] >= $sharp['safe_radius']['starboard'],
            $sharp['ways']['drawn']['turns'][0]['safe'],
        );
    }

    public function test_a_pass_taken_is_the_bottom_the_planning_table_looks_at(): void
    {
        $course = ['speed' => 1.028, 'places' => [[45.29, -38.47], [45.33, -38.42]], 'name' => 'Over the bank'];
        $seen = $this->send('POST', '/trips/{next}/pass', $course, 200)->json();
        $trip = $this->send('PUT', '/trips/{next}/pass', $course, 200)->json();

        self::assertSame(['Over the bank', $seen['places']], [$trip['profile_name'], $trip['pass']]);
        self::assertEquals($seen['bottom'], $trip['profile']);
        $breaches = array_values(
            array_filter(
                $this->send('POST', '/spreads/{next}/preview', $this->demoSpread(), 200)->json('breaches'),
                static fn (array $b): bool => $b['kind'] === 'bottom',
            ),
        );
        self::assertEqualsCanonicalizing(
            array_map(static fn (array $b): array => $b['holders'], $seen['touches']),
            array_map(static fn (array $b): array => $b['holders'], $breaches),
            'the same gear in the same trouble',
        );
        self::assertNotSame([], $breaches);
        self::assertNull($this->send('PUT', '/trips/{next}/bottom', ['bottom' => 36.0, 'profile' => ''], 200)->json('pass'));
        $this->assertRefusedAt(
            ['/places'], 'PUT', '/trips/{next}/pass', ['speed' => 1.0, 'places' => [[50.0, -38.4], [50.1, -38.4]]],
        );
        $this->assertRefusedAt(['/places'], 'POST', '/trips/{next}/pass', ['speed' => 1.0, 'places' => [[45.3, -38.4]]]);
        $this->assertRefusedAt(
            ['/follow/depth'],
            'POST',
            '/trips/{next}/pass',
            ['speed' => 1.0, 'follow' => ['depth' => 390.0, 'near' => [45.3, -38.4], 'longest' => 3000.0]],
        );
        $this->assertRefusedAt(['/follow', '/speed'], 'POST', '/trips/{next}/pass', []);
    }

    public function test_a_structure_is_drawn_and_taken_off_and_a_chart_of_one_s_own_read(): void
    {
        $drawn = $this->send(
            'POST', '/structures', ['name' => 'Mussel Bed', 'kind' => 'hump', 'places' => [[45.3, -38.4]]], 201,
        )->json('structures');
        $id = array_column($drawn, 'id', 'name')['Mussel Bed'];
        self::assertNotContains(
            'Mussel Bed', array_column($this->send('DELETE', "/structures/{$id}", expect: 200)->json('structures'), 'name'),
        );
        $this->send('DELETE', "/structures/{$id}", expect: 404);
        $this->assertRefusedAt(
            ['/name', '/places/0/0'], 'POST', '/structures', ['name' => '', 'kind' => 'hump', 'places' => [[95.3, -38.4]]],
        );
        $this->assertRefusedAt(
            ['/places'], 'POST', '/structures', ['name' => 'Edge', 'kind' => 'edge', 'places' => [[45.3, -38.4]]],
        );

        $grid = [
            'format' => 'admek-bottom',
            'version' => 1,
            'name' => 'Mill Pond',
            'south' => 45.0,
            'west' => -38.0,
            'step' => 0.001,
            'rows' => [[1, 2, 3], [2, 3, 4]],
        ];
        $put = fn (array $grid, int $expect): TestResponse => $this->raw('/chart', (string) json_encode($grid), $expect);
        self::assertSame('Mill Pond', $put($grid, 200)->json('name'));
        self::assertSame('/file rows/1', $put(['rows' => [[1, 2], [1]]] + $grid, 422)->json('errors.0.pointer'));
        self::assertSame('/file rows/0', $put(['rows' => [['deep']]] + $grid, 422)->json('errors.0.pointer'));
        self::assertSame('/file south', $put(['south' => 'here'] + $grid, 422)->json('errors.0.pointer'));
        self::assertSame('/file', $put(['format' => 'other'] + $grid, 422)->json('errors.0.pointer'));
        $noise = array_map(
            static fn (int $i): array => array_map(static fn (int $j): int => ($i * 7919 + $j * 104_729) % 211, range(0, 99)),
            range(0, 99),
        );
        $refused = $put(['rows' => $noise] + $grid, 422);
        self::assertSame('/file rows', $refused->json('errors.0.pointer'));
        self::assertStringContainsString('at most 60000 are drawn', (string) $refused->json('detail'));
        self::assertSame('Mill Pond', $this->send('GET', '/chart')->json('name'));
    }

    /**
     * @return list<array<string, mixed>> what P5 would touch
     *
     * @phpstan-impure
     */
    private function bottomsOfP5(): array
    {
        return array_values(
            array_filter(
                $this->send('POST', '/spreads/{next}/preview', $this->demoSpread(), 200)->json('breaches'),
                static fn (array $b): bool => $b['kind'] === 'bottom' && $b['holders'] === ['P5'],
            ),
        );
    }
}
