<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Standing;
use App\Instruments\LiveFile;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Stamps what follows from what is kept and heard, and from nothing else: brought back, the stamp tells that nothing is new. */
final readonly class Stamped
{
    public function __construct(private LiveFile $live)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $stand = $request->server->getString(Standing::STAND);
        $heard = $this->live->read();
        $response = $next($request);
        if ($response->isSuccessful()) {
            $told = $request->attributes;
            $response->headers->add(Standing::again($heard) + ($stand === '' ? [] : [Standing::STAMP => Standing::stamp(
                $stand, $request->getPathInfo(), $told->getString(Standing::TOLD), $told->getString(Standing::NEWS),
            )]));
        }

        return $response;
    }
}
