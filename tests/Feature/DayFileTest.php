<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Instruments\TrackPoint;
use App\Devices\Role;
use App\Files\Grounds\GpxReader;
use App\Instruments\Track;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\FromAPhone;

/** A day out as files and back in. */
final class DayFileTest extends FeatureTestCase
{
    use FromAPhone;

    private const AT = '2031-06-01T10:00:00';

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(self::AT.'Z');
        $this->seedDemo();
        $this->demoTrip()->update(['date' => '2031-06-01']);
    }

    public function test_all_of_a_day_comes_back_in_unchanged(): void
    {
        $this->fished();
        $file = (string) $this->send('GET', '/trips/{next}/day/file/json', expect: 200)->getContent();
        $bites = $this->send('GET', '/trips/{next}/bites', expect: 200)->json();
        DB::table('bites')->where('trip_id', $this->demoTrip()->id)->delete();
        DB::table('events')->where('trip_id', $this->demoTrip()->id)->delete();
        DB::table('track')->delete();
        $read = $this->takeIn($file)->json();
        self::assertSame(['events' => 5, 'points' => 30], $read);
        self::assertSame($file, (string) $this->send('GET', '/trips/{next}/day/file/json', expect: 200)->getContent());
        $again = $this->send('GET', '/trips/{next}/bites', expect: 200)->json();
        self::assertEquals(array_column($bites, 'snapshot'), array_column($again, 'snapshot'));
        self::assertSame(array_column($bites, 'place'), array_column($again, 'place'));

        $this->takeIn($file);
        self::assertSame(5, DB::table('events')->where('trip_id', $this->demoTrip()->id)->count(), 'twice is once');
    }

    public function test_the_track_is_gpx_with_bites_and_markers_which_the_ground_reads(): void
    {
        $this->fished();
        $gpx = (string) $this->send('GET', '/trips/{next}/day/file/gpx', expect: 200)->getContent();
        $xml = simplexml_load_string($gpx);
        assert($xml !== false);
        self::assertSame('http://www.topografix.com/GPX/1/1', $xml->getNamespaces()['']);
        $named = static fn (int $i): array => [(string) $xml->wpt[$i]->name, (string) $xml->wpt[$i]->type];
        self::assertSame([['P3 king landed', 'bite'], ['marker', 'marker']], [$named(0), $named(1)]);
        self::assertCount(2, $xml->trk->trkseg, 'where nothing was read for a while a new one begins');
        self::assertCount(20, $xml->trk->trkseg[0]->trkpt);
        self::assertSame('2031-06-01T09:00:05Z', (string) $xml->trk->trkseg[0]->trkpt[1]->time);
        self::assertEqualsWithDelta(45.3 + 1e-5, (float) $xml->trk->trkseg[0]->trkpt[1]['lat'], 1e-7);
        $path = "{$this->database}.gpx";
        file_put_contents($path, $gpx);
        self::assertNotSame([], GpxReader::read($path));
        unlink($path);
    }

    public function test_the_log_is_a_table_a_spreadsheet_reckons_nothing_of(): void
    {
        $this->fished();
        $rows = array_map(
            static fn (string $line): array => str_getcsv($line, escape: ''),
            explode("\n", trim((string) $this->send('GET', '/trips/{next}/day/file/csv', expect: 200)->getContent())),
        );
        self::assertSame(['time', 'rod', 'what', 'lure', 'species'], array_slice($rows[0], 0, 5));
        self::assertSame(['2031-06-01 06:01:00', 'P3', 'bite'], array_slice($rows[2], 0, 3), 'by the port’s clock');
        self::assertSame("'=1+1", $rows[5][8]);
    }

    public function test_who_may_not_see_places_is_given_none_of_it(): void
    {
        $guest = $this->letIn(Role::Guest);
        foreach (['gpx', 'csv', 'json'] as $format) {
            self::assertSame(403, $this->asked('GET', "/trips/{next}/day/file/{$format}", $guest)->getStatusCode());
        }
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $spoil */
    #[DataProvider('spoilt')]
    public function test_a_spoilt_file_is_refused_by_its_place_and_nothing_of_it_is_kept(string $field, callable $spoil): void
    {
        $this->fished();
        $file = json_decode((string) $this->send('GET', '/trips/{next}/day/file/json', expect: 200)->getContent(), true);
        DB::table('bites')->where('trip_id', $this->demoTrip()->id)->delete();
        DB::table('events')->where('trip_id', $this->demoTrip()->id)->delete();
        $answer = $this->takeIn((string) json_encode($spoil($file)), 422);
        self::assertSame('/'.str_replace('.', '/', $field), $answer->json('errors.0.pointer'));
        self::assertSame(0, DB::table('events')->where('trip_id', $this->demoTrip()->id)->count());
    }

    /** @return iterable<string, array{string, callable}> */
    public static function spoilt(): iterable
    {
        $set = static fn (string $list, int $i, string $name, mixed $value): callable => static function (array $file) use (
            $list, $i, $name, $value,
        ): array {
            $file[$list][$i][$name] = $value;

            return $file;
        };
        yield 'another file' => ['file', static fn (array $file): array => ['format' => 'admek-bottom'] + $file];
        yield 'no list' => ['events', static fn (array $file): array => ['events' => 3] + $file];
        yield 'no name' => ['events.0.uuid', $set('events', 0, 'uuid', 'x')];
        yield 'no kind' => ['events.1.kind', $set('events', 1, 'kind', 'storm')];
        yield 'no time' => ['events.2.at', $set('events', 2, 'at', 'noon')];
        yield 'out of time' => ['events.2.told_at', $set('events', 2, 'told_at', 1e12)];
        yield 'no rod' => ['events.0.holder', $set('events', 0, 'holder', null)];
        yield 'of nothing' => ['events.2.of', $set('events', 2, 'of', '0190b1a4-0000-7000-8000-00000000ffff')];
        yield 'a bite without lines' => ['events.1.tells', $set('events', 1, 'tells', ['speed' => 1.0])];
        yield 'no figure' => ['track.3', $set('track', 3, 'depht', 1.0)];
        yield 'gear that is not aboard' => ['events.0.tells.set_up.reel_id', static function (array $file): array {
            $file['events'][0]['tells']['set_up']['reel_id'] = 9999;

            return $file;
        }];
        yield 'off the earth' => ['track.3.latitude', $set('track', 3, 'latitude', 91.0)];
        yield 'a colour of water there is not' => ['events.4.tells.clarity', static function (array $file): array {
            $file['events'][4]['tells']['clarity'] = 'murky';

            return $file;
        }];
    }

    /** A morning: a line, a bite and its fish, a marker, a note, and a track with a gap. */
    private function fished(): void
    {
        $track = new Track;
        $from = strtotime('2031-06-01T09:00:00Z');
        for ($i = 0; $i < 30; $i++) {
            $track->keep(new TrackPoint($from + 5 * $i + ($i < 20 ? 0 : 300), [
                'latitude' => 45.3 + $i * 1e-5, 'longitude' => -38.4, 'water_speed' => 1.0,
            ]));
        }
        $spread = $this->demoSpread();
        $p3 = $this->holder('P3');
        $line = array_column($spread['lines'], null, 'holder_id')[$p3];
        $uuid = static fn (int $i): string => sprintf('0190b1a4-0000-7000-8000-%012d', $i);
        $told = $this->send('POST', '/trips/{next}/events', ['sent_at' => self::AT.'Z', 'events' => [
            ['uuid' => $uuid(1), 'kind' => 'out', 'at' => '2031-06-01T09:00:10Z', 'holder_id' => $p3, 'line' => $line],
            ['uuid' => $uuid(2), 'kind' => 'bite', 'at' => '2031-06-01T09:01:00Z', 'holder_id' => $p3] + array_intersect_key(
                $spread, ['speed' => 0, 'lines' => 0],
            ),
            ['uuid' => $uuid(3), 'kind' => 'landed', 'at' => '2031-06-01T09:01:20Z', 'of' => $uuid(2), 'species' => 'king'],
            ['uuid' => $uuid(4), 'kind' => 'marker', 'at' => '2031-06-01T09:01:25Z'],
            ['uuid' => $uuid(5), 'kind' => 'note', 'at' => '2031-06-01T09:01:30Z', 'note' => '=1+1'],
        ]], 200)->json();
        self::assertSame([], $told['refused']);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function takeIn(string $file, int $expect = 200): \Illuminate\Testing\TestResponse
    {
        $answer = $this->call('PUT', '/api/days/file?trip='.$this->demoTrip()->id, content: $file, server: [
            'CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json',
            'HTTP_ORIGIN' => 'http://localhost',
        ]);
        self::assertSame($expect, $answer->getStatusCode(), (string) $answer->getContent());

        return $answer;
    }
}
