<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/** Drives the real, running application in headless Chromium. */
abstract class BrowserTestCase extends TestCase
{
    protected RunningApp $app;

    protected Browser $browser;

    /** The browser of the whole run; each test has a page of its own in it. */
    private static ?Browser $shared = null;

    /** @var list<Browser> opened beside it */
    private array $open = [];

    /** @var list<string> uploaded, and read by the page when it comes to it */
    private array $files = [];

    protected function setUp(): void
    {
        $this->browser = self::$shared ??= Browser::open(ChromeDriver::url());
        $this->browser->freshPage();
        // What pages before this test's complained of is theirs.
        $this->browser->driver->manage()->getLog('browser');
        $this->app = $this->startApp();
    }

    protected function tearDown(): void
    {
        foreach ($this->open as $browser) {
            $browser->close();
        }
        // Nothing of this test asks the server any more once its page is gone.
        $this->browser->freshPage();
        array_map(unlink(...), $this->files);
    }

    protected function startApp(): RunningApp
    {
        return RunningApp::withDemo();
    }

    /** Another device. */
    protected function openBrowser(): Browser
    {
        return $this->open[] = Browser::open(ChromeDriver::url());
    }

    /** A phone on the boat's network, which must be let in. */
    protected function openPhone(int $width = 390, int $height = 844): Browser
    {
        $phone = $this->open[] = Browser::open(ChromeDriver::url(), $width, $height);
        $phone->asks = RunningApp::BOAT;

        return $phone;
    }

    protected function visit(string $path, ?Browser $browser = null): void
    {
        $browser ??= $this->browser;
        $browser->driver->get($this->app->url($path, $browser->asks));
    }

    protected function openSpread(?Browser $browser = null): void
    {
        $this->visit('/trips/{next}/spread', $browser);
        $this->see('[data-holder=S1] .depth b', browser: $browser);
    }

    /** Waits for an element, and for its text where one is asked for. */
    protected function see(string $css, ?string $text = null, ?Browser $browser = null): RemoteWebElement
    {
        $found = null;
        Wait::until(function () use ($css, $text, $browser, &$found): bool {
            try {
                foreach (($browser ?? $this->browser)->driver->findElements(WebDriverBy::cssSelector($css)) as $element) {
                    if ($text === null || str_contains($element->getText(), $text)) {
                        $found = $element;

                        return true;
                    }
                }
            } catch (NoSuchElementException|StaleElementReferenceException|UnknownErrorException) {
                // A page that is read anew takes what was found on it with it; the driver has two words for that.
            }

            return false;
        }, $css.($text === null ? '' : " with “{$text}”"));
        assert($found instanceof RemoteWebElement);
        $this->addToAssertionCount(1);

        return $found;
    }

    protected function click(string $css, ?string $text = null, ?Browser $browser = null): void
    {
        Wait::until(function () use ($css, $text, $browser): bool {
            try {
                $this->see($css, $text, $browser)->click();
            } catch (StaleElementReferenceException) {
                return false;
            }

            return true;
        }, "{$css} to click");
    }

    /** Types into a field in place of what it holds; one that is drawn anew meanwhile is found again. */
    protected function fill(string $css, string $text, ?Browser $browser = null): RemoteWebElement
    {
        for ($tries = 0; ; $tries++) {
            try {
                $field = $this->see($css, browser: $browser);
                $field->click();
                $field->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, $text]);

                return $field;
            } catch (StaleElementReferenceException $stale) {
                if ($tries === 2) {
                    throw $stale;
                }
            }
        }
    }

    protected function keys(string ...$keys): void
    {
        $this->browser->driver->getKeyboard()->sendKeys($keys);
    }

    /** @return mixed what the script returns */
    protected function js(string $script, mixed ...$arguments): mixed
    {
        return $this->browser->driver->executeScript($script, $arguments);
    }

    /** @return array<array-key, mixed> as the laptop asks */
    protected function api(string $path): array
    {
        $told = json_decode((string) file_get_contents($this->app->api($path)), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($told);

        return $told;
    }

    protected function depth(string $holder, ?Browser $browser = null): int
    {
        // A rod that is drawn anew between being found and being read is found again.
        for ($tries = 0; ; $tries++) {
            try {
                return (int) $this->see("[data-holder={$holder}] .depth b", browser: $browser)->getText();
            } catch (StaleElementReferenceException $stale) {
                if ($tries === 5) {
                    throw $stale;
                }
            }
        }
    }

    protected function waitForDepth(string $holder, int $feet, ?Browser $browser = null): void
    {
        Wait::until(
            fn (): bool => $this->depth($holder, $browser) === $feet,
            "{$holder} at {$feet} ft, not {$this->depth($holder, $browser)}",
        );
    }

    protected function waitUntilKept(?Browser $browser = null): void
    {
        $this->see('[data-keeping=kept]', browser: $browser);
    }

    protected function choose(string $css, string $option): void
    {
        $this->see($css);
        $this->js(
            'const s = document.querySelector(arguments[0]); s.selectedIndex = [...s.options].findIndex((o) => '
                .'o.text.includes(arguments[1])); if (s.selectedIndex < 0) throw new Error("no option " + arguments[1]); '
                    .'s.dispatchEvent(new Event("change", { bubbles: true }));',
            $css,
            $option,
        );
    }

    /** Opens one of the planning table's tasks. */
    protected function task(string $name): void
    {
        $this->click('[aria-controls=plan-tasks]', 'Plan');
        $this->click('#plan-tasks button', $name);
        $this->see('dialog[open]');
    }

    protected function upload(string $field, string $text): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'admek-');
        file_put_contents($file, $text);
        $this->files[] = $file;
        $this->see($field)->sendKeys($file);
    }

    /**
     * A finger put down, moved and lifted.
     *
     * @param  array{float, float}  ...$places  px of the viewport, one for a tap
     */
    protected function touch(array ...$places): void
    {
        $tools = $this->browser->devTools();
        foreach ($places as $i => [$x, $y]) {
            $tools->execute(
                'Input.dispatchTouchEvent',
                ['type' => $i === 0 ? 'touchStart' : 'touchMove', 'touchPoints' => [['x' => $x, 'y' => $y]]],
            );
        }
        $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);
    }

    /** @return array{float, float} px of the viewport, the middle of an element */
    protected function middle(string $css, ?string $text = null): array
    {
        $this->see($css, $text);

        [$x, $y] = (array) $this->js(
            'const e = [...document.querySelectorAll(arguments[0])].find((e) => e.textContent.includes(arguments[1])); '
                .'e.scrollIntoView({ block: "nearest" }); const r = e.getBoundingClientRect(); return [r.x + r.width / 2, r.y '
                    .'+ r.height / 2]',
            $css,
            $text ?? '',
        );

        return [(float) $x, (float) $y];
    }
}
