<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp\Internal;

use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Doubt\Doubt;
use Admek\Core\Towing\Doubt\TruedDepth;
use Admek\Core\TrueUp\Sounded;
use Admek\Core\TrueUp\TrueUp;

/**
 * The likeliest figures under soundings, by Gauss–Newton with reweighting: a reading s unsure and r off counts
 * w = (ν + 1)/(ν + (r/s)²) times (Lange, Little & Taylor 1989, J. Am. Stat. Assoc. 84, 881).
 */
final class Fit
{
    /** Degrees of freedom of a reading's error. */
    private const FREEDOM = 4.0;

    private const MOST_STEPS = 40;

    /** Deviations by which a figure may move in one step, and less than which nothing moves any more. */
    private const STRIDE = 1.0;

    private const STILL = 0.01;

    /** Steps before which slopes are taken anew; between them they are carried on as depths come out (Broyden 1965). */
    private const ANEW = [0, 2];

    /** Deviations off beyond which a reading is held to be false. */
    private const FALSE = 3.0;

    /** @var array<string, int> place of each figure */
    public array $places = [];

    /** @var array<int, float> deviations off its default, of each */
    public array $at = [];

    /** @var array<int, array{Doubt, string, float}> what each is, whose, and its deviation before */
    public array $priors = [];

    /** @var array<int, TruedDepth> by the sounding's place */
    public array $towed = [];

    /** @var array<int, float> m, as the model gives them */
    public array $depths = [];

    /** @var array<int, bool> */
    public array $used = [];

    /** @var array<int, array<int, float>> */
    public array $covariance = [];

    /** @var array<int, bool> those that were taken in again */
    private array $back = [];

    /** @var array<int, array<int, float>> m a deviation, by the figure's place */
    private array $slopes = [];

    /** @var array<int, array<string, int>> places of its figures, by doubt */
    private array $figures = [];

    /** @param  list<Sounded>  $soundings */
    public function __construct(private readonly array $soundings)
    {
        foreach ($soundings as $i => $one) {
            try {
                $this->towed[$i] = Towed::depth($one->line, $one->conditions);
            } catch (CannotTow) {
                // Of a line that has no steady run nothing is learnt.
                continue;
            }
            $this->depths[$i] = $this->towed[$i]->nominal;
            $this->used[$i] = true;
            foreach ($this->towed[$i]->about as $doubt) {
                $owner = $one->owners[$doubt] ?? "sounding {$one->id}";
                $place = $this->places[TrueUp::key($doubt, $owner)] ??= count($this->places);
                $this->priors[$place] ??= [Doubt::from($doubt), $owner, $this->towed[$i]->doubts->deviation(Doubt::from($doubt))];
                $this->figures[$i][$doubt] = $place;
            }
        }
        $this->at = array_fill(0, count($this->places), 0.0);
        $this->settle();
    }

    /** Deviations a reading is off what is expected without it: its error, and what is unsure of the model there. */
    public function off(int $i): float
    {
        $one = $this->soundings[$i];
        $known = $this->spread($i);
        $miss = $one->depth - $this->depths[$i];
        if (! $this->used[$i]) {
            return $miss / sqrt($one->deviation ** 2 + $known);
        }
        // Taken out of the fit it had a part in.
        $part = min(0.999, $this->weight($i) * $known / $one->deviation ** 2);

        return $miss / (1.0 - $part) / sqrt($one->deviation ** 2 + $known / (1.0 - $part));
    }

