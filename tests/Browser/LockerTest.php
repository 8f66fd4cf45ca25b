<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\Running\Wait;

/** The locker's lists: found, changed, retired, read in as a spreadsheet wrote them. */
final class LockerTest extends BrowserTestCase
{
    public function test_a_spreadsheet_s_table_is_read_but_for_its_bad_row(): void
    {
        $this->visit('/locker/lures');
        $this->click('header button', 'Table…');
        $this->upload(
            '#gear-table',
            "\u{FEFF}Name;family;finish;weight, g\r\nGrey Dipper;medium spoon;grey;12,5\r\nOdd One;trumpet;grey;\r\n",
        );
        $this->see('[data-testid=found]', '1 new: Grey Dipper');
        $this->see('[data-testid=found] li', 'line 3, Odd One');
        $this->see('[data-testid=found] li', 'not “trumpet”');
        $this->click('dialog button', 'Keep 1 of them');
        $this->see('[data-testid=found]', 'Kept.');
        $this->click('dialog button', 'Close');
        $this->click('.piece', 'Grey Dipper');
        $this->see('.page h2', 'Grey Dipper');
        $this->see('.page', '0.44 oz');
    }

    public function test_a_lure_is_found_looked_at_changed_and_retired(): void
    {
        $this->visit('/locker');
        $this->fill('[type=search]', 'black glow')->sendKeys(WebDriverKeys::TAB);
        Wait::until(fn (): bool => $this->js('return document.querySelectorAll(".piece").length') === 1, 'one found');
        $this->click('.piece', 'Night Heron');
        $this->see('.page td', 'Core 27 lb, 8 colours');
        $this->see('.page li', 'P4 · S4');
        $this->see('.page h3', 'Bites so far, 1');
        $this->click('.page button', 'Change it');
        $this->fill('[id="'.$this->see('.page form label', 'finish')->getAttribute('for').'"]', 'coal and glow');
        $this->click('.page form button', 'Put it right');
        $this->see('.page p', 'coal and glow');
        $this->click('.page button', 'Retire it');
        $this->see('.page button', 'Take it back');
        $this->fill('[type=search]', 'heron');
        $this->see('.found li', 'Nothing among the lures');
        $this->click('label', 'the retired too, 1');
        $this->see('.piece', 'Night Heron');
    }

    public function test_a_counter_is_checked_against_a_tape(): void
    {
        $this->visit('/locker/reels');
        $this->click('.piece', 'Nylon 20 lb');
        $this->fill('#counter-pulled', '100')->sendKeys(WebDriverKeys::ENTER);
        $this->fill('#counter-read', '108')->sendKeys(WebDriverKeys::ENTER);
        $this->click('button', 'Keep it');
        $this->see('[role=status]', 'It shows too much: set 108 ft for 100 ft out.');
        $this->fill('#counter-pulled', '2')->sendKeys(WebDriverKeys::ENTER);
        $this->fill('#counter-read', '2')->sendKeys(WebDriverKeys::ENTER);
        $this->click('button', 'Keep it');
        $this->see('[role=status]', 'from');
    }

    public function test_the_box_lies_otherwise_in_another_water_and_a_tap_hangs_a_lure(): void
    {
        $this->visit('/trips/{next}/lures');
        $this->see('[data-first]', 'Pale Kestrel');
        $clear = $this->order();
        $this->click('[data-rod=P4]');
        $this->click('[data-first="Blue Hour"] button', 'On P4');
        $this->see('header [role=status]', 'Blue Hour hangs on P4.');
        $this->see('[data-rod=P4]', 'Blue Hour');
        $this->openSpread();
        $this->see('[data-holder=P4] .lure', 'Blue Hour');

        $this->visit('/trips/{next}/water');
        $this->click('footer button', 'stained');
        $this->see('[data-advice=bait]', 'stand');
        $this->visit('/trips/{next}/lures');
        $this->see('[data-testid=order]', 'it stands out');
        $stained = $this->order();
        self::assertNotSame($clear, $stained);
        self::assertEqualsCanonicalizing($clear, $stained);
        $this->click('button', 'match the bait');
        $this->see('[data-testid=order]', 'It looks like what is there');
    }

    public function test_labels_come_out_of_the_printer_as_text(): void
    {
        $this->visit('/locker/labels');
        $this->see('[data-label="Chalk Dace"] .big', '+3 ft');
        $pdf = (string) tempnam(sys_get_temp_dir(), 'admek-labels-');
        $printed = $this->browser->devTools()->execute('Page.printToPDF', ['preferCSSPageSize' => true]);
        file_put_contents($pdf, base64_decode((string) $printed['data'], true));
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($pdf).' -');
        unlink($pdf);
        foreach ([
            'Chalk Dace', '+3 ft', 'under 5 colours of core', 'Core 27 lb, 8 colours', 'by the model · Second Lamp, fresh', 'P3',
        ] as $said) {
            self::assertStringContainsString($said, $text);
        }
        self::assertStringNotContainsString('Deck card', $text, 'the bar of places stays on the screen');
        self::assertMatchesRegularExpression('/8 +\d+ +\d+ +\d+/', $text, 'the eighth colour at three speeds');
    }

    /** @return list<string> */
    private function order(): array
    {
        return array_values(array_map(strval(...), (array) $this->js(
            'return [...document.querySelectorAll("[data-testid=order] a")].map((a) => a.textContent.trim())',
        )));
    }
}
