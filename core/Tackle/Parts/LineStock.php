<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Water;

/** A line as it lies on the reel: material, test, and the figures that make it sink and drag. */
final readonly class LineStock
{
    public const LEAD_DENSITY = 11340.0;

    private const COPPER_DENSITY = 8940.0;

    /** Lead in leadcore, kg per metre, and what its sheath weighs in water. */
    private const CORE_LEAD = 2.2e-3;

    private const CORE_SHEATH_IN_WATER = 0.04e-3;

    /** N per metre in water, by test in pounds. */
    private const COPPER_WEIGHT = [32 => 29e-3, 45 => 40.5e-3];

    /**
     * @param  float  $test  lb
     * @param  float  $diameter  m
     * @param  ?float  $ownWeight  N per metre in water, where it was entered
     *
     * @throws InvalidValue naming the field
     */
    private function __construct(
        public Material $material,
        public float $test,
        public float $diameter,
        public float $normalDrag,
        public float $skinFriction,
        private ?float $ownWeight,
    ) {
        InvalidValue::unlessBetween('diameter', $diameter, 0.00005, 0.005, 'm');
        InvalidValue::unlessBetween('normal_drag', $normalDrag, 0.5, 3);
        InvalidValue::unlessBetween('weight', $ownWeight ?? 0.0, -0.05, 1, 'N per metre');
    }

    /**
     * The default figures of a material at a test.
     *
     * @param  float  $test  lb, one the catalogue lists
     *
     * @throws InvalidValue naming the tests there are
     */
    public static function of(
        Material $material, float $test, ?float $diameter = null, ?float $normalDrag = null, ?float $weight = null,
    ): self {
        $known = $material->diameters();
        $listed = $known[(int) $test] ?? null;
        if ($listed === null || (float) (int) $test !== $test) {
            throw InvalidValue::because('test', 'one of '.implode(', ', array_keys($known))." lb for {$material->value}");
        }

        return new self($material, $test, $diameter ?? $listed * 1e-3, $normalDrag ?? $material->normalDrag(), 0.015, $weight);
    }

    /** Weight in fresh water, N per metre. */
    public function weight(): float
    {
        $density = $this->material->density();

        return match (true) {
            $this->ownWeight !== null => $this->ownWeight,
            $density !== null => ($density - Rig::FRESH_WATER) * Water::STANDARD_GRAVITY * $this->displacement(),
            $this->material === Material::Copper => self::COPPER_WEIGHT[(int) $this->test],
            default => (
                self::CORE_LEAD * (1 - Rig::FRESH_WATER / self::LEAD_DENSITY) + self::CORE_SHEATH_IN_WATER
            ) * Water::STANDARD_GRAVITY,
        };
    }

    /** m³ of water a metre of it displaces. */
    public function displacement(): float
    {
        return match ($this->material) {
            Material::Copper => self::COPPER_WEIGHT[(int) $this->test] / (
                (self::COPPER_DENSITY - Rig::FRESH_WATER) * Water::STANDARD_GRAVITY
            ),
            // Water soaks the sheath: what it weighs is told in water, what the lead displaces is the lead.
            Material::Leadcore => self::CORE_LEAD / self::LEAD_DENSITY,
            default => $this->material->fill() * M_PI_4 * $this->diameter ** 2,
        };
    }

    /** kg that a metre of it across the water has to move: its own, and twice the water it displaces. */
    public function movedMass(): float
    {
        return $this->weight() / Water::STANDARD_GRAVITY + 2.0 * Rig::FRESH_WATER * M_PI_4 * $this->diameter ** 2;
    }

    /** @param  float  $length m */
    public function length(float $length, bool $letOut = false): Line
    {
        return new Line(
            $length, $this->diameter, $this->weight(), $this->normalDrag, $this->skinFriction, $letOut, $this->displacement(),
        );
    }
}
