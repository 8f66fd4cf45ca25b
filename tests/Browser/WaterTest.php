<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\Running\Wait;

/** The Water screen: temperatures, marks and signs in; bands and advice out, each the captain's to pin, change or refuse. */
final class WaterTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->visit('/trips/{next}/water');
        $this->see('[data-advice=speed]');
    }

    public function test_a_paste_is_looked_at_first_and_what_is_wrong_with_it_said(): void
    {
        $this->keys('t');
        $this->see('dialog [role=status]', '8 depths from 8 rows');
        $this->paste("65 0\n55 50\n45 70\n42 90\n40 99");
        $this->see('dialog [role=status]', 'look swapped');
        self::assertFalse($this->see('dialog .btn-primary')->isEnabled(), 'there is nothing to keep');
        $this->paste("depth,temp\n0,18\n10,17.5\n20,9\n30,7");
        $this->see('dialog [role=status]', 'in °C, guessed');
        $this->see('dialog tbody', '64.4');
        $this->choose('#temperatures-depth-unit', 'm');
        $this->see('dialog [role=status]', 'depth: “depth” in m');
        $this->see('dialog tbody', '98.4');
        $this->click('dialog button', 'Keep these');
        Wait::until(fn (): bool => $this->js('return document.querySelector("dialog") === null'), 'kept');
        $this->see('[data-advice=thermocline]', 'Thermocline');
        $this->keys('t');
        $this->paste('');
        $this->click('dialog button', 'Keep none');
        $this->see('.views button', 'Type or drop the temperatures');
        $this->see('[data-advice=thermocline]', 'What lies below nobody has read');
    }

    public function test_marks_are_tapped_as_they_are_seen_and_taken_out_again(): void
    {
        $before = $this->js('return document.querySelectorAll(".seen").length');
        $this->click('footer button', '10');
        $this->click('footer button', 'bunched');
        $this->click('footer button', 'large');
        $this->tapColumn(0.52);
        Wait::until(fn (): bool => $this->js('return document.querySelectorAll(".seen").length') === $before + 1, 'a mark');
        $this->see('[data-advice=bunch]', 'Cover ground');
        $this->click('footer button', '20');
        $this->tapColumn(0.53);
        $this->see('[data-advice=bunch]', 'Stop on them');
        $label = (string) $this->js(
            'return [...document.querySelectorAll(".seen")].map((e) => e.getAttribute("aria-label")).find((l) => '
                .'l.startsWith("20 fish"))',
        );
        self::assertMatchesRegularExpression('/^20 fish at \d+ ft, \d+ ft off bottom, bunched, large; take out$/', $label);
        $this->js(
            'document.querySelector(`[aria-label="${arguments[0]}"]`).dispatchEvent(new MouseEvent("click", { bubbles: true }))',
            $label,
        );
        $this->see('[data-advice=bunch]', 'Cover ground');
    }

    public function test_signs_are_taken_back_to_not_known_by_a_second_tap(): void
    {
        $this->see('[data-advice=leader]', '6.5 ft of fluorocarbon');
        $this->click('footer button', 'clear');
        Wait::until(
            fn (): bool => $this->js('return document.querySelector("[data-advice=leader]") === null'),
            'no leader without clarity',
        );
        $this->click('footer button', 'tinted');
        $this->see('[data-advice=leader]', '4 ft of fluorocarbon');
        $this->see('[data-advice=leader] [data-was]', 'was: nothing');
        $field = '#'.$this->js(
            'return [...document.querySelectorAll("label")].find((e) => e.textContent === "Current deep").htmlFor',
        );
        $this->fill($field, '1.2')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-advice=current]', 'Gear feels up to 1 mph otherwise');
        $this->fill($field, WebDriverKeys::BACKSPACE)->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-advice=current]', 'Current known at one depth only');
        $this->fill($field, '40')->sendKeys(WebDriverKeys::ENTER);
        $this->see('header .text-error', 'Must be a number from 0 to');
    }

    public function test_advice_is_refused_said_otherwise_and_let_follow_again(): void
    {
        $this->click('[data-advice=finish] .row');
        $this->click('[data-advice=finish] button', 'Refuse it');
        $this->see('[data-advice=finish][data-state=refused]');
        $this->click('[data-advice=leader] .row');
        $this->fill('#otherwise-leader', '5 ft, my own knot');
        $this->click('[data-advice=leader] form button', 'Say so instead');
        $this->see('[data-advice=leader][data-state=changed]', '5 ft, my own knot');
        $this->see('[data-advice=leader]', 'now it would be: 6.5 ft of fluorocarbon');
        $this->browser->driver->navigate()->refresh();
        $this->see('[data-advice=leader][data-state=changed]', '5 ft, my own knot');
        $this->click('[data-advice=leader] .row');
        $this->click('[data-advice=leader] button', 'Let it follow the water again');
        $this->see('[data-advice=leader][data-state=free]', '6.5 ft of fluorocarbon');
        $this->click('[data-advice=leader] .row');
        $this->click('[data-advice=leader] button', 'nylon');
        $this->see('[data-advice=leader]', '6.5 ft of nylon');
    }

    public function test_a_band_is_made_one_s_own_and_goes_to_the_planning_table_so(): void
    {
        $this->click('[data-water-band=king] .row');
        $this->bandFigure('Top of the king band', '90');
        $this->see('[data-water-band=king] .text-error', 'Must be deeper than its top');
        $this->bandFigure('Top of the king band', '30');
        $this->see('[data-water-band=king]', 'yours');
        $this->see('[data-water-band=king]', 'Reckoned 54–64 ft');
        $this->bandFigure('Weight of the king band', '5');
        $this->see('[data-water-band=king]', 'weight 5.0');
        $this->click('aside button', 'Send to the planning table');
        $this->see('aside [role=status]', 'bands are on the planning table');
        $this->click('nav a', 'Spread');
        $this->see('svg text', 'king 30–64 ft');
        $this->click('nav a', 'Water');
        $this->click('[data-water-band=king] .row');
        $this->click('[data-water-band=king] button', 'As reckoned');
        $this->see('[data-water-band=king]', '54–64 ft');
    }

    public function test_habits_changed_change_the_bands(): void
    {
        $this->js(
            'document.querySelectorAll(".seen").forEach((e) => e.dispatchEvent(new KeyboardEvent("keydown", { key: "Delete", '
                .'bubbles: true })))',
        );
        $this->see('[data-water-band=king]', 'Water king like, 48 to 54 °F');
        $tops = fn (): array => array_map(
            floatval(...),
            (array) $this->js(
                'return [...document.querySelectorAll("caption")].find((c) => c.textContent.startsWith("Bands by the '
                    .'clock")).parentElement.innerText.match(/king (\d+)/g).map((m) => m.slice(5))',
            ),
        );
        $depths = $tops();
        self::assertGreaterThan($depths[0] + 2, $depths[count($depths) - 1], 'they sink with the light');
        $this->click('[aria-controls=water-rules]');
        $this->click('#water-rules button', 'What each species likes');
        $this->fill('#rule-king_likes_to', '60')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-water-band=king]', 'Water king like, 48 to 60 °F');
        $this->click('dialog button', 'Close');
        $this->see('[data-water-band=king] .changed', 'changed');
    }

    private function paste(string $text): void
    {
        $this->js(
            'const e = document.querySelector("#temperatures"); e.value = arguments[0]; e.dispatchEvent(new Event("input", { '
                .'bubbles: true }));',
            $text,
        );
    }

    /** A finger on the column, at a share of its height. */
    private function tapColumn(float $down): void
    {
        $this->touch(
            $this->js(
                'const r = document.querySelector("svg[role=group]").getBoundingClientRect(); return [r.x + 120, r.y + '
                    .'arguments[0] * r.height]',
                $down,
            ),
        );
    }

    private function bandFigure(string $label, string $figure): void
    {
        $this->see('[data-water-band=king] input');
        $field = (string) $this->js(
            'return [...document.querySelectorAll("label")].find((e) => e.textContent === arguments[0]).htmlFor', $label,
        );
        $this->fill("[id=\"{$field}\"]", $figure)->sendKeys(WebDriverKeys::ENTER);
    }
}
