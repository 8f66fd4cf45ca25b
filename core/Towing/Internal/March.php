<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Water;

/**
 * Integrates a chain from its free end toward the boat: with F the sum of external forces on all that lies below,
 * dr/ds = t = −F/|F| and dF/ds = w·ẑ + ½ρd(Cn|Wn|Wn + πCf|Wt|Wt) (Pode 1951; Berteaux 1976, Buoy Engineering, ch. 5).
 *
 * Classical fourth-order Runge–Kutta in scalars. A step turns the line by a fixed share of its angle to the flow, for
 * a line that lies nearly along the flow lives by that small angle; and it ends on the water's surface where it would
 * cross it, since the drag stops there.
 */
final class March
{
    /** Share of its angle to the flow a step may turn the line; docs/decisions/0002 tells how it was chosen. */
    private const STEP = 0.15;

    /** A step inside sheared flow rises through at most this share of its thinnest layer. */
    private const LAYER_STEP = 0.25;

    /** A body's grip on the water fades over this much above the surface (m), as it comes out of it. */
    private const EMERGENCE = 0.1;

    /** How often a step that would leave the water, or enter it, is shortened to end on the surface. */
    private const SURFACE_ATTEMPTS = 8;

    /** Within this of the surface (m) a point counts as on it. */
    private const ON_SURFACE = 1e-5;

    /** Place along the march: metres, from a free end at x = y = 0. */
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

    /** @var list<string> */
    public array $surfaced = [];

    private readonly bool $uniform;

    private readonly float $halfDensity;

    /** @var non-empty-list<float> */
    private readonly array $depths;

    /** @var non-empty-list<float> */
    private readonly array $aft;

    /** @var non-empty-list<float> */
    private readonly array $starboard;

    private readonly float $layerCap;

    /** @var array<int, FreeEnd> by the branch's object id */
    private array $branches = [];

    public function __construct(private readonly Water $water, private readonly Nudge $nudge = new Nudge, private readonly float $fineness = 1.0)
    {
        $this->halfDensity = 0.5 * $water->density;
        $this->uniform = $water->flow->isUniform();
        $this->depths = $water->flow->depths;
        $this->aft = $water->flow->aft;
        $this->starboard = $water->flow->starboard;
        $thinnest = INF;
        foreach ($this->depths as $i => $depth) {
            $thinnest = $i > 0 ? min($thinnest, $depth - $this->depths[$i - 1]) : $thinnest;
        }
        $this->layerCap = $this->uniform ? INF : self::LAYER_STEP * max($thinnest, 1.0) / $fineness;
    }

    /**
     * Marches a chain whose free end is held at depth $z by an outside force $support (N, down).
     *
     * @param  list<Element>  $elements
     * @param  ?float  $grain  record the path with points at most so many metres apart
     */
    public function run(array $elements, float $z, float $support = 0.0, ?float $grain = null): void
    {
        $this->x = $this->y = $this->fx = $this->fy = 0.0;
        $this->z = $z;
        $this->fz = $support;
        $this->bodies = $this->branchPaths = $this->surfaced = [];
        $this->curve = $grain === null ? null : new Curve([0.0, 0.0, $z], $grain);
        foreach ($elements as $element) {
            if ($element instanceof Line) {
                $this->along($element);
            } elseif ($element instanceof Body) {
                $this->past($element);
            } elseif ($element instanceof Branch) {
                $this->join($element);
            }
        }
    }

    private function past(Body $body): void
    {
        [$drag, $down, $weight] = [$body->dragArea, $body->downArea, $body->weight];
        $side = $body->sideArea;
        if ($body->role === BodyRole::Lure) {
            $drag *= $this->nudge->lureDrag;
            $down *= $this->nudge->lureDive;
        } elseif ($body->role === BodyRole::Diver) {
            $down *= $this->nudge->diverLift;
            $side *= $this->nudge->diverLift;
        } elseif ($body->role === BodyRole::Weight) {
            $drag *= $this->nudge->weightDrag;
        }
        $immersed = max(0.0, min(1.0, 1.0 + $this->z / self::EMERGENCE));
        if ($immersed > 0.0) {
            [$u, $v] = $this->flowAt($this->z);
            $speed = sqrt($u * $u + $v * $v);
            $dynamic = $immersed * $this->halfDensity * $speed;
            $this->fx += $dynamic * ($drag * $u - $side * $v);
            $this->fy += $dynamic * ($drag * $v + $side * $u);
            $this->fz += $dynamic * $speed * $down;
        }
        $this->fz += $weight;
        if ($body->name !== null) {
            $this->bodies[$body->name] = [$this->x, $this->y, $this->z];
        }
    }

