<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\Doubt\Doubt;
use Admek\Core\Towing\Doubt\Doubts;
use Admek\Core\Towing\Lip;

/** What the figures of a chain are multiplied by while one doubt is tried to one side; all ones is the chain as given. */
final readonly class Nudge
{
    private function __construct(
        private ?Doubt $doubt = null,
        private float $side = 0.0,
        public float $normalDrag = 1.0,
        public float $lureDrag = 1.0,
        private float $lureDive = 1.0,
        public float $diverLift = 1.0,
        public float $weightDrag = 1.0,
        public float $letOut = 1.0,
    ) {
    }

    public static function none(): self
    {
        return new self;
    }

    /** @param  float  $side  from −1 to 1 standard deviation; doubts of the water leave the chain as it is */
    public static function of(Doubt $doubt, float $side, Doubts $doubts): self
    {
        return match ($doubt) {
            Doubt::LineDrag => new self($doubt, $side, normalDrag: 1 + $side * Doubts::NORMAL_DRAG),
            Doubt::LetOut => new self($doubt, $side, letOut: 1 + $side * $doubts->letOut),
            Doubt::LureDrag => new self($doubt, $side, lureDrag: 1 + $side * Doubts::LURE_DRAG),
            Doubt::LureDive => new self($doubt, $side, lureDive: 1 + $side * $doubts->lureDive),
            Doubt::DiverLift => new self($doubt, $side, diverLift: 1 + $side * Doubts::DIVER_LIFT),
            Doubt::WeightDrag => new self($doubt, $side, weightDrag: 1 + $side * Doubts::WEIGHT_DRAG),
            Doubt::Speed, Doubt::Current => new self($doubt, $side),
        };
    }

    /** What a lure's diving area is multiplied by. */
    public function dive(?Lip $lip): float
    {
        return $lip === null || $this->doubt === null
            ? $this->lureDive
            : 1.0 + abs($this->side) * ($lip->under($this->doubt, $this->side < 0.0 ? -1 : 1) - 1.0);
    }
}
