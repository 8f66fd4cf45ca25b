<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\Running\Wait;

/**
 * What stands about the planning table: the draft, kept spreads, order, bottom, files, opinions, compare and the view from above.
 */
final class PlanningToolsTest extends BrowserTestCase
{
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

    public function test_a_slider_stays_under_the_finger_that_draws_it(): void
    {
        foreach ([[1280, 800], [820, 1180], [390, 844]] as [$width, $height]) {
            $this->browser->resize($width, $height);
            foreach (['Turn', 'Try another speed'] as $slider) {
                $this->openSpread();
                // What the other slider tried goes with the page.
                $this->browser->driver->navigate()->refresh();
                $this->see('[data-holder=S1] .depth b');
                $stands = fn (): mixed => $this->js(
                    'const r = document.querySelector(`[aria-label="${arguments[0]}"]`).getBoundingClientRect(); '
                        .'return [r.x, r.y, r.width]', $slider,
                );
                $before = $stands();
                $told = [];
                foreach ([0.0, 0.4, 0.7, 1.0] as $share) {
                    $solved = $this->see('main')->getAttribute('data-solved');
                    $this->js(
                        'const e = document.querySelector(`[aria-label="${arguments[0]}"]`); '
                            .'e.value = Number(e.min) + arguments[1] * (e.max - e.min); '
                            .'e.dispatchEvent(new Event("input", { bubbles: true }))', $slider, $share,
                    );
                    Wait::until(fn (): bool => $this->see('main')->getAttribute('data-solved') !== $solved, 'it to be solved');
                    $told[] = $this->see("[aria-label=\"{$slider}\"]")->getAttribute('aria-valuetext');
                    self::assertEqualsWithDelta($before, $stands(), 0.6, "{$slider} at {$width}");
                }
                self::assertCount(4, array_unique($told));
            }
        }
        $this->browser->resize(1280, 800);
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
        $this->fill('#sounding', 'deep')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#sounding-said', 'Must be a depth in feet');
        $this->click('aside button', 'Your own rules');
        $this->fill('#rule-per_colour', '7')->sendKeys(WebDriverKeys::ENTER);
        $this->click('dialog button', 'Close');
        Wait::until(fn (): bool => str_contains($this->see('aside dl')->getText(), '21'), '3 colours at 7 ft');
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
}
