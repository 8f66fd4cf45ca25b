<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Entry;
use Admek\Core\Tackle\Catalogue\Field;
use Admek\Core\Tackle\Catalogue\Outfitter;
use Admek\Core\Tackle\Catalogue\Part;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;

/** Lure – leader – main line, nothing else. Let-out is read from rod tip (or board) to lure. */
final readonly class FlatLine extends SoleTrailingRig
{
    /** m of main line there is ahead of the leader at least. */
    private const AHEAD = 0.3;

    /**
     * @param  float  $letOut  m
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public LineStock $main,
        public float $letOut,
        public ?Leader $leader,
        public Lure $lure,
        public FlatRun $run = FlatRun::Flat,
    ) {
        InvalidValue::unlessBetween('let_out', $letOut, $this->leastOut(), $run->range()->most, 'm');
    }

    public static function entry(FlatRun $run): Entry
    {
        return new Entry(
            $run->word(), $run->plural(), $run->bestAt(),
            static fn (Outfitter $outfit): self => new self(
                $outfit->main(), $outfit->need(LineFigure::LetOut), $outfit->leader(), $outfit->lure(), $run,
            ),
            [
                Part::rodTip(),
                Part::line(Field::beside(LineFigure::LetOut, 'Let out to the lure', $run->range())),
                ...Part::tail(),
            ],
            $run->starts(),
            lures: $run->lures(),
            takesBoard: $run === FlatRun::Flat,
            boardWord: 'board',
            offered: $run === FlatRun::Flat ? 'flat line' : null,
            fishes: $run->fishes(),
            suits: $run->suits(...),
        );
    }

    public function chain(): array
    {
        $leader = $this->leader?->parts() ?? [];

        return [
            $this->lure->body(), ...$leader, $this->main->length($this->letOut - ($this->leader->length ?? 0.0), letOut: true),
        ];
    }

    public function control(): Control
    {
        return $this->run->range()->within($this->leastOut())->control(ControlKind::LetOut, $this->letOut);
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

    public function onRatedLine(): ?self
    {
        $rated = $this->lure->rated;

        return $rated === null ? null : new self(
            LineStock::of($this->main->material, $this->main->test, $rated->lineDiameter), $this->letOut, $this->leader,
            $this->lure, $this->run,
        );
    }

    private function leastOut(): float
    {
        return max($this->run->range()->least, ($this->leader->length ?? 0.0) + self::AHEAD);
    }
}
