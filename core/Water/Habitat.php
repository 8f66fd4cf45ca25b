<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Fish\Species;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Water\Signs\Season;
use Admek\Core\Water\Signs\WaterSigns;

/** Depths a species keeps to at the season over a bottom, whatever the temperature. */
final readonly class Habitat
{
    /** m a column is taken to reach where neither sounder nor probe tells. */
    private const UNSOUNDED = 30.0;

    /**
     * @param  float  $from  m
     * @param  float  $to  m
     * @param  string  $where  how that is said after a depth
     */
    private function __construct(public float $from, public float $to, public string $where)
    {
    }

    /** @param  RuleBook  $rules  of {@see ReadingRules} */
    public static function of(Species $species, WaterSigns $signs, RuleBook $rules): self
    {
        $bottom = $signs->bottom ?? $signs->profile?->reaches() ?? self::UNSOUNDED;
        $top = static fn (string $rule, string $where): self => new self(0.0, min($bottom, $rules->get($rule)), $where);
        $warmth = $signs->warmth();
        $cold = $warmth !== null && $warmth < $rules->get('cold_spring');

        return match (true) {
            $species === Species::Steelhead => $top('steelhead_deepest', ', the top water they live in'),
            $species === Species::Coho => $top('coho_deepest', ', in the upper water they keep to'),
            $species === Species::BrownTrout && $signs->season === Season::Spring => $top(
                'brown_deepest', ', in the shallows they keep to in spring',
            ),
            $species === Species::LakeTrout && $signs->season === Season::Spring && $cold => $top(
                'lake_trout_spring', ', inshore while the shallows are warmest',
            ),
            $species === Species::LakeTrout && $signs->season === Season::Summer && $signs->bottom !== null => new self(
                max(0.0, $bottom - $rules->get('lake_trout_off_bottom')), $bottom, ', near the bottom they lie on in summer',
            ),
            $species === Species::Muskie => new self(
                0.0, $rules->get('muskie_share') * $bottom, ', in the middle and upper water',
            ),
            default => new self(0.0, $bottom, ''),
        };
    }
}
