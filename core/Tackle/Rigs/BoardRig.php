<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Catalogue\SettingRank;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\Planer;
use Admek\Core\Towing\Side;

/** A board with a rig of its own behind it: what trails is tuned as ever, the board is set out. */
abstract readonly class BoardRig extends SoleRig
{
    /** @param  float  $lineOut  m of front line from rod tip, or of tow line from mast, to the board */
    public function __construct(public Planer $planer, public Side $side, public float $lineOut, public TrailingRig $trailing)
    {
    }

    /** @throws InvalidValue naming the field */
    abstract public function withTrailing(TrailingRig $trailing): self;

    /** m from the boat at which what trails leaves for it. */
    abstract public function out(): float;

    /** Which figure of a line that is. */
    abstract public function outFigure(): LineFigure;

    /**
     * The same set out otherwise.
     *
     * @param  float  $out  m
     *
     * @throws InvalidValue when nobody would run it there
     */
    abstract public function withOut(float $out): self;

    /**
     * Where the line to the board leaves the boat, m in the towing frame.
     *
     * @param  array{float, float, float}  $tip  the rod's
     * @return array{float, float, float}
     */
    abstract public function towedFrom(array $tip): array;

    public function control(): Control
    {
        return $this->trailing->control();
    }

    public function withControl(float $value): self
    {
        return $this->withTrailing($this->trailing->withControl($value));
    }

    public function otherControl(): ?Control
    {
        return $this->trailing->otherControl();
    }

    public function withOtherControl(float $value): self
    {
        return $this->withTrailing($this->trailing->withOtherControl($value));
    }

    public function lure(): Lure
    {
        return $this->trailing->lure();
    }

    public function ruleOfThumb(?RulesOfThumb $rules = null): ?RuleOfThumb
    {
        return $this->trailing->ruleOfThumb($rules);
    }

    public function rank(): SettingRank
    {
        return SettingRank::Board;
    }

    public function outside(): float
    {
        return $this->out();
    }

    /** What trails it is let out before the board is clipped on, and goes out with it. */
    public function partlyOut(float $share): self
    {
        return $this->withOut($share * $this->out());
    }

    public function wouldHelp(): array
    {
        return $this->trailing->wouldHelp();
    }

    public function board(): self
    {
        return $this;
    }
}
