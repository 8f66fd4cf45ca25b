<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLine;

/** Puts a line that fouls at another depth, where it covers most of those at which it does not. */
final readonly class DraftMoves
{
    /** Other depths tried for a line that fouls, and how far apart they are, m. */
    private const MOST_TRIES = 10;

    private const APART = 1.2;

    public function __construct(private DraftTask $task, private SpreadSolver $solver, private DraftRigging $rigging)
    {
    }

    /**
     * One of the lines of a breach at another depth, where it covers most of those that do not foul.
     *
     * @param  array<array-key, non-empty-list<Option>>  $options
     * @param  array<array-key, DescribedLine>  $lines
     * @param  list<RunningLine>  $running
     * @return ?array{holder: string, option: Option, line: DescribedLine} null where it fouls wherever it is put
     */
    public function moved(array $options, array $lines, array $running, Breach $breach): ?array
    {
        $known = $this->names($running);
        $pieces = Pieces::of($this->task->gear);
        $tries = [];
        foreach ($breach->holders as $holder) {
            if (Stack::shared($holder, $lines)) {
                continue;
            }
            $water = new WantedWater($this->task->bands, $this->task->limits->reach);
            foreach ($running as $line) {
                if ($line->planned->holder !== $holder) {
                    $water->put($line->depth());
                }
            }
            $used = Pieces::used(array_map(Pieces::under(...), array_diff_key($lines, [$holder => 0])));
            $ways = array_values(array_filter(
                $options[$holder], static fn (Option $way): bool => $pieces->allow($way->pieces, $used),
            ));
            array_push($tries, ...($ways === [] ? [] : $this->elsewhere($holder, $ways, $water)));
        }
        usort(
            $tries,
            static fn (array $a, array $b): int => [$b['gain'], $a['holder'], $a['depth']] <=> [
                $a['gain'], $b['holder'], $b['depth'],
            ],
        );
        foreach (array_slice($tries, 0, self::MOST_TRIES) as ['holder' => $holder, 'option' => $option, 'depth' => $depth]) {
            $line = $this->rigging->set($option->pulling($lines[$holder]->lure), $depth, let: $option->let);
            $moved = $this->solver->run(SpreadPlan::of([$line], $this->task->mast)->lines[0], $this->task->conditions);
            $all = array_map(
                static fn (RunningLine $other): RunningLine => $other->planned->holder === $holder ? $moved : $other, $running,
            );
            if (Breaches::surelyStands($breach, $all, $this->task->limits)) {
                continue;
            }
            $names = $this->names($all);
            if (! in_array($breach->name(), $names, true) && array_diff($names, $known) === []) {
                return ['holder' => $holder, 'option' => $option, 'line' => $line];
            }
        }

        return null;
    }

    /**
     * Depths a rod could go to instead, well apart, the better ones of each of its ways; and those of the ways that have but one.
     *
     * @param  non-empty-list<Option>  $ways
     * @return list<array{holder: string, option: Option, depth: float, gain: float}>
     */
    private function elsewhere(string $holder, array $ways, WantedWater $water): array
    {
        $places = [];
        $last = -INF;
        $place = static fn (Option $way, float $depth): array => [
            'holder' => $holder, 'option' => $way, 'depth' => $depth, 'gain' => $water->gain($depth, $way->suits),
        ];
        foreach ($water->depths() as $depth) {
            $there = array_map(
                static fn (Option $way): array => $place($way, $depth),
                $depth - $last < self::APART ? [] : array_filter($ways, static fn (Option $way): bool => $way->reaches($depth)),
            );
            if ($there !== []) {
                usort($there, static fn (array $a, array $b): int => $b['gain'] <=> $a['gain']);
                $places[] = $there[0];
                $last = $depth;
            }
        }
        foreach ($ways as $way) {
            if ($way->shallowest === $way->deepest) {
                $places[] = $place($way, $way->deepest);
            }
        }

        return $places;
    }

    /**
     * @param  list<RunningLine>  $running
     * @return list<string> of what is grave
     */
    private function names(array $running): array
    {
        return array_map(static fn (Breach $breach): string => $breach->name(), Breaches::grave($running, $this->task->limits));
    }
}
