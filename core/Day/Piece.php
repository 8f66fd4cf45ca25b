<?php

declare(strict_types=1);

namespace Admek\Core\Day;

/** A line fishing in one way, between two changes of anything, with what bit on it then. */
final readonly class Piece
{
    /** s from one cut to the next where nothing else changes: light does. */
    private const EVERY = 1800.0;

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
     * A day's spells cut wherever something changed, and with the light; a bite is of the piece that ends with it.
     *
     * @param  list<Spell>  $spells  its own, or as it is taken to have been fished
     * @param  float  $now  s since 1970 UTC, until which lines fish that are still out
     * @param  list<float>  $cuts  s since 1970 UTC, in any order, at which the boat went otherwise
     * @return list<self>
     */
    public static function of(Day $day, array $spells, float $now, array $cuts): array
    {
        $cuts = [...$cuts, ...self::changes($day), ...self::light($spells, $now)];
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

    /** @return list<float> when speed or what is seen of the water was told to be another */
    private static function changes(Day $day): array
    {
        return array_map(
            static fn (Event $event): float => $event->at, [...$day->all(EventKind::Speed), ...$day->all(EventKind::Signs)],
        );
    }

    /**
     * @param  list<Spell>  $spells
     * @return list<float>
     */
    private static function light(array $spells, float $now): array
    {
        $cuts = [];
        $first = min([$now, ...array_map(static fn (Spell $spell): float => $spell->from, $spells)]);
        for ($at = ceil($first / self::EVERY) * self::EVERY; $at < $now; $at += self::EVERY) {
            $cuts[] = $at;
        }

        return $cuts;
    }
}
