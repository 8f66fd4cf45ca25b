<?php

declare(strict_types=1);

use App\Http\Middleware\ClosedAnswers;
use App\Http\Middleware\Keeping;
use App\Http\Middleware\OwnPage;
use App\Http\Middleware\ReadableJson;
use App\Http\Problem;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Middleware\ValidatePostSize;
use Illuminate\Http\Request;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend([ClosedAnswers::class, OwnPage::class]);
        // Each route bounds what it takes: 256 kB of JSON, or a file by its kind.
        $middleware->remove(ValidatePostSize::class);
        // The API's bodies are cleaned as they are read.
        $middleware->remove([TrimStrings::class, ConvertEmptyStringsToNull::class]);
        // Kept from before the first row is read.
        $middleware->api(prepend: [ReadableJson::class, Keeping::class]);
        // One origin, no cookies: the page keeps no session with the server.
        $middleware->group('web', []);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(
            [\Admek\Core\InvalidValue::class, \Admek\Core\Towing\CannotTow::class, \App\Models\Conflict::class],
        );
        // By the path as it came: one with broken letters matches no pattern.
        $api = static fn (Request $request): bool => str_starts_with($request->getPathInfo(), '/api/');
        $exceptions->shouldRenderJsonWhen($api);
        $exceptions->render(static fn (Throwable $error, Request $request) => $api($request) ? Problem::from($error) : null);
    })
    ->create();
