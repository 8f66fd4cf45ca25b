<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;
use Admek\Core\Towing\Water;

/** A ball, clip weight or sinker: a sphere of lead with drag coefficient 0.5 (Hoerner 1965, ch. 3). */
final readonly class LeadWeight
{
    private const SPHERE_DRAG = 0.5;

    /**
     * @param  float  $mass  kg
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public float $mass)
    {
        InvalidValue::unlessBetween('mass', $mass, 0.001, 15, 'kg');
    }

    public function body(string $name): Body
    {
        $diameter = (6 * $this->mass / (M_PI * LineStock::LEAD_DENSITY)) ** (1 / 3);

        return new Body(
            $name,
            $this->mass * Water::STANDARD_GRAVITY * (1 - Rig::FRESH_WATER / LineStock::LEAD_DENSITY),
            self::SPHERE_DRAG * M_PI_4 * $diameter ** 2,
            role: BodyRole::Weight,
        );
    }
}
