<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

final class DeckCardTest extends BrowserTestCase
{
    public function test_the_card_stands_in_setting_order_and_prints_on_one_page(): void
    {
        $this->visit('/trips/2/spread');
        $this->click('nav a', 'Deck card');
        $this->see('.sheet tbody tr');
        self::assertSame(['P1', 'S1', 'P2', 'S2', 'C2', 'C1', 'P3', 'S3', 'P4', 'S4', 'P5', 'S5'], $this->js('return [...document.querySelectorAll(".sheet .rod")].map((e) => e.textContent)'));
        self::assertSame(['142', '150', '156'], $this->js('const r = [...document.querySelectorAll(".sheet tbody tr")].find((e) => e.querySelector(".rod").textContent === "P3"); return [...r.querySelectorAll("td.num")].slice(1).map((e) => parseInt(e.textContent).toString())'));

        foreach ([['paperWidth' => 8.27, 'paperHeight' => 11.69], ['paperWidth' => 8.5, 'paperHeight' => 11.0]] as $paper) {
            $pdf = base64_decode($this->browser->devTools()->execute('Page.printToPDF', $paper + ['preferCSSPageSize' => false])['data'], true);
            self::assertIsString($pdf);
            self::assertStringStartsWith('%PDF', $pdf);
            self::assertSame(1, preg_match_all('#/Type\s*/Page\b#', $pdf), 'one page');
        }
        $this->browser->devTools()->execute('Emulation.setEmulatedMedia', ['media' => 'print']);
        self::assertFalse($this->see('nav')->isDisplayed());
        self::assertSame(['rgb(0, 0, 0)', 'rgb(255, 255, 255)'], $this->js('const s = getComputedStyle(document.querySelector(".sheet")); return [s.color, s.backgroundColor]'));
    }

    public function test_on_a_phone_the_planned_setting_stays_readable(): void
    {
        $this->browser->resize(390, 844);
        $this->visit('/trips/2/deck-card');
        $this->see('.sheet tbody tr');

        self::assertLessThanOrEqual(390, $this->js('return document.scrollingElement.scrollWidth'));
        self::assertTrue($this->see('td.planned', '90')->isDisplayed());
    }
}
