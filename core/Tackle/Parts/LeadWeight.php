<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Rigs\Control;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;
use Admek\Core\Towing\Water;

/** A ball, clip weight or sinker: a sphere of lead with drag coefficient 0.5 (Hoerner 1965, ch. 3). */
final readonly class LeadWeight
{
    /** kg of the clip and bottom weights a tackle shop keeps: ½ to 12 oz. */
    public const STOCK = [
        0.014175, 0.021262, 0.028350, 0.042524, 0.056699, 0.070874, 0.085049, 0.113398,
        0.141748, 0.170097, 0.226796, 0.283495, 0.340194,
    ];

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

    /** The weight as what sets a rig's depth: any of the box. */
    public function asControl(): Control
    {
        return new Control(ControlKind::Weight, $this->mass, min(self::STOCK), max(self::STOCK), 0.028350, 0.025);
    }

    public function body(string $name): Body
    {
        $diameter = (6 * $this->mass / (M_PI * LineStock::LEAD_DENSITY)) ** (1 / 3);

        return new Body(
            $name,
            $this->mass * Water::STANDARD_GRAVITY * (1 - Rig::FRESH_WATER / LineStock::LEAD_DENSITY),
            self::SPHERE_DRAG * M_PI_4 * $diameter ** 2,
            role: BodyRole::Weight,
            displacement: $this->mass / LineStock::LEAD_DENSITY,
        );
    }
}
