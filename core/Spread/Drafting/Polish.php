<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Towing\CannotTow;

/**
 * Sets the lines of a sound spread a hand's breadth otherwise, where whole feet or tenths of a colour left feet of a band bare.
 */
final readonly class Polish
{
    /** Grains of its control a line is tried to either side. */
    private const GRAINS = [-2, -1, 1, 2];

    public function __construct(private DraftTask $task, private SpreadSolver $solver)
    {
    }

    /**
     * @param  array<array-key, DescribedLine>  $lines  by holder
     * @param  list<RunningLine>  $running  the same
     * @return array{array<array-key, DescribedLine>, list<RunningLine>}
     */
    public function of(array $lines, array $running): array
    {
        foreach (array_keys($running) as $i) {
            $planned = $running[$i]->planned;
            // What ticks bottom stays there.
            if (Stack::shared($planned->holder, $lines) || $planned->rig->bottom() !== null) {
                continue;
            }
            $control = $planned->rig->control();
            foreach ($this->tries($planned, $i, $running) as $value) {
                $set = $this->solver->run($planned->withControl($value), $this->task->conditions);
                $others = array_map(
                    static fn (RunningLine $line): RunningLine => $line->planned === $planned ? $set : $line, $running,
                );
                if (Breaches::grave($others, $this->task->limits) === []) {
                    $running = $others;
                    $lines[$planned->holder] = $lines[$planned->holder]->with($control->figures($value));
                    break;
                }
            }
        }

        return [$lines, $running];
    }

    /**
     * Values of its control that cover more than it does now, the best first.
     *
     * @param  list<RunningLine>  $running
     * @return list<float>
     */
    private function tries(PlannedLine $planned, int $at, array $running): array
    {
        $control = $planned->rig->control();
        $covered = function (float $depth) use ($running, $at): float {
            $water = new WantedWater($this->task->bands, $this->task->limits->reach);
            foreach ($running as $i => $line) {
                $water->put($i === $at ? $depth : $line->depth());
            }

            return $water->covered();
        };
        $now = $covered($running[$at]->depth());
        $worth = [];
        foreach (self::GRAINS as $grains) {
            $value = $control->settable($control->value + $grains * $control->grain($this->task->metric), $this->task->metric);
            if ($control->kind === ControlKind::Colours && $value < Trial::LEAST_COLOURS) {
                continue;
            }
            try {
                $then = $covered(
                    $this->solver->run($planned->withControl($value), $this->task->conditions, withDoubt: false)->depth(),
                );
            } catch (InvalidValue|CannotTow) {
                continue;
            }
            if ($then > $now + 1e-9) {
                $worth[] = [$then, $value];
            }
        }
        rsort($worth);

        return array_column($worth, 1);
    }
}
