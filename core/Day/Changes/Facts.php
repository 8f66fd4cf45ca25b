<?php

declare(strict_types=1);

namespace Admek\Core\Day\Changes;

use Admek\Core\Ground\Place;

/** A day as far as it has gone, as what is to be changed is judged by. */
final readonly class Facts
{
    /**
     * @param  float  $now  s since 1970 UTC
     * @param  ?float  $since  when the first line was set; null where none was
     * @param  list<Bitten>  $bites  earlier first
     * @param  list<Rod>  $rods  in the water
     * @param  list<string>  $species  fished for
     * @param  list<array{species: string, top: float, bottom: float, was: array{float, float}}>  $bands  m, under the light of
     *                                                                                            now and as lines went in
     * @param  ?float  $made  m/s over the ground, on the average of the last while; null where it is not known over all of it
     * @param  ?float  $speed  m/s through the water
     * @param  ?float  $heading  ° true
     * @param  ?float  $surface  °C
     * @param  ?array{id: string, at: float}  $followed  when a fish was seen last that did not take
     * @param  int  $gearLost  rigs, on this day
     * @param  array<string, float>  $finishHours  line-hours of each finish ({@see FinishRates::hours()})
     */
    public function __construct(
        public float $now, public ?float $since, public array $bites, public array $rods, public array $species,
        public array $bands, public ?float $made, public ?float $speed, public ?float $heading, public ?float $surface,
        public ?Place $place, public ?array $followed = null, public int $gearLost = 0,
        public array $finishHours = [],
    ) {
    }

    /** s since the last bite, or since lines went in. */
    public function quiet(): ?float
    {
        $last = $this->bites === [] ? $this->since : max($this->since ?? 0.0, $this->bites[count($this->bites) - 1]->at);

        return $last === null ? null : $this->now - $last;
    }
}
