<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/** A session that holds which device it is and nothing else: a cookie has room for no long address. */
final class DeviceSession extends StartSession
{
    /**
     * @param  \Illuminate\Contracts\Session\Session  $session
     */
    protected function storeCurrentUrl(Request $request, $session): void
    {
    }
}
