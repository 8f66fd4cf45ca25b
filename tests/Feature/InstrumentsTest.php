<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Instruments\Known;
use Admek\Core\Instruments\TrackPoint;
use App\Devices\Role;
use App\Instruments\LiveFile;
use App\Instruments\Track;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\FromAPhone;

/** What the instruments say, where it is told on; what the hub itself does is seen in HubTest. */
final class InstrumentsTest extends FeatureTestCase
{
    use FromAPhone;

    private const NOW = '2031-06-01T10:00:00.000Z';

    private const PLACE = ['latitude' => 45.31, 'longitude' => -38.42];

    private LiveFile $hub;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(self::NOW);
        $this->seedDemo();
        $this->hub = new LiveFile("{$this->database}.live");
        $this->app->instance(LiveFile::class, $this->hub);
    }

    protected function tearDown(): void
    {
        @unlink("{$this->database}.live");
        parent::tearDown();
    }

    public function test_what_she_listens_to_is_kept_in_the_captain_s_order_and_bad_ones_are_said_by_field(): void
    {
        $gateway = ['name' => 'Gateway', 'kind' => 'tcp', 'address' => '192.0.2.10:10110'];
        $port = ['name' => 'Sounder', 'kind' => 'file', 'address' => '/dev/ttyUSB0'];
        $kept = $this->keep(['transducer' => 0.7, 'sources' => [$port, $gateway]], 200)->json();
        self::assertSame([0.7, ['Sounder', 'Gateway'], false], [
            $kept['transducer'], array_column($kept['sources'], 'name'), $kept['listens'],
        ]);
        foreach ([
            ['sources.1.name', [$port, ['name' => 'Sounder'] + $gateway]],
            ['sources.0.name', [['name' => 'a/b'] + $gateway]],
            ['sources.0.address', [['address' => '192.0.2.10'] + $gateway]],
            ['sources.0.address', [['address' => '192.0.2.10:70000'] + $gateway]],
            ['sources.0.address', [['kind' => 'udp', 'address' => '80'] + $gateway]],
            ['sources.0.address', [['address' => 'dev/ttyUSB0'] + $port]],
            ['sources.0.kind', [['kind' => 'post'] + $gateway]],
            ['sources', array_map(static fn (int $i): array => ['name' => "G{$i}"] + $gateway, range(1, 9))],
        ] as [$field, $sources]) {
            $wrong = $this->keep(['sources' => $sources], 422)->json('errors');
            self::assertSame(['/'.str_replace('.', '/', $field)], array_column($wrong, 'pointer'), $field);
        }
        self::assertSame('/transducer', $this->keep(['transducer' => 11.0], 422)->json('errors.0.pointer'));
        self::assertSame('/log_factor', $this->keep(['log_factor' => 0.2], 422)->json('errors.0.pointer'));
        self::assertCount(2, $this->send('GET', '/instruments', expect: 200)->json('sources'), 'nothing of it is kept');

        $version = $this->send('GET', '/boat', expect: 200)->json('version');
        $this->keep(['log_factor' => 1.05], 200);
        $this->keep(['transducer' => null], 200);
        $boat = $this->send('GET', '/boat', expect: 200)->json();
        self::assertSame([$version + 1, 1.05], [$boat['version'], $boat['log_factor']], 'who has her open otherwise is told');
    }

    public function test_who_may_not_see_the_ground_is_not_told_which_way_she_goes_over_it(): void
    {
        $this->hear(
            ['water_speed' => 1.1, 'ground_speed' => 1.2, 'heading' => 90.0, 'course' => 92.0, 'depth' => 30.0] + self::PLACE,
        );
        $told = fn (bool $sees): array => (array) $this->asked(
            'GET', '/trips/{next}/watch', $this->letIn(Role::Guest, $sees),
        )->json();
        $all = $told(true);
        self::assertEqualsCanonicalizing(
            ['water_speed', 'ground_speed', 'heading', 'course', 'depth'], array_keys($all['reads']),
        );
        self::assertNotNull($all['ahead']);
        $some = $told(false);
        self::assertEqualsCanonicalizing(['water_speed', 'depth'], array_keys($some['reads']));
        self::assertNull($some['ahead']);
        self::assertSame($all['rods'], $some['rods']);
        self::assertNotSame($all['version'], $some['version'], 'what one knows is not news of the other');
    }

    public function test_watch_runs_on_what_is_read_and_says_so(): void
    {
        $before = $this->watch();
        self::assertSame(['planned', [], null], [$before['speed_by']['by'], $before['reads'], $before['turn']]);
        $this->keep(['log_factor' => 1.1, 'transducer' => 0.5], 200);
        $this->hear(['water_speed' => 0.9, 'ground_speed' => 1.2, 'heading' => 90.0, 'depth' => 30.0] + self::PLACE, 1.0);
        $now = $this->watch();
        self::assertNotSame($before['version'], $now['version']);
        self::assertEqualsWithDelta(0.99, $now['speed'], 1e-9, 'as the log is put right');
        self::assertSame(['log', 'through the water', true], array_values($now['speed_by']));
        self::assertEqualsWithDelta(30.5, $now['reads']['depth']['value'], 1e-9);
        self::assertSame('starboard', $now['turn']['side']);
        self::assertEqualsWithDelta(0.99 / deg2rad(1.0), $now['turn']['radius'], 1e-9);
        self::assertArrayNotHasKey('latitude', $now['reads']);
        $rods = static fn (array $watch): array => array_column($watch['rods'], 'depth', 'holder');
        $same = [
            'speed' => 0.99, 'turn' => ['radius' => 0.99 / deg2rad(1.0), 'side' => 'starboard'], 'current' => null,
            'gone' => null,
        ];
        $preview = $this->send('POST', '/spreads/{next}/preview', ['what_if' => $same] + $this->demoSpread(), 200)->json('lines');
        self::assertNotSame([], $preview);
        $free = array_column(array_filter($now['rods'], static fn (array $rod): bool => ! $rod['on_bottom']), 'depth', 'holder');
        $previewed = array_intersect_key(array_column($preview, 'depth', 'holder'), $free);
        self::assertGreaterThan(8, count($free));
        self::assertEqualsWithDelta($previewed, array_filter($free), 1e-3);
        $deepest = max(0.0, 0.0, ...array_values($rods($now)));
        self::assertLessThanOrEqual(30.5, $deepest, 'what would run through the ground lies on it');

        // Without a log it goes by the ground; what is old is told with its age and not gone by.
        $this->hear(['ground_speed' => 1.2]);
        self::assertSame([1.2, 'ground'], [$this->watch()['speed'], $this->watch()['speed_by']['by']]);
        $this->hear(['ground_speed' => 1.2, 'depth' => 30.0], age: 6.0);
        $old = $this->watch();
        self::assertSame(['planned', false], [$old['speed_by']['by'], $old['reads']['depth']['live']]);
        self::assertGreaterThanOrEqual(6.0, $old['reads']['depth']['age']);
        file_put_contents("{$this->database}.live", '{"running":');
        self::assertSame([], $this->watch()['reads'], 'half a file tells nothing');
    }

    public function test_in_a_hard_turn_lines_are_told_as_on_the_straight_run_before_it_and_nothing_is_called_out(): void
    {
        $this->demoTrip()->update(['clearance' => 1.0]);
        $line = array_column($this->demoSpread()['lines'], null, 'holder_id')[$this->holder('C1')];
        $this->send('POST', '/trips/{next}/events', ['sent_at' => self::NOW, 'events' => [[
            'uuid' => '0190b1a4-0000-7000-8000-000000000001', 'kind' => 'out', 'at' => self::NOW,
            'holder_id' => $line['holder_id'], 'line' => $line,
        ]]], 200);
        $heard = ['water_speed' => 1.1, 'ground_speed' => 1.1, 'heading' => 90.0] + self::PLACE;
        $this->hear(['depth' => 60.0] + $heard, 0.0);
        $rod = static fn (array $watch): array => array_column($watch['rods'], null, 'holder')['C1'];
        $straight = $this->watch();
        $deep = $rod($straight)['depth'];
        self::assertNotNull($deep);
        foreach ([[5, 0.2, 1.1], [2, 2.4, 0.8], [1, 2.4, 0.75]] as [$ago, $turn, $speed]) {
            DB::table('track')->insert([
                'at' => (strtotime(self::NOW) - $ago) * 1000, 'turn' => $turn, 'water_speed' => $speed,
            ]);
        }
        // Over so little water a circle kept up would have it on the ground, and have that called out.
        $this->hear(['water_speed' => 0.75, 'depth' => $deep + 2.0] + $heard, 2.4);
        $turning = $this->watch();
        self::assertSame(['starboard', true], [$turning['turn']['side'], $turning['turn']['held']]);
        self::assertEqualsWithDelta($deep, $rod($turning)['depth'], 0.02);
        self::assertFalse($turning['ahead']['alarm']);
        // The same slowness held on straight is no turn, and is called out.
        $this->hear(['water_speed' => 0.75, 'depth' => $deep + 2.0] + $heard, 0.0);
        $slow = $this->watch();
        self::assertTrue($slow['ahead']['alarm']);
        self::assertTrue($rod($slow)['on_bottom']);
    }

    public function test_when_to_look_again_follows_the_instruments(): void
    {
        $again = fn (): int => (int) $this->send('GET', '/trips/{next}/watch', expect: 200)->headers->get('Admek-Again');
        self::assertSame(2000, $again());
        $this->hear(['water_speed' => 1.0]);
        self::assertContains($again(), range(1000, 1400), 'how often they come is not known yet');
        $this->hear(['water_speed' => 1.0]);
        self::assertLessThanOrEqual(2000, $again());
        $this->hear(['water_speed' => 1.0], age: 20.0);
        self::assertSame(2000, $again());
    }

    public function test_a_bite_keeps_what_was_true_and_how_it_is_known(): void
    {
        $this->hear(['water_speed' => 0.9, 'ground_speed' => 1.1, 'heading' => 90.0, 'depth' => 30.0] + self::PLACE, -0.5);
        $this->bite(1, self::NOW);
        $bite = $this->send('GET', '/trips/{next}/bites', expect: 200)->json('0');
        self::assertSame(self::PLACE, $bite['place']);
        $kept = $bite['snapshot'];
        self::assertSame([0.9, 'log', 'port'], [$kept['speed'], $kept['speed_by'], $kept['turn']['side']]);
        self::assertEquals(['value' => 1.1, 'how' => 'read'], $kept['known']['over_ground']);
        self::assertEquals(['value' => 30.0, 'how' => 'read'], $kept['known']['bottom']);
        self::assertSame('typed', $kept['known']['surface']['how'], 'no thermometer was heard');
        self::assertSame(['value' => null, 'how' => 'unknown'], $kept['known']['wind_speed']);
        self::assertArrayNotHasKey('place', $kept);
        self::assertCount(12, array_filter(array_column($kept['lines'], 'depth')));

        // A guest who may not see places is told the fish and not where.
        $this->demoTrip()->update(['date' => '2031-06-01']);
        $guest = $this->letIn(Role::Guest);
        $told = $this->asked('GET', '/trips/{next}/bites', $guest);
        self::assertNull($told->json('0.place'));
        self::assertStringNotContainsString('-38.42', (string) $told->getContent());
        $trusted = $this->letIn(Role::Guest, seesPlaces: true);
        self::assertSame(self::PLACE, $this->asked('GET', '/trips/{next}/bites', $trusted)->json('0.place'));
    }

    public function test_a_bite_told_late_is_kept_with_what_the_track_says_of_its_moment(): void
    {
        $track = new Track;
        $at = strtotime('2031-06-01T09:20:00Z');
        foreach ([-30 => 0.7, 3 => 0.85, 40 => 1.3] as $seconds => $speed) {
            $track->keep(new TrackPoint($at + $seconds, ['water_speed' => $speed, 'turn' => 0.0] + self::PLACE));
        }
        $this->hear(['water_speed' => 2.0]);
        $this->bite(1, '2031-06-01T09:20:00.000Z');
        $this->bite(2, '2031-06-01T09:40:00.000Z');
        [$later, $first] = $this->send('GET', '/trips/{next}/bites', expect: 200)->json();
        self::assertSame(
            [0.85, 'log', self::PLACE], [$first['snapshot']['speed'], $first['snapshot']['speed_by'], $first['place']],
        );
        self::assertSame(['planned', null], [$later['snapshot']['speed_by'], $later['place']], 'nothing was read near it');
        $known = $later['snapshot']['known'];
        self::assertSame(['planned', 'unknown'], [$known['bottom']['how'], $known['heading']['how']]);
    }

    public function test_two_runs_tell_the_log_s_factor_and_the_current(): void
    {
        $track = new Track;
        $from = strtotime('2031-06-01T09:00:00Z');
        // Over the ground: 1.04 of what the log shows, and 0.2 m/s setting east.
        foreach ([0 => [0.0, 1.0], 300 => [180.0, 0.8]] as $begin => [$heading, $log]) {
            for ($t = 0; $t < 90; $t += 5) {
                [$north, $east] = [1.04 * $log * cos(deg2rad($heading)), 0.2];
                $track->keep(new TrackPoint($from + $begin + $t, [
                    'water_speed' => $log, 'heading' => $heading, 'ground_speed' => hypot($north, $east),
                    'course' => fmod(rad2deg(atan2($east, $north)) + 360.0, 360.0),
                ]));
            }
        }
        $run = static fn (string $from, string $to): array => [
            'from' => "2031-06-01T{$from}.000Z", 'to' => "2031-06-01T{$to}.000Z",
        ];
        $out = $run('09:00:00', '09:01:30');
        $back = $run('09:05:00', '09:06:30');
        $checked = $this->send('POST', '/instruments/speed-check', ['out' => $out, 'back' => $back], 200)->json();
        self::assertEqualsWithDelta([1.04, 0.2, 90.0], [$checked['factor'], $checked['drift'], $checked['set']], 1e-6);
        self::assertSame(['out' => 18, 'back' => 18], $checked['samples']);
        $wrong = fn (array $out, array $back): array => array_column(
            $this->send('POST', '/instruments/speed-check', ['out' => $out, 'back' => $back], 422)->json('errors'), 'pointer',
        );
        self::assertSame(['/back'], $wrong($out, $out), 'not the opposite way');
        self::assertSame(['/out'], $wrong($run('08:00:00', '08:01:00'), $back), 'nothing was read then');
    }

    public function test_what_is_heard_is_told_to_the_captain_alone(): void
    {
        $this->hear(['depth' => 30.0, 'water_speed' => 1.0] + self::PLACE);
        $told = $this->send('GET', '/instruments', expect: 200)->json();
        self::assertTrue($told['listens']);
        self::assertSame(['water_speed', 'latitude', 'longitude', 'depth'], array_column($told['figures'], 'figure'));
        self::assertSame([['source' => 'Sounder/SD', 'value' => 31.0]], $told['figures'][3]['others']);
        self::assertSame(403, $this->asked('GET', '/instruments', $this->letIn(Role::Mate))->getStatusCode());
    }

    /**
     * As the hub would tell it.
     *
     * @param  array<string, float>  $figures
     */
    private function hear(array $figures, ?float $turn = null, float $age = 0.0): void
    {
        $known = [];
        foreach ($figures as $name => $value) {
            $known[$name] = new Known($value, 'Gateway/II', $age, $name === 'depth' ? ['Sounder/SD' => $value + 1.0] : []);
        }
        $this->hub->write($known, $turn, [['name' => 'Gateway', 'state' => 'connected', 'silence' => $age]], [], true);
    }

    /**
     * @param  array<string, mixed>  $told
     * @return TestResponse<Response>
     */
    private function keep(array $told, int $expect): TestResponse
    {
        $now = $this->send('GET', '/instruments', expect: 200)->json();
        $told += ['sources' => []];

        return $this->send('PUT', '/instruments', $told + [
            'transducer' => $now['transducer'], 'log_factor' => $now['log_factor'],
        ], $expect);
    }

    private function bite(int $number, string $at): void
    {
        $spread = $this->demoSpread();
        $told = [
            'uuid' => sprintf('0190b1a4-0000-7000-8000-%012d', $number), 'kind' => 'bite', 'at' => $at,
            'holder_id' => $this->holder('P3'), 'spread_id' => $spread['id'], 'speed' => $spread['speed'],
            'lines' => $spread['lines'],
        ];
        $answer = $this->send('POST', '/trips/{next}/events', ['sent_at' => self::NOW, 'events' => [$told]], 200)->json();
        self::assertSame([], $answer['refused']);
    }

    /** @return array<string, mixed> */
    private function watch(): array
    {
        return $this->send('GET', '/trips/{next}/watch', expect: 200)->json();
    }
}
