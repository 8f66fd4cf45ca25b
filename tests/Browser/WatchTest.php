<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\LetsDevicesIn;
use Tests\Browser\Support\LooksWithAxe;
use Tests\Support\Running\Wait;

/** The day as it runs, on the laptop, on a phone, with and without the server. */
#[Group('served')]
final class WatchTest extends BrowserTestCase
{
    use LetsDevicesIn;
    use LooksWithAxe;

    public function test_a_line_is_set_bitten_and_its_fish_kept_in_two_taps_each(): void
    {
        $this->watch();
        $this->see('[data-rod=P3][data-state=in_boat] .depth', '65');
        $this->see('.next', 'Set next: P1, 90 ft out');
        $this->act('P3', 'out');
        $this->see('[data-rod=P3][data-state=fishing]', 'check 20 min');
        $this->act('C1', 'out');
        $this->see('[data-rod=C1][data-state=fishing]');

        $this->act('P3', 'bite');
        $this->see('[data-rod=P3][data-state=fish_on]', 'fish on 0:');
        $this->see('.inside', 'Clear C1 first.');
        $this->see('.inside', 'Reel steadily');
        $this->click('[data-act=landed]');
        $this->click('.fish label', 'king');
        $this->fill('#fish-weight', '4000');
        $this->click('.fish [data-end=kept]');
        $this->see('.fish .text-error', 'from 0');
        self::assertSame('4000.0', $this->see('#fish-weight')->getAttribute('value'), 'what was typed stays');
        $this->fill('#fish-weight', '16');
        $this->click('.fish label', 'weighed in the net: 2.0 lb less');
        $this->click('.fish [data-end=kept]');
        $this->see('.bags', '1 kept of your 3');
        $this->see('[data-rod=P3][data-state=in_boat]');

        $this->visit('/trips/{next}/log');
        $bite = $this->see('[data-testid=bites] .bite', 'P3')->getText();
        foreach (['65', 'king', 'landed', '14.0 lb', 'Slate Lantern'] as $part) {
            self::assertStringContainsString($part, $bite);
        }
        $this->see('[data-testid=day-log] li', 'kept');
    }

    public function test_signs_of_the_water_are_told_in_two_taps_and_what_it_says_follows(): void
    {
        $this->watch();
        $this->click('.undo', 'Signs');
        $this->click('dialog [aria-label=Water] button', 'stained');
        $this->see('dialog [aria-label=Water] button[aria-pressed=true]', 'stained');
        $this->assertNothingSeriousInAnyLight();
        $this->click('dialog button', 'Close');
        $this->see('[role=status]', 'Logged: the water: stained.');
        $this->visit('/trips/{next}/log');
        $this->see('[data-testid=day-log] li', 'signs of the water: water stained');
        $this->visit('/trips/{next}/water');
        $this->see('[aria-label=Water] button[aria-pressed=true]', 'stained');
    }

    public function test_lines_are_set_one_after_another_in_their_order(): void
    {
        $this->watch();
        $this->act('P1', 'out');
        $this->click('.next', 'Set next: S1');
        $this->see('[data-rod=S1][aria-pressed=true]');
        $this->click('[data-act=out]');
        $this->see('[data-rod=S1][data-state=fishing]');
        $this->see('.next', 'Set next: P2');
    }

    public function test_what_was_told_by_mistake_is_undone(): void
    {
        $this->watch();
        $this->act('S3', 'out');
        $this->see('[data-rod=S3][data-state=fishing]');
        $this->act('S3', 'fouled');
        $this->see('[data-rod=S3][data-state=fouled]', 'fouled');
        $this->click('.undo');
        $this->see('[data-rod=S3][data-state=fishing]');
        $this->act('S3', 'checked');
        $this->see('[role=status]', 'Logged: S3 checked.');
    }

    public function test_a_lure_swapped_is_the_one_that_fishes(): void
    {
        $this->watch();
        $this->act('P3', 'out');
        $this->see('[data-rod=P3][data-state=fishing]', 'Slate Lantern');
        $this->act('P3', 'swap');
        $this->click('dialog button', 'Silver Tern');
        $this->see('[data-rod=P3][data-state=fishing]', 'Silver Tern');
    }

