<?php

declare(strict_types=1);

namespace Tests\Browser;

use Symfony\Component\Process\Process;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\Running\RunningApp;

final class DeckCardTest extends BrowserTestCase
{
    /** A4 and letter, in. */
    private const PAPERS = [['paperWidth' => 8.27, 'paperHeight' => 11.69], ['paperWidth' => 8.5, 'paperHeight' => 11.0]];

    public function test_the_card_stands_in_setting_order_and_prints_on_one_page(): void
    {
        $this->visit('/trips/{next}/spread');
        $this->click('nav a', 'Deck card');
        $this->see('.sheet tbody tr');
        self::assertSame(
            ['P1', 'S1', 'P2', 'S2', 'C2', 'C1', 'P3', 'S3', 'P4', 'S4', 'P5', 'S5'],
            $this->js('return [...document.querySelectorAll(".sheet .rod")].map((e) => e.textContent)'),
        );
        self::assertSame(
            ['142', '150', '156'],
            $this->js(
                'const r = [...document.querySelectorAll(".sheet tbody tr")].find((e) => e.querySelector(".rod").textContent '
                    .'=== "P3"); return [...r.querySelectorAll("td.num")].slice(1).map((e) => '
                        .'parseInt(e.textContent).toString())',
            ),
        );

        foreach (self::PAPERS as $paper) {
            $printed = $this->printed($paper);
            self::assertCount(1, $printed, 'one page');
            self::assertStringContainsString('at 2.0 mph', $printed[0]);
            self::assertMatchesRegularExpression('/7\s+P3\s+65 ±7\s+142\s+150 ft\s+156\s+Slate Lantern/', $printed[0]);
            self::assertStringContainsString(
                'no wraps of line round a hand',
                strtolower((string) preg_replace('/\s+/', ' ', $printed[0])),
                'down to the last word',
            );
        }
        $this->browser->devTools()->execute('Emulation.setEmulatedMedia', ['media' => 'print']);
        self::assertFalse($this->see('nav')->isDisplayed());
        self::assertSame(
            ['rgb(0, 0, 0)', 'rgb(255, 255, 255)'],
            $this->js('const s = getComputedStyle(document.querySelector(".sheet")); return [s.color, s.backgroundColor]'),
        );
    }

    public function test_sixteen_lines_still_go_on_one_page(): void
    {
        $this->app = RunningApp::empty();
        $this->sixteenLines();
        $this->visit('/trips/{past}/deck-card');
        $this->see('.sheet tbody tr');
        self::assertCount(
            16, (array) $this->js('return [...document.querySelectorAll(".sheet tbody tr")].map((e) => e.textContent)'),
        );
        foreach (self::PAPERS as $paper) {
            $printed = $this->printed($paper);
            self::assertCount(1, $printed, 'one page');
            self::assertSame(16, preg_match_all('/^\s*\d+\s+[PS]\d\s+\d+ [±−]/m', $printed[0]), 'all of them on it');
        }
        $this->visit('/trips/{past}/spread');
        $this->see('[data-holder=S1] .depth b');
        self::assertSame(
            [],
            $this->js(
                'return [...document.querySelectorAll(".rail *")].filter((e) => e.scrollWidth > e.clientWidth + 1 && '
                    .'e.clientWidth > 0 && getComputedStyle(e).textOverflow !== "ellipsis" && getComputedStyle(e).display !== '
                        .'"inline").map((e) => e.textContent)',
            ),
            'nothing on the rail is clipped',
        );
    }

    /**
     * The page as a printer gets it, read by another program.
     *
     * @param  array{paperWidth: float, paperHeight: float}  $paper
     * @return list<string> the text of each page
     */
    private function printed(array $paper): array
    {
        $pdf = (string) base64_decode(
            $this->browser->devTools()->execute('Page.printToPDF', $paper + ['preferCSSPageSize' => false])['data'], true,
        );
        $read = new Process(['pdftotext', '-layout', '-', '-'], input: $pdf);

        return array_values(
            array_filter(explode("\f", $read->mustRun()->getOutput()), static fn (string $page): bool => trim($page) !== ''),
        );
    }

