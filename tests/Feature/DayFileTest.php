<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Day\EventKind;
use Admek\Core\Instruments\TrackPoint;
use App\Devices\Role;
use App\Files\Grounds\GpxReader;
use App\Instruments\Track;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
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

    #[TestWith(['json', 5, 30])]
    #[TestWith(['csv', 5, 0])]
    #[TestWith(['gpx', 3, 30])]
    public function test_a_day_comes_back_in_unchanged(string $format, int $events, int $points): void
    {
        $this->fished();
        $file = $this->file($format);
        $bites = $this->send('GET', '/trips/{next}/bites', expect: 200)->json();
        $this->forget();
        self::assertSame(['events' => $events, 'points' => $points], $this->takeIn($file)->json());
        self::assertSame($file, $this->file($format));
        $again = $this->send('GET', '/trips/{next}/bites', expect: 200)->json();
        foreach (['uuid', 'snapshot', 'place', 'outcome', 'species', 'length', 'weight'] as $told) {
            self::assertEquals(array_column($bites, $told), array_column($again, $told));
        }

        $this->takeIn($file);
        self::assertSame($events, DB::table('events')->where('trip_id', $this->demoTrip()->id)->count(), 'twice is once');
        self::assertSame($points, DB::table('track')->count());
    }

    public function test_of_another_s_gpx_the_track_is_taken_and_waypoints_with_a_time_as_markers(): void
    {
        $point = static fn (string $what, float $aside, string $inside): string => sprintf(
            '<%s lat="45.31" lon="%.4f">%s</%s>', $what, -38.4 + $aside, $inside, $what,
        );
        $gpx = '<?xml version="1.0"?><gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1" xmlns:x="urn:x">'
            .$point('wpt', 0, '<time>2031-06-01T05:10:00-04:00</time><name>Reef &amp; rip</name>'
                .'<extensions><x:name>7</x:name></extensions>')
            .$point('wpt', 1, '<name>Home</name>').'<trk><trkseg>'
            .$point('trkpt', 0, '<time>2031-06-01T09:00:00Z</time>').$point('trkpt', 0.001, '<time>2031-06-01T09:00:30.5Z</time>')
            .'</trkseg></trk></gpx>';
        self::assertSame(['events' => 1, 'points' => 2], $this->takeIn($gpx)->json());
        $this->takeIn($gpx);
        $log = $this->send('GET', '/trips/{next}/day', expect: 200)->json('log');
        self::assertSame([['marker', 'Reef & rip', '2031-06-01T09:10:00.000Z']], array_map(
            static fn (array $event): array => [$event['kind'], $event['note'], $event['at']], $log,
        ));
        self::assertSame([1938070800000, 1938070830500], DB::table('track')->orderBy('at')->pluck('at')->all());
    }

    #[DataProvider('noDays')]
    public function test_a_table_or_gpx_that_tells_no_day_is_refused_at_its_line(string $field, string $text): void
    {
        self::assertSame('/'.str_replace('.', '/', $field), $this->takeIn($text, 422)->json('errors.0.pointer'));
        self::assertSame(0, DB::table('events')->where('trip_id', $this->demoTrip()->id)->count() + DB::table('track')->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function noDays(): iterable
    {
        $table = static fn (string ...$rows): string => implode("\n", ['rod,who,uuid,kind,at,told_at,of,tells', ...$rows])."\n";
        $note = '0190b1a4-0000-7000-8000-000000000001,note';
        $gpx = static fn (string $inside): string => '<gpx xmlns="http://www.topografix.com/GPX/1/1">'."{$inside}</gpx>";
        $track = static fn (string $points): string => $gpx("<trk><trkseg>{$points}</trkseg></trk>");
        yield 'other headings' => ['line 1', "time,rod\n2031,P3\n"];
        yield 'a time that is none' => ['line 2.at', $table(",me,{$note},soon,1938070800.0,,{}")];
        yield 'another day' => ['line 2.at', $table(",me,{$note},1938340800.0,1938070800.0,,{}")];
        yield 'a short row' => ['line 3', $table('', 'P3,me')];
        yield 'other letters' => ['file', "\xFF\xFErod"];
        yield 'nothing' => ['file', ''];
        yield 'a place at no time' => ['file', $gpx('<wpt lat="45" lon="-38"><name>x</name></wpt>')];
        yield 'a document type' => ['file', '<!DOCTYPE gpx [<!ENTITY a "b">]>'.$gpx('')];
        yield 'a point at no time' => ['file line 1 time', $track('<trkpt lat="45" lon="-38"/>')];
        yield 'a point nowhere' => ['file line 2 lat', $track("\n<trkpt lat='95x' lon='-38'/>")];
        yield 'a track without an end' => [
            'file', $track(str_repeat('<trkpt lat="45" lon="-38"><time>2031-06-01T09:00:00Z</time></trkpt>', 50_001)),
        ];
        yield 'a point on another day' => [
            'track.0.at', $track('<trkpt lat="45" lon="-38"><time>2030-06-01T09:00:00Z</time></trkpt>'),
        ];
    }

    public function test_the_track_is_gpx_with_bites_and_markers_which_the_ground_reads(): void
    {
        $this->fished();
        $gpx = $this->file('gpx');
        $xml = simplexml_load_string($gpx);
        assert($xml !== false);
        self::assertSame('http://www.topografix.com/GPX/1/1', $xml->getNamespaces()['']);
        $named = static fn (int $i): array => [(string) $xml->wpt[$i]->name, (string) $xml->wpt[$i]->type];
        self::assertSame([['P3 king landed', 'bite'], ['marker', 'marker']], [$named(0), $named(1)]);
        self::assertCount(2, $xml->trk->trkseg, 'where nothing was read for a while a new one begins');
        self::assertCount(20, $xml->trk->trkseg[0]->trkpt);
        self::assertSame('2031-06-01T09:00:05.000Z', (string) $xml->trk->trkseg[0]->trkpt[1]->time);
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
            explode("\n", trim($this->file('csv'))),
        );
        self::assertSame(['time', 'rod', 'what', 'lure', 'species'], array_slice($rows[0], 0, 5));
        self::assertSame(['2031-06-01 06:01:00', 'P3', 'bite'], array_slice($rows[2], 0, 3), 'by the port’s clock');
        self::assertSame("'＝1+1", $rows[5][8], 'that is no sum');
    }

    public function test_its_schema_and_its_page_know_every_kind_there_is(): void
    {
        $kinds = array_column(EventKind::cases(), 'value');
        $schema = json_decode((string) file_get_contents(base_path('docs/day.schema.json')), true);
        self::assertEqualsCanonicalizing($kinds, $schema['properties']['events']['items']['properties']['kind']['enum']);
        preg_match('/\| `kind` \| (.*) \|/', (string) file_get_contents(base_path('docs/day-file.md')), $row);
        self::assertEqualsCanonicalizing($kinds, explode(', ', str_replace('`', '', $row[1] ?? '')));
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
        $file = json_decode($this->file('json'), true);
        $this->forget();
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

    private function file(string $format): string
    {
        return (string) $this->send('GET', "/trips/{next}/day/file/{$format}", expect: 200)->getContent();
    }

    private function forget(): void
    {
        DB::table('bites')->where('trip_id', $this->demoTrip()->id)->delete();
        DB::table('events')->where('trip_id', $this->demoTrip()->id)->delete();
        DB::table('track')->delete();
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
            ['uuid' => $uuid(5), 'kind' => 'note', 'at' => '2031-06-01T09:01:30Z', 'note' => '＝1+1'],
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
