<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\Spread\Check\Internal\BoxedCurve;
use Admek\Core\Spread\Plan\Shared;
use Admek\Core\Spread\Run\RunningLine;

/** Least distances between lines: underwater curves, leads and leaders with them, and front lines over the water. */
final readonly class Tangles
{
    /**
     * @param  list<BoxedCurve>  $curves  of each of a line's parts that could foul another's
     * @param  list<BoxedCurve>  $leads  those of them that trail from a cable shared with another rod
     */
    private function __construct(private RunningLine $line, private array $curves, private array $leads)
    {
    }

    /** @param  float  $nearRods  m from its own rod tip within which nothing of it is called a tangle */
    public static function about(RunningLine $line, float $nearRods = SpreadLimits::NEAR_RODS): self
    {
        $curves = $leads = [];
        if ($line->path() !== []) {
            // The stretch over the water of a line on a board is its front line's, below.
            $path = $line->path();
            $overWater = $line->solution->board !== null && $line->solution->clip === null;
            $curves[] = self::clear($line, $nearRods, $overWater ? array_slice($path, 0, -1) : $path);
        }
        foreach ($line->branches() as $branch) {
            $curves[] = $leads[] = self::clear($line, $nearRods, $branch);
        }
        foreach ([$line->frontLine(), $line->mastLine()] as $straight) {
            if ($straight !== null) {
                $curves[] = self::clear($line, $nearRods, $straight, $straight[1]);
            }
        }

        return new self($line, array_values(array_filter($curves)), array_values(array_filter($leads)));
    }

    /**
     * Every pair that comes nearer than a limit, the nearest first.
     *
     * @param  list<RunningLine>  $lines
     * @param  float  $limit  m
     * @param  float  $nearRods  m from its own rod tip within which nothing of a line is called a tangle
     * @return list<Breach>
     */
    public static function among(array $lines, float $limit, float $nearRods = SpreadLimits::NEAR_RODS): array
    {
        $all = array_map(static fn (RunningLine $line): self => self::about($line, $nearRods), $lines);
        $breaches = [];
        foreach ($all as $i => $one) {
            for ($j = $i + 1, $n = count($all); $j < $n; $j++) {
                $nearest = $one->nearest($all[$j], $limit);
                if ($nearest !== null) {
                    $breaches[] = new Breach(
                        BreachKind::Tangle,
                        [$one->line->planned->holder, $all[$j]->line->planned->holder],
                        $nearest['distance'],
                        $limit,
                        $nearest['place'],
                    );
                }
            }
        }
        usort($breaches, static fn (Breach $a, Breach $b): int => $a->amount <=> $b->amount);

        return $breaches;
    }

    /**
     * The nearest approach to another line, if nearer than a limit.
     *
     * @param  float  $limit  m
     * @return ?array{distance: float, place: array{float, float, float}} m
     */
    public function nearest(self $other, float $limit): ?array
    {
        $together = Shared::together($this->line->planned, $other->line->planned);
        $cable = $together && $this->line->planned->rig->cable() !== null;
        $nearest = null;
        foreach ($cable ? $this->leads : $this->curves as $i => $curve) {
            foreach ($cable ? $other->leads : $other->curves as $j => $otherCurve) {
                // Clipped to one tow line, only what trails under water can foul.
                if ($together && ! $cable && ($i > 0 || $j > 0)) {
                    continue;
                }
                $nearest = $curve->nearest($otherCurve, $nearest['distance'] ?? $limit) ?? $nearest;
            }
        }

        return $nearest;
    }

    /**
     * A curve from the free end toward the boat, less what lies near the rods.
     *
     * @param  list<array{float, float, float}>  $path
     * @param  ?array{float, float, float}  $tip  rod tip or mast
     */
    private static function clear(RunningLine $line, float $nearRods, array $path, ?array $tip = null): ?BoxedCurve
    {
        $tip ??= $line->planned->tip;
        $away = [];
        $last = null;
        foreach ($path as $point) {
            if (($point[0] - $tip[0]) ** 2 + ($point[1] - $tip[1]) ** 2 + ($point[2] - $tip[2]) ** 2 < $nearRods ** 2) {
                if ($last !== null) {
                    $away[] = self::entering($last, $point, $tip, $nearRods);
                }
                break;
            }
            $away[] = $point;
            $last = $point;
        }

        return count($away) > 1 ? BoxedCurve::of($away) : null;
    }

    /**
     * Where a straight piece comes within reach of the rods.
     *
     * @param  array{float, float, float}  $from  outside
     * @param  array{float, float, float}  $to  inside
     * @param  array{float, float, float}  $tip
     * @param  float  $reach  m
     * @return array{float, float, float}
     */
    private static function entering(array $from, array $to, array $tip, float $reach): array
    {
        [$dx, $dy, $dz] = [$to[0] - $from[0], $to[1] - $from[1], $to[2] - $from[2]];
        [$ex, $ey, $ez] = [$from[0] - $tip[0], $from[1] - $tip[1], $from[2] - $tip[2]];
        $a = $dx * $dx + $dy * $dy + $dz * $dz;
        $b = $dx * $ex + $dy * $ey + $dz * $ez;
        $c = $ex * $ex + $ey * $ey + $ez * $ez - $reach ** 2;
        $share = (-$b - sqrt(max(0.0, $b * $b - $a * $c))) / $a;

        return [$from[0] + $share * $dx, $from[1] + $share * $dy, $from[2] + $share * $dz];
    }
}
