<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\TowLine;
use Admek\Core\Units\Units;

/** Lure – lead ahead – weight – main line. Let-out is read from rod tip (or board) to the weight. */
final readonly class ClipWeight implements OtherControl, TrailingRig
{
    public const MOST_OUT = 150.0;

    /**
     * @param  float  $lead  m from weight to lure, leader within
     * @param  float  $letOut  m
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public LineStock $main,
        public LeadWeight $weight,
        public float $lead,
        public float $letOut,
        public ?Leader $leader,
        public Lure $lure,
    ) {
        InvalidValue::unlessBetween('lead', $lead, $leader->length ?? 0.3, 100, 'm');
        InvalidValue::unlessBetween('let_out', $letOut, 1, self::MOST_OUT, 'm');
    }

    public function chain(): array
    {
        $leader = $this->leader?->parts() ?? [];

        return [
            $this->lure->body(), ...$leader, $this->main->length($this->lead - ($this->leader->length ?? 0.0)),
            $this->weight->body('weight'), $this->main->length($this->letOut, letOut: true),
        ];
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $tip, $this->chain());
    }

    public function control(): Control
    {
        return new Control(ControlKind::LetOut, $this->letOut, 1, self::MOST_OUT, 5 * Units::FOOT, 1.0);
    }

    public function withControl(float $value): self
    {
        return new self($this->main, $this->weight, $this->lead, $value, $this->leader, $this->lure);
    }

    public function otherControl(): Control
    {
        return $this->weight->asControl();
    }

    public function withOtherControl(float $value): self
    {
        return new self($this->main, new LeadWeight($value), $this->lead, $this->letOut, $this->leader, $this->lure);
    }

    public function lure(): Lure
    {
        return $this->lure;
    }

    public function ruleOfThumb(?RulesOfThumb $rules = null): ?RuleOfThumb
    {
        return null;
    }
}
