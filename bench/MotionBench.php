<?php

declare(strict_types=1);

namespace Bench;

use Admek\Core\Manoeuvres\Manoeuvre;
use Admek\Core\Manoeuvres\ManoeuvreKind;
use Admek\Core\Manoeuvres\SpreadInTime;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Browser;
use Tests\Browser\Support\ChromeDriver;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/** Lines in time: what a turn takes, and how that grows. */
final class MotionBench
{
    private const SPEED = 1.028192;

    /**
     * A turn followed for so long, a look each second.
     *
     * @return array{float, float} median ms, and MB it took beside what was there at its start, at the peak
     */
    public static function turn(int $lines, float $seconds): array
    {
        $conditions = new Conditions(self::SPEED);
        $running = self::running($lines);
        $course = Manoeuvre::of(ManoeuvreKind::SCurve)->course($conditions);
        $times = [];
        memory_reset_peak_usage();
        $there = memory_get_usage();
        for ($round = 0; $round < 5; $round++) {
            $start = hrtime(true);
            SpreadInTime::of($running, $conditions, $course, range(0.0, $seconds, 1.0));
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return [$times[2], (memory_get_peak_usage() - $there) / 1e6];
    }

    /**
     * A turn of the demo boat's twelve lines tried on the planning table, and played for three seconds.
     *
     * @return array{first: float, frames: float, gap: float} ms from the key to the first motion there is to play; frames drawn a
     *   second; ms of the longest gap between two
     */
    public static function played(RunningApp $app): array
    {
        $browser = Browser::open(ChromeDriver::url(), 1280, 800);
        try {
            $browser->driver->get($app->url('/trips/{next}/spread', $browser->asks));
            Wait::until(static fn (): bool => $browser->driver->findElements(
                WebDriverBy::cssSelector('[data-holder=S1] .depth b'),
            ) !== [], 'the spread');

            /** @var array{first: float, frames: float, gap: float} */
            return $browser->driver->executeAsyncScript(<<<'JS'
                const done = arguments[0];
                const until = (seen) => new Promise((go) => {
                    const look = () => (seen() ? go(performance.now()) : requestAnimationFrame(look));
                    look();
                });
                (async () => {
                    const start = performance.now();
                    dispatchEvent(new KeyboardEvent('keydown', { key: 'm', bubbles: true }));
                    const play = () => document.querySelector('.player button');
                    const first = (await until(() => play() && !play().disabled)) - start;
                    await until(() => !document.querySelector('aside').textContent.includes('Following every line'));
                    const drawn = [];
                    const seen = new MutationObserver(() => drawn.push(performance.now()));
                    seen.observe(document.querySelector('.player'), { attributeFilter: ['data-at'] });
                    play().click();
                    const began = performance.now();
                    await until(() => performance.now() - began > 3000);
                    seen.disconnect();
                    const gaps = drawn.map((at, i) => at - (drawn[i - 1] ?? began));
                    done({ first, frames: drawn.length / 3, gap: Math.max(...gaps) });
                })();
                JS);
        } finally {
            $browser->close();
        }
    }

    /** @return list<RunningLine> */
    private static function running(int $lines): array
    {
        return (new SpreadSolver)->all(Spreads::ofLines($lines), new Conditions(self::SPEED), withDoubt: false);
    }
}
