<?php

declare(strict_types=1);

namespace Bench;

use CurlHandle;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Browser;
use Tests\Browser\Support\ChromeDriver;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/** The running application: preview calls, page weight, first paint, and views following a control. */
final class PageBench
{
    private const CALLS = 200;

    private const AT_ONCE = 4;

    private const ROUNDS = 12;

    /**
     * Asks what every screen asks, so often that each worker has answered all of it, and in other order: a worker that has
     * served a day is measured, not one that was born for it.
     */
    public static function everyScreen(RunningApp $app): void
    {
        $trip = json_decode((string) file_get_contents($app->api('/trips/{next}')), true, flags: JSON_THROW_ON_ERROR);
        $spread = json_decode(self::turning((string) file_get_contents($app->api('/spreads/{next}'))), true);
        $body = (string) json_encode(['bands' => $trip['bands']] + $spread);
        $asked = array_map($app->api(...), [
            '/boat', '/catalogue', '/locker', '/trips', '/season', '/chart', '/devices', '/instruments', '/soundings',
            '/templates', '/labels', '/drills', '/boat/crafts', '/boat/offer', '/boat/file', '/structures/file/gpx',
            '/days/file/csv',
            '/spreads/{next}', '/spreads/{next}/deck-card', '/spreads/{next}/tow-case', '/spreads/{next}/file',
            '/spreads/{next}/table', '/trips/{next}', '/trips/{next}/bites', '/trips/{next}/day', '/trips/{next}/day/line',
            '/trips/{next}/watch', '/trips/{next}/changes', '/trips/{next}/out-of-gear', '/trips/{next}/start',
            '/trips/{next}/guests-page', '/trips/{next}/end', '/trips/{next}/preparation', '/trips/{next}/timeline',
            '/trips/{next}/lure-box', '/trips/{next}/water', '/everything',
        ]);
        $tried = array_map($app->api(...), array_map(static fn (string $what): string => "/spreads/{next}/{$what}", [
            'preview', 'safe-limits', 'setting', 'cures', 'manoeuvre', 'draft',
        ]));
        mt_srand(20261202);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $calls = [...array_map(self::look(...), $asked), ...array_map(
                static fn (string $url): CurlHandle => self::call($url, $body), $tried,
            )];
            shuffle($calls);
            foreach (array_chunk($calls, self::AT_ONCE) as $some) {
                self::together($some);
            }
        }
    }

    /** Milliseconds a minute of motion takes to be answered, the median of nine. */
    public static function motion(RunningApp $app): float
    {
        $body = self::turning((string) file_get_contents($app->api('/spreads/{next}')));
        $times = [];
        for ($i = 0; $i < 9; $i++) {
            $handle = self::call($app->api('/spreads/{next}/manoeuvre'), $body);
            self::together([$handle]);
            $times[] = 1000 * curl_getinfo($handle, CURLINFO_TOTAL_TIME);
        }
        sort($times);

        return $times[4];
    }

    /** A plan with a turn tried, followed for a minute. */
    private static function turning(string $spread): string
    {
        $plan = json_decode($spread, true, flags: JSON_THROW_ON_ERROR);

        return (string) json_encode(['manoeuvre' => ['kind' => 's_curve'], 'until' => 60] + (array) $plan);
    }

    private static function look(string $url): CurlHandle
    {
        $handle = curl_init($url);
        assert($handle instanceof CurlHandle);
        curl_setopt($handle, CURLOPT_RETURNTRANSFER, true);

        return $handle;
    }

    /** @param  list<CurlHandle>  $handles */
    private static function together(array $handles): void
    {
        $multi = curl_multi_init();
        array_map(static fn (CurlHandle $handle): int => curl_multi_add_handle($multi, $handle), $handles);
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
        } while ($running > 0);
        foreach ($handles as $handle) {
            if (curl_getinfo($handle, CURLINFO_RESPONSE_CODE) >= 300) {
                $said = substr((string) curl_multi_getcontent($handle), 0, 300);
                throw new \RuntimeException(curl_getinfo($handle, CURLINFO_EFFECTIVE_URL)." failed: {$said}");
            }
        }
    }

    /** @return array{p50: float, p95: float} milliseconds of preview calls, four at once */
    public static function preview(RunningApp $app): array
    {
        $base = $app->api('/spreads/{next}');
        $spread = (string) file_get_contents($base);
        $times = [];
        $multi = curl_multi_init();
        $started = 0;
        $add = static function () use ($multi, $base, $spread, &$started): void {
            if ($started++ < self::CALLS) {
                curl_multi_add_handle($multi, self::call("{$base}/preview", $spread));
            }
        };
        for ($i = 0; $i < self::AT_ONCE; $i++) {
            $add();
        }
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
            while ($done = curl_multi_info_read($multi)) {
                $handle = $done['handle'];
                assert($handle instanceof CurlHandle);
                $times[] = 1000 * curl_getinfo($handle, CURLINFO_TOTAL_TIME);
                if (curl_getinfo($handle, CURLINFO_RESPONSE_CODE) !== 200) {
                    throw new \RuntimeException('A preview failed.');
                }
                curl_multi_remove_handle($multi, $handle);
                $add();
            }
        } while (count($times) < self::CALLS);
        sort($times);

        return ['p50' => $times[(int) (0.5 * self::CALLS)], 'p95' => $times[(int) (0.95 * self::CALLS)]];
    }

    /** Milliseconds of processor a preview takes: while a hand moves one line's let-out, or whole once it rests there. */
    public static function processor(RunningApp $app, bool $moving): float
    {
        $base = $app->api('/spreads/{next}');
        /** @var array{lines: list<array<string, mixed>>} $spread */
        $spread = json_decode((string) file_get_contents($base), true);
        foreach ($spread['lines'] as $i => $line) {
            if (isset($line['let_out']) && is_float($line['let_out'])) {
                break;
            }
        }
        $before = 0.0;
        for ($call = -self::CALLS; $call < self::CALLS; $call++) {
            if ($call === 0) {
                $before = $app->processorTime();
            }
            $spread['lines'][$i ?? 0]['let_out'] = 30.0 + 0.05 * $call;
            $handle = self::call("{$base}/preview", (string) json_encode(['only_depths' => $moving] + $spread));
            curl_exec($handle);
            if (curl_getinfo($handle, CURLINFO_RESPONSE_CODE) !== 200) {
                throw new \RuntimeException('A preview failed.');
            }
        }

        return ($app->processorTime() - $before) / self::CALLS;
    }

    /** @return array<string, float> median milliseconds of what the other screens ask, one at a time */
    public static function answers(RunningApp $app): array
    {
        $asked = [
            'preparation of a trip' => [null, $app->api('/trips/{next}/preparation')],
            'its water read' => [null, $app->api('/trips/{next}/water')],
            'the chart' => [null, $app->api('/chart')],
            'a pass looked at, both ways, with safe turns' => [
                '{"speed":1.028,"follow":{"depth":24.4,"near":[45.31,-38.4],"longest":3000}}', $app->api('/trips/{next}/pass'),
            ],
        ];

        return array_map(static function (array $one): float {
            [$body, $url] = $one;
            $times = [];
            for ($i = 0; $i < 15; $i++) {
                $handle = $body === null ? curl_init($url) : self::call($url, $body);
                assert($handle instanceof CurlHandle);
                curl_setopt($handle, CURLOPT_RETURNTRANSFER, true);
                curl_exec($handle);
                $times[] = 1000 * curl_getinfo($handle, CURLINFO_TOTAL_TIME);
                if (curl_getinfo($handle, CURLINFO_RESPONSE_CODE) !== 200) {
                    throw new \RuntimeException("{$url} failed.");
                }
            }
            sort($times);

            return $times[7];
        }, $asked);
    }

    /**
     * @return array{kilobytes: float, firstPaint: float, follow: float, slide: float, updates: float, gap: float, rest: float}
     *   kB over the wire, ms, and ms from the last key or step of the turn's slider to new depths drawn
     */
    public static function page(RunningApp $app): array
    {
        $browser = Browser::open(ChromeDriver::url());
        try {
            $driver = $browser->driver;
            $driver->get($app->url('/trips/{next}/spread'));
            Wait::until(
                static fn (): bool => $driver->findElements(WebDriverBy::cssSelector('[data-holder=S1] .depth b')) !== [],
                'the spread',
            );
            /** @var array{0: float, 1: float} $loaded */
            $loaded = $driver->executeScript(<<<'JS'
                const entries = ['resource', 'navigation'].flatMap((type) => performance.getEntriesByType(type));
                const paint = performance.getEntriesByName('first-contentful-paint')[0];
                return [entries.reduce((sum, entry) => sum + entry.transferSize, 0) / 1024, paint.startTime];
                JS);
            $follow = self::untilDrawn(
                $driver, "dispatchEvent(new KeyboardEvent('keydown', { key: i % 2 ? '[' : ']', bubbles: true }));",
            );
            $slide = self::untilDrawn(
                $driver,
                "const turn = document.querySelector('[aria-label=Turn]'); turn.value = i % 7 - 3; turn.dispatchEvent(new "
                    ."Event('input', { bubbles: true }));",
            );

            return [
                'kilobytes' => (float) $loaded[0], 'firstPaint' => (float) $loaded[1], 'follow' => $follow, 'slide' => $slide,
            ] + self::dragged($driver);
        } finally {
            $browser->close();
        }
    }

    /** 95th percentile of twenty, ms from a movement of a control to the frame that shows the new depths. */
    private static function untilDrawn(RemoteWebDriver $driver, string $move): float
    {
        return (float) $driver->executeAsyncScript(<<<JS
            const done = arguments[0];
            const main = document.querySelector('main');
            const times = [];
            const once = (i) => {
                if (i === 20) return done(times.sort((a, b) => a - b)[18]);
                const start = performance.now();
                const seen = new MutationObserver(() => {
                    seen.disconnect();
                    requestAnimationFrame(() => { times.push(performance.now() - start); setTimeout(() => once(i + 1), 30); });
                });
                seen.observe(main, { attributeFilter: ['data-drawn'] });
                {$move}
            };
            once(0);
            JS);
    }

    /**
     * A slider dragged for 2.7 s at sixty steps a second.
     *
     * @return array{updates: float, gap: float, rest: float}  updates of the views a second, ms of the longest gap between two,
     *   and ms from the last step until all of it is whole
     */
    private static function dragged(RemoteWebDriver $driver): array
    {
        /** @var array{updates: float, gap: float, rest: float} */
        return $driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const main = document.querySelector('main');
            const turn = document.querySelector('[aria-label=Turn]');
            const [start, seen] = [performance.now(), []];
            let last = start;
            const drawn = new MutationObserver(() => seen.push(performance.now()));
            drawn.observe(main, { attributeFilter: ['data-drawn'] });
            const move = () => {
                const now = performance.now();
                if (now - start < 2700) {
                    turn.value = Math.round(3 * Math.sin((now - start) / 300));
                    turn.dispatchEvent(new Event('input', { bubbles: true }));
                    last = now;
                    setTimeout(move, 1000 / 60);
                    return;
                }
                drawn.disconnect();
                const gaps = seen.map((at, i) => at - (seen[i - 1] ?? start));
                const was = main.dataset.solved;
                const whole = new MutationObserver(() => {
                    if (main.dataset.solved === was) return;
                    whole.disconnect();
                    const updates = seen.length / 2.7;
                    requestAnimationFrame(() => done({ updates, gap: Math.max(...gaps), rest: performance.now() - last }));
                });
                whole.observe(main, { attributeFilter: ['data-solved'] });
            };
            move();
            JS);
    }

    private static function call(string $url, string $body): CurlHandle
    {
        $handle = curl_init($url);
        assert($handle instanceof CurlHandle);
        $origin = 'http://'.parse_url($url, PHP_URL_HOST).':'.parse_url($url, PHP_URL_PORT);
        curl_setopt_array($handle, [
            CURLOPT_POSTFIELDS => $body, CURLOPT_HTTPHEADER => ['Content-Type: application/json', "Origin: {$origin}"],
            CURLOPT_RETURNTRANSFER => true,
        ]);

        return $handle;
    }
}
