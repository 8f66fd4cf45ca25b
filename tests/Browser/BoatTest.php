<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\Running\Wait;

/** The boat laid out anew: by hand, by keys, typed; what it does is said before it is kept. */
final class BoatTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->visit('/boat');
        $this->see('[data-tip=P3]');
    }

    public function test_a_tip_is_dragged_typed_and_taken_back(): void
    {
        [$x, $y] = $this->middle('[data-tip=P3] .reach');
        $this->touch([$x, $y], [$x - 8, $y + 6], [$x - 20, $y + 14], [$x - 31, $y + 22]);
        $this->see('main[data-changed=true]');
        self::assertSame('P3', $this->value('#holder-code'));
        self::assertLessThan(-10.0, (float) $this->value('#holder-starboard'));
        $dragged = $this->value('#holder-aft');
        $this->js('document.querySelector("[data-tip=P3]").focus()');
        $this->keys(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN);
        Wait::until(fn (): bool => abs((float) $this->value('#holder-aft') - (float) $dragged - 0.5) < 0.06, 'two steps aft');
        $this->fill('#holder-height', '5')->sendKeys(WebDriverKeys::ENTER);
        Wait::until(fn (): bool => $this->value('#holder-height') === '5', 'typed');
        $this->fill('#holder-height', '60')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#holder-height-wrong', 'from 0 to 32.8 ft');
        $this->click('button', 'Back to as she was');
        $this->see('main[data-changed=false]');
    }

    public function test_what_a_change_does_to_the_plan_is_said_and_then_kept(): void
    {
        $this->click('[data-tip=P4] .tip');
        Wait::until(fn (): bool => $this->value('#holder-code') === 'P4', 'P4 to be chosen');
        $this->click('button', 'Take P4 out');
        $this->click('button', 'Keep the boat');
        $this->see('dialog[open] h2', 'What this does to spreads already planned');
        $this->see('dialog li', 'P4 is taken out, and its line with it.');
        $this->click('dialog button', 'Not yet');
        $this->see('main[data-changed=true]');
        $this->click('button', 'Keep the boat');
        $this->click('dialog button', 'Keep her so');
        $this->see('header [role=status]', 'Kept.');
        $this->openSpread();
        self::assertSame(0, $this->js('return document.querySelectorAll("[data-holder=P4]").length'));
        $this->visit('/trips/{past}/spread');
        $this->see('[data-holder=P4] .depth b');
    }

    public function test_a_rigger_s_counter_is_held_against_a_tape_and_kept_with_the_boat(): void
    {
        $this->click('[data-tip=P5] .tip');
        $this->fill('#counter-pulled', '100');
        $this->fill('#counter-read', '104');
        $this->click('button', 'Take it');
        $this->see('[role=status]', 'It shows too much: set 104 ft for 100 ft out.');
        $this->see('[aria-label="The chosen holder"] p', 'It shows 1.040 for each 1 truly out.');
        $this->click('button', 'Keep the boat');
        $this->see('dialog li', 'P5: its counter is let out to ');
        $this->click('dialog button', 'Keep her so');
        $this->see('header [role=status]', 'Kept.');
    }

    public function test_a_side_is_made_like_the_other_and_her_figures_are_kept(): void
    {
        $this->click('[data-tip=P1] .tip');
        $this->fill('#holder-height', '11')->sendKeys(WebDriverKeys::ENTER);
        $this->click('button', 'Mirror port to starboard');
        $this->click('[data-tip=S1] .tip');
        Wait::until(fn (): bool => $this->value('#holder-height') === '11', 'S1 like P1');
        $this->fill('#log-factor', '0.95')->sendKeys(WebDriverKeys::ENTER);
        $this->click('button', 'Keep the boat');
        $this->see('dialog li, header [role=status] b');
        if ($this->js('return document.querySelector("dialog[open]") !== null') === true) {
            $this->click('dialog button', 'Keep her so');
        }
        $this->see('header [role=status]', 'Kept.');
        $this->visit('/boat');
        $this->see('[data-tip=S1]');
        self::assertSame('0.95', $this->value('#log-factor'));
        // 2.3 mph through the water, where her log shows more.
        $this->openSpread();
        $this->see('[aria-label="Speed through the water"]', 'log 2.4');
        $this->visit('/trips/{next}/deck-card');
        $this->see('.sheet th', 'log 2.4');
    }

    private function value(string $css): string
    {
        return (string) $this->js('return document.querySelector(arguments[0]).value', $css);
    }
}
