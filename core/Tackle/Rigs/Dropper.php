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
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\TowLine;
use Admek\Core\Units\Units;

/**
 * A three-way: a weight on its dropper and a lure on its leader meet at the node, then the main line. River work:
 * what holds it is the current past the gear plus the boat's own way. Let-out is read from rod tip to the node.
 */
final readonly class Dropper implements BottomRig
{
    public const MOST_OUT = 100.0;

    /**
     * @param  float  $dropper  m from node to weight
     * @param  float  $letOut  m
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public LineStock $main,
        public LeadWeight $weight,
        public float $dropper,
        public float $letOut,
        public Leader $leader,
        public Lure $lure,
    ) {
        InvalidValue::unlessBetween('dropper_length', $dropper, 0.05, 5, 'm');
        InvalidValue::unlessBetween('let_out', $letOut, 1, self::MOST_OUT, 'm');
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $tip, [
            $this->weight->body(self::WEIGHT), $this->main->length($this->dropper),
            new Branch([$this->lure->body(), ...$this->leader->parts()]),
            $this->main->length($this->letOut, letOut: true),
        ]);
    }

    public function control(): Control
    {
        return new Control(ControlKind::LetOut, $this->letOut, 1, self::MOST_OUT, 2 * Units::FOOT, 0.5);
    }

    public function withControl(float $value): self
    {
        return new self($this->main, $this->weight, $this->dropper, $value, $this->leader, $this->lure);
    }

    public function weight(): float
    {
        return $this->weight->mass;
    }

    public function withWeight(float $mass): self
    {
        return new self($this->main, new LeadWeight($mass), $this->dropper, $this->letOut, $this->leader, $this->lure);
    }

    public function otherControl(): Control
    {
        return $this->weight->asControl();
    }

    public function withOtherControl(float $value): self
    {
        return $this->withWeight($value);
    }

    public function letOut(): float
    {
        return $this->letOut;
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
