<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PDO;
use PHPUnit\Framework\Attributes\Group;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\LetsDevicesIn;
use Tests\Support\Running\Wait;

/** What is entered is kept: against another device, a stopped server, a reload. */
#[Group('served')]
final class KeepingTest extends BrowserTestCase
{
    use LetsDevicesIn;

    public function test_two_devices_on_one_spread_are_told_and_choose(): void
    {
        $this->openSpread();
        $other = $this->openBrowser();
        $this->openSpread($other);
        $this->fill('#let-out', '60', $other)->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-holder=P1] .out', '60 ft out', $other);
        $this->waitUntilKept($other);

        $this->fill('#let-out', '75')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-keeping=conflict]', 'Saved on another device');
        $this->see('[data-holder=P1] .out', '75 ft out');
        $this->click('button', 'Take theirs');
        $this->see('[data-holder=P1] .out', '60 ft out');
        $this->waitUntilKept();

        $this->fill('#let-out', '50', $other)->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-holder=P1] .out', '50 ft out', $other);
        $this->waitUntilKept($other);
        $this->fill('#let-out', '80')->sendKeys(WebDriverKeys::ENTER);
        $this->click('button', 'Keep mine');
        $this->waitUntilKept();
        $other->driver->navigate()->refresh();
        $this->see('[data-holder=P1] .out', '80 ft out', $other);
    }

    public function test_a_server_stopped_during_a_save_is_said_and_the_edit_is_kept_and_sent_again(): void
    {
        $this->openSpread();
        $this->app->stopServing();
        $this->fill('#let-out', '70')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-keeping=waiting]', 'Not saved: the server is not answering');
        $this->see('header [role=alert]', 'last known');
        $this->see('[data-holder=P1] .out', '70 ft out');
        $this->app->serve();
        $this->waitUntilKept();
        $this->browser->driver->navigate()->refresh();
        $this->see('[data-holder=P1] .out', '70 ft out');
    }

    public function test_a_server_ended_after_the_head_of_its_answer_has_not_refused_what_was_told(): void
    {
        $phone = $this->openBrowser();
        $phone->devTools()->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => <<<'JS'
            const real = window.fetch;
            let whole = 0;
            window.fetch = async (request, more) => {
                const answer = await real(request, more);
                return request.url?.endsWith('/events') && whole++ === 0 ? new Response('', { status: 200 }) : answer;
            };
            JS]);
        $this->visit('/trips/{next}/watch', $phone);
        $this->click('[data-rod=P3]', browser: $phone);
        $this->click('[data-act=out]', browser: $phone);
        $this->see('[data-rod=P3][data-state=fishing]', 'waiting', $phone);
        $words = fn (): string => $this->see('[data-rod=P3]', browser: $phone)->getText();
        Wait::until(static fn (): bool => ! str_contains($words(), 'waiting'), 'it to be sent again');
        self::assertSame('fishing', $this->see('[data-rod=P3]', browser: $phone)->getAttribute('data-state'));
        $day = json_decode((string) file_get_contents($this->app->api('/trips/{next}/day')), true);
        self::assertSame(['out'], array_column(is_array($day) ? $day['log'] : [], 'kind'));
    }

    public function test_an_edit_that_finds_the_data_busy_waits_and_is_kept(): void
    {
        $this->openSpread();
        $this->waitUntilKept();
        $other = new PDO("sqlite:{$this->app->database}");
        $other->exec('begin immediate');
        $this->fill('#let-out', '70')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-keeping=waiting]', 'Not saved');
        $other->exec('rollback');
        $this->waitUntilKept();
        $this->browser->driver->navigate()->refresh();
        $this->see('[data-holder=P1] .out', '70 ft out');
    }

    public function test_a_silent_server_is_said_on_prepare_and_water_and_what_stood_stays(): void
    {
        $this->visit('/trips/{next}/water');
        $this->see('[data-advice=leader]', '6.5 ft of fluorocarbon');
        $this->app->stopServing();
        $this->click('footer button', 'stained');
        $this->see('aside [role=alert]', 'The server is not answering');
        $this->see('[data-advice=leader]', '6.5 ft of fluorocarbon');
        $this->app->serve();
        $this->click('footer button', 'stained');
        $this->see('[data-advice=leader]', '2.5 ft of fluorocarbon');
        self::assertSame(0, $this->js('return document.querySelectorAll("aside [role=alert]").length'));
        $this->visit('/trips/{next}/prepare');
        $this->see('[data-chore=ice]');
        $this->app->stopServing();
        $this->js('document.querySelector("[data-chore=ice] input").click()');
        $this->see('header [role=alert]', 'The server is not answering');
        self::assertFalse(
            $this->js('return document.querySelector("[data-chore=ice] input").checked'),
            'a tick that was not kept does not stand',
        );
        $this->app->serve();
        $this->js('document.querySelector("[data-chore=radio_check] input").click()');
        $this->see('[data-chore=radio_check][data-state=done]');
    }

    public function test_where_nobody_serves_every_screen_says_so_and_what_to_do(): void
    {
        $phone = $this->openPhone();
        $this->comeAboard($phone, 'mate', 'Cockpit');
        $this->visit('/trips/{next}/watch', $phone);
        $this->see('[data-rod=P3] .depth', browser: $phone);
        $this->visit('/locker');
        $this->see('h1');
        self::assertSame(0, $this->js('return document.querySelectorAll("[data-unserved]").length'));
        $this->app->stopServing();
        $this->see('[data-unserved]', 'Start it again in its folder: ./admek serve');
        $this->see('[data-unserved]', 'this device on the boat’s network?', $phone);
        $this->app->serve();
        foreach ([$this->browser, $phone] as $device) {
            Wait::until(
                static fn (): bool => ! str_contains($device->driver->getPageSource(), 'data-unserved'), 'it to be gone',
            );
        }
    }

    public function test_leaving_the_screen_keeps_the_edit(): void
    {
        $this->openSpread();
        $this->fill('#let-out', '65')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-holder=P1] .out', '65 ft out');
        $this->click('nav a', 'Trips');
        $this->see('h2', 'The season');
        Wait::until(function (): bool {
            $this->openSpread();

            return str_contains($this->see('[data-holder=P1] .out')->getText(), '65 ft out');
        }, 'the edit in the kept spread');
    }

    public function test_a_page_closed_right_after_an_edit_keeps_it(): void
    {
        $this->openSpread();
        $this->fill('#let-out', '45')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-keeping=changed]');
        $this->browser->driver->get('about:blank');
        Wait::until(function (): bool {
            $this->openSpread();

            return str_contains($this->see('[data-holder=P1] .out')->getText(), '45 ft out');
        }, 'the edit in the kept spread');
    }

    public function test_saving_now_by_key(): void
    {
        $this->openSpread();
        $this->fill('#let-out', '55');
        $this->keys(WebDriverKeys::CONTROL, 's', WebDriverKeys::NULL);
        $this->waitUntilKept();
        $this->browser->driver->navigate()->refresh();
        $this->see('[data-holder=P1] .out', '55 ft out');
    }
}
