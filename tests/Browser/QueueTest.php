<?php

declare(strict_types=1);

namespace Tests\Browser;

use PDO;
use Tests\Browser\Support\Browser;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\FieldsByLabel;
use Tests\Browser\Support\LetsDevicesIn;
use Tests\Browser\Support\TapsRods;
use Tests\Support\DemoRows;
use Tests\Support\Running\Wait;

/** What is told on a device waits for whatever is no fault of its own, and is never lost with it. */
final class QueueTest extends BrowserTestCase
{
    use FieldsByLabel;
    use LetsDevicesIn;
    use TapsRods;

    /** How many events came with each request. */
    private const COUNTED = <<<'JS'
        window.sent = [];
        const real = window.fetch;
        window.fetch = async (request, more) => {
            if (request.url?.endsWith('/events')) window.sent.push((await request.clone().json()).events.length);
            return real(request, more);
        };
        JS;

    public function test_a_device_that_may_not_tell_for_a_while_loses_nothing_by_it(): void
    {
        $phone = $this->aPhone();
        $this->app->stopServing();
        $this->act($phone, 'P3', 'out');
        $this->see('[role=status]', '1 waiting to be sent', $phone);
        $this->makeTheMate('guest');
        $this->app->serve();
        $this->see('[role=status]', 'This device is aboard as guest', $phone);
        self::assertSame([], $this->log());
        $this->makeTheMate('mate');
        Wait::until(fn (): bool => $this->log() === ['out'], 'what waited to be sent');
        Wait::until(
            static fn (): bool => ! str_contains($phone->driver->getPageSource(), 'waiting to be sent'), 'all to be sent',
        );
        self::assertStringNotContainsString('refused', $phone->driver->getPageSource());
    }

    public function test_a_laptop_that_is_called_otherwise_for_a_while_has_refused_nothing(): void
    {
        $phone = $this->aPhone();
        $this->app->stopServing();
        $this->app->serve(['ADMEK_NAMES' => 'third-lamp.test']);
        $this->act($phone, 'P3', 'out');
        $this->act($phone, 'P3', 'bite');
        $this->see('[role=status]', '2 waiting to be sent: This machine is not called so.', $phone);
        $this->app->stopServing();
        $this->app->serve();
        Wait::until(fn (): bool => $this->log() === ['bite', 'out'], 'what waited to be sent');
    }

    public function test_what_was_told_of_a_deleted_trip_is_sent_again_once_it_is_back(): void
    {
        $phone = $this->aPhone();
        self::assertSame(204, $this->change('DELETE', '/trips/{next}'));
        $this->act($phone, 'P3', 'out');
        $this->see('[role=status] a', '1 refused: see the log', $phone);
        self::assertSame(200, $this->change('PUT', '/trips/{next}/back'));
        $this->visit('/trips/{next}/log', $phone);
        $this->see('[data-testid=bites] li', 'not taken. That trip was deleted.', $phone);
        $this->click('[data-testid=bites] button', 'Send again', $phone);
        Wait::until(fn (): bool => $this->log() === ['out'], 'it to be kept');
        $this->see('[data-testid=bites]', 'None yet', $phone);
    }

    public function test_what_is_wrong_is_put_right_and_nothing_else_waits_for_it(): void
    {
        $this->visit('/trips/{next}/log');
        $this->see('.rod', 'P3');
        $this->app->stopServing();
        foreach (['P3' => '900', 'P4' => '9'] as $rod => $weight) {
            $this->click('.rod', $rod);
            $this->click('form label', 'landed');
            $this->labelled('Weight, lb', $weight);
            $this->click('button', 'Log the bite');
            $this->see('form [role=status]', 'Kept on this device');
        }
        $this->see('nav', '4 waiting to be sent');
        $this->app->serve();
        $this->see('[data-testid=bites] .bite', 'P4');
        $this->see('nav', '2 refused: see the log');
        $this->see('[data-testid=bites] li', 'P3');
        $this->see('[data-testid=bites] li', 'waits for what was told with it');
        $this->see('[data-testid=bites] li', 'not taken. Must be a number from 0.1 to 132.2 lb.');
        $this->click('[data-testid=bites] button', 'Put right…');
        $this->see('dialog .text-error', 'from 0.1 to 132.2 lb');
        $this->fill('dialog input', '19');
        $this->click('dialog button', 'Send again');
        $bite = $this->see('[data-testid=bites] .bite', 'P3')->getText();
        self::assertStringContainsString('19.0 lb', $bite);
        self::assertSame(['bite', 'bite', 'landed', 'landed'], $this->log(sorted: true));
        Wait::until(fn (): bool => ! str_contains($this->see('nav')->getText(), 'refused'), 'nothing to be refused any more');
    }

