<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Medium\Current;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\Turn;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;

/** How the boat moves through what water while a spread is towed. */
final readonly class Conditions
{
    /** m/s most spreads for salmon and trout start at. */
    public const FIRST_SPEED = 2.3 * Units::MPH;

    /** Slowest and fastest trolling, m/s: a tenth of a mile an hour and ten. */
    public const SLOWEST = 0.04;

    public const FASTEST = 4.5;

    /** m of radius a turn is tried with. */
    public const TURNED = [5, 100_000];

    /**
     * @param  float  $speed  m/s through the water, at the surface where there is current
     * @param  float  $density  kg/m³
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public float $speed, public ?Turn $turn = null, public float $density = 999.8, public ?Current $current = null,
    ) {
        InvalidValue::unlessBetween('speed', $speed, self::SLOWEST, self::FASTEST, 'm/s');
    }

    /** m/s as near to a speed as a boat trolls. */
    public static function trolled(float $speed): float
    {
        return min(self::FASTEST, max(self::SLOWEST, $speed));
    }

    public function at(float $speed): self
    {
        return new self($speed, $this->turn, $this->density, $this->current);
    }

    public function turning(?Turn $turn): self
    {
        return new self($this->speed, $turn, $this->density, $this->current);
    }

    public function withoutCurrent(): self
    {
        return new self($this->speed, $this->turn, $this->density);
    }

    /** What is to be kept in mind of depths worked out under these; null where they are what they say. */
    public function caveat(): ?Sentence
    {
        return $this->turn !== null && ! $this->water()->flow->isUniform()
            ? Sentence::of('On this heading only: the deep current turns past her.')
            : null;
    }

    /**
     * The same on the circle she goes round on at her speed; straight ahead at no rate.
     *
     * @param  float  $rate  degrees a second, to starboard
     */
    public function turningBy(float $rate): self
    {
        return $this->turning($rate === 0.0 ? null : new Turn(
            min(self::TURNED[1], max(self::TURNED[0], $this->speed / deg2rad(abs($rate)))),
            $rate > 0.0 ? Side::Starboard : Side::Port,
        ));
    }

    /** Radians clockwise from north; north where nobody said. */
    public function heading(): float
    {
        return deg2rad($this->current->heading ?? 0.0);
    }

    public function water(): Water
    {
        return new Water($this->density, $this->current?->flow($this->speed) ?? Flow::uniform($this->speed));
    }
}
