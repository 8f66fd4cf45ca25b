<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Cure\CureKind;
use Admek\Core\Spread\Cure\Cures;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLine;

/**
 * Drafts a spread: shares the rods of each side between boards and divers in every way there is, puts each rod where it
 * covers most, rigs and runs the most promising ways, cures what fouls or leaves it in the boat, and keeps the best.
 * The same task gives the same draft.
 */
final readonly class Drafter
{
    /** Ways of sharing that are rigged and run in full. */
    private const RIGGED = 2;

    private const MOST_CURES = 16;

    public function __construct(private SpreadSolver $solver = new SpreadSolver)
    {
    }

    /** @throws InvalidValue when nothing aboard can be rigged in any holder */
    public function draft(DraftTask $task): Draft
    {
        $pattern = new Pattern($task, $this->solver);
        $ways = [];
        $every = null;
        for ($boards = $pattern->leastBoards(); $boards <= $pattern->mostBoards(); $boards++) {
            $options = $pattern->options($boards);
            $assigned = self::assigned($task, $pattern, $options, $boards);
            if (count($assigned->rods) < min($task->mostLines, count($options))) {
                // What is reached for first is not aboard for all of them.
                $every ??= $pattern->withEveryKind();
                $options = $every->options($boards);
                $assigned = self::assigned($task, $pattern, $options, $boards);
            }
            $ways[] = ['assigned' => $assigned, 'options' => $options, 'boards' => $boards];
        }
        usort($ways, static fn (array $a, array $b): int => $b['assigned']->worth <=> $a['assigned']->worth);
        $best = null;
        foreach (array_slice($ways, 0, self::RIGGED) as ['assigned' => $assigned, 'options' => $options, 'boards' => $boards]) {
            $draft = $this->rigged($task, $assigned, $options);
            $best = self::better($draft, $best);
            $fouled = array_filter($draft->leftOut, static fn (LeftOut $why): bool => $why === LeftOut::Fouls);
            if ($fouled !== [] && in_array(LeftOut::Limit, $draft->leftOut, true)) {
                // A rod that was only one too many takes the place of one that fouls.
                $rest = array_diff_key($options, $fouled);
                $again = $this->rigged($task, self::assigned($task, $pattern, $rest, $boards), $rest);
                $best = self::better(
                    new Draft($again->lines, $again->running, $again->covered, $fouled + $again->leftOut), $best,
                );
            }
        }
        if ($best === null || $best->lines === []) {
            throw InvalidValue::because('gear', 'enough to rig a line in one of the holders');
        }

        return $best;
    }

    /** @param  array<array-key, non-empty-list<Option>>  $options */
    private static function assigned(DraftTask $task, Pattern $pattern, array $options, int $boards): Assignment
    {
        return Assignment::of(
            $task->bands, $options, $task->mostLines, $boards, $task->limits->reach, $task->rigging, $pattern->mostOfEach(),
            Pieces::of($task->gear),
        );
    }

    private static function better(Draft $draft, ?Draft $best): Draft
    {
        $worth = static fn (Draft $one): array => [count($one->lines), round($one->covered, 3)];

        return $best === null || $worth($draft) > $worth($best) ? $draft : $best;
    }

    /** @param  array<array-key, non-empty-list<Option>>  $options */
    private function rigged(DraftTask $task, Assignment $assigned, array $options): Draft
    {
        $rigging = new DraftRigging($task, $this->solver);
        $moves = new DraftMoves($task, $this->solver, $rigging);
        $lines = $rigging->withLures($assigned);
        $leftOut = $this->leftOut($task, $assigned, $options);
        foreach (array_keys($assigned->rods) as $holder) {
            if (! isset($lines[$holder])) {
                $leftOut[$holder] = LeftOut::Lure;
            }
        }
        $ways = array_map(static fn (array $rod): Option => $rod['option'], $assigned->rods);
        $running = [];
        for ($i = 0; ; $i++) {
            $planned = SpreadPlan::of(array_values($lines), $task->mast);
            $running = $this->solver->again($planned->lines, $running, $task->conditions);
            $breach = Breaches::grave($running, $task->limits)[0] ?? null;
            if ($breach === null) {
                [$lines, $running] = (new Polish($task, $this->solver))->of($lines, $running);

                return $this->asDraft($task, $ways, $lines, $running, $leftOut);
            }
            $moved = $i >= self::MOST_CURES ? null : $moves->moved($options, $lines, $running, $breach);
            if ($moved !== null) {
                $lines[$moved['holder']] = $moved['line'];
                $ways[$moved['holder']] = $moved['option'];

                continue;
            }
            $cured = $i >= self::MOST_CURES ? null : $this->cured($task, $ways, $lines, $planned, $running, $breach);
            if ($cured === null) {
                $out = $this->leastMissed($breach->holders, $running, $task);
                foreach (array_keys($lines) as $holder) {
                    // With the ball in the boat what is stacked on its cable has nothing to ride.
                    if ((string) $holder === $out || $lines[$holder]->ridesOn === $out) {
                        $leftOut[$holder] = LeftOut::Fouls;
                        unset($lines[$holder]);
                    }
                }
            }
            $lines = $cured ?? $lines;
        }
    }

    /**
     * @param  array<array-key, Option>  $ways  each line is rigged in, by holder
     * @param  array<array-key, DescribedLine>  $lines
     * @param  list<RunningLine>  $running
     * @return ?array<array-key, DescribedLine>
     */
    private function cured(
        DraftTask $task, array $ways, array $lines, SpreadPlan $planned, array $running, Breach $breach,
    ): ?array {
        $cure = (
            new Cures($planned, $running, $task->conditions, $task->limits, $task->metric, solver: $this->solver)
        )->of($breach);
        if ($cure === null || ! in_array($cure->kind, [CureKind::SetControl, CureKind::SetBoardOut], true)) {
            return null;
        }
        if ($cure->kind === CureKind::SetControl && ! $ways[$cure->holders[0]]->allows($cure->value ?? 0.0)) {
            return null;
        }
        $lines[$cure->holders[0]] = $cure->applied($planned)->describedOf($cure->holders[0]);

        return $lines;
    }

    /**
     * @param  list<string>  $holders
     * @param  list<RunningLine>  $running
     */
    private function leastMissed(array $holders, array $running, DraftTask $task): string
    {
        $missed = [];
        foreach ($holders as $holder) {
            $water = new WantedWater($task->bands, $task->limits->reach);
            $depth = 0.0;
            foreach ($running as $line) {
                $line->planned->holder === $holder ? $depth = $line->depth() : $water->put($line->depth());
            }
            $missed[$holder] = $water->gain($depth);
        }
        asort($missed);

        return (string) array_key_first($missed);
    }

    /**
     * @param  array<array-key, non-empty-list<Option>>  $options
     * @return array<array-key, LeftOut>
     */
    private function leftOut(DraftTask $task, Assignment $assigned, array $options): array
    {
        $leftOut = [];
        foreach ($task->holders as $holder) {
            if (! isset($assigned->rods[$holder->code])) {
                $leftOut[$holder->code] = match (true) {
                    ! isset($options[$holder->code]) => LeftOut::Gear,
                    count($assigned->rods) < $task->mostLines => LeftOut::Taken,
                    default => LeftOut::Limit,
                };
            }
        }

        return $leftOut;
    }

    /**
     * @param  array<array-key, Option>  $ways  each line is rigged in, by holder
     * @param  array<array-key, DescribedLine>  $lines
     * @param  list<RunningLine>  $running
     * @param  array<array-key, LeftOut>  $leftOut
     */
    private function asDraft(DraftTask $task, array $ways, array $lines, array $running, array $leftOut): Draft
    {
        $water = new WantedWater($task->bands, $task->limits->reach);
        $drafted = [];
        foreach ($running as $line) {
            $holder = $line->planned->holder;
            $band = $water->bandAt($line->depth());
            $drafted[] = new DraftedLine(
                $lines[$holder], $line->depth(), $ways[$holder]->role,
                $band !== null && $water->isFirst($line->depth()), $band,
            );
            $water->put($line->depth());
        }

        return new Draft($drafted, $running, $water->covered(), $leftOut);
    }
}