    public function test_many_that_wait_are_sent_together_and_each_kept_once(): void
    {
        $this->browser->devTools()->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => self::COUNTED]);
        $this->visit('/trips/{next}/watch');
        $this->see('[data-rod=P3] .depth');
        $this->app->stopServing();
        $this->fillTheQueue(120);
        $this->see('nav', '120 waiting to be sent');
        $this->js('window.sent.length = 0');
        $this->app->serve();
        Wait::until(fn (): bool => ! str_contains($this->see('nav')->getText(), 'waiting'), 'all to be sent');
        $sent = array_filter((array) $this->js('return window.sent'), static fn (mixed $many): bool => $many !== null);
        self::assertSame([50, 50, 20], array_slice(array_values($sent), -3));
        self::assertSame(array_fill(0, 120, 'note'), $this->log());
    }

    public function test_where_the_browser_keeps_nothing_the_page_works_and_says_so(): void
    {
        $this->browser->devTools()->execute('Page.addScriptToEvaluateOnNewDocument', [
            'source' => 'IDBFactory.prototype.open = () => { throw new DOMException("kept out", "SecurityError"); };',
        ]);
        $this->visit('/trips/{next}/watch');
        $this->see('[role=alert]', 'What is told waits nowhere safely on this device. kept out');
        $this->act($this->browser, 'P3', 'out');
        Wait::until(fn (): bool => $this->log() === ['out'], 'it to be kept by the server');
        $this->see('[data-rod=P3][data-state=fishing]');
        $this->see('[role=alert]', 'What is told waits nowhere safely on this device. kept out');

        $this->app->stopServing();
        $this->act($this->browser, 'P3', 'bite');
        $this->see('[role=alert]', '1 kept on no disk yet: leave this page open. kept out');
        $this->see('[data-rod=P3][data-state=fish_on]', 'waiting to be sent');
        $this->app->serve();
        Wait::until(fn (): bool => $this->log() === ['bite', 'out'], 'it to be sent');
        Wait::until(
            fn (): bool => ! str_contains($this->browser->driver->getPageSource(), 'leave this page open'), 'that to be over',
        );
    }

    private function aPhone(): Browser
    {
        $phone = $this->openPhone();
        $this->comeAboard($phone, 'mate', 'Cockpit');
        $this->visit('/trips/{next}/watch', $phone);
        $this->see('[data-rod=P3] .depth', browser: $phone);

        return $phone;
    }

    private function makeTheMate(string $role): void
    {
        (new PDO("sqlite:{$this->app->database}"))->prepare('update devices set role = ?')->execute([$role]);
    }

    /** As the laptop's own page asks. */
    private function change(string $method, string $path): int
    {
        $page = preg_replace('~/#.*~', '', $this->app->url());
        file_get_contents($this->app->api($path), context: stream_context_create(['http' => [
            'method' => $method, 'header' => ["Origin: {$page}", 'Content-Type: application/json'], 'content' => '{}',
            'ignore_errors' => true,
        ]]), offset: 0, length: 0);

        return (int) explode(' ', $http_response_header[0] ?? '')[1];
    }

    /** Notes, as many pages before this one left them. */
    private function fillTheQueue(int $notes): void
    {
        $this->js(<<<'JS'
            return (async () => {
                const adding = await new Promise((done) => {
                    const opening = indexedDB.open('admek');
                    opening.onsuccess = () => done(opening.result.transaction('events', 'readwrite'));
                });
                for (let i = 0; i < arguments[1]; i++) {
                    const uuid = `018f0000-0000-7000-8000-${String(i).padStart(12, '0')}`;
                    const event = { uuid, kind: 'note', at: new Date().toISOString(), note: `the ${i}th` };
                    adding.objectStore('events').add({ trip: arguments[0], thing: uuid, event });
                }
                await new Promise((done) => (adding.oncomplete = done));
                const told = new BroadcastChannel('admek.queue');
                told.postMessage('');
                told.close();
            })();
            JS, DemoRows::trip('next', $this->app->database), $notes);
    }

    /** @return list<string> kinds, the latest first */
    private function log(bool $sorted = false): array
    {
        $kinds = array_column((array) $this->api('/trips/{next}/day')['log'], 'kind');
        $sorted && sort($kinds);

        return $kinds;
    }
}
