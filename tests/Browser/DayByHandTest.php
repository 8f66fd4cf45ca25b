<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Browser;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\FieldsByLabel;
use Tests\Browser\Support\LetsDevicesIn;
use Tests\Browser\Support\LooksWithAxe;
use Tests\Browser\Support\TapsRods;
use Tests\Support\Running\Wait;

/**
 * A day as two hands tell it, without instruments: set and landed on a phone in the cockpit, changed, marked and ended at the
 * helm, and the next one begun from it. What was told once is never asked for again.
 */
final class DayByHandTest extends BrowserTestCase
{
    use FieldsByLabel;
    use LetsDevicesIn;
    use LooksWithAxe;
    use TapsRods;

    /** One by one white pixel. */
    private const PICTURE = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8/5+hHgAHggJ/PchI7wAAAABJRU5ErkJggg==';

    private const TRIP = '/trips/{next}';

    private Browser $phone;

    protected function setUp(): void
    {
        parent::setUp();
        $this->phone = $this->openPhone();
        $this->comeAboard($this->phone, 'mate', 'Cockpit');
        foreach ([$this->browser, $this->phone] as $device) {
            $this->visit(self::TRIP.'/watch', $device);
            $this->see('[data-rod=S1] .depth', browser: $device);
        }
    }

    public function test_a_day_from_nine_lines_to_the_next_day_s_plan(): void
    {
        $set = $this->setNine();
        $this->swapped();
        $this->bittenAndLanded();
        $this->letOut();
        $this->markedInWords();
        $this->logged();
        $this->allIn(count($set));
        $this->ended();
        $this->tomorrow();
    }

    /** @return list<string> in the order they are offered */
    private function setNine(): array
    {
        $set = [];
        while (count($set) < 9) {
            $this->click('.next', browser: $this->phone);
            $rod = (string) $this->see('[data-rod][aria-pressed=true]', browser: $this->phone)->getAttribute('data-rod');
            $this->click('[data-act=out]', browser: $this->phone);
            $this->see("[data-rod={$rod}][data-state=fishing]");
            $set[] = $rod;
        }
        self::assertContains('P2', $set);
        self::assertContains('P3', $set);

        return $set;
    }

    private function swapped(): void
    {
        $this->see('[data-rod=P2]', 'Copper Finch');
        $this->act($this->browser, 'P2', 'swap');
        $this->click('dialog button', 'Silver Tern');
        $this->see('[data-rod=P2][data-state=fishing]', 'Silver Tern');
        $this->see('[data-rod=P2]', 'Silver Tern', $this->phone);
    }

    /** The swapped lure stays on its rod through bite, in and out; the plan is one tap away. */
    private function bittenAndLanded(): void
    {
        $this->act($this->phone, 'P2', 'bite');
        $this->see('[data-rod=P2][data-state=fish_on]');
        $this->click('[data-act=landed]', browser: $this->phone);
        $this->click('.fish label', 'king', $this->phone);
        $this->fill('#fish-weight', '14.25', $this->phone);
        $this->click('.fish [data-end=kept]', browser: $this->phone);
        $this->see('[data-rod=P2][data-state=in_boat]', 'Silver Tern');
        $this->act($this->phone, 'P2', 'out');
        $this->see('[data-rod=P2][data-state=fishing]', 'Silver Tern');
        $this->click('[data-rod=P2]');
        $this->see('.undo', 'As planned');
    }

    private function letOut(): void
    {
        $this->outNow('P3', '120');
        $this->see('[data-rod=P3]', 'meant for 65');
        $this->fits();
        $out = $this->letOutOf('P3');
        self::assertEqualsWithDelta(120 * 0.3048, $out, 1e-9);
        $this->act($this->browser, 'P3', 'in');
        $this->see('[data-rod=P3][data-state=in_boat]', 'meant for 65');
        $this->act($this->browser, 'P3', 'out');
        $this->see('[data-rod=P3][data-state=fishing]', 'meant for 65');
        self::assertSame($out, $this->letOutOf('P3'));
        $this->act($this->browser, 'P3', 'sounding');
        $this->click('dialog [data-method=sonar]');
        $this->see('dialog .text-error', 'Must be told');
        $this->fill('#sounded-at', '61');
        $this->click('dialog [data-method=sonar]');
        $this->see('[role=status]', 'P3 sounded');
        // What it taught is on the glass before the log is held against it.
        $this->see('[data-rod=P3] .depth', '61');
    }

