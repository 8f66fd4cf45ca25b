<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\Board;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Turn;

/**
 * What holds a chain's top off the boat: the front line of a board, or a clip on the tow line of a mast board.
 *
 * The line runs straight (mostly in air) from the rod tip in the direction of the horizontal pull of board and trailing
 * chain; the board lies √(B² − h²) out along it. On a mast board's tow line the pulls are weighed by how far out they act,
 * so that their moments about the mast balance.
 */
final class Tether
{
    /** m from the tow point to the board, level. */
    private readonly float $reach;

    /** Share of the tow line at which the chain hangs. */
    private readonly float $arm;

    /** @var array{float, float} m, aft and to starboard, from the tow point to the board as last weighed */
    private array $board = [0.0, 0.0];

    /** N at the tow point, level line or not. */
    private float $tension = 0.0;

    /** N the board is pressed down with. */
    private float $load = 0.0;

    /**
     * @param  array{float, float, float}  $towPoint  m
     * @param  March  $march  of the chain it holds
     * @param  list<FreeEnd>  $others  the chains clipped to the same tow line, as the board lists them
     */
    public function __construct(
        private readonly Board $held,
        private readonly array $towPoint,
        private readonly March $march,
        private readonly Stream $stream,
        private readonly array $others,
    ) {
        $this->reach = sqrt($held->lineOut ** 2 - $towPoint[2] ** 2);
        $this->arm = $held->clipOut === null ? 1.0 : $held->clipOut / $held->lineOut;
    }

    /**
     * The circle (m) on which an inside board comes to ride in the very centre, its front line as long as the way there: on
     * a narrower one there is no water that would hold it out. 0 where the board pulls to the outside, or shares its line.
     */
    public function narrowest(Turn $turn): float
    {
        [$x, $y] = $this->towPoint;
        if ($this->held->clipOut !== null || $turn->side !== $this->held->side || $this->reach <= abs($x)) {
            return 0.0;
        }

        return $turn->side->sign() * $y + sqrt($this->reach ** 2 - $x ** 2);
    }

    public function startLike(self $other): void
    {
        foreach ($this->others as $i => $end) {
            $end->startLike($other->others[$i]);
        }
    }

    /**
     * Where, with the chain's top where the march left it, the line that holds it would leave the boat.
     *
     * @return array{float, float} m
     *
     * @throws CannotTow
     */
    public function foot(): array
    {
        $march = $this->march;
        [$tipX, $tipY] = $this->towPoint;
        [$x, $y] = [$march->x, $march->y];
        $along = [0.0, 0.0];
        if ($this->held->clipOut !== null) {
            // The tow line points at the clip as marched: where that is right, so is everything on it.
            [$dx, $dy] = [$x - $tipX, $y - $tipY];
            $distance = max(hypot($dx, $dy), 1e-9);
            $along = [$this->reach * $dx / $distance, $this->reach * $dy / $distance];
            [$x, $y] = [$tipX + $along[0], $tipY + $along[1]];
        }
        [$u, $v] = $this->stream->at($x, $y, 0.0);
        $dynamic = $this->stream->halfDensity * sqrt($u * $u + $v * $v);
        $drag = $dynamic * $this->held->dragArea;
        $side = $dynamic * $this->held->sideArea * $this->held->side->sign();
        $pullX = $drag * $u - $side * $v + $this->arm * $march->fx;
        $pullY = $drag * $v + $side * $u + $this->arm * $march->fy;
        $this->load = $this->arm * $march->fz;
        foreach ($this->held->others as $i => $other) {
            $share = $other->clipOut / $this->held->lineOut;
            $hung = $this->others[$i];
            $hung->place($tipX + $share * $along[0], $tipY + $share * $along[1], 0.0);
            $pullX += $share * $hung->march->fx;
            $pullY += $share * $hung->march->fy;
            $this->load += $share * $hung->march->fz;
        }
        $pull = hypot($pullX, $pullY);
        $this->board = $pull > 0.0 ? [$this->reach * $pullX / $pull, $this->reach * $pullY / $pull] : [0.0, 0.0];
        $this->tension = $pull * $this->held->lineOut / $this->reach;

        return [$march->x - $this->arm * $this->board[0], $march->y - $this->arm * $this->board[1]];
    }

    /** @return array{float, float} m, aft and to starboard, from the tow point to the chain's top */
    public function out(): array
    {
        return [$this->arm * $this->board[0], $this->arm * $this->board[1]];
    }

    /** @return array{float, float, float} m, the board's place once the chain is placed */
    public function board(): array
    {
        return $this->clip() === null
            ? [$this->march->x, $this->march->y, 0.0]
            : [$this->towPoint[0] + $this->board[0], $this->towPoint[1] + $this->board[1], 0.0];
    }

    /** @return array{float, float, float}|null m, where the chain is clipped to a mast board's tow line */
    public function clip(): ?array
    {
        return $this->held->clipOut === null ? null : [$this->march->x, $this->march->y, 0.0];
    }

    /** N at the rod tip; of a line clipped to a tow line, at its clip. */
    public function tension(): float
    {
        return $this->clip() === null ? $this->tension : $this->march->pull();
    }

    public function load(): float
    {
        return $this->load;
    }

    public function isPulledUnder(): bool
    {
        return $this->load > $this->held->buoyancy;
    }
}
