<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\InvalidValue;
use App\Files\Grounds\GeoJsonReader;
use App\Files\Grounds\GpxReader;
use App\Models\Structure;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Feature\Support\Contract;
use Tests\Feature\Support\FeatureTestCase;

/** The chart, structures in and out, and passes, through HTTP against a real database. */
final class GroundTest extends FeatureTestCase
{
    private const GPX = '<?xml version="1.0"?><gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1">';

    private const FOOT = 0.3048;

    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
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

    public function test_structures_go_out_and_another_program_reads_them_as_they_are(): void
    {
        Structure::query()->where('name', 'Gannet Rise')->update(['name' => 'Rise & "fall" <north> ä']);
        $gpx = (string) $this->send('GET', '/structures/file/gpx', expect: 200)->getContent();
        $read = new Process(['gpsbabel', '-i', 'gpx', '-f', '-', '-o', 'unicsv,prec=7', '-F', '-'], input: $gpx);
        $spots = array_map(
            static fn (string $row): array => str_getcsv($row, escape: ''), explode("\n", trim($read->mustRun()->getOutput())),
        );
        $heading = array_flip(array_map(strval(...), $spots[0]));
        $byName = array_column(array_slice($spots, 1), null, $heading['Name']);
        self::assertSame(
            ['Dunmarl Bank', 'Quillhaven Point', 'Rise & "fall" <north> ä'],
            array_values(array_intersect(['Dunmarl Bank', 'Quillhaven Point', 'Rise & "fall" <north> ä'], array_keys($byName))),
        );
        self::assertEqualsWithDelta(
            [45.316, -38.437],
            [(float) $byName['Dunmarl Bank'][$heading['Latitude']], (float) $byName['Dunmarl Bank'][$heading['Longitude']]],
            1e-6,
        );
        $track = (
            new Process(['gpsbabel', '-t', '-i', 'gpx', '-f', '-', '-o', 'unicsv,prec=7', '-F', '-'], input: $gpx)
        )->mustRun()->getOutput();
        self::assertSame(6, substr_count(trim($track), "\n") + 1, 'a heading and the five places of the edge');

        $geo = json_decode(
            (string) $this->send('GET', '/structures/file/geojson', expect: 200)->getContent(), true, flags: JSON_THROW_ON_ERROR,
        );
        self::assertSame([-38.437, 45.316], $geo['features'][0]['geometry']['coordinates'], 'longitude first');
        foreach ([$gpx, (string) json_encode($geo)] as $text) {
            Structure::query()->delete();
            $back = $this->file($text, 201)->json('structures');
            self::assertEqualsCanonicalizing(
                ['Dunmarl Bank', 'Rise & "fall" <north> ä', 'Quillhaven Point', 'West wall of the bank'],
                array_column($back, 'name'),
            );
            self::assertEqualsWithDelta(
                [[45.298, -38.456], [45.306, -38.457], [45.316, -38.456], [45.326, -38.452], [45.334, -38.445]],
                array_column($back, 'places', 'name')['West wall of the bank'],
                1e-6,
            );
        }
    }

    public function test_what_another_program_wrote_comes_in(): void
    {
        $csv = "Name,Latitude,Longitude\nOld Net,45.30,-38.45\nStone,45.31,-38.44\n";
        $gpx = (
            new Process(['gpsbabel', '-i', 'unicsv', '-f', '-', '-o', 'gpx,gpxver=1.1', '-F', '-'], input: $csv)
        )->mustRun()->getOutput();
        $structures = $this->file($gpx, 201)->json('structures');

        self::assertEqualsWithDelta([45.30, -38.45], array_column($structures, 'places', 'name')['Old Net'][0], 1e-6);
        self::assertSame('a file', array_column($structures, 'source', 'name')['Stone']);
    }

