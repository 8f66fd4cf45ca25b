<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;
use Admek\Core\Towing\Side;

/** A directional diver: a plate that pulls down, and out when its base weight is turned by the dial. */
final readonly class DiverPlate
{
    public const BODY = 'diver';

    /** Roll per whole number on the dial, degrees (docs/towing-model.md, Divers). */
    public const ROLL_PER_MARK = 13.0;

    public const HIGHEST_DIAL = 4.0;

    private const RING = 1.35;

    /** N in water. */
    private const WEIGHT = 0.6;

    /**
     * @param  float  $dragArea  m²
     * @param  float  $liftArea  m²
     * @param  float  $mass  kg with the water it carries along
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public float $dragArea, public float $liftArea, public float $mass)
    {
        InvalidValue::unlessBetween('drag_area', $dragArea, 1e-4, 0.1, 'm²');
        InvalidValue::unlessBetween('lift_area', $liftArea, 0, 0.1, 'm²');
        InvalidValue::unlessBetween('mass', $mass, 0.01, 5, 'kg');
    }

    public static function of(DiverSize $size, bool $ringed): self
    {
        $ring = $ringed ? self::RING : 1.0;

        return new self($ring * $size->dragArea(), $ring * $size->liftArea(), $ring * $size->mass());
    }

    /**
     * @param  float  $dial  0 runs straight down
     * @param  bool  $tripped  pulled free by a bite: only drag is left
     *
     * @throws InvalidValue naming the field
     */
    public function body(float $dial, Side $side, bool $tripped = false): Body
    {
        InvalidValue::unlessBetween('dial', $dial, 0, self::HIGHEST_DIAL);
        $roll = deg2rad($dial * self::ROLL_PER_MARK);
        $lift = $tripped ? 0.0 : $this->liftArea;

        return new Body(
            self::BODY, self::WEIGHT, $this->dragArea, $lift * cos($roll), $lift * sin($roll) * $side->sign(), BodyRole::Diver,
            mass: $this->mass,
        );
    }
}
