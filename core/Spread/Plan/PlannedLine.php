<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Parts\Counter;
use Admek\Core\Tackle\Parts\Figure;
use Admek\Core\Tackle\Rigs\Control;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\Doubt\Doubts;
use Admek\Core\Towing\Doubt\Trued;
use Admek\Core\Towing\TowLine;

/** A rig in its holder: what the plan says of one line. */
final readonly class PlannedLine
{
    /** m a line can be meant to run at. */
    public const AIM = [0, 150];

    /**
     * @param  string  $holder  the holder's code, by which the rail and the crew know the line
     * @param  array{float, float, float}  $tip  rod tip or boom end in the towing frame, m
     * @param  bool  $counterCalibrated  whether the let-out is read on a counter the captain has checked
     * @param  ?float  $aim  m the captain asked it to run at; null where nobody did
     * @param  float  $counterFactor  what its counter shows for each metre that is truly out
     * @param  list<Figure>  $figures  it was rigged with
     * @param  ?Trued  $trued  what soundings have taught of its figures
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public string $holder,
        public Rig $rig,
        public array $tip,
        public bool $counterCalibrated = false,
        public ?float $aim = null,
        public float $counterFactor = 1.0,
        public array $figures = [],
        public ?Trued $trued = null,
    ) {
        InvalidValue::unlessBetween('counter_factor', $counterFactor, ...Counter::SHOWS);
        InvalidValue::unlessBetween('aim', $aim ?? 0.0, ...self::AIM, unit: 'm');
    }

    /**
     * @param  float  $density  kg/m³ of the water it is towed in
     *
     * @throws InvalidValue naming the field
     */
    public function towLine(float $density = Rig::FRESH_WATER): TowLine
    {
        $line = $this->rig->towLine($this->holder, $this->tip)->floating(Rig::FRESH_WATER, $density);

        return $this->trued === null ? $line : $line->trued($this->trued, $this->doubts());
    }

    public function doubts(): Doubts
    {
        return new Doubts(
            $this->rig->lure()->diveDoubt,
            $this->counterCalibrated ? Doubts::LET_OUT_CALIBRATED : Doubts::LET_OUT,
            axes: $this->trued?->axes,
        );
    }

    /** The same by other figures; by the default ones where nothing is taught. */
    public function withTrued(?Trued $trued): self
    {
        return new self(
            $this->holder, $this->rig, $this->tip, $this->counterCalibrated, $this->aim, $this->counterFactor, $this->figures,
            $trued,
        );
    }

    /** Whether the counter is its holder's, as of a rigger, and not its reel's. */
    public static function isReadAtHolder(Rig $rig): bool
    {
        $cable = $rig->cable();

        return $cable !== null && ! $cable->stacked();
    }

    /** Whether it is read on a counter: colours are counted by their marks, a stacked release is measured off on the cable. */
    public function isCounted(): bool
    {
        return ! in_array($this->rig->control()->kind, [ControlKind::Colours, ControlKind::Above], true);
    }

    /**
     * @param  float  $setting  m that are truly out
     * @return float m that its counter shows then
     */
    public function counterShows(float $setting): float
    {
        return $setting * $this->counterFactor;
    }

    /** @throws InvalidValue when the control is out of its range */
    public function withControl(float $value): self
    {
        return $this->withRig($this->rig->withControl($value));
    }

    /** @throws InvalidValue when there is no such control, or it is out of its range */
    public function withOtherControl(float $value): self
    {
        return $this->withRig($this->rig->withOtherControl($value));
    }

    /** Another rig in this holder. */
    public function withRig(Rig $rig): self
    {
        return new self(
            $this->holder, $rig, $this->tip, $this->counterCalibrated, $this->aim, $this->counterFactor, $this->figures,
            $this->trued,
        );
    }

    /** The same line from a rod tip at another height, m above the water. */
    public function withTipAt(float $height): self
    {
        return new self(
            $this->holder,
            $this->rig,
            [$this->tip[0], $this->tip[1], -$height],
            $this->counterCalibrated,
            $this->aim,
            $this->counterFactor,
            $this->figures,
            $this->trued,
        );
    }
}
