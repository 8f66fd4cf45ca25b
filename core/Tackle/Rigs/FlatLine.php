<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\TowLine;

/** Lure – leader – main line, nothing else. Let-out is read from rod tip (or board) to lure. */
final readonly class FlatLine implements TrailingRig
{
    /**
     * @param  float  $letOut  m
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public LineStock $main, public float $letOut, public ?Leader $leader, public Lure $lure, public FlatRun $run = FlatRun::Flat)
    {
        InvalidValue::unlessBetween('let_out', $letOut, $this->leastOut(), $run->most(), 'm');
    }

    public function chain(): array
    {
        $leader = $this->leader?->parts() ?? [];

        return [$this->lure->body(), ...$leader, $this->main->length($this->letOut - ($this->leader->length ?? 0.0), letOut: true)];
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $tip, $this->chain());
    }

    public function control(): Control
    {
        return new Control(ControlKind::LetOut, $this->letOut, $this->leastOut(), $this->run->most(), $this->run->step(), $this->run->metricStep());
    }

    public function withControl(float $value): self
    {
        return new self($this->main, $value, $this->leader, $this->lure, $this->run);
    }

    public function lure(): Lure
    {
        return $this->lure;
    }

    public function ruleOfThumb(?RulesOfThumb $rules = null): ?RuleOfThumb
    {
        $rated = $this->lure->rated;
        $rules ??= RulesOfThumb::of();

        return $rated === null ? null : new RuleOfThumb(
            min($rated->depth * $this->letOut / $rated->lead, $rules->flatMost * $rated->depth),
            'dive figure, in proportion to let-out',
            $rated->speed,
        );
    }

    private function leastOut(): float
    {
        return max($this->run->least(), ($this->leader->length ?? 0.0) + 0.3);
    }
}
