<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\LooksWithAxe;
use Tests\Support\Running\RunningApp;

final class AccessibilityTest extends BrowserTestCase
{
    use LooksWithAxe;

    /** @return iterable<string, array{string, string}> */
    public static function screens(): iterable
    {
        yield 'trips' => ['/', '#next'];
        yield 'prepare' => ['/trips/{next}/prepare', '[data-verdict]'];
        yield 'water' => ['/trips/{next}/water', '[data-advice=speed]'];
        yield 'ground' => ['/trips/{next}/ground', '#ground-file'];
        yield 'spread' => ['/trips/{next}/spread', '[data-holder=S1] .depth b'];
        yield 'deck card' => ['/trips/{next}/deck-card', '.sheet tbody tr'];
        yield 'devices' => ['/devices', '[name=role]'];
        yield 'watch' => ['/trips/{next}/watch', '[data-rod=S1] .depth'];
        yield 'log' => ['/trips/{past}/log', '[data-testid=bites] .bite'];
        yield 'lure box' => ['/trips/{next}/lures', '[data-first]'];
        yield 'boat' => ['/boat', '[data-tip=P1]'];
        yield 'instruments' => ['/boat/instruments', '#transducer'];
        yield 'locker' => ['/locker/lures', '.piece'];
        yield 'a lure' => ['/locker/lures/1', '.page table'];
        yield 'a reel' => ['/locker/reels/1', '#counter-pulled'];
        yield 'drills' => ['/drills', '.kind'];
        yield 'labels' => ['/locker/labels', '[data-label=P1]'];
    }

    #[DataProvider('screens')]
    public function test_axe_finds_nothing_serious(string $path, string $shown): void
    {
        $this->visit($path);
        $this->see($shown);
        $this->assertNothingSeriousInAnyLight();
        // It stood for a while now: what is on the screen is asked for once, not over and over.
        $asked = $this->js(
            'return performance.getEntriesByType("resource").map((e) => e.name).filter((name) => name.includes("/api/"))',
        );
        self::assertLessThan(20, count((array) $asked), implode(' ', (array) $asked));
    }

    #[DataProvider('screens')]
    public function test_on_phone_and_tablet_only_the_rail_scrolls_sideways(string $path, string $shown): void
    {
        foreach ([[390, 844], [820, 1180]] as $size) {
            $this->browser->resize(...$size);
            $this->visit($path);
            $this->see($shown);
            self::assertSame([], $this->scrolledSideways(), implode(' × ', $size));
        }
    }

    private function scrolledSideways(): mixed
    {
        return $this->js(<<<'JS'
            return [document.scrollingElement, ...document.querySelectorAll('body *')]
                .filter((part) => !part.matches('.rail') && part.scrollWidth > part.clientWidth + 1)
                .filter((part) => part === document.scrollingElement
                    || ['auto', 'scroll'].includes(getComputedStyle(part).overflowX))
                .map((part) => `${part.tagName}.${part.className}`);
            JS);
    }

    public function test_on_a_phone_the_spread_is_seen_from_one_side_at_a_time(): void
    {
        $this->browser->resize(390, 844);
        $this->visit('/trips/{next}/spread');
        $this->see('svg[aria-label^="Stern view"]');
        $drawn = fn (): mixed => $this->js(
            "return document.querySelectorAll(':is([aria-label^=Stern], [aria-label^=Long], [aria-label^=Seen])').length",
        );
        self::assertSame(1, $drawn());
        $this->click('.views-switch button', 'From the side');
        $this->see('svg[aria-label^="Long view"]');
        self::assertSame(1, $drawn());
        $this->keys('w');
        $this->see('svg[aria-label^="Stern view"]');
        $this->keys('w');
        $this->see('svg[aria-label^="Seen from above"]');
        self::assertSame(1, $drawn());
    }

    /** @return iterable<string, array{string, string, string, string}> screen, what opens it, its text, what is then shown */
    public static function opened(): iterable
    {
        yield 'what is to be looked at' => ['/trips/{next}/spread', '[aria-controls=to-look-at]', 'look at', '#to-look-at li'];
        yield 'the current' => ['/trips/{next}/spread', '[aria-controls=current]', 'current', '#current input'];
        yield 'the keys' => ['/trips/{next}/spread', '[aria-label=Keys]', '?', 'dialog[open]'];
        yield 'a draft to make' => ['/trips/{next}/spread', 'Plan', 'Draft a spread', 'dialog[open] .btn-primary'];
        yield 'the setting order' => ['/trips/{next}/spread', 'Plan', 'Setting order', 'dialog[open] [data-order]'];
        yield 'bands and bottom' => ['/trips/{next}/spread', 'Plan', 'Bands and bottom', '#profile-file'];
        yield 'kept spreads' => ['/trips/{next}/spread', 'Plan', 'Start from a kept', '#template-name'];
        yield 'files' => ['/trips/{next}/spread', 'Plan', 'Files', '#spread-file'];
        yield 'opinions' => ['/trips/{next}/spread', '[role=tab]', 'opinions', '#sounding'];
        yield 'how it is fished' => ['/trips/{next}/spread', '[role=tab]', 'how', '[data-craft]'];
        yield 'figures' => ['/trips/{next}/spread', '[role=tab]', 'figures', '[id="figure-main.diameter"]'];
        yield 'from above' => [
            '/trips/{next}/spread', '.views-switch button', 'From above', 'svg[aria-label^="Seen from above"]',
        ];
        yield 'a rod taken out' => ['/trips/{next}/spread', 'aside button', 'Take out', '.card.empty'];
        yield 'one rod of the card' => ['/trips/{next}/deck-card', 'button', 'One rod at a time', '.moves'];
        yield 'a chore' => ['/trips/{next}/prepare', '[data-chore=ice] .what', 'Ice', 'dialog[open] form'];
        yield 'a forecast typed' => ['/trips/{next}/prepare', 'button', 'Forecast', 'dialog[open] table'];
        yield 'limits of one’s own' => ['/trips/{next}/prepare', 'button', 'Your limits', '#rule-wind'];
        yield 'the trip itself' => ['/trips/{next}/prepare', 'header button', 'Trip', 'dialog[open] form'];
        yield 'temperatures' => ['/trips/{next}/water', 'button', 'Temperatures', 'dialog[open] tbody tr'];
        yield 'advice opened' => ['/trips/{next}/water', '[data-advice=leader] .row', 'Leader', '[data-advice=leader] form'];
        yield 'a band opened' => ['/trips/{next}/water', '[data-water-band=king] .row', 'king', '[data-water-band=king] input'];
        yield 'a new trip' => ['/', 'button', 'New trip', 'form input[type=date]'];
        yield 'limits of a new trip' => ['/', 'button', 'New trip', 'form details summary'];
        yield 'a bite with nothing filled in' => ['/trips/{next}/log', 'button', 'Log the bite', '.text-error'];
    }

