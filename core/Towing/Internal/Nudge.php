<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\Doubt\Doubt;
use Admek\Core\Towing\Doubt\Doubts;
use Admek\Core\Towing\Lip;

/** What the figures of a chain are multiplied by while what is in doubt is tried to one side; all ones is the chain as given. */
final readonly class Nudge
{
    /** @param  array<string, float>  $by  so many deviations, by {@see Doubt} */
    private function __construct(
        private array $by = [],
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

    /**
     * @param  array<string, float>  $by  so many deviations, by {@see Doubt}; doubts of the water leave the chain as it is
     */
    public static function of(array $by, Doubts $doubts): self
    {
        $times = static fn (Doubt $doubt): float => 1.0 + ($by[$doubt->value] ?? 0.0) * $doubts->deviation($doubt);

        return new self(
            $by, $times(Doubt::LineDrag), $times(Doubt::LureDrag), $times(Doubt::LureDive), $times(Doubt::DiverLift),
            $times(Doubt::WeightDrag), $times(Doubt::LetOut),
        );
    }

    /** What a lure's diving area is multiplied by. */
    public function dive(?Lip $lip): float
    {
        if ($lip === null) {
            return $this->lureDive;
        }
        $times = 1.0;
        foreach ($this->by as $doubt => $deviations) {
            $times *= 1.0 + abs($deviations) * ($lip->under(Doubt::from($doubt), $deviations < 0.0 ? -1 : 1) - 1.0);
        }

        return $times;
    }
}
