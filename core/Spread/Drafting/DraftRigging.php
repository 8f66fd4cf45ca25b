<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Fish\LureFamilies;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\LineFigure;

/** Rigs the rods of a draft: a lure on each, its control set for its depth, lines of one cable with one another. */
final readonly class DraftRigging
{
    /** Times the lines of one cable are set, each for the others as they are. */
    private const CABLE_ROUNDS = 2;

    public function __construct(private DraftTask $task, private SpreadSolver $solver)
    {
    }

    /**
     * Every rod with a lure of its own and its control set for its depth.
     *
     * @return array<array-key, DescribedLine> by holder
     */
    public function withLures(Assignment $assigned): array
    {
        $unused = $this->task->gear->lures;
        $lines = [];
        $depths = Stack::depths($assigned->rods, $this->task->rigging->releasesApart);
        foreach (Stack::hostsFirst($this->task->holders, $assigned->rods) as $holder) {
            $rod = $assigned->rods[$holder->code] ?? null;
            if ($rod === null) {
                continue;
            }
            ['option' => $option] = $rod;
            $band = (
                new WantedWater($this->task->bands, $this->task->limits->reach)
            )->bandAt($depths[$holder->code]) ?? $this->task->bands[0];
            $lure = self::lure($unused, $band, $option->dives);
            $unused = array_values(array_filter($unused, static fn (DescribedLure $other): bool => $other !== $lure));
            $host = $option->rides === null ? [] : array_intersect_key($lines, [$option->rides => true]);
            $lines[$holder->code] = $this->set(
                $lure === null ? $option->line : $option->line->pulling($lure), $depths[$holder->code], $host,
            );
        }
        foreach ($assigned->rods as $host => $rod) {
            $lines = $this->hungTogether((string) $host, $lines, $depths);
        }

        return $lines;
    }

    /**
     * The lines of one cable set again with all of them on it: each release drags the ball up, and the ball the others.
     *
     * @param  array<array-key, DescribedLine>  $lines
     * @param  array<array-key, float>  $depths
     * @return array<array-key, DescribedLine>
     */
    private function hungTogether(string $host, array $lines, array $depths): array
    {
        $cable = array_keys(array_filter($lines, static fn (DescribedLine $line): bool => $line->ridesOn === $host));
        for ($round = 0; $cable !== [] && $round < self::CABLE_ROUNDS; $round++) {
            foreach ([$host, ...$cable] as $holder) {
                $lines[$holder] = $this->set(
                    $lines[$holder],
                    $depths[$holder],
                    array_diff_key(array_intersect_key($lines, array_flip([$host, ...$cable])), [$holder => true]),
                );
            }
        }

        return $lines;
    }

    /**
     * @param  array<array-key, DescribedLine>  $onCable  lines that hang on the same cable
     * @return DescribedLine the same with its control set for a depth, or as near as it comes
     */
    public function set(DescribedLine $line, float $depth, array $onCable = []): DescribedLine
    {
        $planned = SpreadPlan::of([$line, ...array_values($onCable)], $this->task->mast)->lines[0];
        $reach = $this->solver->reach($planned, $this->task->conditions, $depth);
        $control = $planned->rig->control();

        return $line->set($control, $control->settable($reach->control, $this->task->metric))
            ->with([LineFigure::Aim->value => $reach->reached ? round($depth, 2) : null]);
    }

    /**
     * @param  list<DescribedLure>  $unused
     * @return ?DescribedLure null when none of the sort is left
     */
    private static function lure(array $unused, DraftBand $band, bool $dives): ?DescribedLure
    {
        foreach (LureFamilies::for($band->species) as $kind) {
            foreach ($unused as $lure) {
                if ($lure->kind === $kind && $kind->dives() === $dives) {
                    return $lure;
                }
            }
        }
        foreach ($unused as $lure) {
            if ($lure->kind->dives() === $dives) {
                return $lure;
            }
        }

        return null;
    }
}