    #[DataProvider('opened')]
    public function test_axe_finds_nothing_serious_in_what_is_opened(
        string $path, string $opener, string $text, string $shown,
    ): void {
        $this->visit($path);
        if (str_ends_with($path, 'spread')) {
            $this->see('[data-holder=S1] .depth b');
        }
        if ($opener === 'Plan') {
            $this->click('[aria-controls=plan-tasks]', 'Plan');
            $opener = '#plan-tasks button';
        }
        $this->click($opener, $text);
        $this->see($shown);
        $this->assertNothingSeriousInAnyLight();
    }

    public function test_axe_finds_nothing_serious_where_a_device_is_let_in(): void
    {
        $this->visit('/devices');
        $this->click('label', 'guest');
        $this->click('button', 'Show a code');
        $this->see('[data-testid=code] svg, [data-testid=code] .text-error');
        $this->assertNothingSeriousInAnyLight();
        $this->browser->asks = RunningApp::BOAT;
        try {
            $this->visit('/');
            $this->see('h1', 'This device is not aboard');
            $this->click('button', 'Come aboard');
            $this->see('.text-error', 'Must be a name');
            $this->assertNothingSeriousInAnyLight();
        } finally {
            $this->browser->asks = RunningApp::LAPTOP;
        }
    }

    public function test_every_control_of_the_planning_table_is_reached_by_tab_and_shows_it(): void
    {
        $this->openSpread();
        $reached = [];
        for ($i = 0; $i < 60; $i++) {
            $this->keys(WebDriverKeys::TAB);
            $focus = $this->js(
                'const e = document.activeElement; return [e.getAttribute("aria-label") || e.textContent.trim().slice(0, 20) '
                    .'|| e.id, getComputedStyle(e).outlineStyle]',
            );
            if ($focus[0] !== '' && $this->js('return document.activeElement !== document.body')) {
                self::assertNotSame('none', $focus[1], "{$focus[0]} shows its focus");
                $reached[] = $focus[0];
            }
        }
        foreach (['Trips', 'Slower', 'Faster', 'Turn', 'Undo', 'Keys', 'Take out'] as $control) {
            self::assertContains($control, $reached);
        }
    }

    #[DataProvider('screens')]
    public function test_the_red_light_is_red_only(string $path, string $shown): void
    {
        $this->visit('/');
        $this->js('localStorage.setItem("admek.theme", "red")');
        $this->browser->driver->navigate()->refresh();
        $this->visit($path);
        $this->see($shown);
        $picture = sys_get_temp_dir().'/admek-red-'.bin2hex(random_bytes(4)).'.png';
        $this->browser->picture($picture);
        $brightest = $this->browser->driver->executeAsyncScript(<<<'JS'
            const done = arguments[1];
            const image = new Image();
            image.onload = () => {
                const canvas = new OffscreenCanvas(image.width, image.height).getContext('2d');
                canvas.drawImage(image, 0, 0);
                const { data } = canvas.getImageData(0, 0, image.width, image.height);
                let [red, other] = [0, 0];
                for (let i = 0; i < data.length; i += 4) {
                    red = Math.max(red, data[i]);
                    other = Math.max(other, data[i + 1], data[i + 2]);
                }
                done([red, other]);
            };
            image.src = 'data:image/png;base64,' + arguments[0];
            JS, [base64_encode((string) file_get_contents($picture))]);
        unlink($picture);

        self::assertGreaterThan(200, $brightest[0]);
        self::assertLessThan(24, $brightest[1], 'no green or blue is lit');
    }

    public function test_a_phone_changes_its_light_too(): void
    {
        $this->browser->resize(390, 844);
        $this->visit('/trips/{next}/log');
        $this->click('nav button', 'day');
        $this->click('nav button', 'dusk');
        $this->see('nav button', 'red');
        self::assertSame('red', $this->js('return document.documentElement.dataset.theme'));
        self::assertLessThanOrEqual(390, $this->js('return document.scrollingElement.scrollWidth'));
    }
}
