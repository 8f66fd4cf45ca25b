<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion\Internal;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowLine;

/**
 * A line as masses joined by straight links, a tree that hangs on the boat: each node by one link on its parent, whose number is
 * lower. A board is node 0, held by its front line; what is clipped to a mast board's tow line hangs on a point of it.
 *
 * @phpstan-type Hold array{int, float}
 */
final class Network
{
    /** The parent of what hangs on the boat itself. */
    public const BOAT = -1;

    /** m of weightless link where a body hangs on what is no node. */
    private const RING = 0.01;

    public int $count = 0;

    /** @var array<int, int> */
    public array $parent = [];

    /** @var array<int, float> how far out on the way from the boat to its parent a node's link ends */
    public array $arm = [];

    /** @var array<int, float> m of the link */
    public array $length = [];

    /** @var array<int, float> N a metre in water */
    public array $weight = [];

    /** @var array<int, float> ½ρdCn, kg/m² */
    public array $normal = [];

    /** @var array<int, float> ½ρπdCf, kg/m² */
    public array $tangential = [];

    /** @var array<int, float> kg a metre of the water that is moved across: ρπd²/4 */
    public array $added = [];

    /** @var array<int, float> kg at the node: halves of its links, and bodies */
    public array $mass = [];

    /** @var array<int, BodyLoad> by node */
    public array $bodies = [];

    /** @var array<string, int> node of each named body */
    public array $names = [];

    /** @var list<int> from the free end up */
    public array $main = [];

    /** @var list<list<int>> from each branch's free end to its node */
    public array $branches = [];

    /** @var list<list<int>> from the free end up of each chain that others have clipped to a mast board's tow line */
    public array $others = [];

    public readonly bool $hasBoard;

    /** Whether the chain is clipped to a mast board's tow line. */
    public readonly bool $isClipped;

    /** @param  float  $pitch  m: no link is longer */
    public function __construct(public readonly TowLine $line, private readonly float $density, private readonly float $pitch)
    {
        $board = $line->board;
        $this->hasBoard = $board !== null;
        $this->isClipped = $board?->clipOut !== null;
        if ($board === null) {
            $this->main = $this->hang($line->chain, [self::BOAT, 1.0]);

            return;
        }
        $this->node([self::BOAT, 1.0], $board->lineOut, null);
        $this->addBody(0, new Body(
            null, 0.0, $board->dragArea, 0.0, $board->side->sign() * $board->sideArea, mass: $board->mass,
        ));
        $this->main = $this->hang($line->chain, [0, ($board->clipOut ?? $board->lineOut) / $board->lineOut]);
        foreach ($board->others as $other) {
            $this->others[] = $this->hang($other->chain, [0, $other->clipOut / $board->lineOut], named: false);
        }
    }

    /** m of line from the farthest free end to the boat. */
    public static function longest(TowLine $line): float
    {
        $reach = static function (array $elements) use (&$reach): float {
            $below = 0.0;
            foreach ($elements as $element) {
                $below = match (true) {
                    $element instanceof Line => $below + $element->length,
                    $element instanceof Branch => max($below, $reach($element->elements)),
                    default => $below,
                };
            }

            return $below;
        };
        $chains = [$line->chain, ...array_map(static fn ($other): array => $other->chain, $line->board->others ?? [])];

        return max(array_map($reach, $chains)) + ($line->board->lineOut ?? 0.0);
    }

    /**
     * Hangs a chain on a point, from there down to its free end.
     *
     * @param  list<Element>  $elements  from the free end up
     * @param  Hold  $hold  a node, or {@see self::BOAT}, and how far out on the way to it: 1 but for clips
     * @return list<int> its nodes from the free end up
     */
    private function hang(array $elements, array $hold, bool $named = true): array
    {
        $nodes = $hold[0] === self::BOAT || $hold[1] !== 1.0 ? [] : [$hold[0]];
        foreach (array_reverse($elements) as $element) {
            if ($element instanceof Line) {
                $links = $element->length > 0.0 ? max(1, (int) ceil($element->length / $this->pitch)) : 0;
                for ($k = 0; $k < $links; $k++) {
                    $hold = [$nodes[] = $this->node($hold, $element->length / $links, $element), 1.0];
                }

                continue;
            }
            if ($hold[0] === self::BOAT || $hold[1] !== 1.0) {
                $hold = [$nodes[] = $this->node($hold, self::RING, null), 1.0];
            }
            if ($element instanceof Body) {
                $this->addBody($hold[0], $element, $named);
            } elseif ($element instanceof Branch) {
                $this->branches[] = $this->hang($element->elements, $hold, $named);
            }
        }

        return array_reverse($nodes);
    }

    /** @param  Hold  $hold */
    private function node(array $hold, float $length, ?Line $line): int
    {
        $node = $this->count++;
        [$this->parent[], $this->arm[]] = $hold;
        $this->length[] = $length;
        $this->weight[] = $line->weight ?? 0.0;
        $half = 0.5 * $this->density * ($line->diameter ?? 0.0);
        $this->normal[] = $half * ($line->normalDrag ?? 0.0);
        $this->tangential[] = $half * M_PI * ($line->skinFriction ?? 0.0);
        $this->added[] = $added = 0.25 * M_PI * $this->density * ($line->diameter ?? 0.0) ** 2;
        $this->mass[$node] = 0.0;
        $mass = 0.5 * $length * (($line->weight ?? 0.0) / Water::STANDARD_GRAVITY + $added);
        foreach ($hold[0] === self::BOAT || $hold[1] !== 1.0 ? [$node] : [$node, $hold[0]] as $end) {
            $this->mass[$end] = ($this->mass[$end] ?? 0.0) + $mass;
        }

        return $node;
    }

    private function addBody(int $node, Body $body, bool $named = true): void
    {
        $this->mass[$node] = ($this->mass[$node] ?? 0.0) + $body->mass;
        $this->bodies[$node] = ($this->bodies[$node] ?? new BodyLoad(0.5 * $this->density))->with($body);
        if ($named && $body->name !== null) {
            $this->names[$body->name] = $node;
        }
    }
}
