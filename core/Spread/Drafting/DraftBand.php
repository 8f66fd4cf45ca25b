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
    public const TOP = [0, 400];

    public const BOTTOM = [0.3, 400];

    public const WEIGHT = [0, 100];

    /** Of a band's weight, what a depth within it is worth beside that brought more than usual. */
    private const RECORD = 0.5;

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

    /**
     * Bands, with depths that brought more than usual counting for more where they lie within one; what the water says of a depth
     * comes before what brought fish there on other days.
     *
     * @param  non-empty-list<self>  $bands
     * @param  list<array{float, float}>  $depths  m, tops and bottoms
     * @return non-empty-list<self>
     */
    public static function leaning(array $bands, array $depths): array
    {
        $leaning = $bands;
        foreach ($bands as $band) {
            foreach ($depths as [$top, $bottom]) {
                [$from, $to] = [max($top, $band->top), min($bottom, $band->bottom)];
                if ($to - $from >= self::BOTTOM[0]) {
                    $leaning[] = new self($band->species, $from, $to, self::RECORD * $band->weight, $band->prospect);
                }
            }
        }

        return $leaning;
    }

    /** How well a presentation suits its fish and water, 1 being as a rigger does; all alike where nothing is known of them. */
    public function suits(Presentation $presentation): float
    {
        $suits = $presentation->entry()->suits;

        return $this->prospect === null ? 1.0 : ($suits === null ? 0.0 : $suits($this->prospect)[0]);
    }
}
