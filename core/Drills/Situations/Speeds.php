<?php

declare(strict_types=1);

namespace Admek\Core\Drills\Situations;

use Admek\Core\Drills\Answer;
use Admek\Core\Drills\Chance;
use Admek\Core\Drills\Drill;
use Admek\Core\Drills\DrillKind;
use Admek\Core\Drills\Gear;
use Admek\Core\Drills\InMotion;
use Admek\Core\Fish\Species;
use Admek\Core\Ground\Course;
use Admek\Core\Ground\Pass;
use Admek\Core\Ground\PassRules;
use Admek\Core\Ground\PassWords;
use Admek\Core\Ground\Place;
use Admek\Core\Manoeuvres\Frame;
use Admek\Core\Manoeuvres\Manoeuvre;
use Admek\Core\Manoeuvres\ManoeuvreKind;
use Admek\Core\Manoeuvres\SpreadInTime;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Motion\Course as TowedCourse;
use Admek\Core\Towing\Side;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;

/** What speed, wind and current do to lines. */
final class Speeds
{
    public static function gust(int $seed, Chance $chance): Drill
    {
        $lines = $chance->some([
            Gear::in('C1', Gear::core($chance->step(4, 9, 1))), Gear::in('C2', Gear::wire($chance->step(120, 240, 20))),
            Gear::in('P5', Gear::rigger($chance->step(40, 80, 5), 20.0)),
            Gear::in('S4', Gear::diver('S4', $chance->step(90, 160, 10), 2.0)),
            Gear::in('P2', Gear::flat($chance->step(80, 140, 10))),
            Gear::in('S2', Gear::clip($chance->step(80, 120, 10), 0.0567)),
        ], 4);
        $conditions = new Conditions($chance->step(1.9, 2.6, 0.1) * Units::MPH);
        $gust = Manoeuvre::of(ManoeuvreKind::Gust, $chance->pick([Side::Port, Side::Starboard]), [
            'slows' => $chance->step(0.5, 0.9, 0.1) * Units::MPH, 'lasts' => $chance->step(10, 25, 5),
        ]);
        $course = $gust->course($conditions);
        $falls = [];
        $lasts = $gust->lasts($course);
        foreach (self::followed($lines, $conditions, $course, $lasts) as $holder => $frames) {
            $depths = array_map(static fn (Frame $frame): float => $frame->depth(), $frames);
            $falls[$holder] = max($depths) - $depths[0];
        }
        $most = max(-INF, ...array_values($falls));
        // A line that hops along the surface is not followed, and not asked for.
        $lines = array_values(array_filter($lines, static fn (PlannedLine $line): bool => isset($falls[$line->holder])));

        return new Drill(DrillKind::Gust, $seed, $chance->pick([Species::King, Species::Coho]), Sentence::of(
            'A gust takes her way and pushes her bow off. Which lure falls the most?',
        ), array_map(static fn (PlannedLine $line): Answer => new Answer(
            $line->holder, Sentence::of('{holder}, {kind}', ['holder' => $line->holder, 'kind' => Gear::named($line)]),
            $falls[$line->holder] >= $most - 0.15 ? 1.0 : 0.0,
            Sentence::of('{holder} falls by {by}.', [
                'holder' => $line->holder, 'by' => [Quantity::Leader, $falls[$line->holder]],
            ]),
        ), $lines), 20.0, new InMotion($lines, $conditions, $course, $lasts, null));
    }

    public static function spedUp(int $seed, Chance $chance): Drill
    {
        $lines = $chance->some([
            Gear::in('C1', Gear::core($chance->step(4, 9, 1))), Gear::in('P5', Gear::rigger($chance->step(40, 80, 5), 20.0)),
            Gear::in('S4', Gear::diver('S4', $chance->step(90, 160, 10), 2.0)),
            Gear::in('P3', Gear::threeWay($chance->step(60, 110, 10), 0.17)),
            Gear::in('C2', Gear::segment($chance->pick([2.0, 3.0]), $chance->step(60, 100, 10))),
            Gear::in('P2', Gear::flat($chance->step(80, 140, 10))),
        ], 4);
        $slow = $chance->step(1.6, 2.2, 0.1) * Units::MPH;
        $conditions = new Conditions($slow);
        $solver = new SpreadSolver;
        $rises = [];
        foreach ($lines as $line) {
            $rises[$line->holder] = $solver->run($line, $conditions, withDoubt: false)->depth()
                - $solver->run($line, $conditions->at(1.3 * $slow), withDoubt: false)->depth();
        }
        $least = min(INF, ...array_values(array_map(abs(...), $rises)));
        $faster = Manoeuvre::of(ManoeuvreKind::Speed, values: ['to' => 1.3 * $slow]);
        $course = $faster->course($conditions);

        return new Drill(DrillKind::SpedUp, $seed, $chance->pick([Species::Walleye, Species::King]), Sentence::of(
            'From {slow} to {fast}, to keep the boards tight. Which lure stays nearest to its depth?',
            ['slow' => [Quantity::Speed, $slow], 'fast' => [Quantity::Speed, 1.3 * $slow]],
        ), array_map(static fn (PlannedLine $line): Answer => new Answer(
            $line->holder, Sentence::of('{holder}, {kind}', ['holder' => $line->holder, 'kind' => Gear::named($line)]),
            abs($rises[$line->holder]) <= $least + 0.1 ? 1.0 : 0.0,
            Sentence::of($rises[$line->holder] >= 0.0 ? '{holder} rises by {by}.' : '{holder} goes deeper by {by}.', [
                'holder' => $line->holder, 'by' => [Quantity::Leader, abs($rises[$line->holder])],
            ]),
        ), $lines), 20.0, new InMotion($lines, $conditions, $course, $faster->lasts($course), null));
    }

    public static function currentTurns(int $seed, Chance $chance): Drill
    {
        $speed = $chance->step(1.8, 2.4, 0.1) * Units::MPH;
        $drift = $chance->step(0.3, 1.0, 0.1) * $speed;
        $set = $chance->step(150, 210, 10);
        // Half a mile to the north, the current against her.
        $pass = Pass::of(
            Course::of([new Place(45.0, -38.0), new Place(45.0073, -38.0)]), $speed, ['set' => $set, 'drift' => $drift],
            RuleBook::of(PassRules::rules()),
        );
        $lift = $pass->shouldLift();
        $why = PassWords::lift($pass) ?? Sentence::of('She still makes {good} good over the ground: go on.', [
            'good' => [Quantity::Speed, $pass->slowest() ?? 0.0],
        ]);

        return new Drill(DrillKind::CurrentTurns, $seed, $chance->pick([Species::King, Species::Steelhead]), Sentence::of(
            'The current has turned: {drift} toward {set}, and you troll north at {speed} through the water. Go on?', [
                'drift' => [Quantity::Speed, $drift], 'set' => [Quantity::Angle, $set], 'speed' => [Quantity::Speed, $speed],
            ],
        ), [
            new Answer('on', Sentence::of('Go on: she makes way'), $lift ? 0.0 : 1.0, $why),
            new Answer('lift', Sentence::of('Lift, run up, and troll down with it'), $lift ? 1.0 : 0.0, $why),
        ], 25.0);
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @return array<string, non-empty-list<Frame>>
     */
    private static function followed(array $lines, Conditions $conditions, TowedCourse $course, float $lasts): array
    {
        $running = (new SpreadSolver)->all($lines, $conditions, withDoubt: false);

        return array_filter(SpreadInTime::of(
            $running, $conditions, $course, range(0.0, $lasts, 1.0),
        )->frames);
    }
}
