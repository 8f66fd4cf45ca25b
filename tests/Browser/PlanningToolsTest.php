<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Wait;

/**
 * What stands about the planning table: the draft, kept spreads, order, bottom, files, opinions, compare and the view from above.
 */
final class PlanningToolsTest extends BrowserTestCase
{
    public function test_a_draft_is_taken_rod_by_rod_and_whole_and_undone(): void
    {
        $this->openSpread();
        $before = $this->depth('P1');
        $this->keys('d');
        $this->see('dialog[open] h2', 'Draft a spread');
        $weight = $this->js('return [...document.querySelectorAll("dialog input")].map((e) => e.id)[2]');
        $this->fill("#{$weight}", '3')->sendKeys(WebDriverKeys::ENTER);
        $this->click('dialog .btn-primary', 'Draft it');
        $this->see('dialog tbody tr', 'king band');
        self::assertMatchesRegularExpression(
            '/covers\s+(\d+) %.*covers\s+(\d+) %/s', $this->see('dialog p', 'of the water wanted')->getText(),
        );
        $this->click('[aria-label="Take P1"]');
        $this->see('dialog tbody tr', 'on the desk');
        $drafted = $this->js(
            'return [...document.querySelectorAll("dialog tbody tr")].map((r) => [r.children[0].textContent.trim(), '
                .'r.children[2].textContent.trim()])',
        );
        $this->click('dialog button', 'Take it whole');
        foreach ($drafted as [$holder, $depth]) {
            $depth === '' ? $this->see("[data-holder={$holder}].empty") : $this->waitForDepth($holder, (int) $depth);
        }
        $this->click('[aria-controls=to-look-at]');
        self::assertStringNotContainsString(
            'Tangle', $this->see('#to-look-at li')->findElement(WebDriverBy::xpath('..'))->getText(),
        );
        $this->keys(WebDriverKeys::ESCAPE);
        $this->click('[aria-label=Undo]');
        $this->click('[aria-label=Undo]');
        $this->waitForDepth('P1', $before);
        $this->waitUntilKept();
    }

    public function test_a_spread_is_kept_and_started_from(): void
    {
        $this->openSpread();
        $this->task('Start from a kept spread');
        $this->see('dialog li', 'None is kept yet');
        $this->fill('#template-name', 'Summer kings');
        $this->click('dialog button', 'Keep it');
        $this->see('dialog li', '12 lines');
        $this->fill('#template-name', 'Summer kings');
        $this->click('dialog button', 'Keep it');
        $this->see('dialog .text-error', 'no other template');
        $this->click('dialog button', 'Close');
        $this->click('[data-holder=P3]');
        $depth = $this->depth('P3');
        $this->click('button', 'Take out');
        $this->see('[data-holder=P3].empty');
        $this->task('Start from a kept spread');
        $this->click('dialog button', 'Start from it');
        $this->waitForDepth('P3', $depth);
        $this->waitUntilKept();
    }

    public function test_the_order_is_moved_warned_of_and_followed_by_the_card(): void
    {
        $this->openSpread();
        $this->keys('o');
        $this->see('dialog [data-order=P1]', 'clear P2');
        $this->see('dialog p', 'No line is let out across another');
        $this->js('document.querySelector("[data-order=P1] button").focus()');
        $this->keys(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN);
        $this->see('[data-order=P1]', 'P1 is let out across P2');
        $this->dragged('P1', 'S1');
        Wait::until(fn (): bool => ! str_contains($this->see('dialog')->getText(), 'let out across P2'), 'no crossing');
        $this->js('document.querySelector("input[value=riggers_first]").click()');
        Wait::until(
            fn (): bool => $this->js('return document.querySelector("[data-order]").dataset.order') === 'P5',
            'riggers to go first',
        );
        $this->click('dialog button', 'Close');
        $this->waitUntilKept();
        $this->click('nav a', 'Deck card');
        $this->see('.sheet .rod', 'P5');
        self::assertSame(
            ['P5', 'S5', 'P3'],
            array_slice(
                (array) $this->js('return [...document.querySelectorAll(".sheet .rod")].map((e) => e.textContent)'), 0, 3,
            ),
        );
    }

