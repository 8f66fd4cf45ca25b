<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\Role;
use App\Devices\Sighting;
use App\Models\Device;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\FromAPhone;

/** A device is let in by a code, known by its cookie, and put out. */
final class PairingTest extends FeatureTestCase
{
    use FromAPhone;

    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
        $this->freezeSecond();
    }

    public function test_a_code_lets_one_device_in_once(): void
    {
        $code = $this->code('mate');
        self::assertSame(401, $this->asked('GET', '/boat', [])->getStatusCode());
        $came = $this->come(substr($code, 0, 3).' '.substr($code, 3));
        self::assertSame([201, 'mate', false], [$came->getStatusCode(), $came->json('role'), $came->json('laptop')]);
        self::assertSame(422, $this->come($code)->getStatusCode(), 'a second device with the same code');

        $cookies = self::cookies($came);
        self::assertSame('Second Lamp', $this->asked('GET', '/boat', $cookies)->json('name'));
        self::assertSame(
            ['Anna’s phone', 'mate'], array_values(array_intersect_key(
                $this->asked('GET', '/aboard', $cookies)->json(), ['name' => 0, 'role' => 0],
            )),
        );
    }

    public function test_its_cookie_is_for_no_script_for_no_other_site_and_sealed(): void
    {
        $came = $this->come($this->code('guest'));
        self::assertNotSame([], $came->headers->getCookies());
        foreach ($came->headers->getCookies() as $cookie) {
            self::assertSame(
                [true, 'strict', false], [$cookie->isHttpOnly(), $cookie->getSameSite(), $cookie->isSecure()], $cookie->getName(),
            );
            self::assertStringNotContainsString((string) Device::query()->sole()->token, (string) $cookie);
        }
        $tampered = array_map(
            static fn (string $value): string => substr($value, 0, -6).strrev(substr($value, -6)), self::cookies($came),
        );
        self::assertSame(401, $this->asked('GET', '/boat', $tampered)->getStatusCode());
        $secure = $this->asked('POST', '/aboard', [], ['code' => $this->code('guest'), 'name' => 'x'], [
            'page' => 'https://localhost', 'HTTP_ORIGIN' => 'https://localhost',
        ]);
        self::assertSame(201, $secure->getStatusCode(), (string) $secure->getContent());
        self::assertTrue($secure->headers->getCookies()[0]->isSecure());
    }

    public function test_five_wrong_tries_a_minute_hold_everybody_off_and_a_clock_put_back_does_not(): void
    {
        $code = $this->code('captain');
        for ($try = 0; $try < 5; $try++) {
            self::assertSame(422, $this->come($this->other($code))->getStatusCode());
            $this->travel(10)->seconds();
        }
        $held = $this->come($code);
        self::assertSame([429, '10'], [$held->getStatusCode(), $held->headers->get('Retry-After')]);
        self::assertSame(0, Device::query()->count());
        $this->travel(10)->seconds();
        self::assertSame(201, $this->come($code)->getStatusCode());

        for ($try = 0; $try < 4; $try++) {
            $this->come('000000');
        }
        $this->travel(-1)->days();
        self::assertSame(201, $this->come($this->code('guest'))->getStatusCode());
    }

    public function test_a_code_is_good_for_ten_minutes_until_the_next_or_until_it_is_taken_back(): void
    {
        $old = $this->code('mate');
        $this->travel(600)->seconds();
        self::assertSame(422, $this->come($old)->getStatusCode());
        $first = $this->code('mate');
        $second = $this->code('mate');
        $this->travel(599)->seconds();
        self::assertSame(422, $this->come($first)->getStatusCode());
        self::assertSame(201, $this->come($second)->getStatusCode());
        $third = $this->code('mate');
        $this->send('DELETE', '/pairing', expect: 204);
        self::assertSame(422, $this->come($third)->getStatusCode());
    }

    public function test_a_device_is_renamed_made_something_else_and_put_out_at_once(): void
    {
        $cookies = $this->letIn(Role::Guest);
        $device = Device::query()->sole();
        self::assertSame(403, $this->asked('GET', '/chart', $cookies)->getStatusCode());
        $this->send('PUT', "/devices/{$device->id}", ['name' => 'Cockpit', 'role' => 'mate', 'sees_places' => false], 200);
        self::assertSame(200, $this->asked('GET', '/chart', $cookies)->getStatusCode());
        $this->assertRefusedAt(['/name', '/role', '/sees_places'], 'PUT', "/devices/{$device->id}", [
            'name' => str_repeat('x', 41), 'role' => 'owner', 'sees_places' => 'perhaps',
        ]);
        $this->send('DELETE', "/devices/{$device->id}", expect: 200)->assertJsonCount(0, 'devices');
        self::assertSame(401, $this->asked('GET', '/chart', $cookies)->getStatusCode());
        self::assertSame('Cockpit', Device::query()->sole()->name);
        $this->send('DELETE', '/devices/999', expect: 404);
    }

    public function test_a_clock_that_is_years_off_puts_nobody_out(): void
    {
        $cookies = $this->letIn(Role::Mate);
        foreach ([6, -12, 6] as $years) {
            $this->travel($years)->years();
            $answer = $this->asked('GET', '/aboard', $cookies);
            self::assertSame([200, 'mate'], [$answer->getStatusCode(), $answer->json('role')]);
            // As a browser keeps them, whatever they are told to be good for.
            $cookies = self::cookies($answer) + $cookies;
        }
    }

    public function test_a_device_goes_by_itself_and_the_laptop_cannot(): void
    {
        $cookies = $this->letIn(Role::Captain);
        self::assertSame(204, $this->asked('DELETE', '/aboard', $cookies)->getStatusCode());
        self::assertSame(401, $this->asked('GET', '/boat', $cookies)->getStatusCode());
        $this->app->make('auth')->forgetGuards();
        $this->send('DELETE', '/aboard', expect: 204);
        self::assertTrue($this->send('GET', '/aboard', expect: 200)->json('laptop'));
    }

    public function test_who_comes_through_the_laptop_by_another_name_or_says_it_is_another_is_not_the_laptop(): void
    {
        Config::set('admek.names', 'lamp.local');
        $from = fn (array $server): int => $this->asked('GET', '/boat', [], server: $server)->getStatusCode();
        self::assertSame(200, $from(['REMOTE_ADDR' => '127.0.0.1']));
        self::assertSame(200, $from(['REMOTE_ADDR' => '::1', 'page' => 'http://[::1]:8000']));
        self::assertSame(401, $from(['REMOTE_ADDR' => '127.0.0.1', 'page' => 'http://lamp.local:8000']));
        self::assertSame(401, $from(['HTTP_X_FORWARDED_FOR' => '127.0.0.1', 'HTTP_FORWARDED' => 'for=127.0.0.1']));
        self::assertSame(401, $from(['HTTP_X_REAL_IP' => '127.0.0.1', 'HTTP_CLIENT_IP' => '127.0.0.1']));
    }

    public function test_phones_are_shown_an_address_they_can_reach_the_likeliest_first(): void
    {
        $answer = fn (): array => $this->send('POST', '/pairing', ['role' => 'guest'], 201)->json('addresses');
        self::assertSame([], $answer());
        // The network came up while Admek was served.
        $file = "{$this->database}.names";
        Config::set('admek.names_file', $file);
        self::assertSame([], $this->send('POST', '/pairing', ['role' => 'guest'], 201)->json('addresses'));
        file_put_contents($file, "Lamp lamp.local\nlocalhost [fd00::2] 192.168.4.1 lamp\n");
        self::assertSame(['http://192.168.4.1', 'http://lamp.local', 'http://lamp', 'http://[fd00::2]'], $answer());
        Config::set('admek.tls', true);
        $made = $this->send('POST', '/pairing', ['role' => 'guest'], 201);
        self::assertSame(
            ['https://192.168.4.1:80', 'http://192.168.4.1'], [$made->json('addresses.0'), $made->json('trusted_at')],
        );
        unlink($file);
    }

    public function test_a_copy_of_the_data_lets_nobody_in(): void
    {
        $code = $this->code('captain');
        $cookies = $this->letIn(Role::Captain);
        $held = json_encode(DB::table('devices')->get()).json_encode(DB::table('pairing_codes')->get());
        self::assertStringNotContainsString($code, $held);
        // What the cookie is sealed with is in none of it.
        Config::set('app.key', random_bytes(32));
        $this->app->forgetInstance('encrypter');
        $this->app->forgetInstance(\Illuminate\Cookie\Middleware\EncryptCookies::class);
        self::assertSame(401, $this->asked('GET', '/boat', $cookies)->getStatusCode());
    }

    public function test_a_code_is_shown_on_the_command_line_where_no_screen_is_at_hand(): void
    {
        Artisan::call('admek:pair', ['role' => 'mate']);
        $said = Artisan::output();
        self::assertMatchesRegularExpression('/^\d{3} \d{3} lets one device in as mate, once, for 10 minutes\./', $said);
        self::assertSame('mate', $this->come(substr($said, 0, 7))->json('role'));
        self::assertSame(1, Artisan::call('admek:pair', ['role' => 'owner']));
    }

    public function test_what_goes_wrong_for_a_device_is_logged_without_what_it_is_known_by(): void
    {
        $cookies = $this->letIn(Role::Mate);
        $folder = "{$this->database}.logs";
        Config::set('logging.channels.daily.path', "{$folder}/admek.log");
        $this->app->make('log')->forgetChannel('daily');
        DB::table('spreads')->update(['school' => 'nobody’s']);
        self::assertSame(500, $this->asked('GET', '/spreads/{next}/deck-card', $cookies, described: false)->getStatusCode());

        $log = implode('', array_map(file_get_contents(...), glob("{$folder}/*") ?: []));
        self::assertStringContainsString('nobody’s', $log);
        self::assertStringNotContainsString((string) Device::query()->sole()->token, $log);
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
    }

    public function test_when_a_device_was_seen_is_noted_at_once_and_kept_now_and_then(): void
    {
        $told = "{$this->database}.told";
        Config::set('admek.told', $told);
        $cookies = $this->letIn(Role::Mate);
        $ago = static fn (?CarbonImmutable $at): int => (int) $at?->diffInSeconds(CarbonImmutable::now());
        $seen = function () use ($ago): array {
            $device = Device::query()->sole();
            $kept = $device->seen_at?->toImmutable();
            $told = $this->send('GET', '/devices', expect: 200)->json('devices.0.seen_at');

            return [$ago($kept), $ago(Sighting::of($device->id, $kept)), $ago(CarbonImmutable::parse($told))];
        };
        $this->travel(899)->seconds();
        $this->asked('GET', '/boat', $cookies);
        self::assertSame([899, 0, 0], $seen(), 'who looks at the day looks anew at each writing');
        $this->travel(1)->seconds();
        $this->asked('GET', '/boat', $cookies);
        self::assertSame([0, 0, 0], $seen());
        array_map(unlink(...), glob("{$told}*") ?: []);
    }

    private function code(string $role): string
    {
        return (string) $this->send('POST', '/pairing', ['role' => $role], 201)->json('code');
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function come(string $code): TestResponse
    {
        return $this->asked('POST', '/aboard', [], ['code' => $code, 'name' => 'Anna’s phone']);
    }

    private function other(string $code): string
    {
        return $code === '123456' ? '654321' : '123456';
    }
}
