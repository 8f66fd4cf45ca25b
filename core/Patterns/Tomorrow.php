<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

/** What the record says to start with: depths, lures, and the one to keep testing. */
final readonly class Tomorrow
{
    private const DEPTHS = 2;

    private const LURES = 3;

    /** Bites on like water from which nothing wider is asked. */
    public const ENOUGH = 12;

    /**
     * @param  list<Start>  $depths  the best first
     * @param  list<Start>  $lures  the best first
     */
    private function __construct(public array $depths, public array $lures, public ?Start $test)
    {
    }

    /**
     * @param  list<string>  $aboard  lures that can be started with
     * @param  ?callable(string): bool  $fits  whether a level of depth lies in the trip's water; all do where none is given
     */
    public static function of(Patterns $patterns, array $aboard, ?callable $fits = null): self
    {
        $depths = array_values(array_filter(
            $patterns->factors[Factor::Depth->value] ?? [], static fn (Rate $rate): bool => $fits === null || $fits($rate->level),
        ));
        $lures = array_values(array_filter(
            $patterns->factors[Factor::Lure->value] ?? [], static fn (Rate $rate): bool => in_array($rate->level, $aboard, true),
        ));
        $first = self::best(Factor::Lure, $lures, self::LURES);
        $taken = array_map(static fn (Start $start): string => $start->rate->level, $first);

        return new self(
            self::best(Factor::Depth, $depths, self::DEPTHS), $first,
            self::test($lures, $taken),
        );
    }

    /**
     * Those that bring more than usual, all else alike, of what it is not too early to say it of.
     *
     * @param  list<Rate>  $rates
     * @return list<Start>
     */
    private static function best(Factor $factor, array $rates, int $most): array
    {
        $told = array_filter($rates, static fn (Rate $rate): bool => ! $rate->isEarly() && ($rate->times ?? 1.0) >= 1.0);
        usort($told, static fn (Rate $a, Rate $b): int => ($b->times ?? 1.0) <=> ($a->times ?? 1.0));
        $hours = self::hours($rates);

        return array_map(static fn (Rate $rate): Start => new Start($factor, $rate, $hours), array_slice($told, 0, $most));
    }

    /**
     * The one that may yet be the best: whose interval reaches highest (Lai & Robbins 1985, Adv. Appl. Math. 6, 4).
     *
     * @param  list<Rate>  $lures
     * @param  list<string>  $taken
     */
    private static function test(array $lures, array $taken): ?Start
    {
        $left = array_filter($lures, static fn (Rate $rate): bool => ! in_array($rate->level, $taken, true));
        usort($left, static fn (Rate $a, Rate $b): int => ($b->timesHigh ?? $b->high) <=> ($a->timesHigh ?? $a->high));

        return $left === [] ? null : new Start(Factor::Lure, $left[0], self::hours($lures), isTest: true);
    }

    /** @param  list<Rate>  $rates */
    private static function hours(array $rates): float
    {
        return array_sum(array_map(static fn (Rate $rate): float => $rate->hours, $rates));
    }
}
