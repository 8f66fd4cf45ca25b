<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Run;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** What part of the gap between two opinions of a depth one thing explains: found by taking it away and solving again. */
final readonly class Difference
{
    /** m that are not worth a word. */
    private const SLIGHT = 0.15;

    /**
     * @param  string  $cause  speed, line, blow_back, turn, current
     * @param  float  $depth  m the model gives without it
     * @param  ?float  $figure  what was put in its place: m/s of speed, m of diameter
     */
    private function __construct(public string $cause, public float $depth, public ?float $figure = null)
    {
    }

    public function reason(): Sentence
    {
        $put = $this->figure ?? 0.0;

        return Sentence::of(match ($this->cause) {
            'speed' => 'Speed: the rule is told for {speed}, where the model gives {would}.',
            'line' => 'Line: on the thickness its box figure is told for the model gives {would}.',
            'blow_back' => 'Blow-back: the ball is swept up {swept}; hanging straight it would be {would}.',
            'turn' => 'The turn: on a straight course the model gives {would}.',
            default => 'Current at the gear: without it the model gives {would}.',
        }, ['would' => [Quantity::Depth, $this->depth], 'speed' => [Quantity::Speed, $put], 'swept' => [Quantity::Leader, $put]]);
    }

    /**
     * What is to be said of a rule beside the model: why they differ, or that they do not.
     *
     * @param  list<self>  $differences  of the two
     */
    public static function told(array $differences, RunningLine $line, RuleOfThumb $rule): Sentence
    {
        if ($differences === []) {
            return Sentence::of(self::agree($line, $rule)
                ? 'Model and rule agree within the doubt.'
                : 'The rule knows nothing of this gear’s own drag; nothing else explains the gap.');
        }

        return Sentence::all(array_map(static fn (self $difference): Sentence => $difference->reason(), $differences));
    }

    /** Whether a rule's depth lies within the model's doubt. */
    public static function agree(RunningLine $line, RuleOfThumb $rule): bool
    {
        $gap = $rule->depth - $line->depth();

        return abs($gap) <= (($gap < 0.0 ? $line->doubt?->shallower : $line->doubt?->deeper) ?? 0.0);
    }

    /**
     * Why the model differs from the rule of thumb by more than its doubt, what explains most first.
     *
     * @return list<self> empty where they agree within the doubt
     */
    public static function between(
        RunningLine $line, RuleOfThumb $rule, Conditions $conditions, SpreadSolver $solver = new SpreadSolver,
    ): array {
        $gap = $rule->depth - $line->depth();
        if (self::agree($line, $rule)) {
            return [];
        }
        $planned = $line->planned;
        $depth = static fn (PlannedLine $planned, Conditions $conditions): float => $solver->run(
            $planned, $conditions, withDoubt: false,
        )->depth();
        $differences = [];
        if ($rule->speed !== null) {
            $differences[] = new self('speed', $depth($planned, $conditions->at($rule->speed)), $rule->speed);
        }
        if ($conditions->turn !== null) {
            $differences[] = new self('turn', $depth($planned, $conditions->turning(null)));
        }
        if ($conditions->current !== null) {
            $differences[] = new self('current', $depth($planned, $conditions->withoutCurrent()));
        }
        $rated = $planned->rig->lure()->rated;
        $onRatedLine = $planned->rig->onRatedLine();
        if ($onRatedLine !== null && $rated !== null) {
            $differences[] = new self('line', $depth($planned->withRig($onRatedLine), $conditions), $rated->lineDiameter);
        }
        $cable = $planned->rig->cable();
        if ($cable !== null) {
            $ball = $line->solution->bodies[Downrigger::BALL][2];
            $differences[] = new self('blow_back', $line->depth() + ($cable->reading - $ball), $cable->reading - $ball);
        }
        $explains = array_values(
            array_filter(
                $differences,
                static fn (self $d): bool => ($d->depth - $line->depth()) * $gap > 0.0 && abs(
                    $d->depth - $line->depth(),
                ) > self::SLIGHT,
            ),
        );
        usort($explains, static fn (self $a, self $b): int => abs($rule->depth - $a->depth) <=> abs($rule->depth - $b->depth));

        return $explains;
    }
}
