<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\Running\Wait;

/** The Prepare screen: chores, forecast, stores and the trip's own details, each with what is wrong said where it is. */
final class PrepareTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->visit('/trips/{next}/prepare');
        $this->see('[data-chore=ice]');
    }

    public function test_a_chore_is_moved_back_again_left_out_and_taken_in(): void
    {
        $this->click('[data-chore=radio_check] .what');
        $this->see('dialog', 'The time to find it dead is at the dock.');
        $this->set('Begins', '04:30');
        $this->click('dialog button', 'Keep it so');
        $this->see('[data-chore=radio_check] .clock', '4:30 AM');
        $this->click('[data-chore=radio_check] .what');
        $this->click('dialog button', 'As reckoned from lines-in');
        $this->see('[data-chore=radio_check] .clock', '5:20 AM');
        $this->click('[data-chore=radio_check] .what');
        $this->click('dialog button', 'Leave it out');
        $this->gone('[data-chore=radio_check]');
        $this->click('button.link', 'Radio check');
        $this->see('[data-chore=radio_check]');
    }

    public function test_a_chore_of_one_s_own_is_added_changed_and_taken_out(): void
    {
        $this->click('button', 'Add a chore');
        $this->click('dialog button', 'Keep it so');
        $this->see('dialog .text-error', 'Must say what is to be done');
        $this->write('What is to be done', 'Pick up Orla');
        $this->write('Whose', 'captain');
        $this->set('Begins', '19:15');
        $this->click('dialog button', 'Keep it so');
        $this->see('.chore', 'Pick up Orla');
        self::assertSame(
            '7:15 PM',
            $this->js(
                'return [...document.querySelectorAll(".chore")].find((e) => '
                    .'e.textContent.includes("Orla")).querySelector(".clock").textContent',
            ),
        );
        $this->js('[...document.querySelectorAll(".chore .what")].find((e) => e.textContent.includes("Orla")).click()');
        $this->write('What is to be done', 'Pick up Orla and the nets');
        $this->click('dialog button', 'Keep it so');
        $this->see('.chore', 'Orla and the nets');
        $this->js('[...document.querySelectorAll(".chore .what")].find((e) => e.textContent.includes("Orla")).click()');
        $this->click('dialog button', 'Take it out');
        Wait::until(fn (): bool => ! str_contains($this->see('.days')->getText(), 'Orla'), 'it to be gone');
    }

    public function test_the_calendar_holds_what_the_screen_shows(): void
    {
        $text = (string) $this->browser->driver->executeAsyncScript(
            'fetch(document.querySelector("a[download]").href).then((r) => r.text()).then(arguments[0])',
        );

        self::assertStringStartsWith('BEGIN:VCALENDAR', $text);
        self::assertSame($this->js('return document.querySelectorAll(".chore").length'), substr_count($text, 'BEGIN:VEVENT'));
        self::assertStringContainsString('Bread from the baker’s', str_replace("\r\n ", '', $text));
    }

    public function test_a_forecast_is_typed_with_what_is_not_known_left_open(): void
    {
        $this->click('button', 'Forecast…');
        $this->see('dialog tbody tr');
        foreach (range(5, 12) as $hour) {
            $at = sprintf('%d:00 %s', $hour, $hour < 12 ? 'AM' : 'PM');
            $this->type("Wind at {$at}", '7');
            $this->type("Gust at {$at}", '10');
            $this->type("Waves at {$at}", '1');
            $this->type("Visibility at {$at}", '8');
            foreach (['Lightning', 'Front'] as $flag) {
                $this->js(
                    'const s = document.querySelector(`[aria-label="${arguments[0]}"]`); s.selectedIndex = 1; '
                        .'s.dispatchEvent(new Event("change", { bubbles: true }))',
                    "{$flag} at {$at}",
                );
            }
        }
        $this->type('Gust at 8:00 AM', 'fresh');
        $this->click('dialog button', 'Use these figures');
        $this->see('dialog [role=status]', 'Gust at 8:00 AM: Must be a figure or a range, in');
        self::assertSame(
            'fresh', $this->js('return document.querySelector(`[aria-label="Gust at 8:00 AM"]`).value'), 'what was typed stays',
        );
        $this->type('Gust at 8:00 AM', '');
        $this->click('dialog button', 'Use these figures');
        $this->see('[data-verdict=unknown]', 'Gust at 8:00 AM on the ground is not known.');
        $this->click('button', 'Forecast…');
        $this->type('Gust at 8:00 AM', '11');
        $this->click('dialog button', 'Use these figures');
        $this->see('[data-verdict=go]', 'Every hour is inside your limits');
        $this->see('[data-verdict]', 'entered just now');
    }

    public function test_a_forecast_is_typed_as_it_is_read_out_and_fills_down(): void
    {
        $this->click('button', 'Forecast…');
        $this->see('dialog tbody tr');
        $said = ['Wind' => '10 kt', 'Gust' => '10–15 kt', 'From' => 'NW', 'Waves' => '1–3 ft', 'Visibility' => '8'];
        foreach ($said as $title => $words) {
            foreach (range(5, 12) as $hour) {
                $this->type(sprintf('%s at %d:00 %s', $title, $hour, $hour < 12 ? 'AM' : 'PM'), $hour === 5 ? $words : '');
            }
            $this->click('dialog button[aria-label="Fill '.strtolower($title).' down"]');
        }
        $this->click('dialog button', 'Use these figures');
        Wait::until(fn (): bool => $this->js('return document.querySelector("dialog") === null'), 'kept');
        $last = array_slice($this->api('/trips/{next}/preparation')['go']['forecast']['hours'], -1)[0];
        self::assertEqualsWithDelta(
            [10 * 1852 / 3600, 15 * 1852 / 3600, 315.0, 3 * 0.3048],
            [$last['wind'], $last['gust'], $last['from'], $last['wave']], 1e-3, 'the worse end of what was said',
        );
    }

    public function test_a_place_is_typed_as_a_plotter_shows_it_and_asked_about_where_its_sun_is_another_s(): void
    {
        $this->click('header button', 'Trip…');
        $this->click('dialog summary', 'The ground');
        $this->write('Latitude, °N', '45 18.6 N');
        $this->write('Longitude, °E', '141 24 E');
        $this->click('dialog button', 'Keep it so');
        $this->see('dialog label', 'east for west, or another clock?');
        $this->click('dialog button', 'Close');
        $this->see('dialog [role=alert]', 'What you typed is not kept yet.');
        $this->click('dialog button', 'Go on with it');
        self::assertSame('141 24 E', $this->see('#'.$this->fieldOf('Longitude, °E'))->getAttribute('value'));
        $this->write('Longitude, °E', '38.4 W');
        $this->click('dialog button', 'Keep it so');
        Wait::until(fn (): bool => $this->js('return document.querySelector("dialog") === null'), 'kept');
        $trip = $this->api('/trips/{next}');
        self::assertEqualsWithDelta([45.31, -38.4], [$trip['latitude'], $trip['longitude']], 1e-6);
    }

    public function test_each_made_up_day_says_why(): void
    {
        foreach ([
            'fog at dawn' => ['no_go', 'Visibility'],
            'onshore breeze' => ['no_go', 'Wave'],
            'settled' => ['go', 'Every hour'],
            'turning at noon' => ['no_go', 'Fit until 11:00 AM'],
        ] as $day => [$verdict, $why]) {
            $this->click('button', 'Forecast…');
            $this->click('dialog button', $day);
            $this->see("[data-verdict={$verdict}]", $why);
        }
    }

    public function test_stores_say_what_is_wrong_beside_their_field(): void
    {
        $field = '#'.$this->js('return document.querySelector("[data-item=ice] input").id');
        $this->fill($field, 'plenty')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-item=ice] .text-error', 'is not a number');
        $this->fill($field, '-4')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-item=ice] .text-error', 'Must be a number from 0');
        $this->fill($field, '20')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-item=ice]', '31.5 lb');
        $this->click('button', 'How it is reckoned');
        $this->fill('#rule-ice_guest', '4')->sendKeys(WebDriverKeys::ENTER);
        $this->see('dialog button[aria-label^="Back to 8 lb, Ice a guest"]');
        $this->click('dialog button', 'Close');
        $this->see('[data-item=ice]', '4 lb a guest');
    }

    public function test_how_long_things_take_re_times_the_morning(): void
    {
        $this->click('header button', 'Times');
        $this->fill('#rule-harbour', '25')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-chore=dock_lines] .clock', '5:25 AM');
        $this->click('dialog button[aria-label^="Back to 10 min, Slow out"]');
        $this->see('[data-chore=dock_lines] .clock', '5:40 AM');
    }

    public function test_the_trip_is_changed_or_refused_with_what_was_typed_kept(): void
    {
        $this->click('header button', 'Trip…');
        $this->click('dialog summary', 'The ground');
        $this->click('dialog summary', 'Limits');
        $this->write('Run to it, mi', 'far');
        $this->write('Most lines allowed', '10');
        $this->click('dialog summary', 'The ground');
        $this->click('dialog button', 'Keep it so');
        // What is wrong is not left folded away.
        $this->see("[id=\"{$this->fieldOf('Run to it, mi')}-wrong\"]", 'ust be a number');
        self::assertSame('far', $this->see('#'.$this->fieldOf('Run to it, mi'))->getAttribute('value'));
        $this->write('Run to it, mi', '12');
        $this->click('dialog summary', 'Who comes');
        $this->set('Back by', '06:20');
        $this->click('dialog button', 'Keep it so');
        Wait::until(fn (): bool => $this->js('return document.querySelector("dialog") === null'), 'kept');
        $this->see('header', '10 lines');
        $this->see('[data-chore=dock_lines] .clock', '5:24 AM');
        $this->click('header button', 'Trip…');
        $this->click('dialog summary', 'Who comes');
        $this->set('Back by', '06:15');
        $this->click('dialog button', 'Keep it so');
        $this->see('dialog .text-error', 'Must be later than lines-in');
    }

    private function gone(string $css): void
    {
        Wait::until(fn (): bool => $this->js('return document.querySelector(arguments[0]) === null', $css), "{$css} to be gone");
    }

    private function fieldOf(string $label): string
    {
        $this->see('dialog form');

        return (string) $this->js(
            'return [...document.querySelectorAll("dialog label")].find((e) => e.textContent.trim() === arguments[0]).htmlFor',
            $label,
        );
    }

    private function write(string $label, string $text): void
    {
        $this->fill("[id=\"{$this->fieldOf($label)}\"]", $text);
    }

    private function set(string $label, string $value): void
    {
        $this->js(
            'const e = document.getElementById(arguments[0]); e.value = arguments[1]; e.dispatchEvent(new Event("input", { '
                .'bubbles: true }));',
            $this->fieldOf($label),
            $value,
        );
    }

    private function type(string $label, string $value): void
    {
        $this->js(
            'const e = document.querySelector(`[aria-label="${arguments[0]}"]`); e.value = arguments[1]; e.dispatchEvent(new '
                .'Event("input", { bubbles: true }));',
            $label,
            $value,
        );
    }
}
