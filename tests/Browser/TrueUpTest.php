<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\LooksWithAxe;
use Tests\Support\Running\Wait;

/** Depths read off the real thing make every screen's depths true, and what is false is named. */
final class TrueUpTest extends BrowserTestCase
{
    use LooksWithAxe;

    public function test_three_soundings_change_depth_and_doubt_on_table_card_and_watch(): void
    {
        $this->openSpread();
        $untrued = $this->depth('P3');
        $doubt = $this->doubt('P3');
        $this->click('[data-holder=P3]');
        $this->click('[role=tab]', 'opinions');
        $this->see('aside', 'Touch bottom with');
        foreach ([6, 7, 6] as $i => $deeper) {
            $this->sound($untrued + $deeper);
            Wait::until(fn (): bool => $this->many('aside [data-testid=soundings] > li') === $i + 1, 'it to be listed');
        }
        $this->see('aside dl', 'by 3 soundings of this rod’s gear');
        Wait::until(fn (): bool => abs($this->depth('P3') - $untrued - 6) <= 1, 'the depth that was sounded');
        $trued = $this->depth('P3');
        self::assertLessThan(0.6 * $doubt, $this->doubt('P3'), 'and it is surer');
        $this->see('aside [data-testid=taught] li', 'the diver’s pull');

        $this->click('button', 'untrued');
        $this->waitForDepth('P3', $untrued);
        $this->click('button', 'untrued');
        $this->waitForDepth('P3', $trued);

        $this->visit('/trips/{next}/deck-card');
        $this->see('main', (string) $trued);
        $this->visit('/trips/{next}/watch');
        $this->see('[data-rod=P3] .depth', (string) $trued);
    }

    public function test_a_false_one_is_named_held_to_and_forgotten(): void
    {
        $this->openSpread();
        $this->click('[data-holder=P3]');
        $this->click('[role=tab]', 'opinions');
        $model = $this->depth('P3');
        foreach ([0, 1, 0] as $i => $off) {
            $this->sound($model + $off);
            Wait::until(fn (): bool => $this->many('aside [data-testid=soundings] > li') === $i + 1, 'it to be listed');
        }
        $this->sound($model - 20);
        $this->see('aside [data-testid=soundings] .out', 'Does not count: Was bottom there?');
        $this->click('a', 'Locker');
        $this->click('a', 'True-up');
        $this->see('h2', 'Held to be false, 1');
        $this->see('[data-testid=taught] li', 'the diver’s pull');
        $this->assertNothingSeriousInAnyLight();
        $this->click('button', 'It is true: count it');
        $this->see('h2', 'Soundings that count, 4');
        $this->see('[data-testid=soundings] li', 'because you say so');
        $feet = $model - 20;
        $this->click("[aria-label='Forget this sounding of {$feet} feet']");
        $this->see('h2', 'Soundings that count, 3');
        $this->click('[data-testid=taught] button', 'the diver’s pull');
        $this->click('button', 'Set it aside');
        $this->see('[data-testid=taught] li.aside', 'set aside');
        $this->click('button', 'Go by it again');
        Wait::until(fn (): bool => $this->many('[data-testid=taught] li.aside') === 0, 'it to be gone by again');
    }

    private function sound(int $feet): void
    {
        $this->fill('#sounding', (string) $feet)->sendKeys(WebDriverKeys::ENTER);
    }

    private function many(string $css): int
    {
        return $this->js('return document.querySelectorAll(arguments[0]).length', $css);
    }

    /** Feet, of a rod whose two sides are told as one. */
    private function doubt(string $holder): float
    {
        return (float) preg_replace('/[^\d.]/', '', $this->see("[data-holder={$holder}] .depth small")->getText());
    }
}
