<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Tests\Support\Running\RunningApp;

/** A season's track sent to the real, running application. */
final class LongTrackTest extends TestCase
{
    private const NAMESPACE = 'http://www.topografix.com/GPX/1/1';

    public function test_fifty_megabytes_of_track_are_taken_and_a_broken_one_leaves_nothing(): void
    {
        $app = RunningApp::withDemo();
        $path = tempnam(sys_get_temp_dir(), 'admek-track-');
        try {
            $before = $this->structures($app);
            $this->write($path, '</trkseg></trk></gpx>');
            self::assertGreaterThan(48_000_000, filesize($path));
            [$status, $answer] = $this->put($app, $path);
            self::assertSame(201, $status, json_encode($answer) ?: '');
            $track = array_column($answer['structures'], null, 'name')['A long season'];
            self::assertSame(['track', 'season.gpx'], [$track['kind'], $track['source']]);
            self::assertLessThanOrEqual(4001, count($track['places']));
            self::assertCount($before + 1, $answer['structures']);

            $this->write($path, '<trkpt lat="45.3" ');
            [$status, $answer] = $this->put($app, $path);
            self::assertSame(422, $status);
            self::assertStringStartsWith('/file line 5200', $answer['errors'][0]['pointer']);
            self::assertSame($before + 1, $this->structures($app), 'the half of it that could be read is not kept');
        } finally {
            unlink($path);
        }
    }

    private function structures(RunningApp $app): int
    {
        return count(json_decode((string) file_get_contents("http://127.0.0.1:{$app->port}/api/chart"), true)['structures']);
    }

    private function write(string $path, string $end): void
    {
        $file = fopen($path, 'wb') ?: self::fail("{$path} cannot be written.");
        fwrite($file, '<gpx version="1.1" xmlns="'.self::NAMESPACE.'"><trk><name>A long season</name><trkseg>');
        for ($block = 0; $block < 1040; $block++) {
            $points = '';
            for ($i = 0; $i < 500; $i++) {
                $at = $block * 500 + $i;
                $points .= sprintf(
                    "\n<trkpt lat=\"%.7f\" lon=\"%.7f\"><ele>176.0</ele><time>2031-05-01T06:00:00Z</time></trkpt>",
                    45.2 + $at * 4e-7,
                    -38.5 + 0.01 * sin($at / 9000),
                );
            }
            fwrite($file, $points);
        }
        fwrite($file, $end);
        fclose($file);
    }

    /** @return array{int, array<string, mixed>} status and answer */
    private function put(RunningApp $app, string $path): array
    {
        $address = "http://127.0.0.1:{$app->port}/api/structures/file?name=season.gpx";
        $answer = file_get_contents($address, false, stream_context_create(['http' => [
            'method' => 'PUT', 'content' => (string) file_get_contents($path), 'ignore_errors' => true, 'timeout' => 60,
            'header' => [
                'Content-Type: application/octet-stream', 'Accept: application/json', "Origin: http://127.0.0.1:{$app->port}",
            ],
        ]]));
        preg_match('/ (\d{3}) /', $http_response_header[0] ?? '', $status);

        return [(int) ($status[1] ?? 0), json_decode((string) $answer, true) ?? []];
    }
}
