<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;

/** The figures the trade reckons depth with; each can be the boat's own. */
final readonly class RulesOfThumb
{
    /** 2 mph in m/s. */
    private const TWO_MPH = 0.89408;

    /**
     * @param  float  $perColour  m a colour of leadcore takes a lure down
     * @param  float  $coreSpeed  m/s at which it does
     * @param  float  $diverShare  depth of a diver at dial 0 as a share of its let-out
     * @param  float  $diverSharePerMark  what each whole number of dial takes from that
     * @param  float  $bouncerScope  let-out over depth of a bouncer that ticks bottom
     * @param  float  $flatMost  most a diving lure on a flat line gets, as a share of its dive figure
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public float $perColour = 5 * Units::FOOT,
        public float $coreSpeed = self::TWO_MPH,
        public float $diverShare = 0.55,
        public float $diverSharePerMark = 0.05,
        public float $bouncerScope = 2.0,
        public float $flatMost = 1.2,
    ) {
        InvalidValue::unlessBetween('per_colour', $perColour, 0.3, 6, 'm');
        InvalidValue::unlessBetween('core_speed', $coreSpeed, 0.2, 3, 'm/s');
        InvalidValue::unlessBetween('diver_share', $diverShare, 0.1, 0.95);
        InvalidValue::unlessBetween('diver_share_per_mark', $diverSharePerMark, 0, 0.2);
        InvalidValue::unlessBetween('bouncer_scope', $bouncerScope, 1, 6);
        InvalidValue::unlessBetween('flat_most', $flatMost, 1, 2);
    }

    /**
     * @param  array<string, float>  $own  the boat's own figures by name; what is not there keeps its default
     *
     * @throws InvalidValue naming the field
     */
    public static function of(array $own): self
    {
        $default = new self;
        foreach (array_keys($own) as $name) {
            if (! array_key_exists($name, $default->figures())) {
                throw InvalidValue::because($name, 'one of '.implode(', ', array_keys($default->figures())));
            }
        }
        $figures = $own + $default->figures();

        return new self(
            $figures['per_colour'], $figures['core_speed'], $figures['diver_share'],
            $figures['diver_share_per_mark'], $figures['bouncer_scope'], $figures['flat_most'],
        );
    }

    /** @return array<string, float> by name */
    public function figures(): array
    {
        return [
            'per_colour' => $this->perColour, 'core_speed' => $this->coreSpeed, 'diver_share' => $this->diverShare,
            'diver_share_per_mark' => $this->diverSharePerMark, 'bouncer_scope' => $this->bouncerScope, 'flat_most' => $this->flatMost,
        ];
    }
}
