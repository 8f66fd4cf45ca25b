<?php

declare(strict_types=1);

use App\Http\Faults;
use App\Http\Middleware\ClosedAnswers;
use App\Http\Middleware\Keeping;
use App\Http\Middleware\OwnPage;
use App\Http\Middleware\ReadableJson;
use App\Http\Middleware\Stamped;
use App\Http\Middleware\WhoAsks;
use App\Http\Problem;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Middleware\ValidatePostSize;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;

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
        // Who it is and what it may is known before anything it brings is looked at; kept from before the first row is read.
        $middleware->api(prepend: [WhoAsks::class, ReadableJson::class, Keeping::class]);
        $middleware->priority(
            [WhoAsks::class, Authorize::class, ReadableJson::class, Keeping::class, Stamped::class, SubstituteBindings::class],
        );
        // The page itself is the same for everybody.
        $middleware->group('web', []);
        $middleware->group('session', WhoAsks::SESSION);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(
            [
                \Admek\Core\InvalidValue::class, \Admek\Core\Towing\CannotTow::class, \App\Models\Conflict::class,
                \Admek\Core\Towing\Motion\NotWanted::class,
                \App\Access\WrongCode::class, \App\Access\TooManyTries::class,
            ],
        );
        // By the path as it came: one with broken letters matches no pattern.
        $api = static fn (Request $request): bool => str_starts_with($request->getPathInfo(), '/api/');
        $exceptions->shouldRenderJsonWhen($api);
        $exceptions->render(static fn (Throwable $error, Request $request) => $api($request) ? Problem::from($error) : null);
    })
    ->withSingletons([ExceptionHandler::class => Faults::class])
    ->create();