    public function test_a_profile_of_the_bottom_is_taken_in_or_refused_whole(): void
    {
        $this->openSpread();
        $this->task('Bands and bottom');
        $this->upload('#profile-file', "along ft,depth ft\n0,118\n500,ninety\n");
        $this->see('dialog [role=status]', 'line 3');
        $this->upload('#profile-file', "along ft,depth ft\n0,118\n600,118\n700,90\n900,118\n1200,118\n");
        $this->see('dialog p', '90 ft at its shallowest');
        $this->click('dialog button', 'Close');
        $this->click('[aria-controls=to-look-at]', 'to look at');
        $this->see('#to-look-at li', 'of P5 first touches bottom');
        $this->see('#to-look-at li', 'when the boat has gone another 7');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->js(
            'const r = document.querySelector("[aria-label^=\'How far along\']"); r.value = 350; r.dispatchEvent(new '
                .'Event("input", { bubbles: true }))',
        );
        $this->see('.caption', '1148 ft');
        $this->click('[aria-controls=to-look-at]');
        Wait::until(
            fn (): bool => ! str_contains($this->see('#to-look-at')->getText(), 'drags bottom'), 'the hump to lie astern',
        );
    }

    public function test_a_turn_is_seen_from_above_and_compared_with_the_plan(): void
    {
        $this->openSpread();
        $this->see('[data-testid=safe-turns]', 'safe to');
        $planned = $this->depth('P2');
        $this->keys('w');
        $this->see('svg[aria-label^="Seen from above"]');
        $straight = $this->js('return document.querySelector(".line path:last-child").getAttribute("d")');
        $this->keys(',', ',', ',', ',', ',', ',');
        Wait::until(fn (): bool => $this->depth('P2') > $planned + 2, 'P2 deeper inside the turn');
        self::assertNotSame($straight, $this->js('return document.querySelector(".line path:last-child").getAttribute("d")'));
        $this->keys('c');
        $this->see('[data-holder=P2] .was', "plan {$planned}");
        $this->keys('w');
        $this->see('svg .ghost');
        $this->click('button', 'Back to plan');
        $this->waitForDepth('P2', $planned);
        Wait::until(fn (): bool => $this->js('return document.querySelectorAll(".ghost, .was").length') === 0, 'the plan alone');
    }

    public function test_a_slow_down_by_slider_follows_in_every_view(): void
    {
        $this->openSpread();
        $core = $this->depth('C1');
        $this->js(
            'const r = document.querySelector("[aria-label=\'Try another speed\']"); r.value = 0.6; r.dispatchEvent(new '
                .'Event("input", { bubbles: true }))',
        );
        $this->see('[data-testid=speed]', '1.3');
        Wait::until(fn (): bool => $this->depth('C1') > $core + 10, 'core sinks');
        self::assertSame((string) $this->depth('C1'), $this->see('[data-label=C1] .depth')->getText());
        $this->keys('p');
        $this->waitForDepth('C1', $core);
    }

    public function test_several_rods_are_run_at_one_depth(): void
    {
        $this->openSpread();
        $this->click('[data-holder=P3]');
        $this->keys('x');
        $this->see('[data-holder=P3].marked');
        $this->click('[data-holder=S3]');
        $this->click('[aria-controls=rods-too]');
        $this->click('#rods-too button', 'C2');
        $this->see('aside label', 'Run 3 at');
        $this->fill('#run-at', '55')->sendKeys(WebDriverKeys::ENTER);
        $this->waitForDepth('P3', 55);
        $this->waitForDepth('S3', 55);
        $this->see('#run-at-said', 'C2: no let-out gets there');
        $this->click('[aria-label=Undo]');
        Wait::until(fn (): bool => $this->depth('P3') > 60 && $this->depth('S3') > 60, 'both as they were, by one undo');
    }

    public function test_opinions_stand_side_by_side_and_the_captain_adds_his_own(): void
    {
        $this->openSpread();
        $this->click('[data-holder=P2]');
        $this->click('[role=tab]', 'opinions');
        $this->see('aside dl', 'so much a colour');
        $this->see('aside', 'none yet of this lure');
        $this->fill('#sounding', 'deep')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#sounding-said', 'Must be a depth in feet');
        $this->fill('#sounding', '21')->sendKeys(WebDriverKeys::ENTER);
        $this->see('aside dl', '1 of this lure on this reel');
        $this->see('aside li', 'touched bottom');
        $this->click('aside button', 'Your own rules');
        $this->fill('#rule-per_colour', '7')->sendKeys(WebDriverKeys::ENTER);
        $this->click('dialog button', 'Close');
        Wait::until(fn (): bool => str_contains($this->see('aside dl')->getText(), '21'), '3 colours at 7 ft');
        $this->click('[aria-label="Drop this sounding"]');
        $this->see('aside', 'none yet of this lure');
    }

