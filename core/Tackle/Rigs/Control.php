<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Units\Units;

/** The figure the mate sets to put a rig at a depth: cable on the counter, line let out, colours of core; a dial, a weight. */
final readonly class Control
{
    /**
     * @param  float  $value  m, colours, marks of a dial or kg
     * @param  float  $least  same unit
     * @param  float  $most  same unit
     * @param  float  $step  natural step of a boat that thinks in feet, same unit
     * @param  float  $metricStep  natural step of a metric boat, same unit
     * @param  bool  $deepens  whether more of it runs deeper; a release higher above its ball runs shallower
     * @param  ?string  $emptied  figure that is 0 while this control is short of its most: no backing is out over core on the
     *   reel
     */
    public function __construct(
        public ControlKind $kind,
        public float $value,
        public float $least,
        public float $most,
        public float $step,
        public float $metricStep,
        public bool $deepens = true,
        public ?string $emptied = null,
    ) {
    }

    /**
     * The nearest value a mate can set: whole feet (quarter metres on a metric boat), tenths of a colour, half marks, a weight in
     * the box.
     */
    public function settable(float $value, bool $metric): float
    {
        if ($this->kind === ControlKind::Weight) {
            $box = LeadWeight::STOCK;
            usort($box, static fn (float $a, float $b): int => abs($a - $value) <=> abs($b - $value));

            return $box[0];
        }
        $grain = $this->grain($metric);

        return max($this->least, min($this->most, round($value / $grain) * $grain));
    }

    /** The least by which a mate can set it otherwise, in its own unit. */
    public function grain(bool $metric): float
    {
        return match (true) {
            $this->kind === ControlKind::Colours => 0.1,
            $this->kind === ControlKind::Dial => 0.5,
            $metric => 0.25,
            default => Units::FOOT,
        };
    }

    /**
     * What a line's figures become when the control is set.
     *
     * @return array<string, float> m, colours, marks or kg by figure
     */
    public function figures(float $value): array
    {
        return [$this->kind->figure() => $value] + (
            $this->emptied !== null && $value < $this->most ? [$this->emptied => 0.0] : []
        );
    }
}
