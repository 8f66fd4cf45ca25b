<?php

declare(strict_types=1);

namespace Tests\Browser;

use Admek\Core\Units\Units;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PDO;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\LooksWithAxe;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/** The planning table in time. */
final class ManoeuvreTest extends BrowserTestCase
{
    use LooksWithAxe;

    public function test_a_turn_is_scrubbed_and_its_tangle_cured_by_turning_as_gently_as_it_says(): void
    {
        $this->openSpread();
        $rest = $this->depth('S4');
        $this->keys('m');
        $this->see('[data-told=true]');
        self::assertSame('3.0', $this->figure('at'));
        $tangle = $this->see('[data-happening=tangle]')->getText();
        self::assertMatchesRegularExpression('/come within \d/', $tangle);
        self::assertSame('', trim($this->see('[data-holder=S4] .depth small')->getText()), 'a doubt is told at rest');
        $this->click('[data-happening=tangle]');
        $this->see('svg .tangle');
        $this->see('[data-happening=tangle].now');
        $this->scrub(60.0);
        Wait::until(fn (): bool => $this->depth('S4') > $rest + 4, 'the inside diver sinks');
        self::assertSame((string) $this->depth('S4'), $this->see('[data-label=S4] .depth')->getText(), 'in every view');
        $this->click('button', 'From above');
        $before = $this->js('return document.querySelector(".track").getAttribute("d")');
        $this->scrub(20.0);
        Wait::until(
            fn (): bool => $before !== $this->js('return document.querySelector(".track").getAttribute("d")'), 'another wake',
        );

        // A short turn is tried in no time.
        $lasts = fn (): string => (string) $this->js('return document.querySelector("[aria-label=Moment]").max');
        $long = $lasts();
        $this->fill('.figures input', '30')->sendKeys(WebDriverKeys::ENTER);
        Wait::until(static fn (): bool => ! in_array($lasts(), ['0', $long], true), 'a shorter one');
        $this->see('[data-told=true]');
        $this->click('button', 'How gently would do?');
        $this->click('.come button', 'Turn at');
        Wait::until(
            fn (): bool => $this->browser->driver->findElements(WebDriverBy::cssSelector('[data-told=true]')) !== []
                && $this->browser->driver->findElements(WebDriverBy::cssSelector('[data-happening=tangle]')) === [],
            'no tangle any more',
        );
        $this->keys('m');
        $this->waitForDepth('S4', $rest);
        self::assertStringContainsString('±', $this->see('[data-holder=S4] .depth small')->getText());
    }

    public function test_it_is_played_without_being_asked_for_nothing_and_follows_what_is_changed(): void
    {
        $this->openSpread();
        $this->click('.caption button', 'In time');
        $this->see('[data-told=true]');
        self::assertSame('0.0', $this->see('.player')->getAttribute('data-at'), 'nothing moves unasked');
        $this->click('.player button', '×20');
        // Space on a button is that button's own.
        $this->js('document.activeElement.blur()');
        $this->keys(' ');
        $this->see('.player button', 'Pause');
        Wait::until(fn (): bool => (float) $this->see('.player')->getAttribute('data-at') > 3.0, 'it plays');
        $this->keys(' ');
        $this->see('.player button', 'Play');

        $this->choose('.panel select', 'Out of gear');
        $this->see('.sinking li', 'on bottom');
        // Told anew the list is another one: it is read at once, not found and then asked.
        $list = fn (): string => (string) $this->js('return document.querySelector(".sinking")?.textContent ?? ""');
        $first = $list();
        $this->click('[data-holder=S4]');
        $this->keys(WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP);
        Wait::until(static fn (): bool => ! in_array($list(), ['', $first], true), 'less out touches later');
        $this->fill('.figures input', '9000')->sendKeys("\t");
        $this->see('.panel .text-error', 'from 2 to 300');
        self::assertSame('9000', $this->see('.figures input')->getAttribute('value'), 'what was typed stays');
        $this->assertNothingSeriousInAnyLight();
    }

    public function test_what_is_asked_for_is_left_when_the_hand_moves_on(): void
    {
        $this->openSpread();
        $this->click('.caption button', 'In time');
        $this->see('[data-told=true]');
        $this->click('[data-holder=S4]');
        $this->browser->driver->executeAsyncScript(<<<'JS'
            const [done] = arguments;
            const less = () => document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp', bubbles: true }));
            const look = () => {
                if (document.querySelector('aside').textContent.includes('Following every line')) {
                    less();
                    done();
                } else {
                    requestAnimationFrame(look);
                }
            };
            less();
            look();
            JS);
        Wait::until(fn (): bool => $this->js(
            'return performance.getEntriesByType("resource").some(({ name }) => name.endsWith("/manoeuvre/left"))',
        ) === true, 'the server told');
        $this->see('[data-told=true]');
    }

