<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

use Admek\Core\Towing\CannotTow;
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
     * @return array{radius: ?float, first: ?Breach} m; no radius where even the widest is not safe, no breach where the tightest is
     *
     * @throws CannotTow
     */
    public function turn(Side $side): array
    {
        $straight = $this->running($this->conditions->turning(null), null);
        $known = self::grave($straight, $this->limits);
        $wrong = fn (float $radius): ?Breach => $this->newly($known, $this->conditions->turning(new Turn($radius, $side)), $straight);
        [$safe, $first] = $this->search($wrong, self::WIDEST, static fn (float $radius): float => max(self::TIGHTEST, $radius * self::NARROWER), self::TIGHTEST);

        return ['radius' => $safe, 'first' => $first];
    }

    /**
     * The slowest steady speed that is still safe, and what goes wrong below it.
     *
     * @return array{speed: ?float, first: ?Breach} m/s
     *
     * @throws CannotTow
     */
    public function slowest(): array
    {
        $now = $this->running($this->conditions, null);
        $known = self::grave($now, $this->limits);
        $wrong = fn (float $speed): ?Breach => $this->newly($known, $this->conditions->at($speed), $now);
        [$safe, $first] = $this->search($wrong, $this->conditions->speed, static fn (float $speed): float => max(Conditions::SLOWEST, $speed - self::SLOWER), Conditions::SLOWEST);

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
     * @param  list<RunningLine>  $straight
     */
    private function newly(array $known, Conditions $conditions, array $straight): ?Breach
    {
        foreach (Breaches::grave($this->running($conditions, $straight), $this->limits) as $breach) {
            if (! in_array($breach->name(), $known, true)) {
                return $breach;
            }
        }

        return null;
    }

    /**
     * @param  ?list<RunningLine>  $like  the same lines, whose doubts hold here too
     * @return list<RunningLine>
     */
    private function running(Conditions $conditions, ?array $like): array
    {
        $running = [];
        foreach ($this->lines as $i => $line) {
            $now = $this->solver->run($line, $conditions, withDoubt: $like === null);
            $running[] = new RunningLine($line, $now->solution, $like === null ? $now->doubt : $like[$i]->doubt, $now->turn);
        }

        return $running;
    }

    /**
     * @param  list<RunningLine>  $running
     * @return list<string>
     */
    private static function grave(array $running, SpreadLimits $limits): array
    {
        return array_map(static fn (Breach $breach): string => $breach->name(), Breaches::grave($running, $limits));
    }
}
