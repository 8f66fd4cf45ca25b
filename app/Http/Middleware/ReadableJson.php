<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Refuses bodies that are too large, no JSON, or nested deeper than anything the API describes. */
final class ReadableJson
{
    public const MOST_BYTES = 262_144;

    private const DEEPEST = 16;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethod('GET')) {
            $body = $request->getContent();
            if (strlen($body) > self::MOST_BYTES) {
                throw new HttpException(413, sprintf('The request must be at most %d kB.', self::MOST_BYTES / 1024));
            }
            if (! $request->isJson() || ! is_array(json_decode($body, true, self::DEEPEST))) {
                throw new HttpException(400, sprintf('The request must be a JSON object, nested at most %d deep.', self::DEEPEST));
            }
        }

        return $next($request);
    }
}
