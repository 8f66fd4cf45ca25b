<?php

declare(strict_types=1);

namespace Tests\Browser;

use Admek\Core\Drills\DrillKind;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\LetsDevicesIn;
use Tests\Browser\Support\LooksWithAxe;
use Tests\Support\Running\Wait;

/** Drills taken by a mate on a phone. */
#[Group('served')]
final class DrillTest extends BrowserTestCase
{
    use LetsDevicesIn;
    use LooksWithAxe;

    public function test_a_mate_takes_a_drill_on_a_phone(): void
    {
        $phone = $this->openPhone();
        $this->comeAboard($phone, 'mate', 'Anna’s phone');
        $this->see('h1', 'Second Lamp', $phone);
        $this->click('main a[href="#/drills"]', browser: $phone);
        $this->see('h1', 'Drills', $phone);
        $this->click('button', 'Take a drill', $phone);
        $this->see('main', 'A name, for the score', $phone);
        $this->fill('main input', 'Anna', $phone);
        $this->click('.kind', DrillKind::FirstToClear->title(), $phone);

        $this->see('[data-testid=situation]', 'cleared first', $phone);
        $this->see('[role=timer]', ' s', $phone);
        $answers = $phone->driver->findElements(WebDriverBy::cssSelector('[data-answer]'));
        self::assertCount(4, $answers);
        foreach ($answers as $answer) {
            self::assertGreaterThanOrEqual(64, $answer->getSize()->getHeight());
        }
        $sunk = fn (): string => (string) $this->see('.scene .lure', browser: $phone)->getAttribute('cy');
        $before = $sunk();
        $this->see('main input[type=range]', browser: $phone)->sendKeys(WebDriverKeys::END);
        Wait::until(static fn (): bool => $sunk() !== $before, 'its lines to sink');

        $this->click('[data-answer]', browser: $phone);
        $this->see('[data-testid=graded]', 'for Anna', $phone);
        self::assertNotSame([], $phone->driver->findElements(WebDriverBy::cssSelector('.answer.right')));
        $this->see('.answer .why', ':', $phone);
        self::assertLessThan(844, $phone->driver->executeScript(
            'return document.querySelector("[data-testid=replay]").getBoundingClientRect().bottom '
                .'+ document.querySelector("nav").getBoundingClientRect().height',
        ), 'what came of it is in sight, and what plays it');
        $this->see('[data-testid=scores]', 'Anna', $phone);
        $this->click('button', 'Next', $phone);
        $this->see('[role=timer]', ' s', $phone);
        $this->see('[data-testid=situation]', browser: $phone);
        self::assertSame([], $phone->driver->findElements(WebDriverBy::cssSelector('[data-testid=graded]')));
    }

    public function test_where_the_clock_runs_out_it_is_graded_too(): void
    {
        $this->visit('/drills');
        $this->fill('main input', 'Ben')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[role=timer]', ' s');
        // The clock is put to its end as it would come there.
        $this->browser->driver->executeScript(
            'const now = performance.now.bind(performance); performance.now = () => now() + 60000;',
        );
        $this->see('[data-testid=graded]', 'The time ran out. 0 points for Ben.');
        $this->assertNothingSeriousInAnyLight();
    }
}
