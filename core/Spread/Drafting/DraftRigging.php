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

    /** Lures tried on a rod for one that runs at its depth. */
    private const MOST_LURES = 4;

    public function __construct(private DraftTask $task, private SpreadSolver $solver)
    {
    }

    /**
     * Every rod with a lure of its own and its control set for its depth; one no lure is left for has none.
     *
     * @return array<array-key, DescribedLine> by holder
     */
    public function withLures(Assignment $assigned): array
    {
        $pulled = [];
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
            $host = $option->rides === null ? [] : array_intersect_key($lines, [$option->rides => true]);
            $lures = $this->lures($pulled, $band, $option);
            if ($lures === [] || ($option->rides !== null && ! isset($lines[$option->rides]))) {
                continue;
            }
            $lines[$holder->code] = $line = $this->reaching($option, $lures, $depths[$holder->code], $host);
            $pulled[] = $line->lure->name;
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
     * @param  ?array{float, float}  $let  m its control keeps between
     * @return DescribedLine the same with its control set for a depth, or as near as it comes
     */
    public function set(DescribedLine $line, float $depth, array $onCable = [], ?array $let = null): DescribedLine
    {
        $planned = SpreadPlan::of([$line, ...array_values($onCable)], $this->task->mast)->lines[0];
        if ($planned->rig->bottom() !== null) {
            return $this->task->ticking($this->solver)->set($line);
        }
        $reach = $this->solver->reach($planned, $this->task->conditions, $depth);
        $control = $planned->rig->control();

        $kept = $let === null ? $reach->control : max($let[0], min($let[1], $reach->control));

        return $line->set($control, $control->settable($kept, $this->task->metric))->with(
            [LineFigure::Aim->value => $reach->reached && $kept === $reach->control ? round($depth, 2) : null],
        );
    }

    /**
     * With the first of some lures that runs at a depth; with the first of them all where none does.
     *
     * @param  non-empty-list<DescribedLure>  $lures
     * @param  array<array-key, DescribedLine>  $onCable  lines that hang on the same cable
     */
    private function reaching(Option $way, array $lures, float $depth, array $onCable): DescribedLine
    {
        $first = null;
        foreach (array_slice($lures, 0, self::MOST_LURES) as $lure) {
            $line = $this->set($way->line->pulling($lure), $depth, $onCable, $way->let);
            if ($line->figure(LineFigure::Aim) !== null) {
                return $line;
            }
            $first ??= $line;
        }

        return $first;
    }

    /**
     * Lures of the families that the band's species takes, then of those that another of the species does, as they lie in the
     * box; the fewer rods pull it already, the sooner, for a captain has more than one.
     *
     * @param  list<string>  $pulled  names of lures on other rods
     * @return list<DescribedLure> of which another is aboard
     */
    private function lures(array $pulled, DraftBand $band, Option $way): array
    {
        $fit = array_values(array_filter(
            $this->task->gear->lures, static fn (DescribedLure $lure): bool => in_array($lure->kind, $way->kinds, true),
        ));
        $uses = array_count_values($pulled);
        $lures = [];
        foreach ([$band, ...$this->task->bands] as $one) {
            $families = LureFamilies::for($one->species);
            foreach ($fit as $lure) {
                if (in_array($lure->kind, $families, true) && ! in_array($lure, $lures, true)) {
                    $lures[] = $lure;
                }
            }
        }
        usort($lures, static fn (DescribedLure $a, DescribedLure $b): int => ($uses[$a->name] ?? 0) <=> ($uses[$b->name] ?? 0));

        $lures = $lures === [] ? [$way->line->lure] : $lures;
        $pieces = Pieces::of($this->task->gear);

        return array_values(array_filter(
            $lures, static fn (DescribedLure $lure): bool => $pieces->haveLure($lure->name, $uses[$lure->name] ?? 0),
        ));
    }
}
