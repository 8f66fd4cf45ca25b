<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\BoardLoad;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Load;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolution;
use Admek\Core\Towing\Turn;

/**
 * One line in steady tow: its chain placed below its tow point, or below the board that carries it, on a straight course
 * and from there into a turn.
 *
 * @phpstan-import-type Point from Shooting
 */
final class SteadyTow
{
    /** Points wanted along a recorded curve: the page draws no more (docs/openapi.yaml). */
    private const PATH_POINTS = 24;

    private readonly Stream $stream;

    private readonly FreeEnd $end;

    /** What carries the chain's top; null where that is the boat itself. */
    private readonly ?Tether $tether;

    private readonly float $length;

    public function __construct(
        Water $water,
        private readonly ?Turn $turn,
        private readonly TowLine $line,
        ?Nudge $nudge = null,
        private readonly float $fineness = 1.0,
    ) {
        $this->stream = new Stream($water);
        $nudge ??= Nudge::none();
        $this->end = new FreeEnd(new March($this->stream, $nudge, $fineness), $line->chain);
        $this->tether = $line->board === null
            ? null
            : new Tether($line->board, $line->towPoint, $this->end->march, $this->stream, array_map(
                fn (BoardLoad $other): FreeEnd => new FreeEnd(new March($this->stream, $nudge, $fineness), $other->chain),
                $line->board->others,
            ));
        $length = 0.0;
        foreach ($line->chain as $part) {
            $length += $part instanceof Line ? $part->length : 0.0;
        }
        $this->length = $length;
    }

    /**
     * Places the line; with $recording its curve and loads are kept too.
     *
     * @throws CannotTow
     */
    public function solve(bool $recording = false): void
    {
        $grain = $recording ? max($this->length / self::PATH_POINTS, 0.05) : null;
        if ($this->turn === null) {
            $this->goStraight($grain);

            return;
        }
        // Only the way into the turn starts from there.
        $this->stream->coarseness = max(1.0, Bending::COARSENESS * $this->fineness);
        $this->goStraight(null);
        $this->stream->coarseness = 1.0;
        $this->goRound($this->turn, $grain);
    }

    /**
     * The same, for a line like one already placed in like water: starts where that one lies. In a turn it may be too far from
     * it to be found so.
     *
     * @return bool whether it was found
     *
     * @throws CannotTow
     */
    public function follow(self $other): bool
    {
        $this->end->startLike($other->end);
        if ($this->tether !== null && $other->tether !== null) {
            $this->tether->startLike($other->tether);
        }
        if ($this->turn === null || $this->end->isDry()) {
            $this->goStraight(null);

            return true;
        }
        $this->stream->swirl = $this->turn->swirl($this->stream->boatSpeed);

        return $this->bend($other->end->offset(), null) !== null;
    }

    /** @return array<string, array{float, float, float}> */
    public function bodies(): array
    {
        return $this->end->march->bodies;
    }

    /** Depth of a named body, m. */
    public function depthOf(string $body): float
    {
        return $this->end->march->bodies[$body][2];
    }

    /** @return list<Load> of a line solved while recording */
    public function loads(): array
    {
        return $this->end->loads();
    }

    public function steps(): int
    {
        return $this->end->march->steps;
    }

    public function solution(): TowSolution
    {
        $march = $this->end->march;
        $path = $march->curve->points ?? [];
        $tether = $this->tether;
        if ($tether !== null && $tether->clip() === null) {
            $path[] = $this->line->towPoint;
        }

        return new TowSolution(
            $march->bodies,
            $tether?->board(),
            $tether?->load(),
            $tether?->tension() ?? $march->pull(),
            $this->speedFactor(),
            $march->surfaced,
            $path,
            $march->branchPaths,
            $tether?->isPulledUnder() ?? false,
            $tether?->clip(),
        );
    }

    /** @throws CannotTow */
    private function goStraight(?float $grain): void
    {
        $this->stream->swirl = 0.0;
        [$x, $y, $z] = $this->line->towPoint;
        $this->end->place($x, $y, $this->tether === null ? $z : 0.0, $grain);
        if ($this->tether !== null) {
            [$footX, $footY] = $this->tether->foot();
            $this->end->march->shift($x - $footX, $y - $footY);
        }
    }

    /**
     * Bends the course from straight to the turn's own.
     *
     * @throws CannotTow when no steady shape follows from the straight one
     */
    private function goRound(Turn $turn, ?float $grain): void
    {
        $whole = $turn->swirl($this->stream->boatSpeed);
        if ($whole === 0.0 || $this->end->isDry()) {
            $this->goStraight($grain);

            return;
        }
        $narrowest = $this->tether?->narrowest($turn) ?? 0.0;
        if ($turn->radius <= $narrowest) {
            throw CannotTow::inTurn($narrowest);
        }
        $reach = max($this->length + ($this->line->board->lineOut ?? 0.0), 1.0);
        $bending = new Bending(
            $this->stream, $this->end, $turn->radius, $whole, $reach, $this->fineness, $this->isRound(), $this->bend(...),
        );
        $bending->from($this->startInTurn(...), $grain);
    }

    private function isRound(): bool
    {
        return $this->stream->isRound() && $this->line->board?->clipOut === null;
    }

    /** @return array{float, float, float} where the end lies on a straight course, told by the circles of the turn begun */
    private function startInTurn(): array
    {
        $offset = $this->end->offset();
        [$dx, $dy] = $this->tether?->out() ?? [0.0, 0.0];
        [$cx, $cy] = $this->stream->centre();
        $radius = hypot($cx, $cy);

        return [$offset[0] - ($dx * $cx + $dy * $cy) / $radius, $offset[1] + ($dx * $cy - $dy * $cx) / $radius, $offset[2]];
    }

    /**
     * Places the line in the stream as it now turns, or within a step of its turning.
     *
     * @param  Point|array{float, float, float}  $start  where to look for the free end
     * @return array{float, float, float}|null where it was found
     */
    private function bend(array $start, ?float $grain, ?BendStep $step = null): ?array
    {
        [$x, $y, $z] = $this->line->towPoint;

        return $this->end->shoot(
            [$x, $y, $this->tether === null ? $z : 0.0],
            $this->tether === null ? null : $this->tether->foot(...),
            [$start[0], $start[1], $start[2]],
            $this->isRound(),
            $step,
            $grain,
        );
    }

    /** The lure's speed through the water over the boat's, in a turn; where no body is named so, the aftmost one's. */
    private function speedFactor(): float
    {
        if ($this->turn === null || $this->stream->boatSpeed === 0.0) {
            return 1.0;
        }
        $bodies = $this->end->march->bodies;
        $place = $bodies['lure'] ?? null;
        if ($place === null) {
            foreach ($bodies as $body) {
                $place = $place === null || $body[0] > $place[0] ? $body : $place;
            }
        }
        [$x, $y, $z] = $place ?? $this->line->towPoint;
        [$u, $v] = $this->stream->at($x, $y, $z);

        return hypot($u, $v) / $this->stream->boatSpeed;
    }
}
