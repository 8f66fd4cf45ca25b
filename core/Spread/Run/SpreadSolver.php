<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Run;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Doubt\DepthDoubt;
use Admek\Core\Towing\Doubt\KeptDoubts;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Reach;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Turn;

/** Runs planned lines under given conditions, and finds the let-out that takes one to a depth. */
final readonly class SpreadSolver
{
    /** @param  ?KeptDoubts  $kept  where the ± of a line that has not changed since is found again */
    public function __construct(private TowSolver $solver = new TowSolver, private ?KeptDoubts $kept = null)
    {
    }

    /**
     * @throws CannotTow
     * @throws InvalidValue
     */
    public function run(PlannedLine $line, Conditions $conditions, bool $withDoubt = true): RunningLine
    {
        $towLine = $line->towLine($conditions->density);
        $water = $this->waterOf($line, $conditions);
        $solution = $this->solver->solve($water, $conditions->turn, $towLine);

        return new RunningLine($line, $solution, $withDoubt ? $this->doubt($line, $towLine, $water, $conditions->turn) : null);
    }

    /**
     * The water a line is towed through. As soundings of the trip have taught of it a current grows down to where the line runs
     * by the default figures, as it does in what they were fitted by.
     *
     * @throws CannotTow
     */
    public function waterOf(PlannedLine $line, Conditions $conditions): Water
    {
        $water = $conditions->water();
        if ($line->trued === null || ! $line->trued->isOfWater()) {
            return $water;
        }
        $untrued = $line->withTrued(null)->towLine($conditions->density);
        $depth = $this->solver->solve($water, $conditions->turn, $untrued)->bodies[Lure::BODY][2];

        return $water->flowing($line->trued->flow($water->flow, $depth, $line->doubts()));
    }

    /** @throws CannotTow */
    private function doubt(PlannedLine $line, TowLine $towLine, Water $water, ?Turn $turn): DepthDoubt
    {
        $of = [$water, $towLine, Lure::BODY, $line->doubts(), $turn];
        if ($this->kept === null) {
            return DepthDoubt::of(...$of);
        }
        // All that a doubt follows from, figure by figure.
        $key = hash('xxh128', serialize($of));
        $doubt = $this->kept->find($key);
        if ($doubt === null) {
            $doubt = DepthDoubt::of(...$of);
            $this->kept->keep($key, $doubt);
        }

        return $doubt;
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @return list<RunningLine>
     *
     * @throws CannotTow
     * @throws InvalidValue
     */
    public function all(array $lines, Conditions $conditions, bool $withDoubt = true): array
    {
        return array_map(fn (PlannedLine $line): RunningLine => $this->run($line, $conditions, $withDoubt), $lines);
    }

    /**
     * The same as {@see all()}, for lines most of which run already: only what has changed is solved. What had no steady run
     * before has none where it has not changed, and may still have none where it has.
     *
     * @param  list<PlannedLine>  $lines
     * @param  list<RunningLine>  $running  under the same conditions
     * @param  list<PlannedLine>  $unsteady  that have no steady run under them
     * @return list<RunningLine>
     *
     * @throws CannotTow where a line that ran does no more
     * @throws InvalidValue
     */
    public function again(array $lines, array $running, Conditions $conditions, array $unsteady = []): array
    {
        $ran = array_map(static fn (RunningLine $line): string => $line->planned->holder, $running);
        $again = [];
        foreach ($lines as $line) {
            if (in_array($line, $unsteady)) {
                continue;
            }
            try {
                $again[] = self::unchanged($line, $running) ?? $this->run($line, $conditions);
            } catch (CannotTow $cannot) {
                if (in_array($line->holder, $ran, true)) {
                    throw $cannot;
                }
            }
        }

        return $again;
    }

    /** @param  list<RunningLine>  $running */
    private static function unchanged(PlannedLine $line, array $running): ?RunningLine
    {
        foreach ($running as $one) {
            // Of two lines alike in all figures one runs as the other.
            if ($one->planned === $line || ($one->planned->holder === $line->holder && $one->planned == $line)) {
                return $one;
            }
        }

        return null;
    }

    /**
     * The control that runs the line's lure at a depth (m), or the deepest it gets.
     *
     * @param  bool  $byOther  by its dial or weight, what is let out staying as it is
     * @param  ?float  $near  a control that nearly does
     *
     * @throws CannotTow
     * @throws InvalidValue where nothing but what is let out sets its depth
     */
    public function reach(
        PlannedLine $line, Conditions $conditions, float $depth, bool $byOther = false, ?float $near = null,
    ): Reach {
        InvalidValue::unlessBetween('depth', $depth, ...PlannedLine::AIM, unit: 'm');
        $control = $byOther
            ? $line->rig->otherControl() ?? throw InvalidValue::because(
                'by', 'what is let out: nothing else sets this rig’s depth',
            )
            : $line->rig->control();

        $unsteady = null;
        $depthAt = function (float $value) use ($line, $conditions, $byOther, $control, &$unsteady): float {
            // The ends of the range, which steps toward them may miss by a rounding.
            $value = max($control->least, min($control->most, $value));
            try {
                return $this->run(
                    $byOther ? $line->withOtherControl($value) : $line->withControl($value), $conditions, withDoubt: false,
                )->depth();
            } catch (CannotTow $cannot) {
                // More than a turn lets follow runs nowhere.
                $unsteady = $cannot;

                return -INF;
            }
        };
        $reach = $control->deepens
            ? Reach::find($depthAt, $depth, $control->least, $control->most, $near)
            : Reach::find(
                static fn (float $less): float => $depthAt(-$less), $depth, -$control->most, -$control->least,
                $near === null ? null : -$near,
            )->turnedRound();

        return $reach->depth === -INF && $unsteady !== null ? throw $unsteady : $reach;
    }
}
