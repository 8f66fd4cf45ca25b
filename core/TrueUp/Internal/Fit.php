<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp\Internal;

use Admek\Core\Numerics\Symmetric;
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

    /** Deviations by which figures may move before a depth is solved again: until then the slopes tell it. */
    private const NEAR = 0.05;

    /** Steps before which slopes are taken anew; by then they hardly change. */
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

    /** @var array<int, array{array<int, float>, float}> where the figures stood when each was solved, and m it came out at */
    private array $solved = [];

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
        array_map($this->solve(...), array_keys($this->towed));
    }

    /** Deviations a reading is off what is expected without it: its error, and what is unsure of the model there. */
    public function off(int $i): float
    {
        [$one, $known] = [$this->soundings[$i], $this->spread($i)];
        $miss = $one->depth - $this->depths[$i];
        // Taken out of the fit where it has a part in it.
        $part = $this->used[$i] ? min(0.999, $this->weight($i) * $known / $one->deviation ** 2) : 0.0;

        return $miss / (1.0 - $part) / sqrt($one->deviation ** 2 + $known / (1.0 - $part));
    }

    private function settle(): void
    {
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            if (in_array($step, self::ANEW, true)) {
                foreach ($this->towed as $i => $one) {
                    $this->slopes[$i] = array_combine($this->figures[$i], $one->slopes($this->of($i)));
                    $this->solve($i);
                }
            }
            $by = Symmetric::solve(...$this->step());
            $most = max(0.0, 0.0, ...array_map(abs(...), $by));
            $share = min(1.0, self::STRIDE / max($most, self::STILL));
            $this->move(array_map(static fn (float $one): float => $share * $one, $by));
            if ($most < self::STILL && $step >= max(self::ANEW)) {
                $this->covariance = Symmetric::inverse($this->step()[0]);
                $changed = $this->false();
                if ($changed === []) {
                    return;
                }
                foreach ($changed as $i) {
                    $this->used[$i] = ! $this->used[$i];
                }
            }
        }
        $this->covariance = Symmetric::inverse($this->step()[0]);
    }

    /**
     * What is known where it stands, and which way it pulls.
     *
     * @return array{array<int, array<int, float>>, array<int, float>} the Cholesky factor of the information, and the pull
     */
    private function step(): array
    {
        $n = count($this->at);
        $information = [];
        $pull = array_map(static fn (float $at): float => -$at, $this->at);
        for ($k = 0; $k < $n; $k++) {
            $information[$k] = [$k => 1.0] + array_fill(0, $n, 0.0);
        }
        foreach (array_intersect_key($this->slopes, array_filter($this->used)) as $i => $slopes) {
            $count = $this->weight($i) / $this->soundings[$i]->deviation ** 2;
            $miss = $this->soundings[$i]->depth - $this->depths[$i];
            foreach ($slopes as $a => $slope) {
                $pull[$a] += $count * $miss * $slope;
                foreach ($slopes as $b => $other) {
                    $information[$a][$b] += $count * $slope * $other;
                }
            }
        }

        return [Symmetric::cholesky($information), $pull];
    }

    /** @param  array<int, float>  $by */
    private function move(array $by): void
    {
        foreach ($by as $k => $more) {
            $this->at[$k] += $more;
        }
        foreach (array_keys($this->towed) as $i) {
            $moved = $told = 0.0;
            foreach ($this->slopes[$i] as $k => $slope) {
                $since = $this->at[$k] - $this->solved[$i][0][$k];
                $moved = max($moved, abs($since));
                $told += $slope * $since;
            }
            if ($moved > self::NEAR) {
                $this->solve($i);

                continue;
            }
            $this->depths[$i] = $this->solved[$i][1] + $told;
        }
    }

    /** As it comes out where the figures stand; as it was where they leave it no steady run. */
    private function solve(int $i): void
    {
        $this->depths[$i] = $this->towed[$i]->depth($this->of($i)) ?? $this->depths[$i];
        $this->solved[$i] = [array_intersect_key($this->at, array_flip($this->figures[$i])), $this->depths[$i]];
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