    /** Branches of the same chain start from where they lay in another march. */
    public function startBranchesLike(self $other): void
    {
        foreach ($other->branches as $id => $end) {
            $this->branches[$id] = new FreeEnd(new self($this->water, $this->nudge, $this->fineness), $end->elements);
            $this->branches[$id]->startLike($end);
        }
    }

    /** Hangs a branch by its top on the node the march has reached. */
    private function join(Branch $branch): void
    {
        $end = $this->branches[spl_object_id($branch)] ??= new FreeEnd(new self($this->water, $this->nudge, $this->fineness), $branch->elements);
        $before = $end->march->steps;
        $end->place($this->z, $this->curve?->grain);
        $hung = $end->march;
        $this->fx += $hung->fx;
        $this->fy += $hung->fy;
        $this->fz += $hung->fz;
        $this->steps += $hung->steps - $before;
        [$dx, $dy] = [$this->x - $hung->x, $this->y - $hung->y];
        foreach ($hung->bodies as $name => $place) {
            $this->bodies[$name] = [$place[0] + $dx, $place[1] + $dy, $place[2]];
        }
        $this->surfaced = [...$this->surfaced, ...$hung->surfaced];
        if ($hung->curve !== null) {
            foreach ([$hung->curve->points, ...$hung->branchPaths] as $path) {
                $this->branchPaths[] = array_map(static fn (array $p): array => [$p[0] + $dx, $p[1] + $dy, $p[2]], $path);
            }
        }
    }

