<?php

declare(strict_types=1);

namespace Admek\Core\Day;

/** A line fishing in one way, between two changes of anything, with what bit on it then. */
final readonly class Piece
{
    /**
     * @param  ?LineSet  $line  as it was set; null where nobody told
     * @param  float  $from  s since 1970 UTC
     * @param  float  $until  s
     * @param  list<Bite>  $bites
     */
    public function __construct(
        public string $holder, public ?LineSet $line, public float $from, public float $until, public array $bites,
    ) {
    }

    public function hours(): float
    {
        return ($this->until - $this->from) / 3600.0;
    }

    /**
     * A day's spells cut wherever something changed; a bite is of the piece that ends with it.
     *
     * @param  list<Spell>  $spells  its own, or as it is taken to have been fished
     * @param  float  $now  s since 1970 UTC, until which lines fish that are still out
     * @param  list<float>  $cuts  s since 1970 UTC, in any order
     * @return list<self>
     */
    public static function of(Day $day, array $spells, float $now, array $cuts): array
    {
        sort($cuts);
        /** @var array<array-key, list<Bite>> $bites */
        $bites = [];
        foreach ($day->bites as $bite) {
            $bites[$bite->holder][] = $bite;
        }
        $pieces = [];
        foreach ($spells as $spell) {
            $until = max($spell->from, min($now, $spell->until ?? $now));
            $ends = [...array_filter($cuts, static fn (float $cut): bool => $cut > $spell->from && $cut < $until), $until];
            $from = $spell->from;
            foreach ($ends as $end) {
                $bitten = [];
                foreach ($bites[$spell->holder] ?? [] as $i => $bite) {
                    if ($bite->at >= $from && $bite->at <= $end) {
                        $bitten[] = $bite;
                        unset($bites[$spell->holder][$i]);
                    }
                }
                if ($end > $from) {
                    $pieces[] = new self($spell->holder, $spell->line, $from, $end, $bitten);
                }
                $from = $end;
            }
        }

        return $pieces;
    }
}
