<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\InvalidValue;

/** A uniform length of line: leader, leadcore, braid, cable. Perfectly flexible, does not stretch. */
final readonly class Line implements Element
{
    /** m; nothing a line is made of is thinner. */
    private const THINNEST = 1e-6;

    /**
     * @param  float  $length  m
     * @param  float  $diameter  m
     * @param  float  $weight  N per metre in the water it is given for, negative floats
     * @param  float  $normalDrag  Cn on the diameter
     * @param  float  $skinFriction  Cf on the circumference
     * @param  float  $displacement  m³ of water a metre of it displaces, by which its weight follows the water's density
     * @param  bool  $letOut  whether this is the length the captain counts out, whose reading is in doubt
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public float $length,
        public float $diameter,
        public float $weight,
        public float $normalDrag = 1.2,
        public float $skinFriction = 0.015,
        public bool $letOut = false,
        public float $displacement = 0.0,
    ) {
        InvalidValue::unlessBetween('length', $length, 0, 5000, 'm');
        InvalidValue::unlessBetween('diameter', $diameter, self::THINNEST, 0.1, 'm');
        InvalidValue::unlessBetween('weight', $weight, -100, 1000, 'N per metre');
        InvalidValue::unlessBetween('normal_drag', $normalDrag, 0, 10);
        InvalidValue::unlessBetween('skin_friction', $skinFriction, 0, 1);
    }

    public function heavierBy(float $newtons): self
    {
        return new self(
            $this->length,
            $this->diameter,
            $this->weight + $newtons,
            $this->normalDrag,
            $this->skinFriction,
            $this->letOut,
            $this->displacement,
        );
    }
}
