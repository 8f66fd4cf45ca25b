<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp;

use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Doubt\Doubt;
use Admek\Core\TrueUp\Internal\Towed;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** The line whose sounding would narrow the depths of a spread most, by what is known already. */
final readonly class NextSounding
{
    /**
     * @param  float  $depth  m it runs at
     * @param  float  $before  m, root of the mean square deviation of the spread's depths
     * @param  float  $after  m, once it is sounded
     */
    private function __construct(public string $holder, public float $depth, public float $before, public float $after)
    {
    }

    /**
     * With a reading s unsure of line j the variance of line i falls by (gᵢCgⱼ)²/(s² + gⱼCgⱼ), g being the slopes of its
     * depth and C what is known of the figures.
     *
     * @param  list<PlannedLine>  $lines
     * @param  list<array<string, string>>  $owners  of each line's figures, by {@see Doubt}
     * @return ?self null where no line runs
     */
    public static function of(TrueUp $known, array $lines, array $owners, Conditions $conditions): ?self
    {
        $slopes = $depths = [];
        foreach ($lines as $i => $line) {
            $at = $known->trued($owners[$i])->at ?? [];
            try {
                $towed = Towed::depth($line, $conditions);
            } catch (CannotTow) {
                continue;
            }
            $depths[$i] = $towed->depth($at) ?? $towed->nominal;
            foreach ($towed->slopes($at) as $doubt => $slope) {
                $slopes[$i][TrueUp::key($doubt, $owners[$i][$doubt] ?? $line->holder)] = $slope;
            }
        }
        if ($slopes === []) {
            return null;
        }
        $together = static function (int $one, int $other) use ($slopes, $known): float {
            $sum = 0.0;
            foreach ($slopes[$one] as $key => $slope) {
                foreach ($slopes[$other] as $beside => $also) {
                    $sum += $slope * $also * $known->covariance($key, $beside);
                }
            }

            return $sum;
        };
        $before = array_sum(array_map(static fn (int $i): float => $together($i, $i), array_keys($slopes)));
        $read = SoundingMethod::Bottom->deviation() ** 2;
        [$best, $most] = [(int) array_key_first($slopes), -INF];
        foreach (array_keys($slopes) as $j) {
            $narrows = array_sum(array_map(
                static fn (int $i): float => $together($i, $j) ** 2 / ($read + $together($j, $j)), array_keys($slopes),
            ));
            if ($narrows > $most) {
                [$best, $most] = [$j, $narrows];
            }
        }

        return new self(
            $lines[$best]->holder, $depths[$best], sqrt($before / count($slopes)),
            sqrt(max(0.0, $before - $most) / count($slopes)),
        );
    }

    public function says(): Sentence
    {
        return Sentence::of('Touch bottom with {rod} at {depth}: it takes the ± of the spread from {before} to {after}.', [
            'rod' => $this->holder, 'depth' => [Quantity::Depth, $this->depth], 'before' => [Quantity::Leader, $this->before],
            'after' => [Quantity::Leader, $this->after],
        ]);
    }
}
