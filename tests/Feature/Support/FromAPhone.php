<?php

declare(strict_types=1);

namespace Tests\Feature\Support;

use App\Access\PairingCodes;
use App\Devices\Role;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Assert;
use Tests\Support\DemoRows;

/** Requests as another device on the boat's network sends them, with the cookies it was given. */
trait FromAPhone
{
    private const PHONE = '192.168.4.20';

    /**
     * Lets a phone in with a code, as it would be.
     *
     * @return array<string, string> its cookies
     */
    private function letIn(Role $role, bool $seesPlaces = false, string $name = 'A phone'): array
    {
        $code = $this->app->make(PairingCodes::class)->make($role, $seesPlaces, CarbonImmutable::now());
        $came = $this->asked('POST', '/aboard', [], ['code' => $code, 'name' => $name]);
        Assert::assertSame(201, $came->getStatusCode(), (string) $came->getContent());

        return self::cookies($came);
    }

    /**
     * @param  array<string, string>  $cookies
     * @param  ?array<string, mixed>  $body
     * @param  array<string, ?string>  $server  `page` is the scheme and host it is asked by
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function asked(
        string $method, string $path, array $cookies, ?array $body = null, array $server = [], bool $described = true,
    ): TestResponse {
        $this->asAnew();
        $body ??= $method === 'GET' ? null : [];
        $json = $body === null ? [] : ['CONTENT_TYPE' => 'application/json'];
        $answer = $this->call(
            $method, ($server['page'] ?? 'http://localhost')."/api{$path}", cookies: $cookies,
            server: $server + $json + ['REMOTE_ADDR' => self::PHONE, 'HTTP_ACCEPT' => 'application/json'],
            content: $body === null ? null : (string) json_encode($body),
        );
        if ($described) {
            Contract::assertDescribed($method, DemoRows::in($path, $this->database), $answer);
        }

        return $answer;
    }

    /** The application remembers who asked, and each request is a process of its own. */
    private function asAnew(): void
    {
        $this->app->make('auth')->forgetGuards();
        $this->app->make('session')->forgetDrivers();
        $this->app->forgetInstance('session.store');
        $this->app->make('cookie')->flushQueuedCookies();
        $this->disableCookieEncryption();
    }

    /**
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $answer
     * @return array<string, string>
     */
    private static function cookies(TestResponse $answer): array
    {
        $cookies = [];
        foreach ($answer->headers->getCookies() as $cookie) {
            $cookies[$cookie->getName()] = (string) $cookie->getValue();
        }

        return $cookies;
    }
}