    public function test_without_the_server_it_goes_on_and_all_is_sent_once_it_answers(): void
    {
        $this->watch();
        $this->act('P3', 'out');
        $this->see('[data-rod=P3][data-state=fishing]', 'Slate Lantern');
        $this->app->stopServing();
        $this->act('P3', 'bite');
        $this->see('[data-rod=P3][data-state=fish_on]', 'waiting to be sent');
        $this->see('[role=status]', 'The server is not answering');
        $this->click('[data-act=lost]');
        $this->see('[data-rod=P3][data-state=in_boat]', 'waiting to be sent');
        $this->see('nav', '2 waiting to be sent');
        $this->app->serve();
        Wait::until(fn (): bool => ! str_contains($this->see('nav')->getText(), 'waiting'), 'all to be sent');
        $this->visit('/trips/{next}/log');
        $this->see('[data-testid=bites] .bite', 'lost');
        self::assertSame(1, $this->js('return document.querySelectorAll("[data-testid=bites] .bite").length'));
    }

    public function test_what_one_device_does_the_others_show(): void
    {
        $phone = $this->openPhone();
        $this->comeAboard($phone, 'mate', 'Cockpit');
        $this->visit('/trips/{next}/watch', $phone);
        $this->see('[data-rod=P3]', browser: $phone);
        $this->watch();
        $this->click('[data-rod=P3]', browser: $phone);
        $this->click('[data-act=out]', browser: $phone);
        $this->see('[data-rod=P3][data-state=fishing]');
        $this->act('P3', 'bite');
        $this->see('[data-rod=P3][data-state=fish_on]', browser: $phone);
        $this->click('[data-rod=P3]', browser: $phone);
        $this->see('[data-act=landed]', browser: $phone);
    }

    public function test_on_a_phone_nothing_that_comes_and_goes_moves_the_rods(): void
    {
        $this->browser->resize(390, 844);
        $this->watch();
        $top = fn (): float => (float) $this->js('return document.querySelector("[data-rod=C1]").getBoundingClientRect().top '
            .'+ document.querySelector("main").scrollTop');
        $this->see('footer .next', 'Set next: P1');
        $before = $top();
        $this->click('.next');
        $this->see('[data-rod=P1][aria-pressed=true]');
        self::assertEqualsWithDelta($before, $top(), 1.0);
        $this->click('[data-act=out]');
        $this->see('footer .next', 'Set next: S1');
        self::assertEqualsWithDelta($before, $top(), 1.0);
        self::assertNull($this->js('return document.querySelector("[data-rod][aria-pressed=true]")'), 'the foot is for the next');
        foreach (['P1' => ['fouled', 'gear_lost'], 'P2' => ['out', 'fouled', 'gear_lost']] as $rod => $acts) {
            foreach ($acts as $act) {
                $this->act($rod, $act);
            }
        }
        $this->see('footer .change', 'Lift, or leave this bottom.');
        self::assertEqualsWithDelta($before, $top(), 1.0);
    }

    public function test_on_a_phone_every_target_is_a_wet_thumb_s(): void
    {
        $this->browser->resize(390, 844);
        $this->watch();
        $this->act('P3', 'out');
        $this->see('[data-rod=P3][data-state=fishing]');
        self::assertLessThanOrEqual(390, $this->js('return document.scrollingElement.scrollWidth'));
        self::assertGreaterThanOrEqual(64, $this->js(
            'return Math.min(...[...document.querySelectorAll("[data-rod], [data-act]")]'
                .'.map((e) => Math.min(e.getBoundingClientRect().height, e.getBoundingClientRect().width)))',
        ));
        self::assertGreaterThanOrEqual(28, $this->js(
            'return Math.min(...[...document.querySelectorAll(".depth")].map((e) => parseFloat(getComputedStyle(e).fontSize)))',
        ));
    }

    private function watch(): void
    {
        $this->visit('/trips/{next}/watch');
        $this->see('[data-rod=S1] .depth');
    }

    /** Two taps: the rod, and what happened to it. */
    private function act(string $rod, string $what): void
    {
        $this->click("[data-rod={$rod}]");
        $this->click("[data-act={$what}]");
    }
}
