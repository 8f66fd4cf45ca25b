<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Books\Book;
use Admek\Core\Day\Day;
use Admek\Core\Day\EventKind;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Towing\Medium\Current;
use Admek\Core\Towing\Medium\Salinity;
use Admek\Core\Trip\TripClock;
use Admek\Core\Water\Signs\CurrentTold;
use Admek\Core\Water\Signs\Season;
use Admek\Core\Water\Signs\Sun;
use Admek\Core\Water\Signs\TemperatureProfile;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * When a trip's day is, and the water and light of it.
 *
 * @mixin Trip
 */
trait HasADay
{
    /** °C of the water at the surface: as the probe read it near there, else as it was entered; null where neither is. */
    public function surfaceTemperature(): ?float
    {
        $probed = $this->relationLoaded('temperatures')
            ? $this->temperatures->first()
            : DB::table('temperature_readings')->where('trip_id', $this->id)->orderBy('depth')->first(['depth', 'celsius']);

        return $probed !== null && $probed->depth <= TemperatureProfile::SURFACE
            ? (float) $probed->celsius : $this->water_temperature;
    }

    /** One surface temperature a trip: told anew it is that of the column too, where that was read up to there. */
    public function tellSurface(?float $celsius): void
    {
        $first = $this->temperatures()->first();
        if ($celsius !== null && $first !== null && $first->depth <= TemperatureProfile::SURFACE) {
            $first->update(['celsius' => $celsius]);
        }
        $this->update(['water_temperature' => $celsius]);
        $this->unsetRelation('temperatures');
    }

    /**
     * Signs of the water as they were read, with those told on the water since.
     *
     * @return array{
     *     clarity?: string, sky?: string, surface?: string, forage?: string, current_surface?: float, current_deep?: float,
     *     current_set?: float, current_deep_set?: float, current_depth?: float, current_heading?: float,
     * }
     */
    public function signsSeen(?Day $day = null): array
    {
        /**
         * @var array{
         *     clarity?: string, sky?: string, surface?: string, forage?: string, current_surface?: float, current_deep?: float,
         *     current_set?: float, current_deep_set?: float, current_depth?: float, current_heading?: float,
         * }
         */
        return ($day ?? Day::of(KeptEvents::of($this, [EventKind::Signs, EventKind::Void])))->signs($this->signs ?? []);
    }

    /** Its hours, from casting off on. */
    public function clock(Boat $boat): TripClock
    {
        return TripClock::of($this->lines_in, $this->back_by, $this->run, $boat->book(Book::Chores));
    }

    /** Whether she is out on it, so many seconds after 1970 UTC. */
    public function isOut(Boat $boat, float $now): bool
    {
        return $this->clock($boat)->isOut(($now - (float) $this->midnight($boat)->format('U')) / 60.0);
    }

    /** Midnight its day begins with, by the boat's clock. */
    public function midnight(Boat $boat): CarbonImmutable
    {
        return CarbonImmutable::parse($this->date->format('Y-m-d'), $boat->timezone);
    }

    /** Over its ground; null where nobody knows where that is. */
    public function sun(): ?Sun
    {
        return Sun::over($this->latitude, $this->longitude);
    }

    /** As it was probed; null where it was not. */
    public function temperatureProfile(): ?TemperatureProfile
    {
        $readings = $this->temperatures->map(static fn (TemperatureReading $one): array => [
            'depth' => $one->depth, 'celsius' => $one->celsius,
        ])->all();

        return $readings === [] ? null : TemperatureProfile::of(array_values($readings));
    }

    /** What gear is towed under on it, m/s through the water, as far as its water is known. */
    public function conditions(float $speed): Conditions
    {
        return new Conditions($speed, density: $this->density(), current: $this->current());
    }

    /**
     * As it was told of the water; null where it is not known both at the surface and at the gear.
     *
     * @param  ?float  $heading  degrees true of the boat as it is read
     * @param  ?Day  $day  its own, where that is read already
     */
    public function current(?float $heading = null, ?Day $day = null): ?Current
    {
        return CurrentTold::of($this->signsSeen($day))?->current($heading);
    }

    public function season(): Season
    {
        return Season::of((int) $this->date->format('n'), $this->latitude);
    }

    /** kg/m³ of its ground's water. */
    public function density(): float
    {
        return $this->water->density($this->surfaceTemperature() ?? Salinity::USUAL_TEMPERATURE, $this->salinity);
    }
}
