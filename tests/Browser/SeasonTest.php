<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\LooksWithAxe;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/** The season on its page, what tomorrow begins with, and what guests take home. */
final class SeasonTest extends BrowserTestCase
{
    use LooksWithAxe;

    protected function startApp(): RunningApp
    {
        return RunningApp::withSeason();
    }

    public function test_rates_are_sorted_asked_for_by_ground_and_told_apart(): void
    {
        $this->visit('/season');
        $this->see('[data-testid=in-all]', 'an hour of one line');
        $this->see('[data-testid=factor] tbody tr');
        $looks = $this->js(
            'return [...document.querySelectorAll("[data-testid=factor] tbody td:nth-child(4) b")].map((b) => b.textContent)',
        );
        $best = $looks;
        rsort($best);
        self::assertSame($best, $looks, 'the best as it looks is first');
        $this->click('[data-testid=factor] thead button', 'bites');
        $bites = $this->numbers(3);
        $falling = $bites;
        rsort($falling);
        self::assertSame($falling, $bites);
        $this->click('[data-testid=factor] thead button', 'lure');
        $names = $this->levels();
        $rising = $names;
        sort($rising);
        self::assertSame($rising, $names);
        $this->click('[role=tab]', 'running depth');
        $this->see('[data-testid=factor] tbody th', 'ft');
        $this->click('button', 'by the sun');
        $this->see('main', 'with the sun');
        $all = (int) $this->see('[data-testid=in-all] b')->getText();
        $this->choose('select', 'Gannet Rise');
        Wait::until(fn (): bool => (int) $this->see('[data-testid=in-all] b')->getText() < $all, 'one ground alone');
        $this->fill('[aria-label="Find a day"]', 'no such ground');
        $this->see('[data-testid=days]', 'No day is called so.');
        $this->assertNothingSeriousInAnyLight();
    }

    public function test_a_lure_that_always_hung_at_the_best_depth_is_seen_through(): void
    {
        $this->visit('/season');
        $this->see('[data-testid=in-all]');
        $this->confounded();
        $this->browser->driver->navigate()->refresh();
        $this->see('[data-testid=days] li', 'Made-up Reef');
        $this->choose('select', 'Made-up Reef');
        $this->see('[data-testid=in-all]', 'on 1 trip');
        $rows = [];
        foreach ($this->levels() as $i => $lure) {
            $rows[$lure] = $this->js(
                'return [...document.querySelectorAll("[data-testid=factor] tbody tr")][arguments[0]].innerText', $i,
            );
        }
        [$confounded, $other] = [$rows['Blue Hour'], $rows['Silver Tern']];
        $look = static fn (string $row): float => (float) preg_replace('/^.*?(\d\.\d\d).*$/s', '$1', $row);
        self::assertGreaterThan(1.8 * $look($other), $look($confounded), 'as it looks it is far better');
        $times = (float) preg_replace('/^.*?×(\d\.\d).*$/s', '$1', $confounded);
        self::assertEqualsWithDelta(1.0, $times, 0.25, 'all else alike it is like any other');
    }

    public function test_tomorrow_begins_with_it_until_it_is_refused_with_a_tap(): void
    {
        $this->visit('/season');
        $this->see('[data-testid=start]', 'Begin with');
        $this->see('[data-testid=start] li', 'Keep testing');
        $this->visit('/trips/{next}/water');
        $this->see('[data-advice=record]', 'Begin at');
        $this->click('[data-advice=record] button');
        $this->click('[data-advice=record] button', 'Refuse it');
        $this->see('[data-advice=record][data-state=refused]');
        $this->visit('/trips/{next}/lures');
        $this->see('main', 'Your log:');
    }

