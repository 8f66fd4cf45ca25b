<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Units\Units;

/** Lure – leader – diver – main line. Let-out is read to the diver; leader and lure trail it. */
final readonly class Diver implements OtherControl
{
    public const MOST_OUT = 120.0;

    /**
     * @param  float  $letOut  m
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public DiverPlate $plate,
        public float $dial,
        public Side $side,
        public LineStock $main,
        public float $letOut,
        public Leader $leader,
        public Lure $lure,
        public bool $tripped = false,
    ) {
        InvalidValue::unlessBetween('let_out', $letOut, 2, self::MOST_OUT, 'm');
        InvalidValue::unlessBetween('dial', $dial, 0, DiverPlate::HIGHEST_DIAL);
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $tip, [
            $this->lure->body(), ...$this->leader->parts(),
            $this->plate->body($this->dial, $this->side, $this->tripped), $this->main->length($this->letOut, letOut: true),
        ]);
    }

    public function control(): Control
    {
        return new Control(ControlKind::LetOut, $this->letOut, 2, self::MOST_OUT, 5 * Units::FOOT, 1.0);
    }

    public function withControl(float $value): self
    {
        return new self($this->plate, $this->dial, $this->side, $this->main, $value, $this->leader, $this->lure, $this->tripped);
    }

    public function otherControl(): Control
    {
        return new Control(ControlKind::Dial, $this->dial, 0, DiverPlate::HIGHEST_DIAL, 0.5, 0.5, deepens: false);
    }

    public function withOtherControl(float $value): self
    {
        return new self($this->plate, $value, $this->side, $this->main, $this->letOut, $this->leader, $this->lure, $this->tripped);
    }

    public function lure(): Lure
    {
        return $this->lure;
    }

    public function ruleOfThumb(?RulesOfThumb $rules = null): RuleOfThumb
    {
        $rules ??= RulesOfThumb::of();
        $share = max(0.0, $rules->diverShare - $rules->diverSharePerMark * $this->dial);

        return new RuleOfThumb($this->letOut * $share, sprintf('dial %g: %d %% of let-out', $this->dial, round(100 * $share)));
    }
}
