<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\BoardLoad;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Load;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolution;
use Admek\Core\Towing\Water;

/** One line in one flow: its chain placed below its tow point, or below the board that carries it. */
final class SteadyTow
{
    /** Points wanted along a recorded curve: the page draws no more (docs/openapi.yaml). */
    private const PATH_POINTS = 24;

    /** @var array{float, float} place of the chain's top, m */
    private array $top = [0.0, 0.0];

    /** @var array{float, float, float}|null */
    private ?array $board = null;

    private float $tension = 0.0;

    /** N the board is pressed down with. */
    private float $load = 0.0;

    private readonly FreeEnd $end;

    public function __construct(
        private readonly Water $water,
        private readonly TowLine $line,
        private readonly Nudge $nudge = new Nudge,
        private readonly float $fineness = 1.0,
        ?self $startLike = null,
    ) {
        $this->end = new FreeEnd(new March($water, $nudge, $fineness), $line->chain);
        if ($startLike !== null) {
            $this->end->startLike($startLike->end);
        }
    }

    /** Places the line; with $recording its curve is kept too. */
    public function solve(bool $recording = false): void
    {
        $this->end->place($this->line->board === null ? $this->line->towPoint[2] : 0.0, $recording ? $this->grain() : null);
        $march = $this->end->march;
        $this->tension = sqrt($march->fx ** 2 + $march->fy ** 2 + $march->fz ** 2);
        $this->top = [$this->line->towPoint[0], $this->line->towPoint[1]];
        if ($this->line->board !== null) {
            $this->setBoard();
        }
    }

    /** @return array<string, array{float, float, float}> */
    public function bodies(): array
    {
        [$dx, $dy] = $this->shift();

        return array_map(static fn (array $p): array => [$p[0] + $dx, $p[1] + $dy, $p[2]], $this->end->march->bodies);
    }

    /** Depth of a named body, m. */
    public function depthOf(string $body): float
    {
        return $this->end->march->bodies[$body][2];
    }

    /** @return list<Load> */
    public function loads(): array
    {
        return $this->end->loads($this->line->board === null ? $this->line->towPoint[2] : 0.0);
    }

    public function steps(): int
    {
        return $this->end->march->steps;
    }

    public function solution(float $speedFactor): TowSolution
    {
        [$dx, $dy] = $this->shift();
        $march = $this->end->march;
        $path = self::moved($march->curve->points ?? [], $dx, $dy);
        $board = $this->line->board;
        if ($board !== null && $board->clipOut === null) {
            $path[] = $this->line->towPoint;
        }

        return new TowSolution(
            $this->bodies(),
            $this->board,
            $board === null ? null : $this->load,
            $this->tension,
            $speedFactor,
            $march->surfaced,
            $path,
            array_map(static fn (array $branch): array => self::moved($branch, $dx, $dy), $march->branchPaths),
            $board !== null && $this->load > $board->buoyancy,
            $board?->clipOut === null ? null : [$this->top[0], $this->top[1], 0.0],
        );
    }

    /**
     * The front line runs straight from the rod tip in the direction of the horizontal pull of board and trailing chain;
     * the board lies √(B² − h²) out along it (02 §3). On a mast board's tow line the pulls are weighed by how far out
     * they act, so that their moments about the mast balance.
     */
    private function setBoard(): void
    {
        $board = $this->line->board;
        assert($board !== null);
        $march = $this->end->march;
        [$u, $v] = $this->water->flow->at(0.0);
        $dynamic = 0.5 * $this->water->density * sqrt($u * $u + $v * $v);
        $drag = $dynamic * $board->dragArea;
        $side = $dynamic * $board->sideArea * $board->side->sign();
        $arm = $board->clipOut === null ? 1.0 : $board->clipOut / $board->lineOut;
        $pullX = $drag * $u - $side * $v + $arm * $march->fx;
        $pullY = $drag * $v + $side * $u + $arm * $march->fy;
        $this->load = $arm * $march->fz;
        foreach ($board->others as $other) {
            [$fx, $fy, $fz] = $this->topForce($other);
            $pullX += $other->clipOut / $board->lineOut * $fx;
            $pullY += $other->clipOut / $board->lineOut * $fy;
            $this->load += $other->clipOut / $board->lineOut * $fz;
        }
        $pull = hypot($pullX, $pullY);
        $height = $this->line->towPoint[2];
        $reach = sqrt($board->lineOut ** 2 - $height ** 2);
        [$aft, $out] = $pull > 0.0 ? [$reach * $pullX / $pull, $reach * $pullY / $pull] : [0.0, 0.0];
        $this->board = [$this->top[0] + $aft, $this->top[1] + $out, 0.0];
        $this->top[0] += $arm * $aft;
        $this->top[1] += $arm * $out;
        if ($board->clipOut === null) {
            $this->tension = $pull * $board->lineOut / $reach;
        }
    }

    /**
     * What another chain pulls at the surface with; where it is clipped does not matter, since the flow is the same all over.
     *
     * @return array{float, float, float} N
     */
    private function topForce(BoardLoad $load): array
    {
        $end = new FreeEnd(new March($this->water, $this->nudge, $this->fineness), $load->chain);
        $end->place(0.0);

        return [$end->march->fx, $end->march->fy, $end->march->fz];
    }

    /**
     * @param  list<array{float, float, float}>  $path
     * @return list<array{float, float, float}>
     */
    private static function moved(array $path, float $dx, float $dy): array
    {
        return array_map(static fn (array $p): array => [$p[0] + $dx, $p[1] + $dy, $p[2]], $path);
    }

    /** @return array{float, float} from the march's own place to the boat's frame */
    private function shift(): array
    {
        return [$this->top[0] - $this->end->march->x, $this->top[1] - $this->end->march->y];
    }

    private function grain(): float
    {
        $length = 0.0;
        foreach ($this->line->chain as $part) {
            $length += $part instanceof Line ? $part->length : 0.0;
        }

        return max($length / self::PATH_POINTS, 0.05);
    }
}