    /** Nothing reads where she is: a note is taken, and no place. */
    private function markedInWords(): void
    {
        $this->click('[data-rod=P3]', browser: $this->phone);
        $this->click('.undo', 'Mark here', $this->phone);
        $this->see('dialog', 'Nothing reads where she is', $this->phone);
        $this->fill('dialog input[maxlength="500"]', 'birds over bait', $this->phone);
        $this->click('dialog button', 'Mark it', $this->phone);
        $this->see('[role=status]', 'marker, in words', $this->phone);
    }

    private function logged(): void
    {
        $watched = $this->depths('[data-rod]', 'data-rod');
        // The phone has told it; the log is read once it is here.
        Wait::until(fn (): bool => str_contains(
            (string) json_encode($this->api(self::TRIP.'/day')['log']), 'birds over bait',
        ), 'the mark to arrive');
        $this->visit(self::TRIP.'/log');
        $this->see('[data-testid=day-log] li', 'birds over bait');
        $bite = $this->see('[data-testid=bites] .bite', 'P2')->getText();
        foreach (['king', 'landed', '14.25 lb', 'Silver Tern'] as $part) {
            self::assertStringContainsString($part, $bite);
        }
        $this->see('[data-testid=day-log] li', "P2\nkept");
        $this->see('.rod .depth');
        self::assertSame($watched, $this->depths('.rod', null), 'the log has the depths of Watch');

        $file = (string) base64_decode(self::PICTURE, true);
        $this->upload('.photo input', $file);
        $this->see('.photo img');
        self::assertStringNotContainsString('not answering', $this->see('.photo')->getText());
        $this->click('.photo button', 'Take it out');
        $this->see('.photo', 'Add a photograph');
        $this->upload('.photo input', $file);
        $this->see('.photo img');
    }

    private function allIn(int $lines): void
    {
        $this->visit(self::TRIP.'/watch');
        $this->see('.clock', "{$lines} of 12 lines out");
        $this->click('.undo', 'All in');
        $this->see('.clock', '0 of 12 lines out');
        $this->click('[data-undo]');
        $this->see('.clock', "{$lines} of 12 lines out");
        $this->click('.undo', 'All in');
        $this->see('.clock', '0 of 12 lines out', $this->phone);
        $this->click('a.next', 'All lines are in: end the day');
    }

    private function ended(): void
    {
        $this->see('[data-testid=day-end]', 'Nothing: every bite and every sounding is told to its end.');
        $this->see('[aria-label=Fish]', '1 landed, 1 kept, 0 released');
        $this->fill('[data-item=ice] input', '-3');
        $this->click('.btn-primary', 'End the day');
        $this->see('[data-item=ice] .text-error', 'from 0');
        $this->fill('[data-item=ice] input', '4');
        $this->click('.btn-primary', 'End the day');
        $this->see('[role=status]', 'The day was ended');
        $this->see('[data-item=ice]', '4');
        $this->assertNothingSeriousInAnyLight();
    }

    private function tomorrow(): void
    {
        $this->click('button', 'Same spread tomorrow');
        Wait::until(fn (): bool => str_contains($this->browser->driver->getCurrentURL(), '/prepare'), 'the next day');
        $this->see('[data-item=ice] input');
        self::assertSame('4.0', $this->js('return document.querySelector("[data-item=ice] input").value'));
        $this->visit((string) preg_replace('~^.*#|prepare$~', '', $this->browser->driver->getCurrentURL()).'spread');
        $this->see('[data-holder=P2]', 'Silver Tern');
        $this->see('[data-holder=P3]', '120');
    }

    /** Whatever it says, a rod's card holds it. */
    private function fits(): void
    {
        $this->outNow('C1', '6');
        $this->see('[data-rod=C1]', 'for 41');
        self::assertSame([], $this->js(
            'return [...document.querySelectorAll("[data-rod]")].filter((rod) => [...rod.querySelectorAll("span, b")]'
                .'.some((part) => part.getBoundingClientRect().right > rod.getBoundingClientRect().right + 0.5))'
                .'.map((rod) => rod.dataset.rod)',
        ));
    }

    private function outNow(string $rod, string $figure): void
    {
        $this->act($this->browser, $rod, 'let_out');
        $this->fill('#out-now', $figure);
        $this->click('dialog .btn-primary', 'It is so');
    }

    private function letOutOf(string $rod): float
    {
        return (float) array_column($this->api(self::TRIP.'/watch')['rods'], null, 'holder')[$rod]['line']['let_out'];
    }

    /** @return array<string, string> by rod */
    private function depths(string $each, ?string $code): array
    {
        /** @var array<string, string> */
        return $this->js(
            'return Object.fromEntries([...document.querySelectorAll(arguments[0])].map((e) => '
                .'[arguments[1] ? e.getAttribute(arguments[1]) : e.querySelector("b").textContent, '
                .'e.querySelector(".depth").textContent]).sort())',
            $each, $code,
        );
    }
}
