<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\FieldsByLabel;
use Tests\Support\Running\Wait;

/** The evening before a trip, from planning it to the card the deck sets from. */
final class EveningTest extends BrowserTestCase
{
    use FieldsByLabel;

    public function test_a_whole_evening(): void
    {
        // A new trip, its limits as looked up.
        $this->visit('/');
        $this->click('button', 'New trip');
        $this->click('summary', 'The ground');
        $this->click('summary', 'Limits');
        $this->labelled('Ground', 'Gannet Rise');
        $this->dated('Day', '2031-07-10');
        $this->labelled('Bottom, ft', '120');
        $this->labelled('Lines an angler', '2');
        $this->labelled('Where you looked limits up', 'the booklet');
        $this->click('button', 'Plan this trip');
        // The place of the trip it was begun from is another ground's: it is asked about before it is kept.
        $this->see('.text-error', 'This is where Dunmarl Bank lies.');
        $this->click('label', 'Gannet Rise lies there too');
        $this->click('button', 'Plan this trip');
        $this->see('header h1', 'off Gannet Rise');
        $this->see('header p', '8 lines: entered by you from “the booklet”. Check the current rules.');

        // Fit to go?
        $this->see('[data-verdict=unknown] p', 'Wind at 5:40 AM on the way out is not known');
        $this->click('button', 'Forecast…');
        $this->click('dialog button', 'turning at noon');
        $this->see('[data-verdict=no_go]', 'Fit until 11:00 AM');
        $this->click('button', 'Forecast…');
        $this->upload('#forecast-file', "time,wind mph,gust mph\n05:00,ten,12\n");
        $this->see('dialog [role=status]', 'Must be a number');
        $this->upload(
            '#forecast-file',
            "time,wind mph,gust mph,from,waves ft,visibility mi,lightning,front\n".implode(
                "\n", array_map(static fn (int $hour): string => sprintf('%02d:00,9,12,220,1,8,no,no', $hour), range(5, 12)),
            ),
        );
        $this->see('[data-verdict=unknown] [role=status]', 'Water temperature is not known.');
        $this->see('[data-verdict] p', 'Check the official marine forecast');

        // What must be ready by when.
        $this->see('[data-chore=dock_lines]', '5:40 AM');
        $this->js('document.querySelector("[data-chore=fuel] input").click()');
        $this->see('[data-chore=fuel][data-state=done]');
        $this->click('[data-chore=ice] .what');
        $this->labelled('Whose', 'Orla');
        $this->click('dialog button', 'Keep it so');
        $this->see('[data-chore=ice]', 'Orla');
        $this->click('header button', 'Trip…');
        $this->timed('Lines in', '06:45');
        $this->click('dialog button', 'Keep it so');
        $this->see('[data-chore=dock_lines]', '6:10 AM');
        self::assertNotFalse(
            $this->js('return document.querySelector("[data-chore=fuel]").dataset.state === "done"'), 'what is done stays done',
        );
        $this->see('a[download]', 'To a calendar');

        // Stores.
        $this->see('[data-item=ice]');
        $field = $this->js('return [...document.querySelectorAll("[data-item=ice] input")][0].id');
        $this->fill("[id=\"{$field}\"]", '60')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-item=ice]', 'enough');

        // The water: a probe's file, marks, signs.
        $this->click('nav a', 'Water');
        $this->see('aside', 'No temperatures and no marks');
        $this->click('button', 'Temperatures…');
        $this->upload(
            '#temperature-file',
            'Time,Depth ft,Temp '
                ."F\n06:00,0,67\n06:01,30,66\n06:02,50,63\n06:03,55,\n06:04,60,53\n06:05,66,49\n06:06,80,46\n06:07,120,44\n",
        );
        $this->see('dialog [role=status]', 'line 5: no temperature');
        $this->see('dialog [role=status]', 'temperature: “Temp F” in °F');
        $this->click('dialog button', 'Keep these');
        $this->see('[data-advice=thermocline]', 'Thermocline');
        $this->see('[data-water-band=king]', 'Water king like, 48 to 54 °F');
        $this->click('nav a', 'Prepare');
        $this->see('[data-verdict=go]', 'Every hour is inside your limits');
        $this->click('nav a', 'Water');
        $this->see('[data-advice=thermocline]');
        $this->click('footer button', 'clear');
        $this->see('[data-advice=leader]', '6.5 ft of fluorocarbon');
        $this->click('footer button', 'stained');
        $this->see('[data-advice=leader] [data-was]', 'was: 6.5 ft');
        $this->click('[data-advice=leader] .row');
        $this->click('[data-advice=leader] button', 'Pin it');
        $this->see('[data-advice=leader][data-state=pinned]');
        $this->fill('#mark-depth', '200')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#mark-said', 'above the bottom');
        $this->click('footer button', '5');
        [$x, $y] = $this->js(
            'const r = document.querySelector("svg[role=group]").getBoundingClientRect(); return [r.x + 200, r.y + r.height * '
                .'0.5]',
        );
        $this->touch([$x, $y]);
        $this->see('[data-water-band=king]', '5 fish marked from');
        self::assertCount(1, (array) $this->js('return [...document.querySelectorAll(".seen")].map((e) => 1)'));

