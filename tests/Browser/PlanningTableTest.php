<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\Running\Wait;

final class PlanningTableTest extends BrowserTestCase
{
    public function test_from_the_trips_to_every_line_s_depth(): void
    {
        $this->visit('/');
        $this->see('h2', 'Dunmarl Bank');
        $this->click('a', 'Open the spread');
        $this->see('[data-holder=S1] .depth b');

        foreach ([
            'P1' => 10,
            'P2' => 15,
            'P3' => 65,
            'P4' => 90,
            'P5' => 95,
            'C1' => 41,
            'C2' => 10,
            'S5' => 52,
            'S4' => 95,
            'S3' => 70,
            'S2' => 20,
            'S1' => 12,
        ] as $holder => $feet) {
            self::assertEqualsWithDelta($feet, $this->depth($holder), 1, $holder);
            self::assertSame((string) $this->depth($holder), $this->sternLabel($holder), 'the stern view agrees with the rail');
        }
    }

    public function test_let_out_by_key_moves_every_view_and_is_kept(): void
    {
        $this->openSpread();
        $this->click('[data-holder=P3]');
        $before = $this->depth('P3');
        $curve = $this->js('return document.querySelector(".line.chosen path").getAttribute("d")');
        $this->keys(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN);
        $this->see('[data-holder=P3] .out', '170 ft out');
        Wait::until(fn (): bool => $this->depth('P3') > $before + 4, 'P3 deeper');

        self::assertSame((string) $this->depth('P3'), $this->sternLabel('P3'));
        self::assertNotSame($curve, $this->js('return document.querySelector(".line.chosen path").getAttribute("d")'));
        $this->waitUntilKept();
        $deeper = $this->depth('P3');
        $this->browser->driver->navigate()->refresh();
        $this->waitForDepth('P3', $deeper);
        $this->see('[data-holder=P3] .out', '170 ft out');
    }

    public function test_the_rail_by_keyboard_alone(): void
    {
        $this->openSpread();
        $this->keys(
            WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT,
        );
        $this->see('[data-holder=P5][aria-selected=true]');
        $this->keys(WebDriverKeys::SHIFT, WebDriverKeys::ARROW_UP, WebDriverKeys::NULL);
        $this->see('[data-holder=P5] .out', '93 cable');
        $this->keys('g');
        $this->keys('80', WebDriverKeys::ENTER);
        $this->waitForDepth('P5', 80);
        $this->see('#run-at-said', 'Set:');
        $this->js('document.activeElement.blur()');
        $this->keys('?');
        $this->see('dialog[open] h2', 'Keys');
        $this->keys(WebDriverKeys::ESCAPE);
        Wait::until(fn (): bool => $this->js('return document.querySelector("dialog[open]")') === null, 'the keys to close');
        $this->keys('/');
        Wait::until(fn (): bool => $this->js('return document.activeElement.id') === 'lure_id', 'the lure to be chosen');
    }

    public function test_speed_by_key_and_by_mouse_is_a_what_if_until_it_is_planned(): void
    {
        $this->openSpread();
        $planned = $this->depth('C1');
        $this->keys(']', ']');
        $this->see('[data-testid=speed]', '2.5');
        Wait::until(fn (): bool => $this->depth('C1') < $planned - 2, 'C1 higher at 2.5 mph');
        $this->see('.what-if');
        self::assertSame('kept', $this->see('[data-keeping]')->getAttribute('data-keeping'), 'a what-if is not an edit');
        $this->keys('p');
        $this->waitForDepth('C1', $planned);

        $this->click('[aria-label=Slower]');
        $this->see('[data-testid=speed]', '2.2');
        $this->click('button', 'Plan it');
        $this->waitUntilKept();
        $slower = $this->depth('C1');
        $this->browser->driver->navigate()->refresh();
        $this->see('[data-testid=speed]', '2.2');
        $this->waitForDepth('C1', $slower);
    }

    public function test_a_turn_sinks_the_inside_line(): void
    {
        $this->openSpread();
        $port = $this->depth('P2');
        $starboard = $this->depth('S2');
        $this->keys(',', ',', ',', ',', ',');
        $this->see('label b', 'to port');
        Wait::until(fn (): bool => $this->depth('P2') > $port + 2, 'P2 deeper inside the turn');
        self::assertLessThan($starboard, $this->depth('S2'));
        $this->keys('0');
        $this->waitForDepth('P2', $port);
    }

