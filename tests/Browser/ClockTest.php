<?php

declare(strict_types=1);

namespace Tests\Browser;

use PDO;
use PHPUnit\Framework\Attributes\Group;
use Tests\Browser\Support\BrowserTestCase;

/** One clock, the captain’s, wherever a time of day is read. */
#[Group('served')]
final class ClockTest extends BrowserTestCase
{
    /** Screens that tell times, and what stands on each once it is read. */
    private const SCREENS = [
        '/' => '#next', '/trips/{next}/prepare' => '[data-chore=ice]', '/trips/{next}/water' => '[data-advice=speed]',
        '/trips/{next}/lures' => 'main h1', '/trips/{next}/deck-card' => '.sheet',
        '/trips/{next}/watch' => '[data-rod=S1] .depth',
        '/trips/{past}/log' => '[data-testid=bites] .bite', '/trips/{past}/end' => '[data-testid=day-end] h1',
        '/season' => 'main h1',
    ];

    private const TWELVE = '\d:\d\d\s?[AP]M';

    private const TWENTY_FOUR = '\b\d{1,2}:\d\d\b(?!\s?[AP]M)';

    public function test_no_time_is_told_by_the_other_clock(): void
    {
        foreach (['24' => [self::TWENTY_FOUR, self::TWELVE], '12' => [self::TWELVE, self::TWENTY_FOUR]] as $face => $clocks) {
            (new PDO("sqlite:{$this->app->database}"))->exec("update boats set clock_face = '{$face}'");
            [$own, $other] = $clocks;
            $told = 0;
            foreach (self::SCREENS as $screen => $stands) {
                $this->visit($screen);
                // The boat is read anew with the page.
                $this->browser->driver->navigate()->refresh();
                $text = $this->see($stands)->getText().$this->js('return document.querySelector("main").innerText');
                self::assertDoesNotMatchRegularExpression("/{$other}/u", $text, "{$screen} by {$face} hours");
                $told += preg_match("/{$own}/u", $text);
            }
            self::assertGreaterThan(5, $told, 'screens tell times');
            $page = strip_tags((string) file_get_contents($this->app->api('/trips/{past}/guests-page')));
            self::assertMatchesRegularExpression("/{$own}/u", $page);
            self::assertDoesNotMatchRegularExpression("/{$other}/u", $page, 'what guests take home');
        }
    }
}
