<?php

declare(strict_types=1);

namespace Tests\Feature\Support;

use App\Models\Spread;

/** The demo's spread, looked at as it would stand. */
trait DemoSpread
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private function preview(array $change = []): array
    {
        return $this->send('POST', '/spreads/{next}/preview', $change + $this->demoSpread(), 200)->json();
    }
}
