<?php

declare(strict_types=1);

namespace Admek\Core\Water\Signs;

use Admek\Core\InvalidValue;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Tackle\Parts\Forage;
use Admek\Core\Towing\Medium\Current;
use Admek\Core\Water\ReadingRules;

/** What is known of the water before lines go in; null is not known. */
final readonly class WaterSigns
{
    /**
     * @param  ?float  $bottom  m
     * @param  ?float  $currentSurface  m/s
     * @param  ?float  $currentDeep  m/s
     * @param  ?Forage  $forage  bait that is about
     * @param  ?TemperatureProfile  $earlier  of the same ground, so many days before
     * @param  ?float  $surfaceTemperature  °C, where the column was not read up to there
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public Season $season,
        public ?TemperatureProfile $profile = null,
        public Marks $marks = new Marks([]),
        public ?float $bottom = null,
        public ?Clarity $clarity = null,
        public ?Sky $sky = null,
        public ?Surface $surface = null,
        public ?float $currentSurface = null,
        public ?float $currentDeep = null,
        public ?TemperatureProfile $earlier = null,
        public int $earlierDays = 0,
        public ?Forage $forage = null,
        public ?float $surfaceTemperature = null,
    ) {
        foreach ([
            'bottom' => [$bottom, ...Bottom::DEPTH, 'm'],
            'current_surface' => [$currentSurface, ...Current::DRIFT, 'm/s'],
            'current_deep' => [$currentDeep, ...Current::DRIFT, 'm/s'],
        ] as $field => [$figure, $least, $most, $unit]) {
            if ($figure !== null) {
                InvalidValue::unlessBetween($field, $figure, $least, $most, $unit);
            }
        }
    }

    /**
     * Whether there is a current that makes a river of it.
     *
     * @param  RuleBook  $rules  of {@see ReadingRules}
     */
    public function isRiver(RuleBook $rules): bool
    {
        return ($this->currentSurface ?? 0.0) > $rules->get('river');
    }

    /**
     * Whether it is cold spring water no deeper than a tip held low fishes; a river's is none.
     *
     * @param  RuleBook  $rules  of {@see ReadingRules}
     */
    public function isColdShallows(RuleBook $rules): bool
    {
        $warmth = $this->warmth();

        return $this->season === Season::Spring && ! $this->isRiver($rules)
            && $this->bottom !== null && $this->bottom <= $rules->get('shallow')
            && $warmth !== null && $warmth <= $rules->get('cold_shallows');
    }

    /** °C at the surface. */
    public function warmth(): ?float
    {
        return $this->profile?->surface() ?? $this->surfaceTemperature;
    }
}
