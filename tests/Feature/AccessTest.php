<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\Role;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\Contract;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\FromAPhone;
use Tests\Support\WellMeant;

/** Every operation of the contract, asked by everybody: who may is answered, who may not is told so and nothing comes of it. */
final class AccessTest extends FeatureTestCase
{
    use FromAPhone;

    private const EVERYTHING = ['anybody', 'look', 'places', 'season', 'lines', 'log', 'chores', 'plan', 'devices'];

    /** @return iterable<string, array{?Role, bool, list<string>}> who asks, and what that may */
    public static function everybody(): iterable
    {
        yield 'a phone that was not let in' => [null, false, ['anybody']];
        yield 'a guest' => [Role::Guest, false, ['anybody', 'look']];
        yield 'a guest who may see the ground' => [Role::Guest, true, ['anybody', 'look', 'places']];
        yield 'a mate' => [Role::Mate, false, ['anybody', 'look', 'places', 'season', 'lines', 'log', 'chores']];
        yield 'a captain' => [Role::Captain, false, self::EVERYTHING];
    }

    /** @param  list<string>  $may */
    #[DataProvider('everybody')]
    public function test_every_route_is_for_whom_the_contract_says(?Role $role, bool $seesPlaces, array $may): void
    {
        $this->seedDemo();
        $like = WellMeant::bodies($this->demoSpread(), $this->send('GET', '/trips/new', expect: 200)->json());
        $cookies = $role === null ? [] : $this->letIn($role, $seesPlaces);
        $before = $this->kept();
        $wrong = [];
        $asked = 0;
        foreach ($this->operations() as [$method, $path, $needs]) {
            $filled = strtr($path, [
                '{trip}' => '{next}', '{spread}' => '{next}', '{list}' => 'lures', '{book}' => 'go', '{key}' => 'ice',
                '{rig}' => 'flat', '{kind}' => 'goes_back', '{seed}' => '3',
                '{id}' => DB::table('lures')->max('id'), '{format}' => 'gpx', '{device}' => '999', '{structure}' => '999',
                '{mark}' => '999', '{reading}' => '018f0000-0000-7000-8000-000000000009',
                '{sounding}' => '999', '{template}' => '999',
                '{bite}' => '018f0000-0000-7000-8000-000000000009',
            ]);
            $body = $method === 'GET' ? null : ($like["{$method} {$path}"] ?? []);
            $status = $this->asked($method, $filled, $cookies, $body)->getStatusCode();
            $refused = in_array($status, [401, 403], true);
            if ($refused !== ! in_array($needs, $may, true) || ($refused && ($status === 401) !== ($role === null))) {
                $wrong[] = "{$method} {$path} needs {$needs}: {$status}";
            }
            $asked++;
            if ($refused) {
                self::assertSame($before, $this->kept(), "{$method} {$path} was refused and changed something");
            } else {
                $before = $this->kept();
            }
            if ("{$method} {$path}" === 'DELETE /aboard' && $role !== null) {
                $cookies = $this->letIn($role, $seesPlaces);
                $before = $this->kept();
            }
        }

        self::assertSame([], $wrong);
        self::assertGreaterThan(60, $asked);
    }

    public function test_who_brings_nothing_usable_is_told_so_before_what_it_brings_is_read(): void
    {
        $this->seedDemo();
        $answer = $this->call('POST', '/api/locker/lures', server: [
            'REMOTE_ADDR' => self::PHONE, 'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json',
        ], content: str_repeat('[', 5_000_000));

        self::assertSame([401, 'Pairing', []], [
            $answer->getStatusCode(), $answer->headers->get('WWW-Authenticate'), $answer->headers->getCookies(),
        ]);
    }

    public function test_a_guest_sees_the_trip_under_way_and_no_other(): void
    {
        $this->seedDemo();
        $cookies = $this->letIn(Role::Guest);

        $trips = $this->asked('GET', '/trips', $cookies)->json();
        self::assertSame([$this->demoTrip()->id], array_column($trips, 'id'));
        foreach (['/trips/{past}', '/trips/{past}/bites', '/spreads/{past}', '/spreads/{past}/deck-card'] as $path) {
            self::assertSame(403, $this->asked('GET', $path, $cookies)->getStatusCode(), $path);
            self::assertSame(200, $this->asked('GET', str_replace('past', 'next', $path), $cookies)->getStatusCode(), $path);
        }
    }

    public function test_a_guest_is_told_no_place_on_the_ground_and_nobody_s_name_unless_allowed(): void
    {
        $this->seedDemo();
        $this->send('PUT', '/trips/{next}/pass', [
            'places' => [[45.31, -38.4], [45.32, -38.39], [45.33, -38.41]], 'speed' => 1.0, 'name' => 'the long edge',
        ], 200);
        $this->demoTrip()->update(['guests' => ['Orla']]);
        $told = function (bool $seesPlaces): string {
            $cookies = $this->letIn(Role::Guest, $seesPlaces);

            $answers = '';
            foreach ([
                '/boat', '/locker', '/trips', '/trips/{next}', '/trips/{next}/bites', '/spreads/{next}',
                '/spreads/{next}/deck-card',
            ] as $path) {
                $answers .= $this->asked('GET', $path, $cookies)->getContent();
            }

            return $answers;
        };
        $places = ['Dunmarl', '45.3', '-38.', 'the long edge'];
        foreach ($places as $place) {
            self::assertStringNotContainsString($place, $told(false));
            self::assertStringContainsString($place, $told(true));
        }
        self::assertStringNotContainsString('Orla', $told(true));
    }

    /** @return list<array{string, string, string}> method, path, what it needs */
    private function operations(): array
    {
        $all = [];
        foreach (Contract::document()['paths'] as $path => $operations) {
            foreach (array_diff_key($operations, ['parameters' => true]) as $method => $operation) {
                self::assertContains($operation['x-may'] ?? null, self::EVERYTHING, "{$method} {$path}");
                $all[] = [strtoupper((string) $method), (string) $path, $operation['x-may']];
            }
        }

        return $all;
    }

    /** A sum over all that is kept, but for who was seen when, and wrong tries. */
    private function kept(): string
    {
        $kept = '';
        $tables = DB::table('sqlite_master')->where('type', 'table')->whereNotIn('name', ['pairing_tries', 'sqlite_sequence']);
        foreach ($tables->orderBy('name')->pluck('name') as $table) {
            $kept .= json_encode(DB::table((string) $table)->get()->map(
                static fn (object $row): array => array_diff_key((array) $row, ['seen_at' => 0]),
            ));
        }

        return sha1($kept);
    }
}
