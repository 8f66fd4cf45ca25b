<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Fish\Species;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\Signs\Sky;

/** The water wanted for a species, whatever the hour, with why. */
final readonly class Band
{
    /**
     * @param  float  $top  m
     * @param  float  $bottom  m
     * @param  float  $weight  against other bands
     * @param  string  $from  what it was reached from: temperature, marks, bottom, the captain's own, or habit where nothing
     *   better is known
     */
    public function __construct(
        public Species $species,
        public float $top,
        public float $bottom,
        public float $weight,
        public string $from,
        public Sentence $why,
    ) {
    }

    public function withWeight(float $weight): self
    {
        return new self($this->species, $this->top, $this->bottom, $weight, $this->from, $this->why);
    }

    /**
     * The part of it to fish with the sun so high: near its top at first light, at its foot when the sun stands at full
     * height; under cloud a part of that way (03). Fish seen, and fish on bottom, are where they are.
     *
     * @param  float  $elevation  degrees
     * @param  RuleBook  $rules  of {@see ReadingRules}
     * @return array{top: float, bottom: float} m
     */
    public function under(float $elevation, ?Sky $sky, RuleBook $rules): array
    {
        $height = $this->bottom - $this->top;
        if (in_array($this->from, ['bottom', 'marks', 'own'], true)) {
            return ['top' => $this->top, 'bottom' => $this->bottom];
        }
        $window = min($height, max($rules->get('least_band'), $rules->get('window') * $height));
        // Civil twilight begins with the sun 6° under the horizon.
        $risen = min(1.0, max(0.0, ($elevation + 6.0) / ($rules->get('full_sun') + 6.0)));
        $cloud = ($sky ?? Sky::Clear)->cloud();
        $shift = $risen * (1.0 - $cloud + $cloud * $rules->get('cloud_share')) * ($height - $window);

        return ['top' => $this->top + $shift, 'bottom' => $this->top + $shift + $window];
    }
}