    private function settle(): void
    {
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            if (in_array($step, self::ANEW, true)) {
                foreach ($this->towed as $i => $one) {
                    $slopes = $one->slopes($this->of($i));
                    $this->slopes[$i] = array_combine($this->figures[$i], $slopes);
                }
            }
            $by = $this->step();
            $most = max(0.0, 0.0, ...array_map(abs(...), $by));
            $share = $most > self::STRIDE ? self::STRIDE / $most : 1.0;
            $this->move(array_map(static fn (float $one): float => $share * $one, $by));
            if ($most < self::STILL && $step >= max(self::ANEW)) {
                $this->step();
                $changed = $this->false();
                if ($changed === []) {
                    return;
                }
                foreach ($changed as $i) {
                    $this->used[$i] = ! $this->used[$i];
                }
            }
        }
        $this->step();
    }

    /**
     * Takes the covariance where it stands.
     *
     * @return array<int, float> by how much each figure moves
     */
    private function step(): array
    {
        $n = count($this->at);
        $information = [];
        $pull = array_map(static fn (float $at): float => -$at, $this->at);
        for ($k = 0; $k < $n; $k++) {
            $information[$k] = array_fill(0, $n, 0.0);
            $information[$k][$k] = 1.0;
        }
        foreach ($this->slopes as $i => $slopes) {
            if (! $this->used[$i]) {
                continue;
            }
            $count = $this->weight($i) / $this->soundings[$i]->deviation ** 2;
            $miss = $this->soundings[$i]->depth - $this->depths[$i];
            foreach ($slopes as $a => $slope) {
                $pull[$a] += $count * $miss * $slope;
                foreach ($slopes as $b => $other) {
                    $information[$a][$b] += $count * $slope * $other;
                }
            }
        }
        $lower = Symmetric::cholesky($information);
        $this->covariance = Symmetric::inverse($lower);

        return Symmetric::solve($lower, $pull);
    }

    /** @param  array<int, float>  $by */
    private function move(array $by): void
    {
        foreach ($by as $k => $more) {
            $this->at[$k] += $more;
        }
        foreach ($this->towed as $i => $one) {
            $depth = $one->depth($this->of($i));
            if ($depth === null) {
                continue;
            }
            // As the depth came out against what the slopes had told.
            $told = $long = 0.0;
            foreach ($this->slopes[$i] as $k => $slope) {
                $told += $slope * $by[$k];
                $long += $by[$k] ** 2;
            }
            if ($long > 1e-8) {
                foreach ($this->slopes[$i] as $k => $slope) {
                    $this->slopes[$i][$k] = $slope + ($depth - $this->depths[$i] - $told) * $by[$k] / $long;
                }
            }
            $this->depths[$i] = $depth;
        }
    }

    /**
     * Those that are too far off, of any that share a piece of gear the farthest alone: the others may be off for its sake. Where
     * there are none, those that were left out for another's sake, each once.
     *
     * @return list<int>
     */
    private function false(): array
    {
        $off = [];
        foreach ($this->towed as $i => $_) {
            if (! $this->soundings[$i]->confirmed) {
                $off[$i] = abs($this->off($i));
            }
        }
        arsort($off);
        $false = $gear = [];
        foreach ($off as $i => $far) {
            $own = array_diff_key($this->figures[$i], [Doubt::Speed->value => 0, Doubt::Current->value => 0]);
            if ($this->used[$i] && $far > self::FALSE && array_intersect($own, $gear) === []) {
                $false[] = $i;
                $gear = [...$gear, ...array_values($own)];
            }
        }
        if ($false !== []) {
            return $false;
        }
        $back = array_values(array_filter(
            array_keys($off), fn (int $i): bool => ! $this->used[$i] && $off[$i] <= self::FALSE && ! isset($this->back[$i]),
        ));
        $this->back += array_fill_keys($back, true);

        return $back;
    }

    private function weight(int $i): float
    {
        $off = ($this->soundings[$i]->depth - $this->depths[$i]) / $this->soundings[$i]->deviation;

        return (self::FREEDOM + 1.0) / (self::FREEDOM + $off * $off);
    }

    /** m² by which the model is unsure of the depth there. */
    private function spread(int $i): float
    {
        $spread = 0.0;
        foreach ($this->slopes[$i] as $a => $slope) {
            foreach ($this->slopes[$i] as $b => $other) {
                $spread += $slope * $other * $this->covariance[$a][$b];
            }
        }

        return $spread;
    }

    /** @return array<string, float> where the figures of a sounding's line stand, by {@see Doubt} */
    private function of(int $i): array
    {
        return array_map(fn (int $place): float => $this->at[$place], $this->figures[$i]);
    }
}
