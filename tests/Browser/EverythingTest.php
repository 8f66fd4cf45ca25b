<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;
use Tests\Support\Running\RunningApp;

/** All that was recorded, carried from one Admek to an empty one by hand. */
final class EverythingTest extends BrowserTestCase
{
    public function test_an_empty_admek_takes_in_another_s_everything_at_its_first_page(): void
    {
        $this->visit('/boat');
        $this->see('a', 'Write everything');
        $all = (string) file_get_contents($this->app->api('/everything'));
        $this->app = RunningApp::empty();
        $this->browser->driver->get($this->app->url('/'));
        $this->browser->driver->navigate()->refresh();
        $this->see('label', 'bring everything from another Admek');
        $this->upload('form input[type=file]', "{\"format\":\"admek-spread\"}\n");
        $this->see('[role=alert]', 'admek-everything');
        $this->upload('form input[type=file]', $all);
        $this->see('main', 'Dunmarl Bank');
        self::assertSame(hash('xxh128', $all), hash('xxh128', (string) file_get_contents($this->app->api('/everything'))));
    }
}
