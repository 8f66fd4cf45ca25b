<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Motion\Mover;
use Admek\Core\Towing\Motion\NotWanted;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** How fast a turn may be made without its lines coming together. */
final readonly class Gentlest
{
    /** Each rate that is tried is so much less than the one before… */
    private const GENTLER = 0.5;

    /** …and between the last that tangles and the first that does not, so often the middle. */
    private const REFINED = 2;

    /** s between looks. */
    private const EVERY = 2.0;

    private const SURER = 0.93;

    /** Links and steps of what is only looked at for its tangles: a few centimetres coarser. */
    private const FINENESS = 0.6;

    /**
     * @param  ?float  $rate  degrees a second, the fastest that keeps its lines apart; null where none does
     * @param  ?Happening  $first  what comes of one a little faster; null where the one that was asked about is good
     */
    private function __construct(public ?float $rate, public ?Happening $first)
    {
    }

    public function says(): Sentence
    {
        if ($this->rate === null) {
            return Sentence::of('However gently, lines come together: clear or move one first.');
        }
        $rate = ['rate' => [Quantity::Turning, $this->rate]];

        return $this->first === null
            ? Sentence::of('At {rate} they keep apart: it need be no gentler.', $rate)
            : Sentence::all([Sentence::of('Up to {rate} they keep apart. A little faster:', $rate), $this->first->says()]);
    }

    /**
     * @param  list<RunningLine>  $lines  as they run before it
     * @param  ?\Closure(): bool  $isWanted  asked as it goes; null where it always is
     *
     * @throws InvalidValue where it is no turn, naming the kind, or on a radius nobody turns on
     * @throws NotWanted where it is not
     */
    public static function of(
        Manoeuvre $manoeuvre, array $lines, Conditions $conditions, SpreadLimits $limits,
        SpreadSolver $solver = new SpreadSolver, ?\Closure $isWanted = null,
    ): self {
        $rate = $manoeuvre->rate($conditions->speed) ?? throw InvalidValue::because('kind', 'a turn of the wheel');
        $slowest = $manoeuvre->kind->figure('rate')->least ?? $rate;
        $tangle = static function (float $rate, float $fineness = self::FINENESS) use (
            $manoeuvre, $lines, $conditions, $limits, $solver, $isWanted,
        ): ?Happening {
            return self::tangles(
                $manoeuvre->turningAt($rate), $lines, $conditions, $limits, $solver, new Mover($fineness, isWanted: $isWanted),
            )[0] ?? null;
        };
        $first = null;
        for ($fast = $rate; ($now = $tangle($rate)) !== null; $rate = max($slowest, $rate * self::GENTLER)) {
            [$first, $fast] = [$now, $rate];
            if ($rate <= $slowest) {
                return new self(null, $first);
            }
        }
        for ($i = 0; $first !== null && $i < self::REFINED; $i++) {
            $middle = 0.5 * ($rate + $fast);
            $now = $tangle($middle);
            [$rate, $fast, $first] = $now === null ? [$middle, $fast, $first] : [$rate, $middle, $now];
        }

        // What was found coarsely holds as it is shown.
        while (($now = $tangle($rate = self::told($rate), 1.0)) !== null) {
            $first = $now;
            if ($rate <= $slowest) {
                return new self(null, $first);
            }
            $rate = max($slowest, self::SURER * $rate);
        }

        return new self($rate, $first);
    }

    /**
     * What of its lines comes together in a manoeuvre, from its beginning until they have come round.
     *
     * @param  list<RunningLine>  $lines  as they run before it
     * @return list<Happening>
     *
     * @throws InvalidValue naming the figure of the manoeuvre
     */
    public static function tangles(
        Manoeuvre $manoeuvre, array $lines, Conditions $conditions, SpreadLimits $limits,
        SpreadSolver $solver = new SpreadSolver, Mover $mover = new Mover,
    ): array {
        $course = $manoeuvre->course($conditions);
        $times = range(0.0, $manoeuvre->lasts($course), self::EVERY);

        return Tried::tangles(SpreadInTime::of($lines, $conditions, $course, $times, $solver, $mover), $limits);
    }

    /** As it is told, never faster. */
    private static function told(float $rate): float
    {
        return floor(100.0 * $rate + 1e-6) / 100.0;
    }
}
