<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\TowLine;

/** Lure – leader – main line, nothing else. Let-out is read from rod tip (or board) to lure. */
final readonly class FlatLine implements TrailingRig
{
    public const MOST_OUT = 150.0;

    /**
     * @param  float  $letOut  m
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public LineStock $main, public float $letOut, public ?Leader $leader, public Lure $lure)
    {
        InvalidValue::unlessBetween('let_out', $letOut, self::leastOut($leader), self::MOST_OUT, 'm');
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
        return new Control(ControlKind::LetOut, $this->letOut, self::leastOut($this->leader), self::MOST_OUT, 5 * self::FOOT, 1.0);
    }

    public function withControl(float $value): self
    {
        return new self($this->main, $value, $this->leader, $this->lure);
    }

    public function lure(): Lure
    {
        return $this->lure;
    }

    public function ruleOfThumb(): ?RuleOfThumb
    {
        $rated = $this->lure->rated;

        return $rated === null ? null : new RuleOfThumb(
            min($rated->depth * $this->letOut / $rated->lead, 1.2 * $rated->depth),
            'dive figure, in proportion to let-out',
        );
    }

    private static function leastOut(?Leader $leader): float
    {
        return max(2.0, ($leader->length ?? 0.0) + 0.5);
    }
}
