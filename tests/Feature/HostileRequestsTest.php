<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\Role;
use App\Models\Boat;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\FromAPhone;
use Tests\Support\DemoRows;
use Tests\Support\HostileRequests;
use Tests\Support\WellMeant;

/**
 * Whatever is sent, the answer is a decision, in JSON where JSON was asked for, and the data stays whole. HOSTILE in the
 * environment asks for so many, HOSTILE_SEED for others.
 */
final class HostileRequestsTest extends FeatureTestCase
{
    use FromAPhone;

    public function test_what_is_well_meant_is_taken_before_it_is_spoilt(): void
    {
        $this->seedDemo();
        $refused = [];
        $bodies = WellMeant::bodies($this->demoSpread(), $this->send('GET', '/trips/new', expect: 200)->json());
        foreach ($bodies as $what => $body) {
            [$method, $path] = explode(' ', $what);
            $version = str_starts_with($what, 'PUT /spreads') ? ['version' => $this->demoSpread()['version']] : [];
            if (in_array($path, ['/boat', '/boat/change'], true) && $method !== 'GET') {
                $version = ['version' => Boat::query()->sole()->version];
            }
            $path = self::ofDemo($path);
            $answer = $this->json($method, '/api'.DemoRows::in($path, $this->database), $version + $body);
            if (! $answer->isSuccessful()) {
                $refused[$what] = $answer->json('errors') ?? $answer->getContent();
            }
        }

        self::assertSame([], $refused);
    }

    public function test_no_place_of_a_body_breaks_the_server_whatever_stands_in_it(): void
    {
        $this->seedDemo();
        $broken = [];
        $bodies = WellMeant::bodies($this->demoSpread(), $this->send('GET', '/trips/new', expect: 200)->json());
        foreach ($bodies as $what => $body) {
            [$method, $path] = explode(' ', $what);
            $path = self::ofDemo($path);
            foreach (HostileRequests::eachPlaceOf((array) $body, getenv('HOSTILE') === false ? 3 : 9) as $place => $spoilt) {
                DB::beginTransaction();
                $version = ['version' => match (true) {
                    str_contains($path, '/boat') => Boat::query()->sole()->version,
                    default => DB::table('spreads')->max('version'),
                }];
                $spoilt = str_contains($path, '/boat') || $method === 'PUT' ? $version + (array) $spoilt : $spoilt;
                $answer = $this->json($method, '/api'.DemoRows::in($path, $this->database), (array) $spoilt);
                DB::rollBack();
                if ($answer->getStatusCode() >= 500) {
                    $broken[] = "{$what} {$place}: ".substr($answer->exception?->getMessage() ?? '', 0, 120);
                }
            }
        }
        foreach (['photographs?bite[]=x', 'days/file?trip[]=x', 'trips/1/watch?known[]=x', 'season?trips[]=x'] as $path) {
            foreach (['PUT', 'GET'] as $method) {
                $status = $this->call($method, "/api/{$path}", server: ['HTTP_ACCEPT' => 'application/json'])->getStatusCode();
                $status < 500 || $broken[] = "{$method} {$path}";
            }
        }
        self::assertSame([], $broken);
    }

    public function test_no_request_breaks_the_server_or_what_it_keeps(): void
    {
        $this->seedDemo();
        $tables = [
            'trip' => 'trips', 'spread' => 'spreads', 'id' => 'reels', 'structure' => 'structures',
            'template' => 'spread_templates',
        ];
        $ids = array_map(static fn (string $table): int => (int) DB::table($table)->max('id'), $tables);
        $like = WellMeant::bodies($this->demoSpread(), $this->send('GET', '/trips/new', expect: 200)->json());
        $broken = [];
        $requests = (new HostileRequests((int) (getenv('HOSTILE_SEED') ?: 20261126), $like))->many(
            (int) (getenv('HOSTILE') ?: 700), $ids,
        );
        $roles = [null, Role::Guest, Role::Mate, Role::Captain];
        $cookies = array_map(fn (?Role $role): array => $role === null ? [] : $this->letIn($role), $roles);
        foreach ($requests as $i => [$method, $path, $type, $body]) {
            // One in five from the laptop itself, and one from each kind of device; a prime of them between two changes.
            $who = intdiv($i, 7) % 5;
            $server = ['HTTP_ACCEPT' => 'application/json'] + ($type === '' ? [] : ['CONTENT_TYPE' => $type]);
            $this->asAnew();
            $response = $this->call(
                $method, "/api{$path}", cookies: $cookies[$who] ?? [],
                server: $server + ($who === 4 ? [] : ['REMOTE_ADDR' => self::PHONE]), content: $body,
            );
            $status = $response->getStatusCode();
            if (($roles[$who] ?? null) !== null && ($status === 204 || $status === 401)) {
                DB::table('pairing_tries')->delete();
                $cookies[$who] = $this->letIn($roles[$who]);
            }
            if ($status >= 500 || ($status >= 400 && json_decode((string) $response->getContent()) === null)) {
                $broken[] = "{$i} {$method} {$path} [{$type}] ".substr($body, 0, 300)." → {$status} "
                    .substr($response->exception?->getMessage() ?? '', 0, 200);
            }
        }

        self::assertSame([], $broken);
        self::assertSame('ok', DB::selectOne('pragma integrity_check')->integrity_check);
        self::assertSame([], DB::select('pragma foreign_key_check'));
        $this->asAnew();
        $this->send('GET', '/boat', expect: 200);
        $this->send('GET', '/trips', expect: 200);
        $this->send('GET', '/locker', expect: 200);
        $this->send('GET', '/chart', expect: 200);
    }

    /** A path of the contract, of a row the demo world has. */
    private static function ofDemo(string $path): string
    {
        return strtr($path, [
            '{trip}' => '{next}', '{spread}' => '{next}', '{list}' => 'lures', '{book}' => 'go',
            '{id}' => DB::table('reels')->max('id'), '{key}' => 'ice', '{rig}' => 'flat',
            '{sounding}' => (string) DB::table('soundings')->max('id'),
        ]);
    }
}
