<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Check\Tangles;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** A manoeuvre that was tried with a spread out: what comes of it, and when its lines fish again. */
final readonly class Tried
{
    /**
     * @param  list<Happening>  $happenings  in order of time
     * @param  array<string, ?float>  $settled  by holder, s at which its lure is at the depth it stays at; null where that is not
     *   by the end
     */
    private function __construct(public SpreadInTime $spread, public array $happenings, public array $settled)
    {
    }

    /**
     * @param  list<RunningLine>  $lines  as they run before it
     * @param  ?RuleBook  $rules  of {@see ManoeuvreRules}
     * @param  ?PassInTime  $pass  whose bottom it is; else it lies along the first heading
     */
    public static function of(
        SpreadInTime $spread, array $lines, SpreadLimits $limits, ?RuleBook $rules = null, ?PassInTime $pass = null,
    ): self {
        $rules ??= RuleBook::of(ManoeuvreRules::rules());
        $happenings = self::tangles($spread, $limits);
        foreach ($lines as $line) {
            $holder = $line->planned->holder;
            if (isset($spread->lost[$holder])) {
                $happenings[] = new Happening(HappeningKind::Lost, [$holder], 0.0, 0.0);

                continue;
            }
            $frames = $spread->frames[$holder] ?? [];
            $happenings[] = $limits->bottom === null ? null : self::touches($line, $frames, $spread, $limits->bottom, $pass);
            $happenings[] = self::slackens($line, $frames, $rules->get('slack'));
        }
        $happenings = array_values(array_filter($happenings));
        usort($happenings, static fn (Happening $a, Happening $b): int => [$a->from, $a->worst] <=> [$b->from, $b->worst]);

        return new self($spread, $happenings, self::settledAt($spread, $rules->get('settled')));
    }

    /** When the lures fish again where they are to. */
    public function settling(): Sentence
    {
        $late = array_keys(array_filter($this->settled, static fn (?float $at): bool => $at === null));
        $in = array_filter($this->settled, static fn (?float $at): bool => $at !== null);
        $all = ['late' => implode(', ', $late), 'last' => [Quantity::Seconds, $in === [] ? 0.0 : max($in)]];

        return match (true) {
            $late === [] => Sentence::of('Every lure is at its depth again after {last}.', $all),
            $in === [] => Sentence::of('No lure is at its depth again by the end.', $all),
            default => Sentence::of('At their depth again after {last}; not by the end: {late}.', $all),
        };
    }

    /**
     * Pairs that come nearer than they should and do not before it.
     *
     * @return list<Happening>
     */
    public static function tangles(SpreadInTime $spread, SpreadLimits $limits): array
    {
        $holders = array_map(strval(...), array_keys($spread->frames));
        $found = $already = [];
        for ($i = 0, $n = count($spread->frames[$holders[0] ?? ''] ?? []); $i < $n; $i++) {
            $about = array_map(
                static fn (array $frames): Tangles => Tangles::about($frames[$i]->line(), $limits->nearRods), $spread->frames,
            );
            foreach ($holders as $a => $one) {
                foreach (array_slice($holders, $a + 1) as $other) {
                    $pair = "{$one} {$other}";
                    if (isset($already[$pair])) {
                        continue;
                    }
                    $near = $about[$one]->nearest($about[$other], $limits->tangle);
                    if ($near === null) {
                        continue;
                    }
                    if ($i === 0) {
                        $already[$pair] = true;

                        continue;
                    }
                    $time = $spread->frames[$one][$i]->time;
                    $known = $found[$pair] ?? null;
                    if ($known === null || $near['distance'] < ($known->amount ?? INF)) {
                        $found[$pair] = new Happening(
                            HappeningKind::Tangle, [$one, $other], $known->from ?? $time, $time, $near['distance'],
                            $near['place'],
                        );
                    }
                }
            }
        }

        return array_values($found);
    }

    /**
     * When something of a line first touches; a rig that fishes on bottom is there to touch.
     *
     * @param  list<Frame>  $frames
     */
    private static function touches(
        RunningLine $line, array $frames, SpreadInTime $spread, Bottom $bottom, ?PassInTime $pass,
    ): ?Happening {
        if ($line->planned->rig->bottom() !== null) {
            return null;
        }
        [, $heading] = $spread->course->at(0.0);
        foreach ($frames as $frame) {
            [$north, $east] = $spread->course->place($frame->time);
            $gone = $pass?->along($frame->time) ?? $north * cos($heading) + $east * sin($heading);
            foreach ($frame->bodies() as $name => $place) {
                if ($place[2] >= $bottom->at($gone - $place[0])) {
                    return $frame->time === 0.0 ? null : new Happening(
                        HappeningKind::Bottom, [$line->planned->holder], $frame->time, $frame->time, place: $place, body: $name,
                    );
                }
            }
        }

        return null;
    }

    /** @param  list<Frame>  $frames */
    private static function slackens(RunningLine $line, array $frames, float $share): ?Happening
    {
        $usual = $frames[0]->pull ?? 0.0;
        $first = $worst = null;
        foreach ($frames as $frame) {
            if ($usual > 0.0 && $frame->pull < $share * $usual) {
                $first ??= $frame;
                $worst = $worst === null || $frame->pull < $worst->pull ? $frame : $worst;
            }
        }

        return $first === null || $worst === null ? null : new Happening(
            HappeningKind::Slack, [$line->planned->holder], $first->time, $worst->time, $worst->pull / $usual,
            $worst->bodies()[Lure::BODY], board: $line->solution->board !== null,
        );
    }

    /**
     * @param  float  $within  m
     * @return array<string, ?float> s, by holder
     */
    private static function settledAt(SpreadInTime $spread, float $within): array
    {
        $settled = [];
        foreach ($spread->frames as $holder => $frames) {
            $rest = $spread->rest[$holder] ?? null;
            $away = 0.0;
            foreach ($rest === null ? [] : $frames as $frame) {
                $away = abs($frame->depth() - $rest) > $within ? $frame->time : $away;
            }
            $settled[$holder] = $rest === null || $away >= $frames[count($frames) - 1]->time ? null : $away;
        }

        return $settled;
    }
}
