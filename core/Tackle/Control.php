<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

/** The one figure the mate sets to put a rig at a depth: cable on the counter, line let out, or colours of core. */
final readonly class Control
{
    /**
     * @param  float  $value  m, or colours
     * @param  float  $least  same unit
     * @param  float  $most  same unit
     * @param  float  $step  natural step of a boat that thinks in feet, same unit
     * @param  float  $metricStep  natural step of a metric boat, same unit
     */
    public function __construct(
        public ControlKind $kind,
        public float $value,
        public float $least,
        public float $most,
        public float $step,
        public float $metricStep,
    ) {
    }

    /** The nearest value a mate can read off: whole feet (quarter metres on a metric boat), tenths of a colour. */
    public function settable(float $value, bool $metric): float
    {
        $grain = match (true) {
            $this->kind === ControlKind::Colours => 0.1,
            $metric => 0.25,
            default => Rig::FOOT,
        };

        return max($this->least, min($this->most, round($value / $grain) * $grain));
    }
}
