<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Fish\LureFamilies;
use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Cure\CureKind;
use Admek\Core\Spread\Cure\Cures;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\LineFigure;

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

    /** Other depths tried for a line that fouls, and how far apart they are, m. */
    private const MOST_TRIES = 10;

    private const APART = 1.2;

    /** Times the lines of one cable are set, each for the others as they are. */
    private const CABLE_ROUNDS = 2;

    public function __construct(private SpreadSolver $solver = new SpreadSolver)
    {
    }

    /** @throws InvalidValue when nothing aboard can be rigged in any holder */
    public function draft(DraftTask $task): Draft
    {
        $pattern = new Pattern($task, $this->solver);
        $ways = [];
        for ($boards = $pattern->leastBoards(); $boards <= $pattern->mostBoards(); $boards++) {
            $options = $pattern->options($boards);
            $ways[] = [
                'assigned' => Assignment::of($task->bands, $options, $task->mostLines, $boards, $task->limits->reach),
                'options' => $options,
            ];
        }
        usort($ways, static fn (array $a, array $b): int => $b['assigned']->worth <=> $a['assigned']->worth);
        $best = null;
        foreach (array_slice($ways, 0, self::RIGGED) as ['assigned' => $assigned, 'options' => $options]) {
            $draft = $this->rigged($task, $assigned, $options);
            if (
                $best === null
                || [count($draft->lines), round($draft->covered, 3)] > [count($best->lines), round($best->covered, 3)]
            ) {
                $best = $draft;
            }
        }
        if ($best === null || $best->lines === []) {
            throw InvalidValue::because('gear', 'enough to rig a line in one of the holders');
        }

        return $best;
    }

    /** @param  array<array-key, non-empty-list<Option>>  $options */
    private function rigged(DraftTask $task, Assignment $assigned, array $options): Draft
    {
        $lines = $this->withLures($task, $assigned);
        $leftOut = $this->leftOut($task, $assigned, $options);
        $running = [];
        for ($i = 0; ; $i++) {
            $planned = SpreadPlan::of(array_values($lines), $task->mast);
            $running = $this->solver->again($planned->lines, $running, $task->conditions);
            $breach = Breaches::grave($running, $task->limits)[0] ?? null;
            if ($breach === null) {
                [$lines, $running] = (new Polish($task, $this->solver))->of($lines, $running);

                return $this->asDraft($task, $assigned, $lines, $running, $leftOut);
            }
            $cured = $i >= self::MOST_CURES ? null
                : $this->moved($task, $options, $lines, $running, $breach) ?? $this->cured(
                    $task, $lines, $planned, $running, $breach,
                );
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
     * Every rod with a lure of its own and its control set for its depth.
     *
     * @return array<array-key, DescribedLine> by holder
     */
    private function withLures(DraftTask $task, Assignment $assigned): array
    {
        $unused = $task->gear->lures;
        $lines = [];
        $depths = Stack::depths($assigned->rods);
        foreach (Stack::hostsFirst($task->holders, $assigned->rods) as $holder) {
            $rod = $assigned->rods[$holder->code] ?? null;
            if ($rod === null) {
                continue;
            }
            ['option' => $option] = $rod;
            $band = (new Water($task->bands, $task->limits->reach))->bandAt($depths[$holder->code]) ?? $task->bands[0];
            $lure = self::lure($unused, $band, $option->dives);
            $unused = array_values(array_filter($unused, static fn (DescribedLure $other): bool => $other !== $lure));
            $host = $option->rides === null ? [] : array_intersect_key($lines, [$option->rides => true]);
            $lines[$holder->code] = $this->set(
                $lure === null ? $option->line : $option->line->pulling($lure), $depths[$holder->code], $task, $host,
            );
        }
        foreach ($assigned->rods as $host => $rod) {
            $lines = $this->hungTogether((string) $host, $lines, $depths, $task);
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
    private function hungTogether(string $host, array $lines, array $depths, DraftTask $task): array
    {
        $cable = array_keys(array_filter($lines, static fn (DescribedLine $line): bool => $line->ridesOn === $host));
        for ($round = 0; $cable !== [] && $round < self::CABLE_ROUNDS; $round++) {
            foreach ([$host, ...$cable] as $holder) {
                $lines[$holder] = $this->set(
                    $lines[$holder],
                    $depths[$holder],
                    $task,
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
    private function set(DescribedLine $line, float $depth, DraftTask $task, array $onCable = []): DescribedLine
    {
        $planned = SpreadPlan::of([$line, ...array_values($onCable)], $task->mast)->lines[0];
        $reach = $this->solver->reach($planned, $task->conditions, $depth);
        $control = $planned->rig->control();

        return $line->set($control, $control->settable($reach->control, $task->metric))
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

    /**
     * One of the lines of a breach at another depth, where it covers most of those that do not foul.
     *
     * @param  array<array-key, non-empty-list<Option>>  $options
     * @param  array<array-key, DescribedLine>  $lines
     * @param  list<RunningLine>  $running
     * @return ?array<array-key, DescribedLine> null where it fouls wherever it is put
     */
    private function moved(DraftTask $task, array $options, array $lines, array $running, Breach $breach): ?array
    {
        $known = $this->names($running, $task);
        $tries = [];
        foreach ($breach->holders as $holder) {
            if (Stack::shared($holder, $lines)) {
                continue;
            }
            $water = new Water($task->bands, $task->limits->reach);
            foreach ($running as $line) {
                if ($line->planned->holder !== $holder) {
                    $water->put($line->depth());
                }
            }
            array_push($tries, ...$this->elsewhere($holder, $options[$holder], $water));
        }
        usort(
            $tries,
            static fn (array $a, array $b): int => [$b['gain'], $a['holder'], $a['depth']] <=> [
                $a['gain'], $b['holder'], $b['depth'],
            ],
        );
        foreach (array_slice($tries, 0, self::MOST_TRIES) as ['holder' => $holder, 'option' => $option, 'depth' => $depth]) {
            $line = $this->set($option->line->pulling($lines[$holder]->lure), $depth, $task);
            $moved = $this->solver->run(SpreadPlan::of([$line], $task->mast)->lines[0], $task->conditions);
            $all = array_map(
                static fn (RunningLine $other): RunningLine => $other->planned->holder === $holder ? $moved : $other, $running,
            );
            if (Breaches::surelyStands($breach, $all, $task->limits)) {
                continue;
            }
            $names = $this->names($all, $task);
            if (! in_array($breach->name(), $names, true) && array_diff($names, $known) === []) {
                return array_replace($lines, [$holder => $line]);
            }
        }

        return null;
    }

    /**
     * Depths a rod could go to instead, well apart, the better ones of each of its ways.
     *
     * @param  non-empty-list<Option>  $ways
     * @return list<array{holder: string, option: Option, depth: float, gain: float}>
     */
    private function elsewhere(string $holder, array $ways, Water $water): array
    {
        $places = [];
        $last = -INF;
        foreach ($water->depths() as $depth) {
            foreach ($depth - $last < self::APART ? [] : $ways as $option) {
                if ($option->reaches($depth)) {
                    $places[] = ['holder' => $holder, 'option' => $option, 'depth' => $depth, 'gain' => $water->gain($depth)];
                    $last = $depth;
                    break;
                }
            }
        }

        return $places;
    }

    /**
     * @param  list<RunningLine>  $running
     * @return list<string> of what is grave
     */
    private function names(array $running, DraftTask $task): array
    {
        return array_map(static fn (Breach $breach): string => $breach->name(), Breaches::grave($running, $task->limits));
    }

    /**
     * @param  array<array-key, DescribedLine>  $lines
     * @param  list<RunningLine>  $running
     * @return ?array<array-key, DescribedLine>
     */
    private function cured(DraftTask $task, array $lines, SpreadPlan $planned, array $running, Breach $breach): ?array
    {
        $cure = (
            new Cures($planned, $running, $task->conditions, $task->limits, $task->metric, solver: $this->solver)
        )->of($breach);
        if ($cure === null || ! in_array($cure->kind, [CureKind::SetControl, CureKind::SetBoardOut], true)) {
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
            $water = new Water($task->bands, $task->limits->reach);
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
                $leftOut[$holder->code] = isset($options[$holder->code]) ? LeftOut::Limit : LeftOut::Gear;
            }
        }

        return $leftOut;
    }

    /**
     * @param  array<array-key, DescribedLine>  $lines
     * @param  list<RunningLine>  $running
     * @param  array<array-key, LeftOut>  $leftOut
     */
    private function asDraft(DraftTask $task, Assignment $assigned, array $lines, array $running, array $leftOut): Draft
    {
        $water = new Water($task->bands, $task->limits->reach);
        $drafted = [];
        foreach ($running as $line) {
            $holder = $line->planned->holder;
            $band = $water->bandAt($line->depth());
            $drafted[] = new DraftedLine(
                $lines[$holder], $line->depth(), $assigned->rods[$holder]['option']->role,
                $band !== null && $water->isFirst($line->depth()), $band,
            );
            $water->put($line->depth());
        }

        return new Draft($drafted, $running, $water->covered(), $leftOut);
    }
}
