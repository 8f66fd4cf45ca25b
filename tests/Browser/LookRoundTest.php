<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\BrowserTestCase;

/** The demo shows a newcomer round, once. */
final class LookRoundTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->app->stopServing();
        $this->app->serve(['ADMEK_DEMO' => '1']);
    }

    protected function tearDown(): void
    {
        $this->app->stopServing();
        $this->app->serve();
        parent::tearDown();
    }

    public function test_five_stops_and_never_twice(): void
    {
        $this->visit('/');
        $stops = ['Trips' => '#next', 'Water' => '[data-advice=speed]', 'Spread' => '.depth b', 'Deck card' => '.sheet'];
        foreach ($stops as $stop => $shown) {
            $this->see('[data-stop] h2', $stop);
            $this->see($shown);
            $this->click('[data-stop] button', 'Next');
        }
        $this->see('[data-stop="5"] h2', 'Log');
        $this->click('[data-stop] button', 'Done');
        $this->visit('/devices');
        $this->see('[name=role]');
        $this->assertNotShown();
        $this->browser->driver->navigate()->refresh();
        $this->see('[name=role]');
        $this->assertNotShown();
    }

    public function test_it_is_skipped_at_any_stop(): void
    {
        $this->visit('/');
        $this->click('[data-stop="1"] button', 'Next');
        $this->click('[data-stop="2"] button', 'Skip');
        $this->assertNotShown();
        $this->visit('/trips/{next}/spread');
        $this->see('.depth b');
        $this->assertNotShown();
    }

    private function assertNotShown(): void
    {
        self::assertSame([], $this->browser->driver->findElements(WebDriverBy::cssSelector('[data-stop]')));
    }
}
