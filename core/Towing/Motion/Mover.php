<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion;

use Admek\Core\Towing\Motion\Internal\Balance;
use Admek\Core\Towing\Motion\Internal\FromTheBoat;
use Admek\Core\Towing\Motion\Internal\Network;
use Admek\Core\Towing\Motion\Internal\PullRecord;
use Admek\Core\Towing\Motion\Internal\Start;
use Admek\Core\Towing\Motion\Internal\State;
use Admek\Core\Towing\Motion\Internal\Steps;
use Admek\Core\Towing\TowLine;
use Generator;

/** Follows a line through a manoeuvre, from where it lies in steady tow (docs/towing-model.md, Motion). */
final readonly class Mover
{
    /** Links along the longest way from a free end to the boat. */
    private const LINKS = 20;

    /** Guesses at where the nodes are that one line may take in all. */
    public const BUDGET = 200_000;

    /**
     * @param  float  $fineness 1 for the working step and links, 2 for half of them, and so on
     * @param  ?\Closure(): bool  $isWanted  asked at each time, so that what nobody waits for is left; null where it always is
     */
    public function __construct(
        private float $fineness = 1.0, private int $budget = self::BUDGET, private ?\Closure $isWanted = null,
    ) {
    }

    /**
     * Where the line is at each of these times; told as soon as it is known.
     *
     * @param  iterable<float>  $times  s, ascending from 0 or later
     * @return Generator<int, Moment>
     *
     * @throws CannotMove when nothing is steady at the start, or the motion took more guesses than the budget
     * @throws NotWanted
     */
    public function moments(MovingWater $water, Course $course, TowLine $line, iterable $times): Generator
    {
        $pitch = max(Network::longest($line), 0.01) / (self::LINKS * $this->fineness);
        $network = new Network($line, $water->density, $pitch);
        $start = Start::of($network, $water, $course);
        $balance = new Balance($network, $water);
        $steps = (new Steps($network, $balance, $water, $course, $this->fineness, $this->budget))->from($start);
        $pulls = new PullRecord;
        [$before, $now] = [$start, $start];
        $pulls->tell($start->time, self::onTheBoat($network, $start));
        foreach ($times as $time) {
            if ($this->isWanted !== null && ! ($this->isWanted)()) {
                throw new NotWanted;
            }
            while ($now->time < $time) {
                $steps->next();
                [$before, $now] = [$now, $steps->current()];
                $pulls->tell($now->time, self::onTheBoat($network, $now));
            }
            yield $this->seen($network, $water, $course, $time, $before->between($now, $time), $pulls->mean($time));
        }
    }

    private static function onTheBoat(Network $network, State $state): float
    {
        $pull = 0.0;
        foreach ($network->parent as $node => $parent) {
            $pull += $parent === Network::BOAT ? $state->pull[$node] : 0.0;
        }

        return $pull;
    }

    /** @param  array{array<int, float>, array<int, float>}  $state  m and m/s, three to a node */
    private function seen(Network $network, MovingWater $water, Course $course, float $time, array $state, float $pull): Moment
    {
        [$p, $v] = $state;
        $frame = FromTheBoat::at($course, $water, $time);
        $tow = $network->line->towPoint;
        $at = static fn (int $node): array => $frame->seen($p[3 * $node], $p[3 * $node + 1], $p[3 * $node + 2]);
        $bodies = $speeds = [];
        foreach ($network->names as $name => $node) {
            $j = 3 * $node;
            [$north, $east] = $water->at($p[$j + 2]);
            $bodies[$name] = $at($node);
            $speeds[$name] = sqrt(($north - $v[$j]) ** 2 + ($east - $v[$j + 1]) ** 2 + $v[$j + 2] ** 2);
        }
        $path = array_map($at, $network->main);
        $board = $network->hasBoard ? $at(0) : null;
        $clip = null;
        if ($network->isClipped && $board !== null && $network->line->board !== null) {
            $arm = ($network->line->board->clipOut ?? 0.0) / $network->line->board->lineOut;
            $path[] = $clip = [$tow[0] + $arm * ($board[0] - $tow[0]), $tow[1] + $arm * ($board[1] - $tow[1]), 0.0];
        } else {
            $path[] = $tow;
        }
        $branches = array_map(static fn (array $nodes): array => array_map($at, $nodes), $network->branches);

        return new Moment($time, $bodies, $speeds, $board, $pull, $path, $branches, $clip);
    }
}
