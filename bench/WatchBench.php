<?php

declare(strict_types=1);

namespace Bench;

use Admek\Core\Instruments\Nmea;
use PDO;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\Browser\Support\Browser;
use Tests\Browser\Support\ChromeDriver;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/** How quick the day on the water is: from a sentence to the screen, from a tap to what is kept, what a look costs. */
final class WatchBench
{
    private const SENTENCES = 20;

    /**
     * From a sentence of the speed log to twelve depths drawn for it: through the hub, the server and the page.
     *
     * @return array{p50: float, p95: float, kept: float, look: float} ms; of a bite from its first tap to its being kept, the
     *                                                              median; of processor a look takes where nothing changed
     */
    public static function figures(RunningApp $app): array
    {
        $port = RunningApp::freePort();
        (new PDO("sqlite:{$app->database}"))->prepare('update boats set instruments = ?')->execute([json_encode([
            'transducer' => null, 'sources' => [['name' => 'Gateway', 'kind' => 'tcp', 'address' => "127.0.0.1:{$port}"]],
        ])]);
        $hub = new Process([PHP_BINARY, 'artisan', 'admek:hub'], RunningApp::root(), [
            'ADMEK_DATABASE' => $app->database, 'ADMEK_LIVE' => "{$app->database}.live",
        ], timeout: null);
        $hub->start();
        $server = stream_socket_server("tcp://127.0.0.1:{$port}");
        $gateway = $server === false ? false : stream_socket_accept($server, 30.0);
        if ($gateway === false) {
            throw new RuntimeException('The hub did not dial.');
        }
        $browser = Browser::open(ChromeDriver::url());
        try {
            $browser->driver->get($app->url('/trips/{next}/watch'));
            Wait::until(static fn (): bool => $browser->driver->executeScript(
                'return document.querySelector("[data-rod=S1] .depth")',
            ) !== null, 'Watch');
            $times = self::drawn($browser, $gateway);
            $kept = self::kept($browser, $app);
        } finally {
            $browser->close();
            $hub->stop(3);
        }
        sort($times);

        return [
            'p50' => $times[intdiv(count($times), 2)], 'p95' => $times[(int) (0.95 * count($times))], 'kept' => $kept,
            'look' => self::look($app),
        ];
    }

    /**
     * @param  resource  $gateway
     * @return non-empty-list<float> ms
     */
    private static function drawn(Browser $browser, $gateway): array
    {
        $browser->driver->executeScript('window.drawn = {}; new MutationObserver(() => requestAnimationFrame(() => {'
            .'const speed = document.querySelector(".speed b").textContent; window.drawn[speed] ??= Date.now(); }))'
            .'.observe(document.querySelector("main.watch"), { subtree: true, childList: true, characterData: true });');
        $sent = [];
        for ($i = 0; $i < self::SENTENCES; $i++) {
            $mph = 1.5 + 0.1 * $i;
            fwrite($gateway, Nmea::written(sprintf('VWVHW,,T,,M,%.3f,N,,K', $mph * 0.44704 * 3600.0 / 1852.0)));
            $sent[sprintf('%.1f', $mph)] = 1000.0 * microtime(true);
            // Once a second, as instruments do.
            usleep((int) (1e6 - 1e6 * fmod(microtime(true), 1.0)));
        }
        /** @var array<string, float> $drawn */
        $drawn = $browser->driver->executeScript('return window.drawn');
        $times = [];
        // The first few tell the page when they come.
        foreach (array_slice($sent, 4, null, true) as $speed => $at) {
            $times[] = isset($drawn[$speed]) ? $drawn[$speed] - $at : 5000.0;
        }

        return $times === [] ? [5000.0] : $times;
    }

    private static function kept(Browser $browser, RunningApp $app): float
    {
        $times = [];
        foreach (['P1', 'P2', 'P3', 'S1', 'S2'] as $rod) {
            $times[] = (float) $browser->driver->executeAsyncScript(<<<'JS'
                const [rod, done] = arguments;
                const shown = (css) => new Promise((seen) => {
                    const look = () =>
                        document.querySelector(css) ? seen(document.querySelector(css)) : requestAnimationFrame(look);
                    look();
                });
                (async () => {
                    (await shown(`[data-rod=${rod}]`)).click();
                    (await shown('[data-act=out]')).click();
                    await shown(`[data-rod=${rod}][data-state=fishing]`);
                    const began = performance.now();
                    document.querySelector(`[data-rod=${rod}]`).click();
                    (await shown('[data-act=bite]')).click();
                    const trip = location.hash.split('/')[2];
                    for (;;) {
                        const { bites } = await (await fetch(`/api/trips/${trip}/day`)).json();
                        if (bites.some(({ holder }) => holder === rod)) {
                            return done(performance.now() - began);
                        }
                    }
                })();
                JS, [$rod]);
        }
        sort($times);

        return $times[2];
    }

    private static function look(RunningApp $app): float
    {
        $watch = $app->api('/trips/{next}/watch');
        // Until what was heard is old, and nothing changes any more.
        sleep(6);
        // As the hub keeps the data open.
        $data = new PDO("sqlite:{$app->database}");
        $data->exec('update trips set updated_at = datetime()');
        $told = json_decode((string) file_get_contents($watch), true);
        $stamp = array_values(preg_grep('/^Admek-Stamp: /i', $http_response_header) ?: [])[0] ?? '';
        $known = $watch.'?'.http_build_query([
            'known' => is_array($told) ? $told['version'] : '', 'stamp' => substr($stamp, strlen('Admek-Stamp: ')),
        ]);
        $before = $app->processorTime();
        for ($i = 0; $i < 200; $i++) {
            file_get_contents($known);
        }

        return ($app->processorTime() - $before) / 200;
    }
}
