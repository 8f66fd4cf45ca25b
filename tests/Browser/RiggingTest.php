<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PDO;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\Running\Wait;

/**
 * Rods rigged with what is not aboard yet, run by their other control, set past one another, over wood; and all of it by touch.
 */
final class RiggingTest extends BrowserTestCase
{
    public function test_what_a_holder_cannot_take_any_more_is_called_what_it_is(): void
    {
        (new PDO("sqlite:{$this->app->database}"))->exec("update holders set kind = 'rod' where code = 'P5'");
        $this->visit('/trips/{next}/spread');
        $this->click('[data-holder=P5]');
        $this->see('#presentation');
        self::assertSame('rigger', $this->js('return document.querySelector("#presentation").selectedOptions[0].text'));
    }

    public function test_a_lure_not_aboard_yet_is_typed_in_where_it_is_picked_and_put_right(): void
    {
        $this->openSpread();
        $this->click('[data-holder=P3]');
        $usual = $this->see('[data-holder=P3] .lure')->getText();
        $this->choose('#lure_id', 'not aboard yet');
        $this->see('dialog h2', 'A lure not aboard yet');
        $this->typed('finish', 'copper ladder');
        $this->typed('rated: runs at', 'deep');
        $this->click('dialog button', 'Stow it');
        $this->see('dialog .text-error', '“deep” is not a number');
        $this->typed('rated: runs at', '14');
        $this->click('dialog button', 'Stow it');
        $this->see('dialog .text-error', 'Must be a name to know it by');
        $this->see('dialog .text-error', 'a rated point is depth, lead, line and speed together');
        self::assertSame(
            'copper ladder',
            $this->js(
                'return [...document.querySelectorAll("dialog input")].find((e) => e.labels[0].textContent === "finish").value',
            ),
            'what was typed stays',
        );
        $this->typed('Name to know it by', 'Borrowed Ladder');
        $this->typed('rated: runs at', '');
        $this->click('dialog button', 'Stow it');
        $this->see('[data-holder=P3] .lure', 'Borrowed Ladder');
        $this->waitUntilKept();

        $this->choose('#lure_id', 'put Borrowed Ladder right');
        $this->typed('Name to know it by', 'Lent Ladder');
        $this->click('dialog button', 'Put it right');
        $this->see('[data-holder=P3] .lure', 'Lent Ladder');
        $this->choose('#lure_id', 'not aboard yet');
        $this->keys(WebDriverKeys::ESCAPE);
        self::assertStringContainsString(
            'Lent Ladder',
            (string) $this->js('return document.querySelector("#lure_id").selectedOptions[0].text'),
            'typing none in leaves the choice as it was',
        );
        $this->click('[aria-label=Undo]');
        $this->see('[data-holder=P3] .lure', $usual);
    }

    public function test_a_diver_is_run_deeper_by_its_dial(): void
    {
        $this->openSpread();
        $this->click('[data-holder=P3]');
        $before = $this->depth('P3');
        $this->click('aside button', 'by its dial');
        $this->fill('#run-at', (string) ($before + 4))->sendKeys(WebDriverKeys::ENTER);
        $this->see('#run-at-said', 'Set: dial ');
        Wait::until(fn (): bool => abs($this->depth('P3') - $before - 4) <= 2, 'as near as half a mark brings it');
        self::assertStringContainsString("runs at {$this->depth('P3')} ft", $this->see('#run-at-said')->getText());
        $this->fill('#run-at', '140')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#run-at-said', 'P3: no dial gets there');
        $this->click('[data-holder=P5]');
        Wait::until(
            fn (): bool => $this->js(
                'return [...document.querySelectorAll("aside button")].every((b) => !b.textContent.includes("by its dial"))',
            ),
            'a rigger has but its cable',
        );
    }

