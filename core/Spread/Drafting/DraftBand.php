<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Fish\Species;
use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Catalogue\Prospect;
use Admek\Core\Units\Units;

/** Water to cover, and how much it matters beside the rest. */
final readonly class DraftBand
{
    /** m of its top and its bottom, which is so much thicker at least; and what it may weigh. */
    public const TOP = [0, 150];

    public const BOTTOM = [0.3, 160];

    public const WEIGHT = [0, 100];

    /** What one is begun with. */
    public const FIRST = ['top' => 40 * Units::FOOT, 'bottom' => 70 * Units::FOOT, 'weight' => 1.0];

    /**
     * @param  float  $top  m
     * @param  float  $bottom  m
     * @param  float  $weight  against the other bands'
     * @param  ?Prospect  $prospect  what is known of its water; null where nothing is
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public Species $species, public float $top, public float $bottom, public float $weight = 1.0,
        public ?Prospect $prospect = null,
    ) {
        InvalidValue::unlessBetween('top', $top, ...self::TOP, unit: 'm');
        InvalidValue::unlessBetween('bottom', $bottom, $top + self::BOTTOM[0], self::BOTTOM[1], 'm');
        InvalidValue::unlessBetween('weight', $weight, ...self::WEIGHT);
    }

    /** How well a presentation suits its fish and water, 1 being as a rigger does; all alike where nothing is known of them. */
    public function suits(Presentation $presentation): float
    {
        $suits = $presentation->entry()->suits;

        return $this->prospect === null ? 1.0 : ($suits === null ? 0.0 : $suits($this->prospect)[0]);
    }
}
