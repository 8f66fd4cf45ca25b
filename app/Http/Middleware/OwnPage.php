<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Devices\OwnNames;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Answers only under the machine's own names, and lets nothing be changed but from Admek's own page: whatever else is open in a
 * browser on the boat may send requests here, but not as this page (OWASP Cross-Site Request Forgery Prevention, "Verifying
 * Origin").
 */
final class OwnPage
{
    private const ASKING = ['GET', 'HEAD', 'OPTIONS'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! in_array(self::host($request), OwnNames::all(), true)) {
            throw new HttpException(421, 'This machine is not called so.');
        }
        if (! mb_check_encoding(urldecode((string) $request->server->get('QUERY_STRING')), 'UTF-8')) {
            throw new HttpException(400, 'The address must be UTF-8.');
        }
        if ($request->getRealMethod() !== $request->getMethod()) {
            throw new HttpException(400, 'A request is of the method it is sent by.');
        }
        if (! in_array($request->getRealMethod(), self::ASKING, true) && ! self::isFromOwnPage($request)) {
            throw new HttpException(403, 'Changes are made from Admek’s own page.');
        }

        return $next($request);
    }

    /** As the request names it, without its port; read by hand, for what is no host at all is refused like a wrong one. */
    public static function host(Request $request): string
    {
        $named = strtolower((string) $request->headers->get('Host'));

        return (string) preg_replace('/:\d+$/', '', $named);
    }

    private static function isFromOwnPage(Request $request): bool
    {
        $origin = $request->headers->get('Origin');

        return $origin === null
            ? $request->headers->get('Sec-Fetch-Site') === 'same-origin'
            : $origin === $request->getScheme().'://'.$request->headers->get('Host');
    }
}
