<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\TrackPoint;
use App\Database\DataFile;
use App\Instruments\Track;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Support\DataInAFolder;
use Tests\Feature\Support\FeatureTestCase;

/** Tracks that are old, packed: nobody who asks for one can tell. */
final class TrackPackingTest extends FeatureTestCase
{
    use DataInAFolder;

    private const HOUR = 3600;

    /** s since 1970 UTC, a whole hour. */
    private const FROM = 1_938_070_800;

    public function test_a_packed_track_answers_as_before(): void
    {
        $track = $this->sailed();
        $asked = static fn (): array => [
            array_map(self::told(...), [...$track->between(self::FROM + 100.5, self::FROM + 9000)]),
            self::told($track->near(self::FROM + 3601.4)), $track->near(self::FROM + 2000),
            $track->straightBefore(self::FROM + 1500.0)?->figures, $track->straightBefore(self::FROM + 4100.0)?->figures,
        ];
        $before = $asked();
        self::assertNull($before[2], 'a gap');

        self::assertSame(5400, $track->pack(self::FROM + 2.9 * self::HOUR), 'whole hours only');
        self::assertSame([3600, 2], [DB::table('track')->count(), DB::table('packed_tracks')->count()]);
        self::assertEquals($before, $asked());
        self::assertSame(0, $track->pack(self::FROM + 2.9 * self::HOUR));
        self::assertEquals($before, $asked());
        self::assertSame(3600, $track->pack(self::FROM + 4.0 * self::HOUR));
        self::assertEquals($before, $asked());
    }

    public function test_what_comes_late_stands_in_its_place_and_what_is_there_stays(): void
    {
        $track = $this->sailed();
        $track->pack(self::FROM + 9.0 * self::HOUR);
        $late = [
            new TrackPoint(self::FROM + 10.0, ['depth' => 99.0]), new TrackPoint(self::FROM + 2000.5, ['depth' => 31.5]),
        ];
        $track->stage($late);
        DB::transaction($track->takeStaged(...));
        $track->keep($late[0]);
        foreach ([0, 2] as $packed) {
            self::assertSame(31.5, $track->near(self::FROM + 2000.4)?->figures['depth']);
            self::assertNotSame(99.0, $track->near(self::FROM + 10.0)?->figures['depth'], 'kept once and never changed');
            self::assertCount(9001, [...$track->between(self::FROM - 1.0, self::FROM + 9.0 * self::HOUR)]);
            self::assertSame($packed === 0 ? 2 : 0, $track->pack(self::FROM + 9.0 * self::HOUR), 'packed with their hour');
        }
    }

    public function test_a_point_that_comes_while_its_hour_is_packed_is_not_lost(): void
    {
        $track = $this->sailed();
        $come = false;
        DB::listen(static function (QueryExecuted $query) use (&$come): void {
            if (! $come && str_starts_with($query->sql, 'insert into "packed_tracks"')) {
                $come = true;
                DB::table('track')->insert(['at' => 1000 * self::FROM + 1900_500, 'depth' => 12.0]);
            }
        });
        self::assertSame(9000, $track->pack(self::FROM + 9.0 * self::HOUR));
        self::assertSame(1, DB::table('track')->count());
        self::assertSame(12.0, $track->near(self::FROM + 1900.5)?->figures['depth']);
        self::assertSame(1, $track->pack(self::FROM + 9.0 * self::HOUR), 'with the next');
        self::assertSame(12.0, $track->near(self::FROM + 1900.5)?->figures['depth']);
    }

    public function test_an_hour_that_cannot_be_packed_stays_as_it_is(): void
    {
        $track = $this->sailed();
        DB::table('track')->insert(['at' => 1000 * self::FROM + 500, 'depth' => 9000.0]);
        self::assertSame(7200, $track->pack(self::FROM + 9.0 * self::HOUR));
        self::assertSame(9000.0, $track->near(self::FROM + 0.5)?->figures['depth']);
    }

    public function test_upkeep_packs_by_the_captain_s_rule_reads_the_season_and_backs_up_once_a_day(): void
    {
        $this->app->make(DataFile::class)->copyTo("{$this->folder}/data.sqlite");
        config(['database.connections.sqlite.database' => "{$this->folder}/data.sqlite"]);
        DB::purge();
        $this->sailed();
        $this->travelTo(gmdate('Y-m-d\TH:i:s\Z', self::FROM + 20 * 86_400));
        $points = static fn (): int => DB::table('track')->count();
        self::assertSame(0, $this->command('admek:upkeep'), $this->printed());
        self::assertSame([9000, 1, 1], [
            $points(), DB::table('fished_trips')->count(), count(glob("{$this->folder}/backups/*.sqlite") ?: []),
        ]);
        $this->send('PUT', '/boat/books/keeping', ['own' => ['packed_after' => 10]], 200);
        self::assertSame(0, $this->command('admek:upkeep'), $this->printed());
        self::assertSame([0, 1], [$points(), count(glob("{$this->folder}/backups/*.sqlite") ?: [])]);
        $this->send('PUT', '/boat/books/keeping', ['own' => ['packed_after' => 0]], 422);
    }

    /** Three hours at a point a second, with a gap from half past to the next hour, turning hard after a while. */
    private function sailed(): Track
    {
        DB::table('track')->delete();
        foreach (array_chunk([...range(0, 1799), ...range(3600, 10_799)], 500) as $some) {
            DB::table('track')->insert(array_map(static fn (int $i): array => [
                'at' => 1000 * (self::FROM + $i), 'latitude' => 45.3 + 1e-5 * $i, 'longitude' => -38.4,
                'turn' => $i % 3600 < 300 ? 0.25 : 4.5, 'depth' => $i % 7 === 0 ? null : 30.0 + 0.001 * ($i % 100),
                'heading' => round(fmod(0.37 * $i, 360.0), 2),
            ], $some));
        }

        return new Track;
    }

    /** @return array{float, array<string, float>} rounded as it is packed */
    private static function told(?TrackPoint $point): array
    {
        $figures = [];
        foreach ($point->figures ?? [] as $name => $figure) {
            $figures[$name] = round($figure * Figure::from($name)->parts()) / Figure::from($name)->parts();
        }
        ksort($figures);

        return [$point->at ?? 0.0, $figures];
    }
}