    public function test_undo_and_redo_by_key_and_by_mouse(): void
    {
        $this->openSpread();
        $this->click('[data-holder=S3]');
        $first = $this->depth('S3');
        $this->keys(WebDriverKeys::ARROW_UP);
        $this->see('[data-holder=S3] .out', '160 ft out');
        $this->fill('#let-out', '120')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-holder=S3] .out', '120 ft out');
        $this->click('[aria-label=Undo]');
        $this->see('[data-holder=S3] .out', '160 ft out');
        $this->keys(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL);
        $this->see('[data-holder=S3] .out', '165 ft out');
        $this->waitForDepth('S3', $first);
        $this->click('[aria-label=Redo]');
        $this->see('[data-holder=S3] .out', '160 ft out');
        $this->waitUntilKept();
    }

    public function test_what_is_not_usable_is_said_beside_its_field_and_stays(): void
    {
        $this->openSpread();
        $this->click('[data-holder=P3]');
        $depth = $this->depth('P3');
        $this->fill('#let-out', 'forty')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#let-out-wrong', '“forty” is not a number');
        self::assertSame('forty', $this->see('#let-out')->getAttribute('value'));
        $this->fill('#let-out', '99999')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#let-out-wrong', 'from 7 to 393 ft');
        self::assertSame('99999', $this->see('#let-out')->getAttribute('value'));
        $this->see('[data-holder=P3] .flag', 'not usable');
        $this->see('[data-keeping=refused]');
        $this->fill('#let-out', '150')->sendKeys(WebDriverKeys::ENTER);
        $this->waitForDepth('P3', $depth);
        $this->waitUntilKept();
    }

    public function test_an_unreachable_depth_says_how_far_it_goes_and_what_would_help(): void
    {
        $this->openSpread();
        $this->click('[data-holder=C1]');
        $this->fill('#run-at', '90')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#run-at-said', 'C1: no number of colours gets there: 41 ft is as near as it comes.');
        $this->see('#run-at-said', 'more colours');
        $this->fill('#run-at', '41')->sendKeys(WebDriverKeys::ENTER);
        Wait::until(fn (): bool => ! str_contains(
            (string) $this->js('return document.querySelector("#run-at-said")?.textContent ?? ""'), 'as near',
        ), 'what is offered to be taken');
        $this->waitForDepth('C1', 41);
        $this->fill('#run-at', 'deep')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#run-at-said', 'Must be a depth in feet');
        $this->fill('#run-at', '30')->sendKeys(WebDriverKeys::ENTER);
        $this->waitForDepth('C1', 30);
        $this->see('[data-holder=C1] .out', 'colours');
    }

    public function test_it_all_stands_on_one_screen_and_no_label_covers_another(): void
    {
        $this->openSpread();
        foreach (['P1', 'P2', 'P3', 'P5', 'C1', 'C2'] as $holder) {
            $this->click("[data-holder={$holder}]");
            self::assertSame(0, $this->js('return document.scrollingElement.scrollHeight - innerHeight'), 'no scrolling');
            self::assertLessThanOrEqual(
                0,
                $this->js('const p = document.querySelector("aside section"); return p.scrollHeight - p.clientHeight'),
                "the rod panel of {$holder} fits",
            );
        }
        foreach ([[], [']', ']', ']', ']'], ['[', '[', '[', '[', '[', '[', '[', '[']] as $keys) {
            $this->keys('p', ...$keys);
            $this->see(
                '[data-testid=speed]', number_format(2.3 + 0.1 * (($keys[0] ?? '') === '[' ? -count($keys) : count($keys)), 1),
            );
            $covered = $this->js(<<<'JS'
                const overlaps = [];
                for (const view of document.querySelectorAll('.views > svg')) {
                    const texts = [...view.querySelectorAll('.label text')];
                    const boxes = texts.map((t) => [t.textContent, t.getBoundingClientRect()]);
                    boxes.forEach(([a, p], i) => boxes.slice(i + 1).forEach(([b, q]) => {
                        const across = Math.min(p.right, q.right) - Math.max(p.left, q.left);
                        const down = Math.min(p.bottom, q.bottom) - Math.max(p.top, q.top);
                        if (across > 3 && down > 9) overlaps.push(`${a} / ${b}: ${across} × ${down}`);
                    }));
                }
                return overlaps;
                JS);
            self::assertSame([], $covered);
        }
        self::assertSame(
            [],
            $this->js(
                'return [...document.querySelectorAll(".rail *")].filter((e) => e.scrollWidth > e.clientWidth + 1 && '
                    .'e.clientWidth > 0 && getComputedStyle(e).display !== "inline").map((e) => e.textContent)',
            ),
            'nothing on the rail is clipped',
        );
    }

    public function test_no_rod_s_panel_runs_over_its_edge(): void
    {
        $this->openSpread();
        foreach (['P1', 'P3', 'P5', 'C1', 'C2'] as $rod) {
            $this->click(".rail [data-holder={$rod}]");
            $this->see("aside section[aria-label='Rod {$rod}'] [role=tabpanel] input");
            $over = $this->js('const p = document.querySelector("aside section"); return p.scrollWidth - p.clientWidth');
            self::assertSame(0, $over, $rod);
        }
    }

    public function test_nothing_is_asked_of_another_host_and_nothing_is_complained_of(): void
    {
        $this->openSpread();
        $hosts = $this->js('return [...new Set(performance.getEntriesByType("resource").map((e) => new URL(e.name).host))]');

        self::assertSame(["127.0.0.1:{$this->app->port}"], $hosts);
        self::assertSame([], array_column($this->browser->driver->manage()->getLog('browser'), 'message'));
        self::assertTrue(
            $this->js(
                'return document.fonts.check("16px \"Atkinson Hyperlegible Next Variable\"") && document.fonts.check("600 16px '
                    .'\"Barlow Semi Condensed\"")',
            ),
        );
    }

    private function sternLabel(string $holder): string
    {
        return $this->see("[data-label={$holder}] .depth")->getText();
    }
}