    #[DataProvider('hostile')]
    public function test_a_file_that_cannot_be_taken_is_refused_at_its_place_and_leaves_nothing(
        string $text, string $pointer,
    ): void {
        $before = Structure::query()->count();
        $response = $this->file($text, 422);

        self::assertSame($pointer, $response->json('errors.0.pointer'), (string) $response->getContent());
        self::assertSame($before, Structure::query()->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function hostile(): iterable
    {
        $wpt = '<wpt lat="45.3" lon="-38.4"><name>A</name></wpt>';
        yield 'nothing' => ['', '/file'];
        yield 'a table' => ["lat,lon\n45,-38\n", '/file'];
        yield 'another root' => ['<kml xmlns="http://www.opengis.net/kml/2.2"><Document/></kml>', '/file'];
        yield 'no namespace' => ['<gpx version="1.1">'.$wpt.'</gpx>', '/file'];
        yield 'nothing in it' => [self::GPX.'</gpx>', '/file'];
        yield 'truncated' => [self::GPX."\n{$wpt}\n<trk><trkseg><trkpt lat=\"45\" ", '/file line 3'];
        yield 'an element left open' => [self::GPX."\n{$wpt}\n<trk></gpx>", '/file line 3'];
        yield 'a bomb of entities' => [
            '<?xml version="1.0"?><!DOCTYPE gpx [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;"><!ENTITY '
                .'c "&b;&b;&b;&b;&b;&b;&b;&b;&b;&b;">]><gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1"><wpt '
                    .'lat="45" lon="-38"><name>&c;</name></wpt></gpx>',
            '/file line 1',
        ];
        yield 'an entity from outside' => [
            '<?xml version="1.0"?><!DOCTYPE gpx [<!ENTITY x SYSTEM "file:///etc/passwd">]><gpx version="1.1" '
                .'xmlns="http://www.topografix.com/GPX/1/1"><wpt lat="45" lon="-38"><name>&x;</name></wpt></gpx>',
            '/file',
        ];
        yield 'a latitude in words' => [self::GPX."\n{$wpt}\n<wpt lat=\"north\" lon=\"-38\"/></gpx>", '/file line 3 lat'];
        yield 'a latitude beyond the pole' => [self::GPX."\n<wpt lat=\"145.3\" lon=\"-38\"/></gpx>", '/file line 2 latitude'];
        yield 'half JSON' => ['{"type": "FeatureCollection", "features": [', '/file'];
        yield 'JSON of another kind' => ['{"type": "Topology"}', '/file'];
        yield 'a swapped position' => [
            '{"type": "LineString", "coordinates": [[-38.4, 45.3], [45.3, -138.4]]}', '/file features/0/geometry/coordinates/1',
        ];
        yield 'a position in text' => [
            '{"type": "Point", "coordinates": ["-38.4", "45.3"]}', '/file features/0/geometry/coordinates/0',
        ];
        yield 'a geometry there is none of' => [
            '{"type": "Feature", "geometry": {"type": "Blob", "coordinates": []}, "properties": {}}',
            '/file features/0/geometry/type',
        ];
    }

    public function test_a_long_track_streams_in_little_memory(): void
    {
        $path = tempnam(sys_get_temp_dir(), 'admek-track-');
        try {
            $file = fopen($path, 'wb') ?: self::fail("{$path} cannot be written.");
            fwrite($file, self::GPX.'<trk><name>The long way</name><trkseg>');
            for ($block = 0; $block < 1000; $block++) {
                $points = '';
                for ($i = 0; $i < 500; $i++) {
                    $at = $block * 500 + $i;
                    $points .= sprintf(
                        "<trkpt lat=\"%.7f\" lon=\"%.7f\"><ele>176.0</ele><time>2031-05-01T06:00:00Z</time></trkpt>\n",
                        45.2 + $at * 4e-7,
                        -38.5 + 0.01 * sin($at / 9000),
                    );
                }
                fwrite($file, $points);
            }
            fwrite($file, '</trkseg></trk></gpx>');
            fclose($file);
            self::assertGreaterThan(45_000_000, filesize($path));
            $before = memory_get_usage();
            memory_reset_peak_usage();
            $structures = GpxReader::read($path);

            self::assertLessThan(8_000_000, memory_get_peak_usage() - $before);
            self::assertSame('The long way', $structures[0]->name);
            self::assertLessThanOrEqual(4001, count($structures[0]->places));
            self::assertEqualsWithDelta(
                45.2 + 499_999 * 4e-7, $structures[0]->places[count($structures[0]->places) - 1]->latitude, 1e-4,
            );
        } finally {
            unlink($path);
        }
        $this->expectException(InvalidValue::class);
        GeoJsonReader::read('[');
    }

    public function test_an_edge_is_followed_at_a_depth_and_looked_at_with_the_planned_gear(): void
    {
        $ask = fn (array $more): array => $this->send(
            'POST',
            '/trips/2/pass',
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
        self::assertNull($this->send('GET', '/trips/2')->json('pass'), 'looking keeps nothing');

        $sharp = $this->send(
            'POST', '/trips/2/pass', ['speed' => 1.028, 'places' => [[45.30, -38.44], [45.302, -38.44], [45.302, -38.4375]]], 200,
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
        $seen = $this->send('POST', '/trips/2/pass', $course, 200)->json();
        $trip = $this->send('PUT', '/trips/2/pass', $course, 200)->json();

        self::assertSame(['Over the bank', $seen['places']], [$trip['profile_name'], $trip['pass']]);
        self::assertEquals($seen['bottom'], $trip['profile']);
        $breaches = array_values(
            array_filter(
                $this->send('POST', '/spreads/2/preview', $this->demoSpread(), 200)->json('breaches'),
                static fn (array $b): bool => $b['kind'] === 'bottom',
            ),
        );
        self::assertEqualsCanonicalizing(
            array_map(static fn (array $b): array => $b['holders'], $seen['touches']),
            array_map(static fn (array $b): array => $b['holders'], $breaches),
            'the same gear in the same trouble',
        );
        self::assertNotSame([], $breaches);
        self::assertNull($this->send('PUT', '/trips/2/bottom', ['bottom' => 36.0, 'profile' => ''], 200)->json('pass'));
        $this->assertRefusedAt(['/places'], 'PUT', '/trips/2/pass', ['speed' => 1.0, 'places' => [[50.0, -38.4], [50.1, -38.4]]]);
        $this->assertRefusedAt(['/places'], 'POST', '/trips/2/pass', ['speed' => 1.0, 'places' => [[45.3, -38.4]]]);
        $this->assertRefusedAt(
            ['/follow/depth'],
            'POST',
            '/trips/2/pass',
            ['speed' => 1.0, 'follow' => ['depth' => 390.0, 'near' => [45.3, -38.4], 'longest' => 3000.0]],
        );
        $this->assertRefusedAt(['/follow', '/speed'], 'POST', '/trips/2/pass', []);
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
        self::assertSame('Mill Pond', $this->send('GET', '/chart')->json('name'));
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function file(string $text, int $expect): TestResponse
    {
        return $this->raw('/structures/file', $text, $expect);
    }

    /**
     * Sends a body as it is, and holds the answer to the contract.
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function raw(string $path, string $body, int $expect): TestResponse
    {
        $response = $this->call(
            'PUT',
            "/api{$path}",
            server: ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json'],
            content: $body,
        );
        Contract::assertDescribed('PUT', $path, $response);
        self::assertSame($expect, $response->getStatusCode(), (string) $response->getContent());

        return $response;
    }
}
