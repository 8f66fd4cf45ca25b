<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\Turn;

/**
 * How tight the boat may turn and how slow she may go before the spread fouls itself, finds bottom or loses a board:
 * wide turns first and tighter ones until something new goes wrong. Doubts are those of the straight course.
 */
final readonly class SafeLimits
{
    /** m: the widest turn worth a word, and the tightest any boat makes under lines. */
    public const WIDEST = 600.0;

    public const TIGHTEST = 12.0;

    private const NARROWER = 0.7;

    /** m/s a speed is tried slower by. */
    private const SLOWER = 0.1;

    private const REFINED = 4;

    /**
     * @param  list<PlannedLine>  $lines
     */
    public function __construct(
        private array $lines,
        private Conditions $conditions,
        private SpreadLimits $limits,
        private SpreadSolver $solver = new SpreadSolver,
    ) {
    }

    /**
     * The tightest radius to a side that is still safe, and what goes wrong inside it.
     *
     * @return array{radius: ?float, first: ?Breach}  m; no radius where even the widest is not safe, no breach where the tightest
     *   is
     */
    public function turn(Side $side): array
    {
        [$straight, $unsteady] = Steady::among($this->lines, $this->conditions->turning(null), solver: $this->solver);
        $known = self::names([...$unsteady, ...Breaches::grave($straight, $this->limits)]);
        $wrong = fn (float $radius): ?Breach => $this->newly(
            $known, $this->conditions->turning(new Turn($radius, $side)), $straight,
        );
        [$safe, $first] = $this->search(
            $wrong,
            self::WIDEST,
            static fn (float $radius): float => max(self::TIGHTEST, $radius * self::NARROWER),
            self::TIGHTEST,
        );

        return ['radius' => $safe, 'first' => $first];
    }

    /**
     * The slowest steady speed that is still safe, and what goes wrong below it.
     *
     * @return array{speed: ?float, first: ?Breach} m/s
     */
    public function slowest(): array
    {
        [$now, $unsteady] = Steady::among($this->lines, $this->conditions, solver: $this->solver);
        $known = self::names([...$unsteady, ...Breaches::grave($now, $this->limits)]);
        $wrong = fn (float $speed): ?Breach => $this->newly($known, $this->conditions->at($speed), $now);
        [$safe, $first] = $this->search(
            $wrong,
            $this->conditions->speed,
            static fn (float $speed): float => max(Conditions::SLOWEST, $speed - self::SLOWER),
            Conditions::SLOWEST,
        );

        return ['speed' => $safe, 'first' => $first];
    }

    /**
     * Goes from a start toward an end until something is wrong, then between the last safe and the first unsafe value.
     *
     * @param  callable(float): ?Breach  $wrong
     * @param  callable(float): float  $next
     * @return array{?float, ?Breach}
     */
    private function search(callable $wrong, float $start, callable $next, float $end): array
    {
        $safe = null;
        for ($value = $start; ; $value = $next($value)) {
            $breach = $wrong($value);
            if ($breach !== null) {
                break;
            }
            $safe = $value;
            if ($value <= $end) {
                return [$safe, null];
            }
        }
        for ($i = 0, $unsafe = $value; $safe !== null && $i < self::REFINED; $i++) {
            $middle = 0.5 * ($safe + $unsafe);
            $at = $wrong($middle);
            if ($at === null) {
                $safe = $middle;
            } else {
                [$unsafe, $breach] = [$middle, $at];
            }
        }

        return [$safe, $breach];
    }

    /**
     * @param  list<string>  $known
     * @param  list<RunningLine>  $like  the same lines, whose doubts hold here too
     */
    private function newly(array $known, Conditions $conditions, array $like): ?Breach
    {
        [$running, $unsteady] = Steady::among($this->lines, $conditions, false, $this->solver);
        $doubts = [];
        foreach ($like as $line) {
            $doubts[$line->planned->holder] = $line->doubt;
        }
        $running = array_map(
            static fn (RunningLine $line): RunningLine => new RunningLine(
                $line->planned, $line->solution, $doubts[$line->planned->holder] ?? null,
            ),
            $running,
        );
        foreach ([...$unsteady, ...Breaches::grave($running, $this->limits)] as $breach) {
            if (! in_array($breach->name(), $known, true)) {
                return $breach;
            }
        }

        return null;
    }

    /**
     * @param  list<Breach>  $breaches
     * @return list<string>
     */
    private static function names(array $breaches): array
    {
        return array_map(static fn (Breach $breach): string => $breach->name(), $breaches);
    }
}
