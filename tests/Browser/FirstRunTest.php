<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

final class FirstRunTest extends BrowserTestCase
{
    protected function startApp(): RunningApp
    {
        return RunningApp::empty();
    }

    public function test_three_steps_to_a_working_boat_and_a_first_line(): void
    {
        $this->visit('/');
        $this->see('h1', 'Three steps to a working boat');
        $this->click('button', 'Next');
        $this->see('[aria-current=step]', 'Where the rods stand');
        $this->click('button', 'Next');
        $this->click('button', 'Done');
        $this->see('.text-error', 'the boat’s name');
        $this->see('[aria-current=step]', 'The boat');
        $this->fill('form input:not([type=radio])', 'Lantern Rose');
        $this->click('button', 'Next');
        $this->click('[data-tip=P2] .tip');
        $this->fill('#holder-code', 'P1');
        $this->click('button', 'Next');
        $this->click('button', 'Done');
        $this->see('.text-error', 'unlike every other');
        $this->fill('#holder-code', 'P2');
        $this->click('button', 'Next');
        $this->click('button', 'Done');
        $this->see('h1', 'Lantern Rose');
        $this->see('h2', 'No trip yet');

        $this->click('button', 'Plan the first trip');
        $this->click('button', 'Plan this trip');
        $this->see('.text-error', 'at least one species');
        $this->click('summary', 'The ground');
        $this->fill('#'.$this->see('label', 'Ground')->getAttribute('for'), 'Hollow Reef');
        $this->click('label', 'king');
        $this->click('button', 'Plan this trip');
        $this->see('header h1', 'off Hollow Reef');
        $this->see('button', 'Type or drop the temperatures');
        $this->click('nav a', 'Prepare');
        $this->see('[data-verdict=unknown]', 'Not known');
        $this->click('nav a', 'Spread');
        $this->click('[data-holder=P3]');
        $this->choose('#presentation', 'diver');
        $this->see('[data-holder=P3] .depth b');
        self::assertGreaterThan(20, $this->depth('P3'));
        $this->keys(WebDriverKeys::ARROW_DOWN);
        $this->see('[data-holder=P3] .out', '125 ft out');
        $this->waitUntilKept();
    }

    /** A newcomer by mouse: what is typed or clicked is counted, what is waited for is not. */
    public function test_from_the_first_start_to_a_covered_spread_in_twelve_actions(): void
    {
        $this->visit('/');
        $actions = 0;
        $click = function (string $css, string $text) use (&$actions): void {
            $actions++;
            $this->click($css, $text);
        };
        $fill = function (string $css, string $text) use (&$actions): void {
            $actions++;
            $this->fill($css, $text);
        };
        $fill('form input:not([type=radio])', 'Lantern Rose');
        foreach (['Next', 'Next', 'Done', 'Plan the first trip'] as $button) {
            $click('button', $button);
        }
        $fill('#'.$this->see('label', 'Bottom, ft')->getAttribute('for'), '90');
        $click('label', 'lake trout');
        $click('button', 'Plan this trip');
        $click('aside button', 'Draft a spread');
        $said = $this->see('dialog p', 'of the water wanted')->getText();
        self::assertGreaterThanOrEqual(90, preg_match('/covers\s+(\d+) %/', $said, $covers) === 1 ? (int) $covers[1] : 0);
        $click('dialog button', 'Take it whole');
        $this->see('[data-holder=P5] .depth b');
        $this->waitUntilKept();
        $rigged = (array) $this->js('return [...document.querySelectorAll(".rail [data-holder]:not(.empty)")].map(() => 1)');
        self::assertGreaterThanOrEqual(8, count($rigged));
        self::assertLessThanOrEqual(12, $actions);
        $this->click('[aria-controls=to-look-at]');
        self::assertStringNotContainsString('Bare', $this->see('#to-look-at')->getText());
    }

    public function test_a_metric_boat_reads_in_metres_everywhere(): void
    {
        $this->visit('/');
        $this->fill('form input:not([type=radio])', 'Tideglass');
        $this->click('label', 'metres');
        $this->click('button', 'Next');
        $this->see('[role=group] span', 'm');
        $this->click('button', 'Next');
        $this->click('button', 'Done');
        $this->click('button', 'Plan the first trip');
        $this->fill('#'.$this->see('label', 'Bottom, m')->getAttribute('for'), '36');
        $this->click('label', 'walleye');
        $this->click('button', 'Plan this trip');
        $this->see('[data-advice=speed]');
        $this->click('nav a', 'Spread');
        $this->see('#empty-table', 'No line is planned yet');
        $this->click('[data-holder=P5]');
        $this->choose('#presentation', 'rigger');
        $this->see('[data-testid=speed]', '2.7');
        $this->see('[data-holder=P5] .depth b');
        self::assertMatchesRegularExpression('/^\d+\.\d$/', $this->see('[data-holder=P5] .depth b')->getText());
        $this->fill('#run-at', '12')->sendKeys(WebDriverKeys::ENTER);
        Wait::until(fn (): bool => abs((float) $this->see('[data-holder=P5] .depth b')->getText() - 12.0) < 0.3, 'P5 at 12 m');
        $this->see('aside', 'm back');
    }

    public function test_a_refused_trip_keeps_what_was_typed(): void
    {
        $this->visit('/');
        $this->fill('form input:not([type=radio])', 'Lantern Rose');
        foreach (['Next', 'Next', 'Done', 'Plan the first trip'] as $button) {
            $this->click('button', $button);
        }
        $this->click('summary', 'The ground');
        $this->click('summary', 'Who comes');
        $ground = '#'.$this->see('label', 'Ground')->getAttribute('for');
        $anglers = '#'.$this->see('label', 'Anglers')->getAttribute('for');
        $this->fill($ground, 'Hollow Reef');
        $this->fill($anglers, '40');
        $this->click('label', 'coho');
        $this->click('button', 'Plan this trip');
        $this->see("{$anglers}-wrong", 'from 1 to 12');
        self::assertSame(
            ['Hollow Reef', '40'], [$this->see($ground)->getAttribute('value'), $this->see($anglers)->getAttribute('value')],
        );
        $this->fill($anglers, 'six');
        $this->click('button', 'Plan this trip');
        $this->see("{$anglers}-wrong");
        $this->fill($anglers, '6');
        $this->click('button', 'Plan this trip');
        $this->see('header h1', 'Hollow Reef');
    }
}