    public function test_out_of_gear_over_forty_feet_names_what_to_clear_first(): void
    {
        $bottom = 40.0 * Units::FOOT;
        $data = new PDO("sqlite:{$this->app->database}");
        $data->prepare('update trips set bottom = ?, profile = null, pass = null, structure = null')->execute([$bottom]);
        $data->exec('delete from spread_lines where holder_id not in (select id from holders where code in '
            ."('P1', 'P2', 'C2', 'S1', 'S2'))");
        $this->openSpread();
        // Which touches soonest is seen of the frames, whatever the list says.
        $told = (array) $this->browser->driver->executeAsyncScript(<<<'JS'
            (async ([done]) => {
                const trip = (await (await fetch('/api/trips')).json()).find(({ id }) => location.hash.includes(`/${id}/`));
                const path = `/api/spreads/${trip.spreads[0].id}`;
                const asked = {
                    ...(await (await fetch(path)).json()),
                    manoeuvre: { kind: 'out_of_gear', side: 'port', figures: { for: 120 } },
                };
                const headers = { 'Content-Type': 'application/json' };
                done(await (await fetch(`${path}/manoeuvre`, { method: 'POST', headers, body: JSON.stringify(asked) })).json());
            })(arguments);
            JS);
        $touches = [];
        foreach ($told['lines'] as ['holder' => $holder, 'frames' => $frames]) {
            $deep = array_filter($frames, static fn (array $frame): bool => $frame['depth'] >= $bottom);
            $touches[$holder] = $deep === [] ? INF : $told['times'][array_key_first($deep)];
        }
        asort($touches);
        self::assertGreaterThan(0.0, reset($touches), 'not from the start');
        self::assertLessThan(INF, reset($touches));

        $this->keys('m');
        $this->choose('.panel select', 'Out of gear');
        $first = $this->see('.sinking li', 'on bottom')->getText();
        self::assertSame(array_key_first($touches), strtok($first, " :\n"));
    }

    public function test_a_pass_is_run_in_time_over_its_own_bottom(): void
    {
        $places = json_encode(['places' => [[45.0, -38.0], [45.0036, -38.0], [45.0036, -37.995]]]);
        $profile = json_encode([
            ['along' => 0.0, 'depth' => 60.0], ['along' => 500.0, 'depth' => 60.0], ['along' => 780.0, 'depth' => 20.0],
        ]);
        $data = new PDO("sqlite:{$this->app->database}");
        $data->prepare('update trips set pass = ?, profile = ?')->execute([$places, $profile]);
        $this->openSpread();
        $this->click('.caption button', 'In time');
        $this->choose('.panel select', 'The pass');
        $this->see('[data-happening=bottom]', 'touches bottom');
        $bottom = $this->bottomDrawn();
        $this->click('[data-happening=bottom]');
        Wait::until(fn (): bool => $this->bottomDrawn() !== $bottom, 'the bottom comes up');
        self::assertGreaterThan(300.0, (float) $this->see('.player')->getAttribute('data-at'));
    }

    public function test_on_a_phone_it_is_played_by_thumb(): void
    {
        $phone = $this->openPhone();
        $phone->asks = RunningApp::LAPTOP;
        $this->openSpread($phone);
        $this->click('[aria-controls=plan-tasks]', 'Plan', $phone);
        $this->click('#plan-tasks button', 'In time', $phone);
        $this->see('[data-told=true]', browser: $phone);
        $this->click('.player button', 'Play', $phone);
        $this->see('.player button', 'Pause', $phone);
        self::assertSame(
            390, $phone->driver->executeScript('return document.documentElement.scrollWidth'), 'no sideways scroll',
        );
    }

    private function figure(string $label): string
    {
        $field = $this->browser->driver->findElement(
            WebDriverBy::xpath("//*[contains(@class,'figures')]//label[contains(., '{$label}')]"),
        );

        return (string) $this->js('return document.getElementById(arguments[0]).value', $field->getAttribute('for'));
    }

    private function scrub(float $to): void
    {
        $this->js(
            'const r = document.querySelector("[aria-label=Moment]"); r.value = arguments[0]; r.dispatchEvent(new Event("input", '
                .'{ bubbles: true }))',
            $to,
        );
    }

    private function bottomDrawn(): string
    {
        return (string) $this->js(
            'return [...document.querySelectorAll("svg[aria-label^=\'Long view\'] path")].map((p) => p.getAttribute("d")).join()',
        );
    }
}
