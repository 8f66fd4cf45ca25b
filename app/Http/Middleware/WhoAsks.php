<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Devices\LaptopName;
use App\Devices\OwnNames;
use App\Devices\Sighting;
use App\Models\Device;
use Closure;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Auth\Factory;
use Illuminate\Contracts\Container\Container;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Pipeline\Pipeline;
use Illuminate\Support\Facades\Config;
use Symfony\Component\HttpFoundation\IpUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\UnauthorizedHttpException;

/** Finds out which device asks: the laptop itself, or one that was let in. Nobody else is answered. */
final readonly class WhoAsks
{
    /** What carries a session, in order. */
    public const SESSION = [EncryptCookies::class, AddQueuedCookiesToResponse::class, DeviceSession::class];

    /** s after which it is kept again that a device was seen: who looks at the day looks anew at each writing. */
    private const SEEN = 900;

    public function __construct(private Factory $auth, private Container $container, private LaptopName $laptop)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $guard = $this->auth->guard();
        assert($guard instanceof SessionGuard);
        if (self::isLaptop($request)) {
            $guard->setUser(Device::laptop($this->laptop->told()));

            return $next($request);
        }
        if (! $request->cookies->has(Config::string('session.cookie'))) {
            throw self::unknown();
        }

        return (new Pipeline($this->container))->send($request)->through(self::SESSION)->then(
            static function (Request $request) use ($guard, $next): Response {
                $device = $guard->user();
                if (! $device instanceof Device) {
                    throw self::unknown();
                }
                self::note($device);

                return $next($request);
            },
        );
    }

    /**
     * By the address it comes from and the name it asks by: what a program on the laptop passes on from elsewhere asks by
     * another name.
     */
    private static function isLaptop(Request $request): bool
    {
        return IpUtils::checkIp((string) $request->server->get('REMOTE_ADDR'), ['127.0.0.0/8', '::1'])
            && in_array(OwnPage::host($request), OwnNames::LOOPBACK, true);
    }

    private static function note(Device $device): void
    {
        Sighting::note($device->id);
        if ($device->seen_at === null || abs($device->seen_at->diffInSeconds(now())) >= self::SEEN) {
            try {
                Device::query()->whereKey($device->id)->update(['seen_at' => now()]);
            } catch (QueryException) {
                // On a full disk what is asked is answered all the same.
            }
        }
    }

    private static function unknown(): UnauthorizedHttpException
    {
        return new UnauthorizedHttpException('Pairing', 'This device is let in by a code, which the captain’s screen shows.');
    }
}
