<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\Running\Wait;

/** Rods taken out and rigged anew, what is looked at and cured, and the table by touch. */
final class PlanningTableRigsTest extends BrowserTestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function presentations(): iterable
    {
        yield 'flat' => ['P2', 'flat line', 'flat'];
        yield 'core' => ['P2', 'core', 'core'];
        yield 'clip weight' => ['P2', 'clip weight', 'clip weight'];
        yield 'diver' => ['P2', 'diver', 'diver 2'];
        yield 'clip weight behind a board' => ['S3', 'clip weight behind a board', 'board, clip weight'];
        yield 'rigger' => ['S5', 'rigger', 'rigger'];
        yield 'stacker' => ['P4', 'stacker', 'stacker'];
        yield 'segmented core behind a board' => ['S3', 'segmented core behind a board', 'board, segmented core'];
        yield 'core off a mast board' => ['S3', 'core off a mast board', 'board, core'];
        yield 'wire' => ['C1', 'wire', 'wire'];
        yield 'bouncer' => ['C1', 'bouncer', 'bouncer'];
        yield 'dropper' => ['C2', 'dropper', 'dropper'];
        yield 'wash line' => ['C2', 'wash line', 'wash line'];
        yield 'down rod' => ['P4', 'down rod', 'down rod'];
    }

    #[DataProvider('presentations')]
    public function test_a_rod_is_taken_out_and_rigged_anew(string $holder, string $presentation, string $words): void
    {
        $this->openSpread();
        $this->click("[data-holder={$holder}]");
        $this->click('button', 'Take out');
        $this->see("[data-holder={$holder}]", 'Choose to rig it');
        $this->choose('#presentation', $presentation);
        $this->see("[data-holder={$holder}] .kind", $words);
        self::assertGreaterThan(0, $this->depth($holder));
        $this->waitUntilKept();
        $this->browser->driver->navigate()->refresh();
        $this->see("[data-holder={$holder}] .kind", $words);
    }

    public function test_every_part_of_a_rig_is_edited_where_it_hangs(): void
    {
        $this->openSpread();
        $this->click('[data-holder=P5]');
        $heavy = $this->depth('P5');
        $this->choose('.weight select', 'Ball 8 lb');
        Wait::until(fn (): bool => $this->depth('P5') < $heavy, 'a lighter ball blows back');
        $spoon = $this->depth('P5');
        $this->choose('#attractor', 'flasher, 11 in');
        Wait::until(fn (): bool => $this->depth('P5') < $spoon - 1, 'a flasher to hold it up');
        $this->choose('#attractor', 'no flasher');
        Wait::until(fn (): bool => $this->depth('P5') === $spoon, 'the flasher to be off again');
        $this->choose('#lure_id', 'Chalk Dace');
        $this->see('[data-holder=P5] .lure', 'Chalk Dace');
        Wait::until(fn (): bool => $this->depth('P5') > $spoon, 'a plug dives below the ball');
        $this->waitUntilKept();
    }

    public function test_a_current_at_the_gear_is_told_once_for_every_screen_and_taken_back(): void
    {
        $this->openSpread();
        $planned = $this->depth('P5');
        $this->click('[aria-controls=current]', 'current');
        $fields = fn (int $i): string => '#'.$this->js('return document.querySelectorAll("#current input")[arguments[0]].id', $i);
        $this->fill($fields(5), '0.6')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-testid=current]', '1.9 at 80 ft');
        Wait::until(fn (): bool => $this->depth('P5') > $planned, 'the ball to hang steeper in a following current');
        $this->fill($fields(5), '60')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#current .text-error', 'from 0 to 6.7 mph');
        Wait::until(fn (): bool => $this->see($fields(5))->getAttribute('value') === '60.0', 'what was typed stays');
        $this->fill($fields(5), '0.6')->sendKeys(WebDriverKeys::ENTER);
        $this->click('#current button', 'Still water');
        $this->see('[data-testid=current]', 'still water');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->waitForDepth('P5', $planned);
        self::assertSame('kept', $this->see('[data-keeping]')->getAttribute('data-keeping'));
    }

    public function test_what_is_to_be_looked_at_is_told_and_cured_with_one_click(): void
    {
        $this->openSpread();
        $this->click('[data-holder=P5]');
        $this->fill('#let-out', '121')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-holder=P5] .out', '121 cable');
        $this->click('[data-holder=P2]');
        $this->fill('.rig .board input', '150')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[data-holder=P2] .second', 'board at 150');
        $this->click('button', 'to look at');
        $this->see('#to-look-at li', 'Holders out of order');
        $this->see('#to-look-at li', 'covers its doubt');
        $this->see('#to-look-at li', 'one of them tests nothing new');
        $this->click('#to-look-at .btn', 'Swap P1 and P2');
        $this->see('[data-holder=P1] .second', 'board at 150');
        $this->click('#to-look-at .btn', 'Set P5 to');
        Wait::until(fn (): bool => ! str_contains($this->see('#to-look-at')->getText(), 'bottom'), 'the bottom to be clear');
        self::assertStringNotContainsString('out of order', $this->see('#to-look-at')->getText());
        $this->keys(WebDriverKeys::ESCAPE);
        $this->click('[aria-label=Undo]');
        $this->see('[data-holder=P5] .out', '121 cable');
        $this->waitUntilKept();
    }

    public function test_by_touch(): void
    {
        $this->openSpread();
        $tools = $this->browser->devTools();
        $tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => true, 'maxTouchPoints' => 1]);
        $tap = function (string $css) use ($tools): void {
            $at = $this->js(
                'const r = document.querySelector(arguments[0]).getBoundingClientRect(); return [r.x + r.width / 2, r.y + '
                    .'r.height / 2]',
                $css,
            );
            $tools->execute(
                'Input.dispatchTouchEvent', ['type' => 'touchStart', 'touchPoints' => [['x' => $at[0], 'y' => $at[1]]]],
            );
            $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);
        };
        $tap('[data-holder=S4]');
        $this->see('aside h2', 'S4');
        $tap('[aria-label=Faster]');
        $this->see('[data-testid=speed]', '2.4');
        $tap('[data-label=P3] .depth');
        $this->see('aside h2', 'P3');
    }
}