    public function test_a_turn_too_tight_for_a_line_is_said_where_its_depth_would_stand(): void
    {
        $this->openSpread();
        $this->js(
            'const r = document.querySelector("[aria-label=Turn]"); r.value = r.max; r.dispatchEvent(new Event("input", { '
                .'bubbles: true }))',
        );
        $this->see('[data-holder=S1] .flag', 'no steady run');
        $this->click('[data-holder=S1]');
        $this->see('aside', 'S1 has no steady run in this turn');
        $this->see('[data-holder=P5] .depth b');
        $this->keys('0');
        Wait::until(fn (): bool => $this->depth('S1') > 5, 'on a straight course it runs again');
    }

    public function test_what_is_worth_a_look_is_the_captain_s_own(): void
    {
        $this->openSpread();
        $this->click('[aria-controls=to-look-at]', 'to look at');
        $this->see('#to-look-at li', 'Bare water');
        $this->click('#to-look-at button', 'What is worth a look');
        $this->fill('#rule-bare', '60')->sendKeys(WebDriverKeys::ENTER);
        $this->click('dialog button', 'Close');
        $this->click('[aria-controls=to-look-at]', 'to look at');
        Wait::until(
            fn (): bool => ! str_contains($this->see('#to-look-at')->getText(), 'Bare water'),
            'sixty bare feet to be needed for a word',
        );
    }

    public function test_a_figure_is_opened_overridden_and_given_back(): void
    {
        $this->openSpread();
        $this->click('[data-holder=P3]');
        $usual = $this->depth('P3');
        $this->click('[role=tab]', 'figures');
        $this->see('aside h3', 'default for braid 30 lb');
        $this->fill('[id="figure-main.diameter"]', '0.2')->sendKeys(WebDriverKeys::ENTER);
        Wait::until(fn (): bool => $this->depth('P3') > $usual + 2, 'thinner line runs deeper');
        $this->see('.own');
        $this->see('aside table', 'diver');
        $this->click('[aria-label^="Back to the default thickness"]');
        $this->waitForDepth('P3', $usual);
        $this->waitUntilKept();
    }

    public function test_a_bouncer_is_given_the_lightest_weight_that_ticks(): void
    {
        $this->openSpread();
        $this->click('[data-holder=C1]');
        $this->choose('#presentation', 'bouncer');
        $this->see('aside', 'No weight in the box');
        $this->keys(...array_fill(0, 14, '['));
        $this->see('[data-testid=speed]', '0.9');
        $this->see('aside', 'down at the weight');
        $this->click('aside button', 'Use ');
        $this->see('aside', 'The lightest weight that keeps');
        $this->waitUntilKept();
    }

    public function test_a_spread_goes_out_as_a_file_and_comes_back_in(): void
    {
        $this->openSpread();
        $file = $this->browser->driver->executeAsyncScript(
            'fetch("/api/spreads/2/file").then((r) => r.json()).then(arguments[0])',
        );
        self::assertSame('admek-spread', $file['format']);
        $file['lines'] = array_slice($file['lines'], 0, 4);
        $file['lines'][2]['lure'] = ['name' => 'Borrowed Blade', 'kind' => 'medium_spoon', 'finish' => 'borrowed'];
        $this->task('Files');
        $this->upload('#spread-file', 'not json');
        $this->see('dialog .text-error', 'is not JSON');
        $this->upload('#spread-file', (string) json_encode(['version' => 9] + $file));
        $this->see('dialog .text-error', 'newer Admek');
        $this->upload('#spread-file', (string) json_encode($file));
        $this->see('dialog [role=status]', 'New in the locker: Borrowed Blade');
        $this->click('dialog button', 'Close');
        $this->see('[data-holder=P3] .lure', 'Borrowed Blade');
        $this->see('[data-holder=S1].empty');
        $this->click('[aria-label=Undo]');
        $this->see('[data-holder=S1] .depth b');
    }

    private function dragged(string $what, string $to): void
    {
        $place = fn (string $code): array => (array) $this->js(
            'const r = document.querySelector(`[data-order=${arguments[0]}] button`).getBoundingClientRect(); return [r.x + 8, '
                .'r.y + r.height / 2]',
            $code,
        );
        $tools = $this->browser->devTools();
        [$x, $y] = $place($what);
        $tools->execute(
            'Input.dispatchMouseEvent', ['type' => 'mousePressed', 'x' => $x, 'y' => $y, 'button' => 'left', 'clickCount' => 1],
        );
        [$x, $y] = $place($to);
        $tools->execute('Input.dispatchMouseEvent', ['type' => 'mouseMoved', 'x' => $x, 'y' => $y, 'button' => 'left']);
        $tools->execute(
            'Input.dispatchMouseEvent', ['type' => 'mouseReleased', 'x' => $x, 'y' => $y, 'button' => 'left', 'clickCount' => 1],
        );
    }
}
