<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\InvalidValue;

/**
 * A thing on a line that is small beside the line's length: lure, ball, weight, diver, flasher.
 *
 * With dynamic pressure q = ½ρ|W|² it feels q·dragArea along the flow, q·downArea down, q·sideArea across
 * the flow (positive to starboard) and its weight in water (Hoerner 1965, Fluid-Dynamic Drag).
 */
final readonly class Body implements Element
{
    /**
     * @param  ?string  $name  reported by this name; a nameless body is not reported
     * @param  float  $weight  N in water, negative floats
     * @param  float  $dragArea  m², Cd·A along the flow
     * @param  float  $downArea  m², negative lifts
     * @param  float  $sideArea  m², positive to starboard
     * @param  float  $displacement  m³ of water it displaces, by which its weight follows the water's density
     * @param  ?Lip  $lip  where its downArea was fitted to a rated point: how it follows what is doubted
     * @param  float  $mass  kg, its own and that of the water it carries along: what a change of speed has to move
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public ?string $name,
        public float $weight,
        public float $dragArea,
        public float $downArea = 0.0,
        public float $sideArea = 0.0,
        public BodyRole $role = BodyRole::Other,
        public ?Lip $lip = null,
        public float $displacement = 0.0,
        public float $mass = 0.0,
    ) {
        if ($name === '') {
            throw InvalidValue::because('name', 'a non-empty text');
        }
        InvalidValue::unlessBetween('weight', $weight, -1e4, 1e5, 'N');
        InvalidValue::unlessBetween('drag_area', $dragArea, 0, 100, 'm²');
        InvalidValue::unlessBetween('down_area', $downArea, -100, 100, 'm²');
        InvalidValue::unlessBetween('side_area', $sideArea, -100, 100, 'm²');
        InvalidValue::unlessBetween('mass', $mass, 0, 1e4, 'kg');
    }

    public function heavierBy(float $newtons): self
    {
        return new self(
            $this->name,
            $this->weight + $newtons,
            $this->dragArea,
            $this->downArea,
            $this->sideArea,
            $this->role,
            $this->lip,
            $this->displacement,
            $this->mass,
        );
    }
}
