<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Database\DatabaseManager;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Around every request that may keep something: one at a time, from what it reads to what it writes, and whole or not at all. So
 * nobody's change is lost under another's, and what is sent twice at once is found by the second.
 */
final readonly class Keeping
{
    public function __construct(private DatabaseManager $databases)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (in_array($request->getMethod(), ['GET', 'HEAD', 'OPTIONS'], true)) {
            return $next($request);
        }
        $database = $this->databases->connection();
        $database->beginTransaction();
        try {
            $response = $next($request);
            $response->isSuccessful() ? $database->commit() : $database->rollBack();
        } catch (Throwable $error) {
            $database->rollBack();
            throw $error;
        }

        return $response;
    }
}
