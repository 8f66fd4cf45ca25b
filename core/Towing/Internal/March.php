<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;

/**
 * Marches a chain from its free end toward the boat, part by part, with F the sum of external forces on all that lies
 * below: bodies add theirs as the march passes them, branches where they hang, lines all along ({@see LineMarch}).
 */
final class March
{
    /** A body's grip on the water fades over this much above the surface (m), as it comes out of it. */
    public const EMERGENCE = 0.1;

    /** Place along the march, m. */
    public float $x = 0.0;

    public float $y = 0.0;

    public float $z = 0.0;

    /** Force of everything marched past: newtons. */
    public float $fx = 0.0;

    public float $fy = 0.0;

    public float $fz = 0.0;

    /** Steps taken since construction. */
    public int $steps = 0;

    /** @var array<string, array{float, float, float}> */
    public array $bodies = [];

    /** What has been marched so far, where it is to be recorded. */
    public ?Curve $curve = null;

    /** @var list<list<array{float, float, float}>> */
    public array $branchPaths = [];

    /**
     * While recording: what the line pulls with above each part (N), and how deep that is (m).
     *
     * @var list<array{float, float, float, float}>
     */
    public array $pulls = [];

    /** @var list<string> */
    public array $surfaced = [];

    private readonly LineMarch $line;

    /** @var array<int, FreeEnd> by the branch's object id */
    private array $branches = [];

    public function __construct(
        public readonly Stream $stream,
        private readonly Nudge $nudge,
        private readonly float $fineness = 1.0,
    ) {
        $this->line = new LineMarch($stream, $fineness);
    }

    /**
     * Marches a chain whose free end is held at a place (m) by an outside force $support (N, down).
     *
     * @param  list<Element>  $elements
     * @param  ?float  $grain  record the path with points at most so many metres apart
     *
     * @throws CannotTow when nothing pulls a line straight
     */
    public function run(array $elements, float $x, float $y, float $z, float $support = 0.0, ?float $grain = null): void
    {
        $this->fx = $this->fy = 0.0;
        [$this->x, $this->y, $this->z] = [$x, $y, $z];
        $this->fz = $support;
        $this->bodies = $this->branchPaths = $this->pulls = $this->surfaced = [];
        $this->curve = $grain === null ? null : new Curve([$x, $y, $z], $grain);
        foreach ($elements as $element) {
            if ($element instanceof Line) {
                $half = $this->stream->halfDensity * $element->diameter;
                $this->line->along(
                    $this,
                    $element->letOut ? $element->length * $this->nudge->letOut : $element->length,
                    $element->weight,
                    $half * $element->normalDrag * $this->nudge->normalDrag,
                    $half * M_PI * $element->skinFriction,
                );
            } elseif ($element instanceof Body) {
                $this->past($element);
            } elseif ($element instanceof Branch) {
                $this->join($element);
            }
            if ($grain !== null) {
                $this->pulls[] = [$this->fx, $this->fy, $this->fz, $this->z];
            }
        }
    }

    /** What the line pulls with at its top, N. */
    public function pull(): float
    {
        return sqrt($this->fx ** 2 + $this->fy ** 2 + $this->fz ** 2);
    }

    /** Moves all of it sideways, m. */
    public function shift(float $dx, float $dy): void
    {
        $this->move(1.0, 0.0, $dx, $dy);
    }

    /** Turns all of it, what it pulls with too, about an upright axis through a point (m), by an angle from aft to starboard. */
    public function rotate(float $x, float $y, float $angle): void
    {
        [$cos, $sin] = [cos($angle), sin($angle)];
        $this->move($cos, $sin, $x - $cos * $x + $sin * $y, $y - $sin * $x - $cos * $y);
        [$this->fx, $this->fy] = [$cos * $this->fx - $sin * $this->fy, $sin * $this->fx + $cos * $this->fy];
        foreach ($this->pulls as $i => [$fx, $fy]) {
            [$this->pulls[$i][0], $this->pulls[$i][1]] = [$cos * $fx - $sin * $fy, $sin * $fx + $cos * $fy];
        }
    }

    private function move(float $cos, float $sin, float $dx, float $dy): void
    {
        [$this->x, $this->y] = [$cos * $this->x - $sin * $this->y + $dx, $sin * $this->x + $cos * $this->y + $dy];
        foreach ($this->bodies as $name => [$x, $y, $z]) {
            $this->bodies[$name] = [$cos * $x - $sin * $y + $dx, $sin * $x + $cos * $y + $dy, $z];
        }
        if ($this->curve === null) {
            return;
        }
        foreach ($this->curve->points as $i => [$x, $y, $z]) {
            $this->curve->points[$i] = [$cos * $x - $sin * $y + $dx, $sin * $x + $cos * $y + $dy, $z];
        }
        foreach ($this->branchPaths as $i => $path) {
            foreach ($path as $j => [$x, $y, $z]) {
                $this->branchPaths[$i][$j] = [$cos * $x - $sin * $y + $dx, $sin * $x + $cos * $y + $dy, $z];
            }
        }
    }

    /** Branches of the same chain start from where they lay in another march. */
    public function startBranchesLike(self $other): void
    {
        foreach ($other->branches as $id => $end) {
            $this->branches[$id] = new FreeEnd(new self($this->stream, $this->nudge, $this->fineness), $end->elements);
            $this->branches[$id]->startLike($end);
        }
    }

    private function past(Body $body): void
    {
        [$drag, $down, $weight] = [$body->dragArea, $body->downArea, $body->weight];
        $side = $body->sideArea;
        if ($body->role === BodyRole::Lure) {
            $drag *= $this->nudge->lureDrag;
            $down *= $this->nudge->dive($body->lip);
        } elseif ($body->role === BodyRole::Diver) {
            $down *= $this->nudge->diverLift;
            $side *= $this->nudge->diverLift;
        } elseif ($body->role === BodyRole::Weight) {
            $drag *= $this->nudge->weightDrag;
        }
        $immersed = max(0.0, min(1.0, 1.0 + $this->z / self::EMERGENCE));
        if ($immersed > 0.0) {
            [$u, $v] = $this->stream->at($this->x, $this->y, $this->z);
            $speed = sqrt($u * $u + $v * $v);
            $dynamic = $immersed * $this->stream->halfDensity * $speed;
            $this->fx += $dynamic * ($drag * $u - $side * $v);
            $this->fy += $dynamic * ($drag * $v + $side * $u);
            $this->fz += $dynamic * $speed * $down;
        }
        $this->fz += $weight;
        if ($body->name !== null) {
            $this->bodies[$body->name] = [$this->x, $this->y, $this->z];
        }
    }

    /** Hangs a branch by its top on the node the march has reached. */
    private function join(Branch $branch): void
    {
        $end = $this->branches[spl_object_id($branch)] ??= new FreeEnd(
            new self($this->stream, $this->nudge, $this->fineness), $branch->elements,
        );
        $before = $end->march->steps;
        $end->place($this->x, $this->y, $this->z, $this->curve?->grain);
        $hung = $end->march;
        $this->fx += $hung->fx;
        $this->fy += $hung->fy;
        $this->fz += $hung->fz;
        $this->steps += $hung->steps - $before;
        $this->bodies += $hung->bodies;
        $this->surfaced = [...$this->surfaced, ...$hung->surfaced];
        if ($hung->curve !== null) {
            $this->branchPaths = [...$this->branchPaths, $hung->curve->points, ...$hung->branchPaths];
        }
    }
}
