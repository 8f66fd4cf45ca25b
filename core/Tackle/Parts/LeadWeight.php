<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Rigs\Control;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;
use Admek\Core\Towing\Medium\Water;

/** A ball, clip weight or sinker: a sphere of lead with drag coefficient 0.5 (Hoerner 1965, ch. 3). */
final readonly class LeadWeight
{
    /** kg of the clip and bottom weights a tackle shop keeps: ½ to 12 oz. */
    public const STOCK = [
        0.014175, 0.021262, 0.028350, 0.042524, self::TWO_OUNCES, 0.070874, self::THREE_OUNCES, 0.113398,
        0.141748, 0.170097, 0.226796, 0.283495, 0.340194,
    ];

    public const TWO_OUNCES = 0.056699;

    public const THREE_OUNCES = 0.085049;

    /** What takes a rig deeper that is held down by one. */
    public const WOULD_HELP = ['a heavier weight', 'a slower speed', 'thinner line'];

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
        return LineFigure::WeightMass->range()->within(
            min(self::STOCK), max(self::STOCK),
        )->control(ControlKind::Weight, $this->mass);
    }

    public function body(string $name): Body
    {
        $volume = $this->mass / LineStock::LEAD_DENSITY;
        $diameter = (6 * $volume / M_PI) ** (1 / 3);

        return new Body(
            $name,
            $this->mass * Water::STANDARD_GRAVITY * (1 - Rig::FRESH_WATER / LineStock::LEAD_DENSITY),
            self::SPHERE_DRAG * M_PI_4 * $diameter ** 2,
            role: BodyRole::Weight,
            displacement: $volume,
            // A sphere carries half of the water along that it displaces (Lamb 1932, Hydrodynamics, art. 92).
            mass: $this->mass + 0.5 * Rig::FRESH_WATER * $volume,
        );
    }
}
