<?php

declare(strict_types=1);

namespace App\Files\Whole;

use Admek\Core\Books\Book;
use Admek\Core\InvalidValue;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Facade;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** What was read in, looked at as its pages will look at it: what would break one of them is not kept. */
final readonly class EveryPage
{
    /** Trips, the latest first, of which what takes its time is looked at too. */
    private const WHOLLY = 3;

    private const OF_BOAT = [
        '/boat', '/catalogue', '/locker', '/trips', '/trips/new', '/trips/deleted', '/chart', '/templates', '/soundings',
        '/labels', '/instruments', '/boat/crafts', '/boat/file', '/structures/file/gpx', '/forecasts', '/season',
    ];

    private const OF_TRIP = ['', '/day', '/bites', '/photographs', '/day/line', '/end'];

    private const OF_TRIP_WHOLLY = ['/watch', '/water', '/preparation', '/lure-box', '/changes', '/start'];

    private const OF_SPREAD = ['', '/file'];

    private const OF_SPREAD_WHOLLY = ['/deck-card', '/tow-case'];

    public function __construct(private Application $app, private Router $router)
    {
    }

    /**
     * @param  callable(string, int): string  $place  of a row in the file, by its table and id
     *
     * @throws InvalidValue naming the row's place
     */
    public function look(callable $place): void
    {
        $before = $this->app->make('request');
        try {
            foreach ($this->paths() as $path => [$table, $id]) {
                if (! $this->stands($path)) {
                    throw InvalidValue::because($place($table, $id), "a row of {$table} that its page {$path} can show");
                }
            }
        } finally {
            $this->beAsked($before);
        }
    }

    /** @return iterable<string, array{string, int}> the row each is of */
    private function paths(): iterable
    {
        $boat = DB::table('boats')->value('id');
        if (! is_int($boat)) {
            return;
        }
        foreach ([...self::OF_BOAT, ...array_map(
            static fn (Book $book): string => "/boat/books/{$book->value}", Book::cases(),
        )] as $path) {
            yield $path => ['boats', $boat];
        }
        foreach (DB::table('trips')->whereNull('deleted_at')->orderByDesc('date')->pluck('id') as $i => $trip) {
            $wholly = $i < self::WHOLLY;
            foreach ([...self::OF_TRIP, ...($wholly ? self::OF_TRIP_WHOLLY : [])] as $page) {
                yield "/trips/{$trip}{$page}" => ['trips', $trip];
            }
            foreach (DB::table('spreads')->where('trip_id', $trip)->pluck('id') as $spread) {
                foreach ([...self::OF_SPREAD, ...($wholly ? self::OF_SPREAD_WHOLLY : [])] as $page) {
                    yield "/spreads/{$spread}{$page}" => ['spreads', $spread];
                }
            }
        }
    }

    /** Whether a page answers, or decides that it does not. */
    private function stands(string $path): bool
    {
        $request = Request::create("/api{$path}", server: [
            'HTTP_ACCEPT' => 'application/json', 'HTTP_HOST' => 'localhost', 'REMOTE_ADDR' => '127.0.0.1',
        ]);
        $this->beAsked($request);
        try {
            return $this->router->dispatch($request)->getStatusCode() < 500;
        } catch (HttpExceptionInterface $decided) {
            return $decided->getStatusCode() < 500;
        } catch (Throwable) {
            return false;
        }
    }

    private function beAsked(Request $request): void
    {
        $this->app->instance('request', $request);
        Facade::clearResolvedInstance('request');
    }
}
