<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

/** What a line is made of, with what its default figures follow from (docs/towing-model.md, Figures). */
enum Material: string
{
    case Nylon = 'nylon';
    case Fluorocarbon = 'fluorocarbon';
    case Braid = 'braid';
    case Leadcore = 'leadcore';
    case Copper = 'copper';
    case Steel = 'steel';
    case RiggerCable = 'rigger_cable';
    case RiggerBraid = 'rigger_braid';

    private const MONOFILAMENT = [8 => 0.28, 10 => 0.32, 12 => 0.35, 14 => 0.37, 17 => 0.41, 20 => 0.45, 25 => 0.50, 30 => 0.55];

    /** As the trade calls it. */
    public function word(): string
    {
        return match ($this) {
            self::Nylon => 'nylon',
            self::Fluorocarbon => 'fluorocarbon',
            self::Braid => 'braid',
            self::Leadcore => 'leadcore',
            self::Copper => 'stranded copper',
            self::Steel => 'single-strand steel',
            self::RiggerCable => 'rigger cable',
            self::RiggerBraid => 'rigger braid',
        };
    }

    /**
     * What a reel is spooled with.
     *
     * @return list<self>
     */
    public static function onReels(): array
    {
        return [self::Braid, self::Nylon, self::Fluorocarbon, self::Leadcore, self::Copper, self::Steel];
    }

    /**
     * What leaders and backing are made of.
     *
     * @return list<self>
     */
    public static function thin(): array
    {
        return [self::Nylon, self::Fluorocarbon, self::Braid];
    }

    /** @return array<int, float> diameter in mm by breaking test in pounds */
    public function diameters(): array
    {
        return match ($this) {
            self::Nylon, self::Fluorocarbon => self::MONOFILAMENT,
            self::Braid => [10 => 0.18, 20 => 0.23, 30 => 0.28, 40 => 0.32, 50 => 0.36, 65 => 0.40, 80 => 0.44],
            self::Leadcore => [12 => 0.66, 15 => 0.71, 18 => 0.79, 27 => 0.89, 36 => 0.97, 45 => 1.07],
            self::Copper => [32 => 0.80, 45 => 0.94],
            self::Steel => [30 => 0.38],
            self::RiggerCable => [150 => 0.81],
            self::RiggerBraid => [200 => 0.55],
        };
    }

    public function isWire(): bool
    {
        return $this === self::Copper || $this === self::Steel;
    }

    /** Normal drag coefficient; leadcore strums, which raises it. */
    public function normalDrag(): float
    {
        return match ($this) {
            self::Leadcore => 1.7,
            self::Copper => 1.3,
            default => 1.2,
        };
    }

    /** Density of the solid, kg/m³; null where the weight is given per metre instead. */
    public function density(): ?float
    {
        return match ($this) {
            self::Nylon => 1140.0,
            self::Fluorocarbon => 1780.0,
            self::Braid, self::RiggerBraid => 970.0,
            self::Steel, self::RiggerCable => 7850.0,
            self::Leadcore, self::Copper => null,
        };
    }

    /** Share of the outline that is solid: a stranded cable has water between its wires. */
    public function fill(): float
    {
        return $this === self::RiggerCable ? 0.6 : 1.0;
    }
}