    /**
     * Marches one line. The state lives in local scalars: nothing is allocated between steps unless recording.
     *
     * @throws CannotTow when nothing pulls the line straight
     */
    private function along(Line $line): void
    {
        $left = $line->letOut ? $line->length * $this->nudge->letOut : $line->length;
        if ($left <= 0.0) {
            return;
        }
        $weight = $line->weight;
        $normal = $this->halfDensity * $line->diameter * $line->normalDrag * $this->nudge->normalDrag;
        $tangential = $this->halfDensity * $line->diameter * M_PI * $line->skinFriction;
        $uniform = $this->uniform;
        $share = self::STEP / $this->fineness;
        $layerCap = $this->layerCap;
        $curve = $this->curve;
        $depths = $this->depths;
        $aft = $this->aft;
        $starboard = $this->starboard;
        $last = count($depths) - 1;
        [$u, $v] = [$aft[0], $starboard[0]];
        $speed = sqrt($u * $u + $v * $v);
        $nx = $ny = $nz = 0.0;
        [$x, $y, $z, $fx, $fy, $fz] = [$this->x, $this->y, $this->z, $this->fx, $this->fy, $this->fz];
        if ($fx * $fx + $fy * $fy + $fz * $fz < 1e-24) {
            [$fx, $fy, $fz] = CriticalAngle::forceOfSliver($weight, $normal, $tangential, $this->flowAt($z), $left * 1e-4);
        }
        $wet = true;
        $steps = 0;

        while ($left > 1e-9) {
            $force = sqrt($fx * $fx + $fy * $fy + $fz * $fz);
            if ($force < 1e-12) {
                throw CannotTow::noForce();
            }
            // On the surface itself, the side the line is heading for decides whether it has water around it.
            $wet = $z > self::ON_SURFACE || ($z >= -self::ON_SURFACE && $fz <= 0.0);
            $h = 0.0;
            $rest = $left;
            for ($attempt = 0; $attempt < self::SURFACE_ATTEMPTS; $attempt++) {
                $ax = $ay = $az = $gx = $gy = $gz = 0.0;
                $pz = $z;
                $qx = $fx;
                $qy = $fy;
                $qz = $fz;
                for ($stage = 0; $stage < 4; $stage++) {
                    $pull = sqrt($qx * $qx + $qy * $qy + $qz * $qz);
                    if ($pull < 1e-15) {
                        throw CannotTow::noForce();
                    }
                    $tx = -$qx / $pull;
                    $ty = -$qy / $pull;
                    $tz = -$qz / $pull;
                    if ($wet) {
                        if (! $uniform) {
                            // As flowAt(), written out: no array between steps.
                            $k = 1;
                            while ($k <= $last && $pz >= $depths[$k]) {
                                $k++;
                            }
                            $part = $k > $last ? 0.0 : ($pz - $depths[$k - 1]) / ($depths[$k] - $depths[$k - 1]);
                            $part = $part > 0.0 ? $part : 0.0;
                            $u = $aft[$k - 1] + ($k > $last ? 0.0 : $part * ($aft[$k] - $aft[$k - 1]));
                            $v = $starboard[$k - 1] + ($k > $last ? 0.0 : $part * ($starboard[$k] - $starboard[$k - 1]));
                        }
                        $along = $u * $tx + $v * $ty;
                        $nx = $u - $along * $tx;
                        $ny = $v - $along * $ty;
                        $nz = -$along * $tz;
                        $across = $normal * sqrt($nx * $nx + $ny * $ny + $nz * $nz);
                        $slip = $tangential * ($along < 0.0 ? -$along : $along) * $along;
                        $dx = $across * $nx + $slip * $tx;
                        $dy = $across * $ny + $slip * $ty;
                        $dz = $across * $nz + $slip * $tz + $weight;
                    } else {
                        $dx = $dy = 0.0;
                        $dz = $weight;
                    }
                    if ($stage === 0 && $h === 0.0) {
                        $stretch = $dx * $tx + $dy * $ty + $dz * $tz;
                        $bend = sqrt(max(0.0, $dx * $dx + $dy * $dy + $dz * $dz - $stretch * $stretch));
                        $sine = $wet && $speed > 0.0 ? sqrt($nx * $nx + $ny * $ny + $nz * $nz) / $speed : 1.0;
                        $load = $bend / ($sine > 1e-4 ? $sine : 1e-4) + 0.5 * abs($stretch);
                        if ($wet) {
                            // A heavy line snaps to its critical angle faster than it bends: keep within that rate.
                            $load += 0.2 * $across * abs($along);
                        }
                        $h = $load > 0.0 ? $share * $force / $load : $left;
                        if ($wet && $layerCap < INF) {
                            $h = min($h, $layerCap / max(abs($tz), 0.05));
                        }
                        $h = $h > $left ? $left : $h;
                    }
                    $b = $stage === 0 || $stage === 3 ? 1.0 : 2.0;
                    $ax += $b * $tx;
                    $ay += $b * $ty;
                    $az += $b * $tz;
                    $gx += $b * $dx;
                    $gy += $b * $dy;
                    $gz += $b * $dz;
                    $c = $stage === 2 ? $h : 0.5 * $h;
                    $pz = $z + $c * $tz;
                    $qx = $fx + $c * $dx;
                    $qy = $fy + $c * $dy;
                    $qz = $fz + $c * $dz;
                }
                $steps++;
                $sixth = $h / 6.0;
                $rise = $sixth * $az;
                $end = $z + $rise;
                if ($wet ? $end >= -self::ON_SURFACE : $end <= self::ON_SURFACE) {
                    break;
                }
                // The step would leave its medium: shorten it to end on the surface.
                $h *= max(-$z / $rise, 1e-6);
            }
            $curve?->add($h, [$fx, $fy, $fz], [$sixth * $ax, $sixth * $ay, $rise], [$qx, $qy, $qz]);
            $x += $sixth * $ax;
            $y += $sixth * $ay;
            $z = $end;
            $fx += $sixth * $gx;
            $fy += $sixth * $gy;
            $fz += $sixth * $gz;
            $left = $rest - $h;
        }
        [$this->x, $this->y, $this->z, $this->fx, $this->fy, $this->fz] = [$x, $y, $z, $fx, $fy, $fz];
        $this->steps += $steps;
    }

    /** @return array{float, float} */
    private function flowAt(float $z): array
    {
        if ($this->uniform || $z <= $this->depths[0]) {
            return [$this->aft[0], $this->starboard[0]];
        }
        for ($i = 1, $n = count($this->depths); $i < $n; $i++) {
            if ($z < $this->depths[$i]) {
                $part = ($z - $this->depths[$i - 1]) / ($this->depths[$i] - $this->depths[$i - 1]);

                return [
                    $this->aft[$i - 1] + $part * ($this->aft[$i] - $this->aft[$i - 1]),
                    $this->starboard[$i - 1] + $part * ($this->starboard[$i] - $this->starboard[$i - 1]),
                ];
            }
        }

        return [$this->aft[$n - 1], $this->starboard[$n - 1]];
    }
}