    /** A boat of sixteen rods, a line on each, made as a captain's page would. */
    private function sixteenLines(): void
    {
        $this->visit('/');
        $made = $this->browser->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const headers = { 'Content-Type': 'application/json', Accept: 'application/json' };
            const send = async (method, path, body) =>
                (await fetch('/api' + path, { method, headers, body: body && JSON.stringify(body) })).json();
            (async () => {
                const holders = ['port', 'starboard'].flatMap((side, at) => Array.from({ length: 8 }, (_, i) => ({
                    code: side[0].toUpperCase() + (i + 1), side, kind: i === 7 ? 'boom' : 'rod',
                    aft: -5.2 + 0.8 * i, starboard: (at ? 1 : -1) * (2.1 + 0.1 * i), height: i === 7 ? 1 : 3.6 - 0.3 * i })));
                const boat = await send('POST', '/boat', {
                    name: 'Sixteen', length: 12, beam: 4, units: 'us', lines_per_angler: 3, holders, starter_locker: true });
                const gear = await send('GET', '/locker');
                const named = (list, name) => gear[list].find((item) => item.name === name).id;
                const trip = await send('POST', '/trips', {
                    date: '2031-05-01', lines_in: '06:00', back_by: '12:00', ground: 'Hollow Reef', anglers: 6, line_limit: 18,
                    species: ['king'], bottom: 60 });
                const common = {
                    reel_id: named('reels', 'Nylon 20 lb'), lure_id: named('lures', 'Magnum spoon, glow'),
                    leader_material: 'fluorocarbon', leader_test: 25, leader_length: 1.8288, attractor: 'large_flasher' };
                const lines = boat.holders.map((holder, i) => ({ holder_id: holder.id, ...common, ...(holder.kind === 'boom'
                    ? { presentation: 'rigger', let_out: 40, lead: 6, ball_id: named('balls', 'Ball 12 lb') }
                    : i % 8 < 4
                      ? { presentation: 'segment', reel_id: named('reels', 'Core 27 lb, 3 colours'), let_out: 20, colours: 2.5,
                          lead: 9, board_id: named('boards', 'Large board'), board_out: 60 - 8 * (i % 8) }
                      : { presentation: 'diver', reel_id: named('reels', 'Braid 30 lb, counter'), let_out: 30 + 12 * (i % 4),
                          dial: 3.5 - (i % 4), diver_id: named('divers', 'Large diver, ringed') }) }));
                done(await send('PUT', '/spreads/' + trip.spreads[0].id, { version: 1, speed: 1.028, lines }));
            })().catch((error) => done(String(error)));
            JS);
        self::assertCount(16, $made['lines'] ?? [], (string) json_encode($made));
        $this->browser->driver->navigate()->refresh();
    }

    public function test_on_a_phone_it_is_one_rod_at_a_time(): void
    {
        $this->browser->resize(390, 844);
        $this->visit('/trips/{next}/deck-card');
        $this->see('[data-testid=setting]', '90');
        self::assertLessThanOrEqual(390, $this->js('return document.scrollingElement.scrollWidth'));
        self::assertLessThanOrEqual(
            844, $this->js('return document.querySelector(".moves").getBoundingClientRect().bottom'), 'its buttons are in reach',
        );
        $this->see('.rod', 'clear P2');
        $this->click('.moves button', 'P1 is set');
        $this->see('[data-testid=setting]', '120');
        $this->see('.steps .set', 'P1');
        $this->click('.moves button', 'Back');
        $this->see('.moves button', 'P1 is in the boat');
        $this->browser->driver->navigate()->refresh();
        $this->see('.steps .set', 'P1');
        $this->click('.moves button', 'P1 is in the boat');
        $this->see('.moves button', 'P1 is set');
        $this->see('.steps li:not(.set)', 'P1');
        $this->click('button', 'The whole card');
        $this->see('td.planned', '90');
    }
}
