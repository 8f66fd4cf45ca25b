<?php

declare(strict_types=1);

namespace Tests\Feature\Support;

use App\Models\Chore;
use App\Models\Trip;

/** The demo's next trip, prepared. */
trait TripPrepared
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
        $this->demoTrip()->update(
            [
                'date' => '2031-06-02',
                'lines_in' => '06:15',
                'back_by' => '12:30',
                'run' => 6 * 1609.344,
                'bait_cure' => 'brine',
                'forecast' => null,
            ],
        );
        Chore::query()->delete();
    }

    /** @return array<string, mixed> */
    private function prepared(?string $now = null): array
    {
        return $this->send('GET', '/trips/{next}/preparation'.($now === null ? '' : "?now={$now}"), expect: 200)->json();
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed> the trip as it is then
     */
    private function trip(array $change): array
    {
        return $this->send('PUT', '/trips/{next}', $change + $this->entered(), 200)->json();
    }

    /** @return array<string, mixed> */
    private function entered(): array
    {
        return array_diff_key(
            $this->send('GET', '/trips/{next}')->json(),
            array_flip(
                [
                    'id',
                    'bands',
                    'temperatures',
                    'spreads',
                    'bite_count',
                    'lines_allowed',
                    'clearance',
                    'structure',
                    'profile',
                    'profile_name',
                ],
            ),
        );
    }

    /**
     * @param  array<string, mixed>  $prepared
     * @return array<string, mixed>
     */
    private function chore(array $prepared, string $key): array
    {
        return array_column($prepared['timeline'], null, 'key')[$key];
    }
}
