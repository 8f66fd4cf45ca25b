<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check\Internal;

/**
 * A curve in chunks with their bounding boxes, so that the least distance to another is found without trying every
 * pair of segments.
 */
final readonly class BoxedCurve
{
    /** Segments in a chunk. */
    private const CHUNK = 5;

    /**
     * @param  list<array{float, float, float}>  $points
     * @param  list<array{int, int, float, float, float, float, float, float}>  $chunks  first and past-last segment, least and
     *   most of x, y, z
     */
    private function __construct(private array $points, private array $chunks)
    {
    }

    /** @param  list<array{float, float, float}>  $points m */
    public static function of(array $points): self
    {
        $chunks = [];
        $segments = count($points) - 1;
        for ($first = 0; $first < $segments; $first += self::CHUNK) {
            $past = min($first + self::CHUNK, $segments);
            [$x0, $y0, $z0] = [$x1, $y1, $z1] = $points[$first];
            for ($i = $first + 1; $i <= $past; $i++) {
                [$x, $y, $z] = $points[$i];
                [$x0, $x1, $y0, $y1, $z0, $z1] = [
                    min($x0, $x), max($x1, $x), min($y0, $y), max($y1, $y), min($z0, $z), max($z1, $z),
                ];
            }
            $chunks[] = [$first, $past, $x0, $x1, $y0, $y1, $z0, $z1];
        }

        return new self($points, $chunks);
    }

    /**
     * What of it may be nearer to a triangle than a distance: all that is, by the box about the triangle and by its plane.
     *
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     * @param  array{float, float, float}  $c
     * @param  float  $within  m
     */
    public function about(array $a, array $b, array $c, float $within): self
    {
        [, , $u0, $u1, $v0, $v1, $w0, $w1] = self::of([$a, $b, $c])->chunks[0];
        [$bx, $by, $bz] = [$b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]];
        [$cx, $cy, $cz] = [$c[0] - $a[0], $c[1] - $a[1], $c[2] - $a[2]];
        [$nx, $ny, $nz] = [$by * $cz - $bz * $cy, $bz * $cx - $bx * $cz, $bx * $cy - $by * $cx];
        $off = $within * sqrt($nx * $nx + $ny * $ny + $nz * $nz);
        $chunks = [];
        foreach ($this->chunks as $chunk) {
            if (
                max($u0 - $chunk[3], $chunk[2] - $u1) >= $within || max($v0 - $chunk[5], $chunk[4] - $v1) >= $within
                || max($w0 - $chunk[7], $chunk[6] - $w1) >= $within
            ) {
                continue;
            }
            [$least, $most] = [INF, -INF];
            for ($i = $chunk[0]; $i <= $chunk[1]; $i++) {
                [$x, $y, $z] = $this->points[$i];
                $from = ($x - $a[0]) * $nx + ($y - $a[1]) * $ny + ($z - $a[2]) * $nz;
                [$least, $most] = [min($least, $from), max($most, $from)];
            }
            if ($least <= $off && $most >= -$off) {
                $chunks[] = $chunk;
            }
        }

        return new self($this->points, $chunks);
    }

    /**
     * The nearest approach of two curves, if nearer than a cutoff.
     *
     * @param  float  $cutoff  m
     * @return ?array{distance: float, place: array{float, float, float}} metres; the place is midway between the curves
     */
    public function nearest(self $other, float $cutoff): ?array
    {
        $best = $cutoff * $cutoff;
        $place = null;
        foreach ($this->chunks as [$first, $past, $x0, $x1, $y0, $y1, $z0, $z1]) {
            foreach ($other->chunks as [$otherFirst, $otherPast, $u0, $u1, $v0, $v1, $w0, $w1]) {
                $dx = max(0.0, $u0 - $x1, $x0 - $u1);
                $dy = max(0.0, $v0 - $y1, $y0 - $v1);
                $dz = max(0.0, $w0 - $z1, $z0 - $w1);
                if ($dx * $dx + $dy * $dy + $dz * $dz >= $best) {
                    continue;
                }
                for ($i = $first; $i < $past; $i++) {
                    for ($j = $otherFirst; $j < $otherPast; $j++) {
                        $near = self::segments(
                            $this->points[$i], $this->points[$i + 1], $other->points[$j], $other->points[$j + 1],
                        );
                        if ($near[0] < $best) {
                            $best = $near[0];
                            $place = [$near[1], $near[2], $near[3]];
                        }
                    }
                }
            }
        }

        return $place === null ? null : ['distance' => sqrt($best), 'place' => $place];
    }

    /**
     * Closest points of two segments (Ericson 2005, Real-Time Collision Detection, 5.1.9).
     *
     * @param  array{float, float, float}  $p
     * @param  array{float, float, float}  $q
     * @param  array{float, float, float}  $r
     * @param  array{float, float, float}  $s
     * @return array{float, float, float, float} squared distance, and the point midway
     */
    private static function segments(array $p, array $q, array $r, array $s): array
    {
        [$ax, $ay, $az] = [$q[0] - $p[0], $q[1] - $p[1], $q[2] - $p[2]];
        [$bx, $by, $bz] = [$s[0] - $r[0], $s[1] - $r[1], $s[2] - $r[2]];
        [$cx, $cy, $cz] = [$p[0] - $r[0], $p[1] - $r[1], $p[2] - $r[2]];
        $aa = $ax * $ax + $ay * $ay + $az * $az;
        $bb = $bx * $bx + $by * $by + $bz * $bz;
        $ab = $ax * $bx + $ay * $by + $az * $bz;
        $ac = $ax * $cx + $ay * $cy + $az * $cz;
        $bc = $bx * $cx + $by * $cy + $bz * $cz;
        $across = $aa * $bb - $ab * $ab;
        $along = $across > 1e-12 * $aa * $bb ? max(0.0, min(1.0, ($ab * $bc - $ac * $bb) / $across)) : 0.0;
        $other = $bb > 0.0 ? ($ab * $along + $bc) / $bb : 0.0;
        if ($other < 0.0 || $other > 1.0) {
            $other = $other < 0.0 ? 0.0 : 1.0;
            $along = $aa > 0.0 ? max(0.0, min(1.0, ($ab * $other - $ac) / $aa)) : 0.0;
        }
        $dx = $cx + $along * $ax - $other * $bx;
        $dy = $cy + $along * $ay - $other * $by;
        $dz = $cz + $along * $az - $other * $bz;

        return [
            $dx * $dx + $dy * $dy + $dz * $dz,
            $p[0] + $along * $ax - 0.5 * $dx,
            $p[1] + $along * $ay - 0.5 * $dy,
            $p[2] + $along * $az - 0.5 * $dz,
        ];
    }
}
