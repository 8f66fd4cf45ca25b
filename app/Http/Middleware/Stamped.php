<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Standing;
use App\Instruments\LiveFile;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Config;
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
        $head = (new Standing(Config::string('database.connections.sqlite.database'), $this->live))->head();
        $heard = $this->live->read();
        $response = $next($request);
        if ($response->isSuccessful()) {
            $told = $request->attributes;
            $response->headers->add(Standing::again($heard) + ($head === null ? [] : [Standing::STAMP => Standing::stamp(
                $head, $request->getPathInfo(), $told->getString(Standing::TOLD), $told->getString(Standing::NEWS),
            )]));
        }

        return $response;
    }
}
