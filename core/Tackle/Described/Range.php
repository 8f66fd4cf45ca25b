<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Rigs\Control;
use Admek\Core\Tackle\Rigs\ControlKind;

/** What a figure of a line can be, and by how much a hand sets it otherwise. */
final readonly class Range
{
    /**
     * @param  float  $least  m, colours, marks or kg
     * @param  float  $most  same unit
     * @param  float  $step  natural one of a boat that thinks in feet, same unit
     * @param  float  $metricStep  natural one of a metric boat, same unit
     * @param  string  $unit  as an error names it
     */
    public function __construct(
        public float $least, public float $most, public float $step, public float $metricStep, public string $unit = 'm',
    ) {
    }

    /** The same, at least or at most so much. */
    public function within(?float $least = null, ?float $most = null): self
    {
        return new self($least ?? $this->least, $most ?? $this->most, $this->step, $this->metricStep, $this->unit);
    }

    /** @throws InvalidValue when a figure lies outside it */
    public function hold(LineFigure $figure, float $value): void
    {
        InvalidValue::unlessBetween($figure->value, $value, $this->least, $this->most, $this->unit);
    }

    /** As what sets a rig's depth. */
    public function control(ControlKind $kind, float $value, bool $deepens = true, ?LineFigure $emptied = null): Control
    {
        return new Control($kind, $value, $this->least, $this->most, $this->step, $this->metricStep, $deepens, $emptied?->value);
    }
}