        // By the clock, to the planning table, drafted, and onto the card.
        $this->click('[role=radio]', '8:45 AM');
        $this->see('aside p', 'At 8:45 AM');
        $this->keys('s');
        $this->see('aside p', 'The 8:45 AM bands are on the planning table');
        $this->click('aside button', 'Draft a spread');
        $this->see('dialog h2', 'Draft a spread');
        $this->click('dialog .btn-primary', 'Draft it');
        $this->see('dialog tbody tr', 'band');
        $this->click('dialog button', 'Take it whole');
        $this->waitUntilKept();
        $this->see('header p', '8 of 8 lines');
        $this->click('nav a', 'Deck card');
        $this->see('.sheet h1', 'Gannet Rise');
        self::assertCount(8, (array) $this->js('return [...document.querySelectorAll(".sheet tbody tr")].map(() => 1)'));
    }

    public function test_limits_and_rules_are_made_one_s_own_with_what_is_wrong_said(): void
    {
        $this->visit('/trips/{next}/prepare');
        $this->see('[data-verdict=no_go]');
        $this->click('button', 'Your limits');
        $this->fill('#rule-wind', 'some')->sendKeys(WebDriverKeys::ENTER);
        $this->see('dialog .text-error', 'is not a number');
        $this->fill('#rule-wind', '300')->sendKeys(WebDriverKeys::ENTER);
        $this->see('dialog .text-error', 'Must be a number from');
        foreach (['wind', 'gust', 'wave', 'front_hours'] as $limit) {
            $this->fill("#rule-{$limit}", WebDriverKeys::BACKSPACE)->sendKeys(WebDriverKeys::ENTER);
            Wait::until(
                fn (): bool => $this->js(
                    'return document.querySelector(arguments[0]).value', "#rule-{$limit}",
                ) === '' && ! str_contains($this->see('dialog')->getText(), 'Must be'),
                "{$limit} unjudged",
            );
        }
        $this->click('dialog button', 'Close');
        $this->see('[data-verdict=no_go]', 'Lightning');
        self::assertStringNotContainsString('Gust', $this->see('[data-verdict] [role=status]')->getText());
        $this->click('button', 'Your limits');
        $this->click('dialog button[aria-label^="Back to 20 mph"]');
        Wait::until(fn (): bool => $this->js('return document.querySelector("#rule-wind").value') === '20', 'the default back');
    }

    public function test_a_day_at_the_desk_by_keyboard_alone(): void
    {
        $this->visit('/trips/{next}/water');
        $this->see('[data-advice=speed]');
        $this->keys('t');
        $this->see('dialog h2', 'Temperature by depth');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->js('document.querySelector("[role=radio][aria-checked=true]").focus()');
        $this->keys(WebDriverKeys::ARROW_RIGHT);
        $this->see('[role=radio][aria-checked=true]', '7:15 AM');
        $this->js('document.querySelector(".seen").focus()');
        $before = $this->js('return document.querySelectorAll(".seen").length');
        $this->keys(WebDriverKeys::ENTER);
        Wait::until(
            fn (): bool => $this->js('return document.querySelectorAll(".seen").length') === $before - 1, 'a mark taken out',
        );
        $this->fill('#mark-depth', '58')->sendKeys(WebDriverKeys::ENTER);
        Wait::until(fn (): bool => $this->js('return document.querySelectorAll(".seen").length') === $before, 'and one put in');
    }

    /** A date field takes keys by the browser's own order of day and month; its value is set as a picker would. */
    private function dated(string $label, string $value): void
    {
        $this->js(
            'const e = document.getElementById([...document.querySelectorAll("label")].find((e) => e.textContent.trim() === '
                .'arguments[0] && e.offsetParent).htmlFor); e.value = arguments[1]; e.dispatchEvent(new Event("input", { '
                    .'bubbles: true })); e.dispatchEvent(new Event("change", { bubbles: true }));',
            $label,
            $value,
        );
    }

    private function timed(string $label, string $value): void
    {
        $this->see('dialog form');
        $this->dated($label, $value);
    }
}
