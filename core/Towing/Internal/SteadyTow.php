<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\Line;
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

    private readonly FreeEnd $end;

    public function __construct(private readonly Water $water, private readonly TowLine $line, Nudge $nudge = new Nudge, float $fineness = 1.0, ?self $startLike = null)
    {
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

    public function steps(): int
    {
        return $this->end->march->steps;
    }

    public function solution(float $speedFactor): TowSolution
    {
        [$dx, $dy] = $this->shift();
        $march = $this->end->march;
        $path = self::moved($march->curve->points ?? [], $dx, $dy);
        if ($this->board !== null) {
            $path[] = $this->line->towPoint;
        }

        return new TowSolution(
            $this->bodies(),
            $this->board,
            $this->board === null ? null : $march->fz,
            $this->tension,
            $speedFactor,
            $march->surfaced,
            $path,
            array_map(static fn (array $branch): array => self::moved($branch, $dx, $dy), $march->branchPaths),
            $this->line->board !== null && $march->fz > $this->line->board->buoyancy,
        );
    }

    /**
     * The front line runs straight from the rod tip in the direction of the horizontal pull of board and trailing chain;
     * the board lies √(B² − h²) out along it (02 §3).
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
        $pullX = $drag * $u - $side * $v + $march->fx;
        $pullY = $drag * $v + $side * $u + $march->fy;
        $pull = hypot($pullX, $pullY);
        $height = $this->line->towPoint[2];
        $reach = sqrt($board->lineOut ** 2 - $height ** 2);
        if ($pull > 0.0) {
            $this->top[0] += $reach * $pullX / $pull;
            $this->top[1] += $reach * $pullY / $pull;
        }
        $this->board = [$this->top[0], $this->top[1], 0.0];
        $this->tension = $pull * $board->lineOut / $reach;
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