    public function test_a_day_stands_on_a_line_of_time_beside_another_and_its_page_goes_home(): void
    {
        $this->visit('/trips/{past}/log');
        $this->see('a', 'The guests’ page');
        $page = (string) file_get_contents($this->app->api('/trips/{past}/guests-page'));
        $file = tempnam(sys_get_temp_dir(), 'guests').'.html';
        file_put_contents($file, $page);
        $this->browser->driver->get("file://{$file}");
        $this->see('h1', 'A day on Second Lamp');
        self::assertSame(0, $this->js('return performance.getEntriesByType("resource").length'), 'it asks for nothing');
        unlink($file);
        $season = (int) $this->api('/season')['days'][2]['trip'];
        $this->browser->driver->get($this->app->url("/trips/{$season}/log"));
        $this->see('h2', 'The day');
        Wait::until(fn (): bool => $this->js('return document.querySelectorAll("svg .bar").length') > 11, 'twelve lines');
        $this->js(
            'const s = document.querySelector("section select"); s.selectedIndex = 2; '
                .'s.dispatchEvent(new Event("change", { bubbles: true }))',
        );
        $many = fn (string $css): int => $this->js('return document.querySelectorAll(arguments[0]).length', $css);
        Wait::until(static fn (): bool => $many('section svg') === 2, 'the other beside it');
        $all = $many('[data-testid=day-log] > li');
        $this->fill('[aria-label="Find in what happened"]', 'landed');
        Wait::until(static fn (): bool => $many('[data-testid=day-log] > li') < $all, 'few');
    }

    /** Two lures at two depths on a ground of their own: one hangs where it bites alone, the other there and elsewhere. */
    private function confounded(): void
    {
        $trip = $this->api('/trips')[0];
        $this->js(<<<'JS'
            window.made = null;
            (async () => {
                const json = async (path, method, body) => (await fetch(`/api${path}`, {
                    method, headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
                    ...(body ? { body: JSON.stringify(body) } : {}),
                })).json();
                const fresh = await json('/trips/new', 'GET');
                const trip = await json('/trips', 'POST', {
                    ...fresh, ground: 'Made-up Reef', species: ['king'], date: '2026-05-04', lines_in: '06:00', back_by: '16:00',
                    place_sure: true,
                });
                const like = await json(`/spreads/${arguments[0]}`, 'GET');
                const lures = Object.fromEntries((await json('/locker', 'GET')).lures.map(({ name, id }) => [name, id]));
                const line = (code, lure) => {
                    const holder = like.boat.holders.find((one) => one.code === code);
                    return { ...like.lines.find(({ holder_id }) => holder_id === holder.id), lure_id: lures[lure] };
                };
                const events = [];
                const tell = (kind, minute, more) => events.push({
                    uuid: crypto.randomUUID(), kind, at: new Date(Date.UTC(2026, 4, 4, 9, minute)).toISOString(), ...more,
                });
                // Blue Hour on the deep diver alone; Silver Tern as long there, and as long on the flat line.
                const fished = (code, lure, from, bites) => {
                    const set = line(code, lure);
                    tell('out', from, { holder_id: set.holder_id, line: set });
                    for (let i = 0; i < bites; i++) {
                        const bite = { speed: like.speed, lines: [set], holder_id: set.holder_id };
                        tell('bite', from + 20 + i * 15, bite);
                        tell('missed', from + 21 + i * 15, { of: events.at(-1).uuid });
                    }
                    tell('in', from + 180, { holder_id: set.holder_id });
                };
                fished('P3', 'Blue Hour', 0, 9);
                fished('S3', 'Silver Tern', 0, 9);
                fished('C2', 'Silver Tern', 0, 1);
                fished('P3', 'Blue Hour', 200, 9);
                fished('C2', 'Silver Tern', 200, 0);
                fished('P2', 'Silver Tern', 200, 1);
                fished('P2', 'Silver Tern', 0, 0);
                const refused = [];
                for (let i = 0; i < events.length; i += 40) {
                    const kept = await json(`/trips/${trip.id}/events`, 'POST', {
                        sent_at: new Date().toISOString(), events: events.slice(i, i + 40),
                    });
                    refused.push(...(kept.refused ?? [kept]));
                }
                window.made = refused.length === 0 ? 'made' : JSON.stringify(refused[0]);
            })().catch((fault) => { window.made = String(fault); });
            JS, $trip['spreads'][0]['id']);
        Wait::until(fn (): bool => $this->js('return window.made') !== null, 'a made-up day to be told');
        self::assertSame('made', $this->js('return window.made'));
    }

    /** @return list<string> */
    private function levels(): array
    {
        return $this->js('return [...document.querySelectorAll("[data-testid=factor] tbody th")].map((one) => one.innerText)');
    }

    /** @return list<int> of a column */
    private function numbers(int $column): array
    {
        return array_values(array_map(intval(...), $this->js(
            'return [...document.querySelectorAll(`[data-testid=factor] tbody td:nth-child(${arguments[0]})`)]'
                .'.map((one) => one.innerText)',
            $column,
        )));
    }
}
