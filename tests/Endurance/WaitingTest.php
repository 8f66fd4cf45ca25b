<?php

declare(strict_types=1);

namespace Tests\Endurance;

use PDO;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\LetsDevicesIn;
use Tests\Support\DemoRows;
use Tests\Support\Running\Wait;
use Tests\Support\Sqlite;

/** A day told without the server: Watch is as quick with four hundred events waiting as with none, and they are soon gone. */
final class WaitingTest extends BrowserTestCase
{
    use LetsDevicesIn;

    private const WAITING = 400;

    private const OUTLASTS = 200;

    private const LOOK = 'const t = new BroadcastChannel("admek.queue"); t.postMessage(""); t.close();';

    /** ms a key takes to be seen, and the longest the page does nothing else after it. */
    private const KEY = 50.0;

    /** s, with a bite and what every line did in one of ten. */
    private const DRAINED = 10.0;

    /** As they are told with two taps each: lines set, looked at and taken in, and one bite in ten. */
    private const FILL = <<<'JS'
        return (async () => {
            const [trip, spread, many] = arguments;
            const { speed, lines } = await (await fetch(`/api/spreads/${spread}`)).json();
            const adding = await new Promise((done) => {
                const opening = indexedDB.open('admek');
                opening.onsuccess = () => done(opening.result.transaction('events', 'readwrite'));
            });
            const KINDS = ['out', 'checked', 'bite', 'lost', 'out', 'checked', 'checked', 'checked', 'checked', 'in'];
            const name = (i) => `018f0000-0000-7000-8000-${String(i).padStart(12, '0')}`;
            for (let i = 0; i < many; i++) {
                const kind = KINDS[i % KINDS.length];
                const line = lines[Math.floor(i / KINDS.length) % lines.length];
                const event = { uuid: name(i), kind, at: new Date(Date.now() - 1000 * (many - i)).toISOString() };
                if (kind === 'lost') event.of = name(i - 1); else event.holder_id = line.holder_id;
                if (kind === 'out') event.line = line;
                if (kind === 'bite') Object.assign(event, { speed, lines, spread_id: spread });
                adding.objectStore('events').add({ trip, thing: name(i), event });
            }
            await new Promise((done) => (adding.oncomplete = done));
        })();
        JS;

    /** A key, what it took to be seen, and the longest the page was busy in the second after it; ms. */
    private const KEYED = <<<'JS'
        const [key, done] = arguments;
        const began = performance.now();
        let last = began, longest = 0;
        const ticking = setInterval(() => {
            longest = Math.max(longest, performance.now() - last);
            last = performance.now();
        }, 1);
        window.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
        requestAnimationFrame(() => setTimeout(() => {
            const seen = performance.now() - began;
            setTimeout(() => (clearInterval(ticking), done([seen, longest])), 1000);
        }));
        JS;

    public function test_what_waits_outlasts_a_laptop_called_otherwise_and_a_device_that_may_not_tell(): void
    {
        $phone = $this->openPhone();
        $this->comeAboard($phone, 'mate', 'Cockpit');
        $this->visit('/trips/{next}/watch', $phone);
        $this->see('[data-rod=P3] .depth', browser: $phone);
        $database = $this->app->database;
        $ids = [DemoRows::trip('next', $database), DemoRows::spread('next', $database), self::OUTLASTS];
        $phone->driver->executeScript(self::FILL, $ids);
        $this->app->stopServing();
        $phone->driver->executeScript(self::LOOK);
        $this->see('[role=status]', self::OUTLASTS.' waiting to be sent', $phone);
        $this->app->serve(['ADMEK_NAMES' => 'third-lamp.test']);
        $this->see('[role=status]', 'This machine is not called so', $phone);
        $this->app->stopServing();
        (new PDO("sqlite:{$database}"))->exec("update devices set role = 'guest'");
        $this->app->serve();
        $this->see('[role=status]', 'This device is aboard as guest', $phone);
        (new PDO("sqlite:{$database}"))->exec("update devices set role = 'mate'");
        Wait::until(fn (): bool => count((array) $this->api('/trips/{next}/day')['log']) >= self::OUTLASTS, 'all to be kept');
        $page = static fn (): string => $phone->driver->getPageSource();
        Wait::until(static fn (): bool => ! str_contains($page(), 'waiting to be sent'), 'all to be sent');
        self::assertStringNotContainsString('refused', $page());
        $kept = (int) Sqlite::value($database, "select count(*) from events where uuid like '018f0000-0000-7000-8000-%'");
        fwrite(STDERR, sprintf(
            "\nwaited through another name and another role: %d of %d kept, none refused\n", $kept, self::OUTLASTS,
        ));
        self::assertSame(self::OUTLASTS, $kept);
    }

    public function test_watch_is_quick_with_many_waiting_and_they_are_soon_sent(): void
    {
        $this->visit('/trips/{next}/watch');
        $this->see('[data-rod=P3] .depth');
        $database = $this->app->database;
        $this->js(self::FILL, DemoRows::trip('next', $database), DemoRows::spread('next', $database), self::WAITING);
        $this->app->stopServing();
        $this->js(self::LOOK);
        $this->see('nav', self::WAITING.' waiting to be sent');
        $seen = $busy = [];
        foreach (['ArrowRight', '1', '2', 'ArrowRight', '1', 'ArrowLeft', '0', 'ArrowRight', '2', '1'] as $key) {
            [$seen[], $busy[]] = $this->browser->driver->executeAsyncScript(self::KEYED, [$key]);
        }
        $this->app->serve();
        $began = microtime(true);
        Wait::until(fn (): bool => ! str_contains($this->see('nav')->getText(), 'waiting'), 'all to be sent');
        $drained = microtime(true) - $began;
        fwrite(STDERR, sprintf(
            "\n%d waiting: a key is seen in %.0f ms at most, the page busy for %.0f; all sent in %.1f s\n", self::WAITING,
            max($seen), max($busy), $drained,
        ));
        self::assertGreaterThanOrEqual(self::WAITING, count((array) $this->api('/trips/{next}/day')['log']));
        self::assertLessThanOrEqual(self::KEY, max($seen));
        self::assertLessThanOrEqual(self::KEY, max($busy));
        self::assertLessThanOrEqual(self::DRAINED, $drained);
    }
}
