<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\InvalidValue;
use App\Files\Grounds\GeoJsonReader;
use App\Files\Grounds\GpxReader;
use App\Files\LongReading;
use App\Models\Structure;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;
use Symfony\Component\Process\Process;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\OnTheGround;
use Tests\Support\Running\Wait;

/** Structures, tracks and charts as files, through HTTP. */
final class GroundFilesTest extends FeatureTestCase
{
    use OnTheGround;

    private const GPX = '<?xml version="1.0"?><gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1">';

    public function test_how_far_a_long_file_has_come_is_told_and_one_that_is_given_up_leaves_nothing(): void
    {
        $id = '018f0000-0000-7000-8000-000000000001';
        $this->send('GET', "/readings/{$id}", expect: 404);
        $reading = LongReading::begin($id);
        self::assertSame(0.0, $this->send('GET', "/readings/{$id}", expect: 200)->json('part'));
        $file = (string) tempnam(sys_get_temp_dir(), 'admek-gpx-');
        file_put_contents($file, self::GPX.'<trk><name>Long</name><trkseg>'
            .implode('', array_map(
                static fn (int $i): string => sprintf('<trkpt lat="%.6f" lon="-38.4"/>', 45.3 + 1e-6 * $i), range(1, 30_000),
            )).'</trkseg></trk></gpx>');
        try {
            $told = [];
            GpxReader::read($file, function (int $points) use ($reading, &$told): void {
                $told[] = $points;
                Wait::until(function () use ($reading, $points): bool {
                    $reading->at($points / 30_000);

                    return LongReading::part('018f0000-0000-7000-8000-000000000001') === round($points / 30_000, 3);
                }, 'it to be told');
            });
            self::assertSame([5000, 10_000, 15_000, 20_000, 25_000, 30_000], $told);
            $this->send('DELETE', "/readings/{$id}", expect: 204);
            $this->expectException(ConflictHttpException::class);
            Wait::until(static function () use ($reading): bool {
                $reading->at(1.0);

                return false;
            }, 'it to be given up');
        } finally {
            $reading->end();
            unlink($file);
            self::assertNull(LongReading::part($id));
        }
    }

    public function test_what_was_given_up_before_the_server_came_to_it_is_not_kept_either(): void
    {
        $id = '018f0000-0000-7000-8000-000000000002';
        $spots = '{"type":"Point","coordinates":[-38.4,45.3]}';
        $this->send('DELETE', "/readings/{$id}", expect: 204);
        $this->raw("/structures/file?reading={$id}", $spots, 409);
        self::assertFalse(Structure::query()->where('source', 'a file')->exists());
        $this->raw("/structures/file?reading={$id}", $spots, 201);
        self::assertTrue(Structure::query()->where('source', 'a file')->exists());
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

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function file(string $text, int $expect): TestResponse
    {
        return $this->raw('/structures/file', $text, $expect);
    }
}
