<?php

declare(strict_types=1);

namespace Tests\Endurance;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Browser;
use Tests\Browser\Support\ChromeDriver;
use Tests\Support\DemoRows;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;
use Tests\Support\Sqlite;

/**
 * A phone whose battery is empty at any moment, with and without a server that answers: what its page said it has
 * is kept once, what it had no time to say is kept once or not at all. KILLS in the environment asks for so many.
 */
final class BrowserKillsTest extends TestCase
{
    private const RODS = ['P1', 'P2', 'S1', 'S2'];

    /** Tells a check in two taps and says how it is told once the page says it has it. */
    private const CHECK = <<<'JS'
        const [rod, done] = arguments;
        const shown = (seen) => new Promise((go) => {
            const look = () => (seen() ? go(seen()) : requestAnimationFrame(look));
            look();
        });
        (async () => {
            (await shown(() => document.querySelector(`[data-rod=${rod}]`))).click();
            (await shown(() => document.querySelector(`[data-rod=${rod}][aria-pressed=true]`)));
            (await shown(() => document.querySelector('[data-act=checked]'))).click();
            await shown(
                () =>
                    document.querySelector('[role=status].told').textContent.includes(`${rod} checked`) ||
                    document.querySelector(`[data-rod=${rod}]`).textContent.includes('waiting'),
            );
            done();
        })();
        JS;

    public function test_what_the_page_said_it_has_is_kept_once(): void
    {
        $app = RunningApp::withDemo();
        $browser = Browser::open(ChromeDriver::url(), 390, 844);
        mt_srand((int) (getenv('KILLS_SEED') ?: 20261127));
        $kills = (int) (getenv('KILLS') ?: 25);
        $said = $tapped = 0;
        try {
            $this->watch($browser, $app);
            foreach (self::RODS as $rod) {
                $this->tap($browser, $rod, 'out');
                Wait::until(static fn (): bool => $browser->driver->findElements(
                    WebDriverBy::cssSelector("[data-rod={$rod}][data-state=fishing]"),
                ) !== [], "{$rod} to fish");
            }
            for ($i = 0; $i < $kills; $i++) {
                if ($i % 2 === 1) {
                    $app->stopServing();
                }
                // Each another rod: what is said of it is of this tap.
                $rods = self::RODS;
                $last = array_splice($rods, mt_rand(0, 3), 1)[0];
                foreach (array_slice($rods, mt_rand(0, 3)) as $rod) {
                    $browser->driver->executeAsyncScript(self::CHECK, [$rod]);
                    $said++;
                    $tapped++;
                }
                $this->tap($browser, $last, 'checked');
                $tapped++;
                usleep(mt_rand(0, 60_000));
                $profile = $browser->kill();
                if ($i % 2 === 1) {
                    $app->serve();
                }
                $browser = Browser::open(ChromeDriver::url(), 390, 844, $profile);
                $this->watch($browser, $app);
            }
            $trip = DemoRows::trip('next', $app->database);
            $kept = static fn (): int => (int) Sqlite::value(
                $app->database, "select count(*) from events where kind = 'checked' and trip_id = {$trip}",
            );
            Wait::until(static fn (): bool => $kept() >= $said && $browser->driver->executeScript(
                'return !document.body.textContent.includes("waiting")',
            ) === true, 'what waits to be sent');
            self::assertLessThanOrEqual($tapped, $kept(), 'none twice');
            self::assertGreaterThan($kills / 2, $said);
            fwrite(STDERR, "\n{$kills} browsers killed: {$said} of {$tapped} checks said to be kept, {$kept()} kept\n");
        } finally {
            $browser->close();
        }
    }

    private function watch(Browser $browser, RunningApp $app): void
    {
        $browser->driver->get($app->url('/trips/{next}/watch'));
        Wait::until(static fn (): bool => $browser->driver->findElements(
            WebDriverBy::cssSelector('[data-rod=P1] .depth'),
        ) !== [], 'Watch');
    }

    private function tap(Browser $browser, string $rod, string $act): void
    {
        $browser->driver->executeScript('document.querySelector(`[data-rod=${arguments[0]}]`).click()', [$rod]);
        Wait::until(static fn (): bool => $browser->driver->executeScript(
            'const act = document.querySelector(`[data-rod=${arguments[0]}][aria-pressed=true]`) '
                .'&& document.querySelector(`[data-act=${arguments[1]}]`); act?.click(); return act !== null;', [$rod, $act],
        ) === true, "{$rod} {$act}");
    }
}
