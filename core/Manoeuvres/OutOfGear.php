<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** The boat is taken out of gear with a fish on: how the other lines sink, and which touches bottom first. */
final class OutOfGear
{
    /** s between looks. */
    private const EVERY = 0.5;

    /**
     * @param  list<RunningLine>  $lines  with their doubts
     * @param  ?float  $bottom  m under the boat; null where nobody knows
     * @param  ?RuleBook  $rules  of {@see ManoeuvreRules}
     * @return list<Sinking> the first to clear first
     */
    public static function sinking(
        array $lines, Conditions $conditions, ?float $bottom, ?RuleBook $rules = null, SpreadSolver $solver = new SpreadSolver,
    ): array {
        $rules ??= RuleBook::of(ManoeuvreRules::rules());
        $for = $rules->get('out_of_gear');
        $straight = $conditions->turning(null);
        $course = Manoeuvre::coasting($conditions->speed, $conditions->heading(), $for, $rules);
        $frames = SpreadInTime::of($lines, $straight, $course, range(0.0, $for, self::EVERY), $solver)->frames;
        $sinking = [];
        foreach ($lines as $line) {
            $followed = $frames[$line->planned->holder] ?? null;
            if ($followed !== null) {
                $sinking[] = self::ofLine($line, $followed, $bottom);
            }
        }
        usort($sinking, static fn (Sinking $a, Sinking $b): int => $a->urgency() <=> $b->urgency());

        return $sinking;
    }

    /**
     * What is to be said of all of them.
     *
     * @param  list<Sinking>  $sinking
     * @param  ?float  $bottom  m
     */
    public static function says(array $sinking, ?float $bottom, ?RuleBook $rules = null): Sentence
    {
        $rules ??= RuleBook::of(ManoeuvreRules::rules());
        $figures = ['bottom' => [Quantity::Depth, $bottom ?? 0.0], 'for' => [Quantity::Seconds, $rules->get('out_of_gear')]];
        $touches = array_filter($sinking, static fn (Sinking $line): bool => $line->brief() !== null);

        return Sentence::of(match (true) {
            $bottom === null => 'Nobody knows how deep it is: what would touch bottom out of gear cannot be told.',
            $touches === [] => 'Out of gear nothing else touches bottom at {bottom} within {for}.',
            default => 'Out of gear over {bottom}, first to touch bottom:',
        }, $figures);
    }

    /** @param  list<Frame>  $frames */
    private static function ofLine(RunningLine $line, array $frames, ?float $bottom): Sinking
    {
        $doubt = $line->doubt?->told() ?? ['shallower' => 0.0, 'deeper' => 0.0];
        $touches = static fn (float $off): ?float => $bottom === null ? null : self::reaches($frames, $bottom - $off);
        $deepest = $frames[0];
        foreach ($frames as $frame) {
            $deepest = $frame->deepest() > $deepest->deepest() ? $frame : $deepest;
        }

        return new Sinking(
            $line->planned->holder, $touches(0.0), $touches($doubt['deeper']), $touches(-$doubt['shallower']),
            min($deepest->deepest(), $bottom ?? INF), $deepest->deepestBody(), $line->planned->rig->bottom() !== null,
        );
    }

    /**
     * When the first of it comes to a depth (m); straight between looks.
     *
     * @param  list<Frame>  $frames
     */
    private static function reaches(array $frames, float $depth): ?float
    {
        foreach ($frames as $i => $frame) {
            $now = $frame->deepest();
            if ($now < $depth) {
                continue;
            }
            if ($i === 0) {
                return 0.0;
            }
            $before = $frames[$i - 1];
            $from = $before->deepest();

            return $before->time + ($frame->time - $before->time) * ($depth - $from) / max($now - $from, 1e-9);
        }

        return null;
    }
}
