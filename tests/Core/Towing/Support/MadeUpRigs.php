<?php

declare(strict_types=1);

namespace Tests\Core\Towing\Support;

use Admek\Core\Towing\Board;
use Admek\Core\Towing\BoardLoad;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolution;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Turn;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Rigs of every kind, made up by a seed, and how they are towed. */
trait MadeUpRigs
{
    private function still(float $speed): Water
    {
        return new Water(999.8, Flow::uniform($speed));
    }

    private function solved(Water $water, ?Turn $turn, TowLine $line): ?TowSolution
    {
        try {
            return (new TowSolver)->solve($water, $turn, $line);
        } catch (CannotTow) {
            return null;
        }
    }

    private Randomizer $random;

    private const RIGS = 60;

    /** @return iterable<array{Water, TowLine, Turn}> */
    private function rigs(int $seed, bool $boards = true, bool $branches = true): iterable
    {
        $this->random = new Randomizer(new Mt19937($seed));
        for ($i = 0; $i < self::RIGS; $i++) {
            $water = $this->one(4)
                ? new Water(
                    999.8,
                    Flow::ofLayers(
                        [
                            ['depth' => 0.0, 'aft' => $this->spread(0.4, 1.6), 'starboard' => 0.0],
                            ['depth' => $this->spread(5.0, 30.0), 'aft' => $this->spread(0.4, 1.6), 'starboard' => 0.1],
                        ],
                    ),
                )
                : $this->still($this->spread(0.4, 1.6));
            $chain = [
                new Body(
                    'lure',
                    [0.02, 0.12, 0.3][$this->random->getInt(0, 2)],
                    $this->spread(4e-4, 5e-3),
                    $this->one(3) ? $this->spread(2e-4, 3e-3) : 0.0,
                ),
            ];
            for ($part = $this->random->getInt(1, 2); $part > 0; $part--) {
                $chain[] = $this->length();
                if ($branches && $this->one(4)) {
                    $chain[] = new Branch([new Body("branch {$part}", 0.1, 6e-4), $this->length(0.5)]);
                } elseif ($this->one(2)) {
                    $chain[] = new Body(
                        "weight {$part}",
                        [0.5, 3.0, 40.0][$this->random->getInt(0, 2)],
                        $this->spread(2e-4, 5e-3),
                        0.0,
                        $this->one(3) ? $this->spread(1e-3, 4e-3) : 0.0,
                    );
                }
                $chain[] = $this->length();
            }
            $side = Side::cases()[$this->random->getInt(0, 1)];
            $board = null;
            if ($boards && $this->one(4)) {
                $out = $this->spread(8.0, 40.0);
                $board = $this->one(2)
                    ? new Board($side, 6e-3, 1.15e-2, 8.0, $out)
                    : new Board(
                        $side,
                        5e-2,
                        0.12,
                        60.0,
                        $out,
                        0.7 * $out,
                        [new BoardLoad(0.4 * $out, [new Body('other', 0.1, 6e-4), $this->length()])],
                    );
            }
            yield [
                $water,
                new TowLine(
                    'a',
                    [$this->spread(0.5, 2.0) - 2.0, $side->sign() * $this->spread(0.5, 3.0), -$this->spread(0.5, 3.0)],
                    $chain,
                    $board,
                ),
                new Turn($this->spread(15.0, 1000.0), Side::cases()[$this->random->getInt(0, 1)]),
            ];
        }
    }

    private function length(float $share = 1.0): Element
    {
        return [
            new Line($share * $this->spread(2.0, 60.0), 0.00037, 1.5e-4),
            new Line($share * $this->spread(2.0, 60.0), 0.00028, -1.8e-5),
            new Line($share * $this->spread(2.0, 80.0), 0.00089, 0.02, 1.7),
            new Line($share * $this->spread(2.0, 60.0), 0.00081, 0.029, 1.3),
        ][$this->random->getInt(0, 3)];
    }

    private function mirroredWater(Water $water): Water
    {
        $flow = $water->flow;

        return new Water(
            $water->density,
            Flow::ofLayers(
                array_map(
                    static fn (float $depth, float $aft, float $starboard): array => [
                        'depth' => $depth, 'aft' => $aft, 'starboard' => -$starboard,
                    ],
                    $flow->depths,
                    $flow->aft,
                    $flow->starboard,
                ),
            ),
        );
    }

    private function mirroredLine(TowLine $line): TowLine
    {
        $b = $line->board;

        return new TowLine($line->id, [
            $line->towPoint[0], -$line->towPoint[1], $line->towPoint[2],
        ], self::mirrored($line->chain), $b === null ? null : new Board(
            $b->side === Side::Port ? Side::Starboard : Side::Port, $b->dragArea, $b->sideArea, $b->buoyancy, $b->lineOut,
            $b->clipOut, $b->others,
        ));
    }

    private function one(int $in): bool
    {
        return $this->random->getInt(1, $in) === 1;
    }

    private function spread(float $least, float $most): float
    {
        return $least * ($most / $least) ** ($this->random->getInt(0, 1_000_000) / 1e6);
    }

    /**
     * @param  list<Element>  $chain
     * @return list<Element>
     */
    private static function mirrored(array $chain): array
    {
        return array_map(
            static fn (Element $e): Element => $e instanceof Body ? new Body(
                $e->name, $e->weight, $e->dragArea, $e->downArea, -$e->sideArea, $e->role,
            ) : $e,
            $chain,
        );
    }
}
