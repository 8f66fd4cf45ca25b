<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\FieldsByLabel;
use Tests\Browser\Support\LooksWithAxe;
use Tests\Browser\Support\SailsTheDemoSea;
use Tests\Support\Running\Wait;

/** What the boat listens to, entered; what is heard, seen; Watch by its keys. */
final class InstrumentsTest extends BrowserTestCase
{
    use FieldsByLabel;
    use LooksWithAxe;
    use SailsTheDemoSea;

    protected function setUp(): void
    {
        parent::setUp();
        $this->putToSea();
    }

    protected function tearDown(): void
    {
        $this->leaveTheSea();
        parent::tearDown();
    }

    public function test_a_source_is_entered_put_first_and_removed_and_what_is_wrong_stays_typed(): void
    {
        $this->visit('/boat');
        $this->click('a', 'Instruments, and a speed check');
        $this->add('Gateway', '192.0.2.10');
        $this->see('.text-error', 'address:port, such as');
        self::assertSame('192.0.2.10', $this->js(
            'return document.getElementById([...document.querySelectorAll("label")]'
                .'.find((e) => e.textContent.trim() === "Address").htmlFor).value',
        ), 'what was typed stays');
        $this->labelled('Address', '192.0.2.10:10110');
        $this->click('button', 'Listen to it');
        $this->see('[data-source=Gateway]', 'not listened to yet');
        $this->add('Second', '192.0.2.11:10110');
        $this->see('[data-source=Second]', '2. Second');
        $this->click('[data-source=Second] button', 'Before Gateway');
        $this->see('[data-source=Second]', '1. Second');
        $this->click('[data-source=Gateway] button', 'Remove');
        Wait::until(fn (): bool => $this->js('return document.querySelector("[data-source=Gateway]")') === null, 'it to be gone');
        $this->fill('#transducer', '40')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.text-error', 'from 0 to 32');
        $this->fill('#transducer', '2')->sendKeys(WebDriverKeys::ENTER);
        $this->sail(1);
        $under = $this->sailed[0]->depth / 0.3048;
        $this->see('[data-figure=depth]', sprintf('%.0f ft', $under + 2.0));
        $this->assertNothingSeriousInAnyLight();
    }

    public function test_the_watch_goes_by_keys_alone(): void
    {
        $this->visit('/trips/{next}/watch');
        $this->see('[data-rod=S1] .depth');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->see('[data-rod=P1][aria-pressed=true]');
        $this->press('1');
        $this->see('[data-rod=P1][data-state=fishing]');
        $this->press('3');
        $this->fill('#out-now', '120')->sendKeys(WebDriverKeys::TAB);
        $this->click('dialog button', 'It is so');
        $this->see('[role=status]', 'P1 let out');
        Wait::until(fn (): bool => abs($this->rod('P1')['line']['let_out'] - 120 * 0.3048) < 1e-6, 'the let-out to be kept');
        Wait::until(fn (): bool => $this->js('return document.querySelector("dialog")') === null, 'the keys to be free');
        $this->press('2');
        $this->see('[role=status]', 'P1 checked');
        $this->press('0');
        Wait::until(fn (): bool => ! in_array(
            'checked', array_column($this->api('/trips/{next}/day')['log'], 'kind'), true,
        ), 'it to be taken back');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->see('[data-rod=P2][aria-pressed=true]');
    }

    public function test_a_place_is_marked_and_what_is_heard_no_more_is_struck(): void
    {
        $this->sail(1);
        $this->visit('/trips/{next}/watch');
        $this->see('.unit', 'through the water');
        $this->click('.undo', 'Mark here');
        $this->see('[role=status]', 'Logged: marker here.');
        $log = fn (): array => array_column($this->api('/trips/{next}/day')['log'], 'kind');
        Wait::until(static fn (): bool => in_array('marker', $log(), true), 'it to be kept');
        $gpx = (string) file_get_contents($this->app->api('/trips/{next}/day/file/gpx'));
        self::assertStringContainsString(sprintf('lat="%.7F"', $this->sailed[0]->place->latitude), $gpx);
        // Silence: after five seconds it is told as old, and planned figures are gone by.
        $this->see('.unit', 'planned');
        $this->see('[data-read=depth] .old');
        $this->see('[data-read=depth]', 's ago');
        $this->assertNothingSeriousInAnyLight();
    }

    /** A key, once whatever had the focus before is gone for good. */
    private function press(string $key): void
    {
        Wait::until(function () use ($key): bool {
            try {
                $this->keys($key);

                return true;
            } catch (StaleElementReferenceException) {
                return false;
            }
        }, "{$key} to be taken");
    }

    private function add(string $name, string $address): void
    {
        $this->click('button', 'Add a source');
        $this->labelled('Name', $name);
        $this->labelled('Address', $address);
        $this->click('button', 'Listen to it');
    }
}
