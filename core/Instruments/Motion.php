<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\Ground\Place;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Towing\Medium\Current;

/** How she moves and what is under her, from what was heard, put right as the captain has it. */
final readonly class Motion
{
    /** Of figures that stand as they were heard. */
    private const AS_HEARD = [
        Figure::GroundSpeed, Figure::Course, Figure::Latitude, Figure::Longitude, Figure::WaterTemperature, Figure::WindAngle,
        Figure::WindSpeed,
    ];

    /** @param  array<string, Known>  $figures  water speed put right, heading true, depth from the surface */
    private function __construct(public array $figures)
    {
    }

    /**
     * @param  array<string, Known>  $known  {@see Live::at}
     * @param  ?float  $turn  °/s to starboard
     */
    public static function of(array $known, ?float $turn, Corrections $corrections): self
    {
        $figures = array_intersect_key($known, array_flip(array_column(self::AS_HEARD, 'value')));
        $log = $known[Figure::WaterSpeed->value] ?? null;
        if ($log !== null) {
            $figures[Figure::WaterSpeed->value] = $log->changed(static fn (float $v): float => $v * $corrections->logFactor);
        }
        $depth = $known[Figure::Depth->value] ?? null;
        if ($depth !== null) {
            // An offset down to the keel says nothing of the surface.
            $below = $corrections->transducer ?? max(0.0, ($known[Figure::DepthOffset->value] ?? null)->value ?? 0.0);
            $figures[Figure::Depth->value] = $depth->changed(static fn (float $v): float => $v + $below);
        }
        $heading = self::heading($known);
        if ($heading !== null) {
            $figures[Figure::Heading->value] = $heading;
        }
        $turned = $heading !== null && $heading->live ? $heading : ($known[Figure::Course->value] ?? null);
        if ($turn !== null && $turned !== null) {
            $figures[Figure::Turn->value] = $turned->telling($turn);
        }

        return new self($figures);
    }

    /** As it was at a moment that was kept. */
    public static function kept(TrackPoint $point): self
    {
        return new self(array_map(static fn (float $value): Known => new Known($value, 'track', 0.0), $point->figures));
    }

    public static function unknown(): self
    {
        return new self([]);
    }

    /** As it is now; null where nothing live tells it. */
    public function now(Figure $figure): ?float
    {
        $told = $this->figures[$figure->value] ?? null;

        return $told !== null && $told->live ? $told->value : null;
    }

    /** Where she is; null where nothing live tells it. */
    public function place(): ?Place
    {
        $latitude = $this->now(Figure::Latitude);
        $longitude = $this->now(Figure::Longitude);

        return $latitude === null || $longitude === null || abs($latitude) > Place::MOST_LATITUDE
            ? null : new Place($latitude, $longitude);
    }

    /**
     * The speed depths are for: by the log, else over the ground, else as the captain told or planned it.
     *
     * @param  ?float  $told  m/s
     * @param  float  $planned  m/s
     * @return array{float, SpeedBy} m/s
     */
    public function speed(?float $told, float $planned): array
    {
        return match (true) {
            ($log = $this->now(Figure::WaterSpeed)) !== null => [$log, SpeedBy::Log],
            ($ground = $this->now(Figure::GroundSpeed)) !== null => [$ground, SpeedBy::Ground],
            $told !== null => [$told, SpeedBy::Told],
            default => [$planned, SpeedBy::Planned],
        };
    }

    /** m/s she makes through the water by the log, or else over the ground; null where neither is read. */
    public function way(): ?float
    {
        return $this->now(Figure::WaterSpeed) ?? $this->now(Figure::GroundSpeed);
    }

    /**
     * What the spread is towed under now: adrift it hangs, on the run to the ground it is in the boat.
     *
     * @param  float  $speed  m/s
     * @param  float  $density  kg/m³
     * @param  ?Current  $current  as it was told
     */
    public function conditions(float $speed, float $density, ?Current $current = null): Conditions
    {
        $straight = new Conditions(Conditions::trolled($speed), density: $density, current: $current);

        return $straight->turningBy($this->now(Figure::Turn) ?? 0.0);
    }

    /** Whether she turns so hard that her lines are not where that circle, kept up, would bring them. */
    public function turnsHard(): bool
    {
        return abs($this->now(Figure::Turn) ?? 0.0) > Turning::HARD;
    }

    /**
     * What her lines are taken to run under: in a hard turn as on the straight run before it, until they are straight again.
     *
     * @param  Conditions  $read  of now
     * @param  ?self  $straight  as she went before the turn; null where nobody knows
     */
    public function steady(Conditions $read, ?self $straight): Conditions
    {
        if (! $this->turnsHard()) {
            return $read;
        }

        return $read->turning(null)->at(Conditions::trolled($straight?->way() ?? $read->speed));
    }

    /**
     * The true one where it is told, else the compass's with the variation it is told with.
     *
     * @param  array<string, Known>  $known
     */
    private static function heading(array $known): ?Known
    {
        $true = $known[Figure::Heading->value] ?? null;
        $compass = $known[Figure::MagneticHeading->value] ?? null;
        $variation = ($known[Figure::Variation->value] ?? null)?->value;
        if ($compass === null || $variation === null || ($true !== null && ($true->live || ! $compass->live))) {
            return $true;
        }

        return $compass->changed(static fn (float $v): float => fmod($v + $variation + 360.0, 360.0));
    }
}
