<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\DemoRows;
use Tests\Support\Running\Wait;

#[Group('served')]
final class LogTest extends BrowserTestCase
{
    public function test_a_bite_is_logged_with_the_depth_of_its_line(): void
    {
        $this->openSpread();
        $this->click('[data-holder=S5]');
        $this->keys('b');
        $this->see('.rod.chosen', 'S5');
        $this->click('label', 'landed');
        $this->js(
            'const s = document.getElementById("species"); s.value = "king"; s.dispatchEvent(new Event("change", { bubbles: '
                .'true }))',
        );
        $this->field('Length')->sendKeys('31.5');
        $this->field('Weight')->sendKeys('11');
        $this->field('Note')->sendKeys('Doubled up; <b>fast</b> & ünruly');
        $this->click('button', 'Log the bite');

        $bite = $this->see('[data-testid=bites] .bite', 'S5')->getText();
        foreach ([
            '52',
            '±1.9 ft',
            'king',
            'landed',
            '31.5 in',
            '11.0 lb',
            'Doubled up; <b>fast</b> & ünruly',
            'Pale Kestrel',
            '2.3 mph',
        ] as $part) {
            self::assertStringContainsString($part, $bite);
        }
        $this->see('form [role=status]', 'Logged.');
    }

    public function test_history_does_not_follow_later_edits(): void
    {
        $this->logQuickly('P3');
        $this->openSpread();
        $this->click('[data-holder=P3]');
        $this->fill('#let-out', '60')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-holder=P3] .out', '60 ft out');
        $this->waitUntilKept();
        $this->visit('/trips/{next}/log');
        $this->see('[data-testid=bites] li', '65');
    }

    public function test_what_is_wrong_is_said_beside_its_field_and_what_was_typed_stays(): void
    {
        $this->visit('/trips/{next}/log');
        $this->see('.rod');
        $this->field('Length')->sendKeys('long');
        $this->click('button', 'Log the bite');
        $this->see('.text-error', '“long” is not a number');
        $this->see('.text-error', 'Choose the rod');
        $this->click('.rod', 'P3');
        $this->field('Length')->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, '4000']);
        $this->click('button', 'Log the bite');
        $this->see('.text-error', 'from 2 to 98.4 in');
        self::assertSame('4000', $this->field('Length')->getAttribute('value'));
        $this->see('[data-testid=bites]', 'None yet');
        self::assertSame(0, $this->js('return document.querySelectorAll("[data-testid=day-log]").length'), 'nor half of it');
    }

    public function test_a_bite_logged_while_the_server_is_away_survives_and_is_sent_once(): void
    {
        $this->visit('/trips/{next}/log');
        $this->see('.rod', 'P3');
        $this->app->stopServing();
        $this->click('.rod', 'P3');
        $this->click('button', 'Log the bite');
        $this->see('form [role=status]', 'Kept on this device');
        $this->see('[data-testid=bites] li', 'waiting to be sent');
        $this->see('nav', '2 waiting to be sent');
        $this->app->serve();
        $this->browser->driver->navigate()->refresh();
        $this->see('[data-testid=bites] .bite', 'P3');
        Wait::until(
            fn (): bool => ! str_contains($this->see('nav')->getText(), 'waiting'), 'the queue to empty',
        );
        $this->browser->driver->navigate()->refresh();
        $this->see('[data-testid=bites] .bite', 'P3');
        self::assertSame(1, $this->js('return document.querySelectorAll("[data-testid=bites] .bite").length'));
    }

    public function test_the_trip_that_was_looked_at_last_stays_the_one_its_screens_are_of(): void
    {
        $this->visit('/trips/{past}/log');
        $this->see('[data-testid=bites] .bite');
        preg_match('~/trips/\d+/~', $this->browser->driver->getCurrentURL(), $past);
        $this->click('nav a', 'Trips');
        $this->see('nav a[aria-current=page]', 'Trips');
        $this->click('nav a', 'Spread');
        $this->see('[data-holder=S1] .depth b');
        self::assertStringContainsString($past[0] ?? 'none', $this->browser->driver->getCurrentURL());
    }

    public function test_a_bite_a_page_from_before_left_waiting_is_sent(): void
    {
        $this->visit('/trips/{next}/log');
        $this->see('.rod', 'P3');
        $this->js(<<<'JS'
            return (async () => {
            const trip = Number(/trips\/(\d+)/.exec(location.hash)[1]);
            const trips = await (await fetch('/api/trips')).json();
            const id = trips.find((one) => one.id === trip).spreads[0].id;
            const spread = await (await fetch(`/api/spreads/${id}`)).json();
            localStorage.setItem('admek.bites-waiting', JSON.stringify([{ trip, bite: {
                uuid: '018f0000-0000-7000-8000-000000000077', spread_id: id, bitten_at: '2026-11-27T09:00:00Z',
                holder_id: spread.lines[2].holder_id, outcome: 'lost', species: 'coho', length: null, weight: null,
                note: 'from before', speed: spread.speed, lines: spread.lines,
            } }]));
            })();
            JS);
        $this->browser->driver->navigate()->refresh();
        $bite = $this->see('[data-testid=bites] .bite', 'from before')->getText();
        self::assertStringContainsString('coho, lost', str_replace("\n", ' ', $bite));
        self::assertNull($this->js('return localStorage.getItem("admek.bites-waiting")'));
    }

    public function test_what_the_server_will_not_have_is_shown_with_its_reason_until_it_is_thrown_away(): void
    {
        $this->visit('/trips/{next}/log');
        $this->see('.rod', 'P3');
        $this->js(<<<'JS'
            return (async () => {
            const trip = Number(/trips\/(\d+)/.exec(location.hash)[1]);
            await new Promise((done) => {
                const opening = indexedDB.open('admek');
                opening.onsuccess = () => {
                    const adding = opening.result.transaction('events', 'readwrite');
                    adding.objectStore('events').add({ trip, thing: '018f0000-0000-7000-8000-000000000079', event: {
                        uuid: '018f0000-0000-7000-8000-000000000078', kind: 'speed', at: '2026-11-27T09:00:00Z', speed: 77,
                    } });
                    adding.oncomplete = done;
                };
            });
            })();
            JS);
        $this->browser->driver->navigate()->refresh();
        $this->see('nav', '1 refused: see the log');
        $this->see('[data-testid=bites] li', 'not taken.');
        $this->click('[data-testid=bites] button', 'Throw it away');
        $this->see('[data-testid=bites]', 'None yet');
    }

    public function test_what_was_left_for_later_is_told_from_the_log(): void
    {
        $this->logQuickly('P3');
        $this->click('[data-testid=bites] button', 'Tell more');
        $this->click('dialog .kinds label', 'coho');
        $this->fill('#fish-length', '25');
        $this->click('dialog .fish [data-end=released]');
        $bite = $this->see('[data-testid=bites] .bite', 'coho')->getText();
        self::assertStringContainsString('landed, 25.0 in', $bite);
        $this->see('[data-testid=day-log] li', 'released');
    }

    public function test_what_was_told_in_error_is_taken_back(): void
    {
        $this->logQuickly('P3');
        $this->see('[data-testid=day-log] li', 'hooked');
        $this->click('[data-testid=day-log] button[aria-label*="P3 bite"]');
        $this->see('[data-testid=bites]', 'None yet');
        $this->browser->driver->navigate()->refresh();
        $this->see('[data-testid=bites]', 'None yet');
    }

    public function test_a_day_kept_elsewhere_is_read_in_or_refused_at_its_line(): void
    {
        $this->visit('/trips/{next}/log');
        $trips = json_decode((string) file_get_contents($this->app->api('/trips')), true);
        $date = array_column(is_array($trips) ? $trips : [], 'date', 'id')[DemoRows::trip('next', $this->app->database)];
        $gpx = fn (string $time): string => '<gpx xmlns="http://www.topografix.com/GPX/1/1">'
            ."<wpt lat=\"45.3\" lon=\"-38.4\"><time>{$time}</time><name>Rip line</name></wpt></gpx>";
        $this->upload('input[accept*=".gpx"]', $gpx('at dawn'));
        $this->see('[role=status]', 'line 1 time');
        $this->upload('input[accept*=".gpx"]', $gpx("{$date}T12:00:00Z"));
        $this->see('[role=status]', 'Read: 1 event and 0 points');
        $this->see('[data-testid=day-log] li', 'Rip line');
        $this->see('a[href$="/day/file/csv"]', 'Log as CSV');
    }

    public function test_on_a_phone_nothing_is_wider_than_the_hand(): void
    {
        $this->browser->resize(390, 844);
        $this->visit('/trips/{past}/log');
        $this->see('[data-testid=bites] .bite');

        self::assertLessThanOrEqual(390, $this->js('return document.scrollingElement.scrollWidth'));
        self::assertGreaterThanOrEqual(
            64,
            $this->js('return Math.min(...[...document.querySelectorAll(".rod")].map((e) => e.getBoundingClientRect().height))'),
            'a wet thumb’s target',
        );
    }

    private function logQuickly(string $holder): void
    {
        $this->visit('/trips/{next}/log');
        $this->click('.rod', $holder);
        $this->click('button', 'Log the bite');
        $this->see('[data-testid=bites] .bite', $holder);
    }

    private function field(string $label): \Facebook\WebDriver\Remote\RemoteWebElement
    {
        return $this->see('#'.$this->see('label', $label)->getAttribute('for'));
    }
}
