<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/**
 * What a change of the boat does to a spread already planned: which lines it takes, how deep the others run, what is new to
 * look at.
 */
final readonly class Refit
{
    /** m of depth that are worth a word. */
    private const NOTICED = 0.3;

    /**
     * @param  list<DescribedLine>  $lines  as they are on the changed boat
     * @param  array<array-key, Sentence>  $gone  why a line is not among them, by its holder's code as it was
     * @param  list<Sentence>  $changes  what else is different
     */
    private function __construct(public array $lines, public array $gone, public array $changes)
    {
    }

    /**
     * @param  array<array-key, ?DescribedHolder>  $holders  on the changed boat, by the code as it was; null for one taken out
     * @param  array{float, float, float}  $mast  of the changed boat, m in the towing frame
     */
    public static function of(
        SpreadPlan $before, array $holders, array $mast, Conditions $conditions, SpreadLimits $limits,
    ): self {
        $gone = [];
        /** @var array<string, DescribedLine> $kept by their holders' codes as they were */
        $kept = [];
        foreach ($before->described as $line) {
            $code = $line->holder->code;
            $to = $holders[$code] ?? null;
            $host = $line->ridesOn === null ? null : ($holders[$line->ridesOn] ?? null);
            if ($to === null) {
                $gone[$code] = Sentence::of('{code} is taken out, and its line with it.', ['code' => $code]);
            } elseif ($line->ridesOn !== null && $host === null) {
                $gone[$code] = Sentence::of(
                    '{code} rode on {host}, which is taken out: its line goes.', ['code' => $code, 'host' => $line->ridesOn],
                );
            } else {
                $kept[$code] = $line->in($to)->ridingOn($host?->code);
            }
        }
        $after = self::rigged($kept, $gone, $mast);
        if ($after === null) {
            return new self([], $gone, []);
        }

        return new self(
            $after->described, $gone, self::changes($before, $after, array_flip(self::codes($holders)), $conditions, $limits),
        );
    }

    /** Nothing a captain would want to be told before it is kept. */
    public function isSlight(): bool
    {
        return $this->gone === [] && $this->changes === [];
    }

    /**
     * Without what cannot be rigged where it now stands.
     *
     * @param  array<string, DescribedLine>  $kept
     * @param  array<array-key, Sentence>  $gone
     * @param  array{float, float, float}  $mast
     */
    private static function rigged(array &$kept, array &$gone, array $mast): ?SpreadPlan
    {
        $codes = array_map(strval(...), array_keys($kept));
        [$plan, $unable] = SpreadPlan::ofAble(array_values($kept), $mast);
        foreach ($unable as $place => $invalid) {
            $gone[$codes[$place]] = Sentence::of('{code} cannot be rigged so any more: {why}.', [
                'code' => $codes[$place], 'why' => "{$invalid->field} must be {$invalid->allowed}",
            ]);
            unset($kept[$codes[$place]]);
        }

        return $kept === [] ? null : $plan;
    }

    /**
     * @param  array<string, string>  $was  code as it was by code as it is
     * @return list<Sentence>
     */
    private static function changes(
        SpreadPlan $before, SpreadPlan $after, array $was, Conditions $conditions, SpreadLimits $limits,
    ): array {
        [$ran] = Steady::among($before->lines, $conditions, withDoubt: false);
        [$runs, $unsteady] = Steady::among($after->lines, $conditions, withDoubt: false);
        $depths = [];
        foreach ($ran as $line) {
            $depths[$line->planned->holder] = $line->depth();
        }
        $changes = [];
        foreach ($runs as $line) {
            $code = $line->planned->holder;
            $then = $depths[$was[$code] ?? $code] ?? null;
            if ($then !== null && abs($then - $line->depth()) > self::NOTICED) {
                $changes[] = Sentence::of('{code} runs at {now} instead of {then}.', [
                    'code' => $code, 'now' => [Quantity::Depth, $line->depth()], 'then' => [Quantity::Depth, $then],
                ]);
            }
        }
        $shown = [];
        foreach ($before->lines as $line) {
            $shown[$line->holder] = self::shown($line);
        }
        foreach ($after->lines as $line) {
            [$then, $now] = [$shown[$was[$line->holder] ?? $line->holder] ?? null, self::shown($line)];
            if ($then !== null && $now !== null && abs($now - $then) > self::NOTICED) {
                $changes[] = Sentence::of('{code}: its counter is let out to {now} instead of {then}.', [
                    'code' => $line->holder, 'now' => [Quantity::Length, $now], 'then' => [Quantity::Length, $then],
                ]);
            }
        }
        $known = [];
        foreach (self::breaches($ran, $limits, $before) as $breach) {
            $known[self::asWas($breach, [])] = true;
        }
        foreach ([...$unsteady, ...self::breaches($runs, $limits, $after)] as $breach) {
            if (! isset($known[self::asWas($breach, $was)])) {
                $changes[] = Sentence::of('New to look at: {title}. ', ['title' => BreachWords::title($breach->kind)])
                    ->then(BreachWords::reason($breach));
            }
        }

        return $changes;
    }

    /** m its counter shows when it is set; null where it is read on none. */
    private static function shown(PlannedLine $line): ?float
    {
        return $line->isCounted() ? $line->counterShows($line->rig->control()->value) : null;
    }

    /**
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    private static function breaches(array $lines, SpreadLimits $limits, SpreadPlan $plan): array
    {
        return Breaches::of($lines, $limits, $plan->finishes());
    }

    /**
     * What tells it from another, wherever in its band: a foot's difference is nothing new.
     *
     * @param  array<string, string>  $was
     */
    private static function asWas(Breach $breach, array $was): string
    {
        $holders = array_map(static fn (string $code): string => $was[$code] ?? $code, $breach->holders);

        return (new Breach($breach->kind, $holders, subject: $breach->subject))->name();
    }

    /**
     * @param  array<array-key, ?DescribedHolder>  $holders
     * @return array<array-key, string> code as it is, by code as it was
     */
    private static function codes(array $holders): array
    {
        return array_map(static fn (DescribedHolder $holder): string => $holder->code, array_filter($holders));
    }
}
