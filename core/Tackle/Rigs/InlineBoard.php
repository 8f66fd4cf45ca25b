<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\Planer;
use Admek\Core\Towing\Board;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;

/** A board clipped on the line: what trails it is a rig of its own, the front line holds the board out. */
final readonly class InlineBoard extends BoardRig
{
    /**
     * @param  float  $lineOut  m of front line from rod tip to board
     *
     * @throws InvalidValue when nobody would run it there
     */
    public function __construct(Planer $planer, Side $side, float $lineOut, TrailingRig $trailing)
    {
        LineFigure::BoardOut->range()->hold(LineFigure::BoardOut, $lineOut);
        parent::__construct($planer, $side, $lineOut, $trailing);
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $tip, $this->trailing->chain(), new Board(
            $this->side, $this->planer->dragArea, $this->planer->sideArea, $this->planer->buoyancy, $this->lineOut,
            mass: $this->planer->mass,
        ));
    }

    public function withTrailing(TrailingRig $trailing): self
    {
        return new self($this->planer, $this->side, $this->lineOut, $trailing);
    }

    public function out(): float
    {
        return $this->lineOut;
    }

    public function outFigure(): LineFigure
    {
        return LineFigure::BoardOut;
    }

    public function withOut(float $out): self
    {
        return new self($this->planer, $this->side, $out, $this->trailing);
    }

    public function towedFrom(array $tip): array
    {
        return $tip;
    }
}
