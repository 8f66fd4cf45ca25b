<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** How a rig is fished stands at its rod and on the deck, in the captain's own words where he has put them. */
final class CraftTest extends BrowserTestCase
{
    public function test_a_captain_s_words_stand_on_the_deck_too(): void
    {
        $this->openSpread();
        $this->click('[data-holder=P1]');
        $this->click('[role=tab]', 'how');
        $this->see('[data-craft=flat]', 'a trolled plug hooks itself');
        $this->see('[data-craft=board]', 'the outside ones first');
        $this->click('[data-craft=flat] button[aria-label="Change: Drag"]');
        $this->fill('[data-craft=flat] textarea', 'Two fingers on the spool.');
        $this->click('[data-craft=flat] button', 'Keep it');
        $this->see('[data-craft=flat] dd', 'Two fingers on the spool.');
        $this->visit('/trips/{next}/deck-card');
        $this->click('button', 'One rod at a time');
        $this->click('.steps button', 'P1');
        $this->click('summary', 'How it is fished');
        $this->see('[data-craft=flat] dd', 'Two fingers on the spool.');
        $this->click('[data-craft=flat] button', 'your words');
        $this->click('[data-craft=flat] button', 'As it was');
        $this->see('[data-craft=flat]', 'Light on thin line');
    }
}
