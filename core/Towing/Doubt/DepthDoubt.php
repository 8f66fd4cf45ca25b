<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Doubt;

use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Internal\Nudge;
use Admek\Core\Towing\Internal\SteadyTow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\Turn;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Closure;

/**
 * How sure a depth is, to its two sides: between them it lies about two times in three (docs/towing-model.md, Doubt).
 *
 * Each doubt ξ is tried a standard deviation to either side, which gives the depth as z + Σ(aξ + bξ²): a slope, and a bend
 * wherever depth follows that figure by more than its share. Such a sum has mean z + Σb, variance Σ(a² + 2b²), third
 * cumulant Σ(6a²b + 8b³) and fourth Σ(48a²b² + 48b⁴), and its middle two thirds end a standard deviation to either side
 * of the mean, times 1 + (γ₁² − γ₂)/12 (Cornish & Fisher 1938, Rev. Inst. Int. Stat. 5, 307, at x = ±1, where skewness
 * itself drops out). With no bend both sides are the plain root of squares.
 */
final readonly class DepthDoubt
{
    /** Differences forgive a step twice the working one: its error is the same on both sides. */
    private const FINENESS = 0.5;

    /**
     * In a turn the current is tried this much of its deviation off and told for all of it: shear takes the roundness out of
     * the water, and a whole deviation can be too far to follow. Slope and bend come out alike (decision 0009).
     */
    private const CURRENT_IN_TURN = 0.25;

    /** A side is at least this share of the spread: the quadratic is a guess too. */
    private const LEAST_SIDE = 0.2;

    /** m of a part that are worth a word, and how many are named. */
    private const WORTH_A_WORD = 0.03;

    private const MOST_NAMED = 3;

    /** Sides whose difference is less than this share of their sum are told as one. */
    private const EVEN = 0.1;

    /**
     * @param  float  $deviation  m, half of what lies between the two sides: one standard deviation where nothing bends
     * @param  float  $shallower  m it may well be less deep
     * @param  float  $deeper  m it may well be deeper
     * @param  array<string, float>  $parts  m by doubt, largest first
     */
    private function __construct(public float $deviation, public float $shallower, public float $deeper, public array $parts)
    {
    }

    /**
     * @param  string  $body  whose depth is doubted
     *
     * @throws CannotTow when the line itself cannot be towed
     */
    public static function of(Water $water, TowLine $line, string $body, Doubts $doubts, ?Turn $turn = null): self
    {
        $nominal = new SteadyTow($water, $turn, $line, Nudge::none(), self::FINENESS);
        $nominal->solve();
        $depth = $nominal->depthOf($body);
        $moved = static function (array $axis, float $side) use (
            $water, $turn, $line, $body, $doubts, $nominal, $depth,
        ): ?float {
            /** @var array<string, float> $axis */
            $nudged = static function (float $to) use ($axis, $water, $turn, $line, $doubts, $depth): SteadyTow {
                $by = array_map(static fn (float $share): float => $to * $share, $axis);

                return new SteadyTow(
                    self::doubted($water, $by, $doubts, $depth), $turn, $line, Nudge::of($by, $doubts), self::FINENESS,
                );
            };
            try {
                return self::followed($nudged, $side, $nominal)->depthOf($body) - $depth;
            } catch (CannotTow) {
                return null;
            }
        };

        $variances = [];
        $shift = $variance = $third = $fourth = 0.0;
        $axes = Axes::of($line, $doubts);
        foreach ($axes as $axis) {
            $share = $turn !== null && isset($axis[Doubt::Current->value]) ? self::CURRENT_IN_TURN : 1.0;
            [$less, $more] = [$moved($axis, -$share), $moved($axis, $share)];
            // Where one side leaves no steady shape the other tells; where neither does, the whole depth is in doubt.
            $less ??= $more === null ? -$share * $depth : -$more;
            $more ??= -$less;
            [$slope, $bend] = [0.5 * ($more - $less) / $share, 0.5 * ($more + $less) / $share ** 2];
            $variances[] = $part = $slope * $slope + 2 * $bend * $bend;
            $variance += $part;
            $shift += $bend;
            $third += 6 * $slope ** 2 * $bend + 8 * $bend ** 3;
            $fourth += 48 * $slope ** 2 * $bend ** 2 + 48 * $bend ** 4;
        }
        $parts = Axes::parts($axes, $variances);
        $deviation = sqrt($variance);
        if ($deviation === 0.0) {
            return new self(0.0, 0.0, 0.0, $parts);
        }
        $half = $deviation * max(1.0 - self::LEAST_SIDE, 1.0 + ($third ** 2 / $variance ** 3 - $fourth / $variance ** 2) / 12);
        $shift = max(-1.0 + self::LEAST_SIDE, min(1.0 - self::LEAST_SIDE, $shift / $half)) * $half;

        return new self($half, $half - $shift, $half + $shift, $parts);
    }

    /**
     * One that was worked out before.
     *
     * @param  array{float, float, float, array<string, float>}  $figures  as {@see figures()} tells them
     */
    public static function ofFigures(array $figures): self
    {
        return new self(...$figures);
    }

    /** @return array{float, float, float, array<string, float>} all of it, to be kept: deviation, the two sides, the parts */
    public function figures(): array
    {
        return [$this->deviation, $this->shallower, $this->deeper, $this->parts];
    }

    /** What it is made of, the largest first; null where nothing of it is worth a word. */
    public function reason(): ?Sentence
    {
        $parts = array_slice(
            array_filter($this->parts, static fn (float $part): bool => $part > self::WORTH_A_WORD), 0, self::MOST_NAMED,
        );
        $figures = [];
        foreach ($parts as $doubt => $part) {
            $figures[$doubt] = [Quantity::Leader, $part];
        }
        $named = array_map(static fn (string $doubt): string => Doubt::from($doubt)->word()." {{$doubt}}", array_keys($parts));

        return $parts === [] ? null : Sentence::of('The ± is made of '.implode(', ', $named).'.', $figures);
    }

    /** @return array{shallower: float, deeper: float, skewed: bool} m, to the millimetre */
    public function told(): array
    {
        return ['shallower' => round($this->shallower, 3), 'deeper' => round($this->deeper, 3), 'skewed' => $this->isSkewed()];
    }

    /** Whether one side is so much longer that the two are told apart. */
    public function isSkewed(): bool
    {
        return abs($this->deeper - $this->shallower) > self::EVEN * ($this->deeper + $this->shallower);
    }

    /**
     * The line nudged: from where the nominal one lies, or half way there from where the one nudged half lies; where neither
     * finds it, all the way from its own straight course.
     *
     * @param  Closure(float): SteadyTow  $nudged  by how much
     *
     * @throws CannotTow when it has no steady run
     */
    private static function followed(Closure $nudged, float $side, SteadyTow $nominal): SteadyTow
    {
        $tow = $nudged($side);
        if ($tow->follow($nominal)) {
            return $tow;
        }
        $half = $nudged(0.5 * $side);
        $tow = $nudged($side);
        if (! $half->follow($nominal) || ! $tow->follow($half)) {
            $tow = $nudged($side);
            $tow->solve();
        }

        return $tow;
    }

    /** @param  array<string, float>  $by  so many deviations, by doubt */
    private static function doubted(Water $water, array $by, Doubts $doubts, float $depth): Water
    {
        if (isset($by[Doubt::Speed->value])) {
            $water = $water->flowing($water->flow->faster($by[Doubt::Speed->value] * $doubts->speed));
        }

        return isset($by[Doubt::Current->value])
            ? $water->flowing($water->flow->sheared($by[Doubt::Current->value] * $doubts->current, max($depth, 0.1)))
            : $water;
    }
}
