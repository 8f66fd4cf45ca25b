<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Config;
use Symfony\Component\HttpFoundation\Response;

/** What every answer says of itself to a browser: what may run in it, and that nobody else may look into it. */
final class ClosedAnswers
{
    /** Loaded from here and nowhere else, in nobody's frame; styles are set on elements, scripts never. */
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; "
        ."font-src 'self'; connect-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    /** Of files, which are looked at or kept and never run: nothing is loaded by one that is opened. */
    private const POLICY_OF_FILES = "default-src 'none'; sandbox; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    /** @var array<string, string> on files handed out past the application too */
    public const ALWAYS = [
        'Content-Security-Policy' => self::POLICY, 'X-Content-Type-Options' => 'nosniff', 'Referrer-Policy' => 'no-referrer',
        'Cross-Origin-Resource-Policy' => 'same-origin', 'Cross-Origin-Opener-Policy' => 'same-origin',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->add(self::ALWAYS + ['Admek-Build' => Config::string('admek.build')]);
        if ($response->headers->has('Content-Disposition')) {
            $response->headers->set('Content-Security-Policy', self::POLICY_OF_FILES);
        }

        return $response;
    }
}
