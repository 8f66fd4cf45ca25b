<?php

declare(strict_types=1);

namespace Tests\Feature\Support;

/** The demo's spread, to plan on. */
trait PlansAhead
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }
}
