<?php

declare(strict_types=1);

namespace Tests\Feature\Support;

use App\Models\Boat;
use App\Models\Mark;
use App\Models\Trip;

/** The demo's next trip, its water read. */
trait AtTheWater
{
    private const FOOT = 0.3048;

    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
        Mark::query()->delete();
        $this->demoTrip()->update(
            [
                'date' => '2031-07-10',
                'lines_in' => '05:15',
                'back_by' => '12:00',
                'latitude' => 45.31,
                'longitude' => -38.42,
                'signs' => null,
                'choices' => null,
            ],
        );
        $this->demoTrip('past')->update(['date' => '2031-07-07']);
        Boat::query()->firstOrFail()->update(['timezone' => 'Etc/GMT+3']);
    }

    /** @return array<string, mixed> */
    private function water(): array
    {
        return $this->send('GET', '/trips/{next}/water', expect: 200)->json();
    }
}
