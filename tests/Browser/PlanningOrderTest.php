<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\Running\Wait;

/** Drafts, kept spreads, the order and spread files at the planning table. */
final class PlanningOrderTest extends BrowserTestCase
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
        $this->click('dialog [role=alert] button', 'Throw it away');
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

    public function test_a_spread_goes_out_as_a_file_and_comes_back_in(): void
    {
        $this->openSpread();
        $file = $this->browser->driver->executeAsyncScript(
            'fetch("'.$this->app->api('/spreads/{next}/file').'").then((r) => r.json()).then(arguments[0])',
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
