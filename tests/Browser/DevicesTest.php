<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;
use Tests\Browser\Support\Browser;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\LetsDevicesIn;
use Tests\Support\Running\Wait;

/** A second browser, on the boat's network, let in as this and that. */
#[Group('served')]
final class DevicesTest extends BrowserTestCase
{
    use LetsDevicesIn;

    public function test_a_phone_that_is_not_let_in_sees_nothing_but_the_way_in(): void
    {
        $phone = $this->openPhone();
        $this->visit('/trips/{next}/spread', $phone);
        $this->see('h1', 'This device is not aboard', $phone);
        self::assertStringNotContainsString('Dunmarl', $phone->driver->getPageSource());
        $this->fill('main input', '12', $phone);
        $this->click('button', 'Come aboard', $phone);
        $this->see('.text-error', 'Must be the 6 digits', $phone);
        $this->see('.text-error', 'Must be a name', $phone);
        self::assertSame('12', $this->see('main input', browser: $phone)->getAttribute('value'));
    }

    public function test_a_mate_is_let_in_by_the_digits_and_works_the_lines_and_the_log(): void
    {
        $phone = $this->openPhone();
        $this->comeAboard($phone, 'mate', 'Anna’s phone');
        $this->see('[role=status]', 'Anna’s phone is aboard, as mate');
        $this->see('[data-device="Anna’s phone"]', 'just now');

        $this->see('h1', 'Second Lamp', $phone);
        self::assertSame(['Trips', 'Prepare', 'Spread', 'Deck card', 'Watch', 'Log'], $this->screens($phone));
        self::assertSame([], $phone->driver->findElements(WebDriverBy::xpath('//button[contains(., "New trip")]')));

        $this->visit('/trips/{next}/log', $phone);
        $this->click('.rod', 'P3', $phone);
        $this->click('button', 'Log the bite', $phone);
        $this->see('[data-testid=bites] .bite', 'P3', $phone);

        $phone->resize(1280, 800);
        $this->visit('/trips/{next}/spread', $phone);
        $this->click('[data-holder=P3]', browser: $phone);
        $this->fill('#let-out', '60', $phone)->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-holder=P3] .out', '60 ft out', $phone);
        $this->waitUntilKept($phone);
        $this->click('[aria-controls=plan-tasks]', 'Plan', $phone);
        $tasks = $this->see('#plan-tasks', 'Setting order', $phone)->getText();
        self::assertStringNotContainsString('Draft', $tasks);
        self::assertStringNotContainsString('Bands', $tasks);
        $this->openSpread();
        $this->see('[data-holder=P3] .out', '60 ft out');
    }

    public function test_a_guest_is_let_in_by_the_square_and_looks_on_without_the_ground(): void
    {
        $phone = $this->openPhone();
        $this->comeAboard($phone, 'guest', 'Guest', bySquare: true);
        $this->see('#next', 'the captain’s ground', $phone);
        self::assertSame(['Trips', 'Deck card', 'Watch', 'Log'], $this->screens($phone));
        $this->visit('/trips/{next}/log', $phone);
        $this->see('[data-testid=bites]', 'None yet', $phone);
        self::assertSame([], $phone->driver->findElements(WebDriverBy::cssSelector('.rod')));
        $this->visit('/trips/{next}/deck-card', $phone);
        $this->see('main .figure', browser: $phone);

        $this->click('[data-device=Guest] [type=checkbox]');
        $this->visit('/', $phone);
        Wait::until(function () use ($phone): bool {
            $phone->driver->navigate()->refresh();

            return $this->see('#next', browser: $phone)->getText() === 'Dunmarl Bank';
        }, 'the guest to be told the ground');
    }

    public function test_what_waits_on_a_device_that_was_put_out_is_sent_once_it_is_let_in_again(): void
    {
        $phone = $this->openPhone();
        $this->comeAboard($phone, 'mate', 'Cockpit');
        $this->visit('/trips/{next}/log', $phone);
        // All the page asks for is answered before it is put out.
        $this->see('[data-testid=bites]', 'None yet', $phone);
        $this->click('.rod', 'S2', $phone);
        $this->see('[data-device=Cockpit]');
        $this->click('[data-device=Cockpit] button', 'Put out');
        $this->click('[data-device=Cockpit] button', 'Out with it');
        Wait::until(fn (): bool => ! str_contains($this->see('main ul')->getText(), 'Put out'), 'the device to go');
        $this->click('button', 'Log the bite', $phone);
        $this->see('h1', 'This device is not aboard', $phone);
        $this->see('form', 'What was told on this device waits here', $phone);

        $this->comeAboard($phone, 'mate', 'Cockpit');
        $this->visit('/trips/{next}/log', $phone);
        $this->see('[data-testid=bites] .bite', 'S2', $phone);

        $this->visit('/', $phone);
        $this->click('button', 'Go ashore', $phone);
        $this->click('button', 'Yes, put it out', $phone);
        $this->see('h1', 'This device is not aboard', $phone);
    }

    public function test_a_page_from_before_an_upgrade_is_told_and_what_waits_on_it_is_taken(): void
    {
        $this->visit('/trips/{next}/log');
        $this->see('.rod', 'P3');
        self::assertSame([], $this->browser->driver->findElements(WebDriverBy::cssSelector('.outdated')));
        $this->app->stopServing();
        $this->click('.rod', 'P3');
        $this->click('button', 'Log the bite');
        $this->see('[data-testid=bites] li', 'waiting to be sent');
        $this->app->serve(['ADMEK_BUILD' => 'another']);
        $this->see('[data-testid=bites] .bite', 'P3');
        $this->see('.outdated', 'brought up to date');
        $this->click('.outdated button', 'Reload');
        Wait::until(fn (): bool => ! str_contains($this->browser->driver->getPageSource(), 'brought up to date'), 'the new page');
        $this->app->stopServing();
        $this->app->serve();
    }

    /** @return list<string> */
    private function screens(Browser $phone): array
    {
        return array_map(strval(...), array_values((array) $phone->driver->executeScript(
            'return [...document.querySelectorAll("nav a")].filter((a) => a.checkVisibility()).map((a) => a.textContent.trim())',
        )));
    }
}