    public function test_a_line_let_out_across_another_is_to_be_looked_at_and_cured_by_one_click(): void
    {
        $this->openSpread();
        $this->keys('o');
        $this->see('dialog [data-order=P1]');
        $this->js('document.querySelector("[data-order=P1] button").focus()');
        $this->keys(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN);
        $this->see('[data-order=P1]', 'P1 is let out across P2');
        $this->click('dialog button', 'Close');
        $this->click('[aria-controls=to-look-at]');
        $this->see('#to-look-at li', 'P1 is let out across P2');
        $this->click('#to-look-at button', 'Set P1 before P2');
        Wait::until(
            fn (): bool => ! str_contains($this->see('#to-look-at')->getText(), 'let out across'), 'the crossing to be gone',
        );
        $this->waitUntilKept();
        $this->keys(WebDriverKeys::ESCAPE);
        $this->keys('o');
        Wait::until(
            fn (): bool => array_search(
                'P1',
                $order = (array) $this->js('return [...document.querySelectorAll("[data-order]")].map((e) => e.dataset.order)'),
                true,
            ) < array_search('P2', $order, true),
            'P1 set before P2',
        );
    }

    public function test_wood_on_the_bottom_says_what_is_at_stake(): void
    {
        $this->openSpread();
        $this->task('Bands and bottom');
        $field = $this->see('dialog label', 'wood or rock stands up')->getAttribute('for');
        $this->fill("[id=\"{$field}\"]", '40')->sendKeys(WebDriverKeys::ENTER);
        $this->click('dialog button', 'Close');
        $this->click('[aria-controls=to-look-at]');
        $this->see('#to-look-at li', 'what stands 40 ft up from bottom');
        $this->see('#to-look-at li', 'At stake: Ball 12 lb and ');
    }

    public function test_the_table_is_worked_by_touch_alone(): void
    {
        $this->browser->devTools()->execute('Emulation.setTouchEmulationEnabled', ['enabled' => true]);
        $this->openSpread();
        $this->touch($this->middle('[data-holder=S3]'));
        $this->see('aside h2', 'S3');
        $planned = $this->depth('S3');
        [$x, $y] = $this->middle('[aria-label=Turn]');
        $this->touch([$x, $y], [$x + 30, $y], [$x + 60, $y]);
        Wait::until(fn (): bool => $this->depth('S3') !== $planned, 'the turn followed');
        $this->touch($this->middle('button', 'Back to plan'));
        $this->waitForDepth('S3', $planned);
        $this->touch($this->middle('[aria-controls=plan-tasks]'));
        $this->touch($this->middle('#plan-tasks button', 'Setting order'));
        $place = fn (string $code): array => $this->middle("[data-order={$code}] button");
        $this->see('dialog [data-order=P1]');
        $this->touch($place('P1'), $place('P2'), $place('C2'));
        $this->see('[data-order=P1]', 'P1 is let out across P2');
        $this->see('[data-order=P1] button', 'Set P1 before P2');
        // Rows move while answers come in: a finger that missed comes down again, once it has seen that nothing came of it.
        $down = 0.0;
        Wait::until(function () use (&$down): bool {
            $cure = $this->js(<<<'JS'
                const cure = [...document.querySelectorAll('[data-order=P1] button')]
                    .find((button) => button.textContent.includes('Set P1 before P2'));
                const box = cure?.getBoundingClientRect();
                return box ? [box.x + box.width / 2, box.y + box.height / 2] : null;
                JS);
            if (is_array($cure) && microtime(true) - $down > 4.0) {
                $this->touch([(float) $cure[0], (float) $cure[1]]);
                $down = microtime(true);
            }

            return ! str_contains($this->see('dialog')->getText(), 'let out across P2');
        }, 'no crossing');
        $this->touch($this->middle('dialog button', 'Close'));
        $this->touch($this->middle('[aria-controls=to-look-at]'));
        $this->see('#to-look-at');
    }

    private function typed(string $label, string $text): void
    {
        $field = $this->see('dialog label', $label)->getAttribute('for');
        $this->fill("[id=\"{$field}\"]", $text === '' ? WebDriverKeys::BACKSPACE : $text);
        $this->keys(WebDriverKeys::TAB);
    }
}
