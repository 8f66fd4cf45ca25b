<?php

declare(strict_types=1);

namespace Admek\Core\Drills\Situations;

use Admek\Core\Day\Changes\Bitten;
use Admek\Core\Day\Changes\ChangeRules;
use Admek\Core\Day\Changes\Facts;
use Admek\Core\Day\Changes\InTurns;
use Admek\Core\Drills\Answer;
use Admek\Core\Drills\Chance;
use Admek\Core\Drills\Drill;
use Admek\Core\Drills\DrillKind;
use Admek\Core\Drills\Gear;
use Admek\Core\Drills\InMotion;
use Admek\Core\Fish\Species;
use Admek\Core\Manoeuvres\Frame;
use Admek\Core\Manoeuvres\Gentlest;
use Admek\Core\Manoeuvres\Happening;
use Admek\Core\Manoeuvres\Manoeuvre;
use Admek\Core\Manoeuvres\ManoeuvreKind;
use Admek\Core\Manoeuvres\ManoeuvreRules;
use Admek\Core\Manoeuvres\SpreadInTime;
use Admek\Core\Records\Outcome;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Motion\Course;
use Admek\Core\Towing\Side;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;

/** What turns do to lines. */
final class Turns
{
    /** Degrees she comes round by, and degrees a second where nothing is said of it. */
    private const BY = 60.0;

    private const RATE = 4.0;

    /** s of the course after which the throttle is moved: boards lie down by then. */
    private const LYING = 8.0;

    /** What a gentler turn than need be is worth. */
    private const SLOWER = 0.4;

    /** s of slack that are as good as one another. */
    private const AS_GOOD = 0.5;

    public static function slackBoard(int $seed, Chance $chance): Drill
    {
        $side = $chance->pick([Side::Port, Side::Starboard]);
        $code = $side === Side::Port ? 'P' : 'S';
        $lines = [
            Gear::in("{$code}1", Gear::board("{$code}1", $chance->step(90, 140, 10), $chance->one(2)
                ? Gear::segment($chance->pick([2.0, 3.0]), 60.0) : Gear::clip($chance->step(70, 110, 10), 0.0425))),
            Gear::in("{$code}2", Gear::board("{$code}2", $chance->step(50, 80, 10), Gear::flat($chance->step(60, 100, 10)))),
        ];
        $speed = $chance->step(1.6, 2.4, 0.1) * Units::MPH;
        $conditions = new Conditions($speed);
        $does = [
            'faster' => ['A touch more throttle', 1.3], 'same' => ['Hold the throttle and wait', 1.0],
            'slower' => ['Ease the throttle', 0.7],
        ];
        $slack = array_map(
            static fn (array $what): float => self::slackSeconds($lines, $conditions, $side, $what[1]), $does,
        );
        $worst = $chance->one(2);
        $wanted = $worst ? max($slack) : min($slack);

        return new Drill(DrillKind::SlackBoard, $seed, Species::Walleye, Sentence::of(
            'She turns to {side}, and the boards on that side lie down: their lines go slack. '.($worst
                ? 'What would leave them slack longest?' : 'What gets them tight soonest?'),
            ['side' => $side->value],
        ), array_map(static fn (string $key): Answer => new Answer(
            $key, Sentence::of($does[$key][0]), abs($slack[$key] - $wanted) <= self::AS_GOOD ? 1.0 : 0.0,
            Sentence::of('So the inside boards are slack for {slack} in all.', ['slack' => [Quantity::Seconds, $slack[$key]]]),
        ), array_keys($does)), 15.0, self::turning($lines, $conditions, self::turn($side)));
    }

    /** @param  list<PlannedLine>  $lines */
    private static function slackSeconds(array $lines, Conditions $conditions, Side $side, float $times): float
    {
        $turn = self::turn($side);
        $course = Course::of(array_map(static fn (array $knot): array => [
            'speed' => ($knot['t'] > self::LYING ? $times : 1.0) * $knot['speed'],
        ] + $knot, $turn->course($conditions)->knots));
        $running = (new SpreadSolver)->all($lines, $conditions, withDoubt: false);
        $frames = SpreadInTime::of($running, $conditions, $course, range(0.0, $turn->lasts($course), 1.0))->frames;
        $least = RuleBook::of(ManoeuvreRules::rules())->get('slack');
        $slack = 0;
        foreach ($frames as $seen) {
            $slack += count(array_filter($seen, static fn (Frame $frame): bool => $frame->pull < $least * $seen[0]->pull));
        }

        return (float) $slack;
    }

    public static function whichSide(int $seed, Chance $chance): Drill
    {
        [$wash, $down, $centre] = $chance->one(2) ? ['P4', 'S4', 'C1'] : ['S4', 'P4', 'C2'];
        for ($try = 0; ; $try++) {
            $lines = [
                Gear::in($wash, Gear::wash($chance->step(14, 26, 2))),
                Gear::in($down, Gear::downRod($chance->step(15, 25, 5))),
                Gear::in('P2', Gear::bigPlug($chance->step(50, 90, 10))),
                Gear::in('S2', Gear::bigPlug($chance->step(50, 90, 10))),
                Gear::in($centre, Gear::bigPlug($chance->step(70, 120, 10))),
            ];
            $conditions = new Conditions($chance->step(3.0, 4.0, 0.1) * Units::MPH);
            $rate = $chance->step(3.0, 7.0, 0.5);
            $tangles = array_map(static fn (Side $side): array => self::tangles($lines, $conditions, self::turn($side, $rate)), [
                'port' => Side::Port, 'starboard' => Side::Starboard,
            ]);
            if ($try > 4 || ($tangles['port'] === []) !== ($tangles['starboard'] === [])) {
                break;
            }
        }
        $answers = [];
        foreach ($tangles as $side => $found) {
            $answers[] = new Answer(
                $side, Sentence::of('To {side}', ['side' => $side]), $found === [] ? 1.0 : 0.0,
                $found === [] ? Sentence::of('To {side} all lines keep apart.', ['side' => $side])
                    : Sentence::all([Sentence::of('To {side}:', ['side' => $side]), $found[0]->says()]),
            );
        }
        $none = $tangles['port'] !== [] && $tangles['starboard'] !== [];
        $answers[] = new Answer('neither', Sentence::of('Neither: turn wider'), $none ? 1.0 : 0.0, Sentence::of(
            $none ? 'Either way lines come together.' : 'One way they keep apart.',
        ));

        return new Drill(DrillKind::WhichSide, $seed, Species::Muskie, Sentence::of(
            'The edge bends away and you must come round by {by} at {rate}, at {speed}. Which way do these lines let you?',
            [
                'by' => [Quantity::Angle, self::BY], 'rate' => [Quantity::Turning, $rate],
                'speed' => [Quantity::Speed, $conditions->speed],
            ],
        ), $answers, 25.0, self::turning(
            $lines, $conditions, self::turn($tangles['port'] === [] ? Side::Starboard : Side::Port, $rate), Manoeuvre::BEFORE,
        ));
    }

    public static function howFast(int $seed, Chance $chance): Drill
    {
        $lines = [
            Gear::in('P4', Gear::diver('P4', $chance->step(100, 160, 10), 2.0)),
            Gear::in('P3', Gear::diver('P3', $chance->step(100, 160, 10), 3.5)),
            Gear::in('S5', Gear::rigger($chance->step(40, 70, 5), $chance->step(20, 80, 10))),
            Gear::in('C1', Gear::core($chance->step(4, 8, 1))),
        ];
        $conditions = new Conditions($chance->step(2.0, 2.8, 0.1) * Units::MPH);
        $side = $chance->pick([Side::Port, Side::Starboard]);
        $rates = [1.0, 2.0, 4.0, 8.0];
        $found = array_map(
            static fn (float $rate): array => self::tangles($lines, $conditions, self::turn($side, $rate)), $rates,
        );
        $apart = array_filter($rates, static fn (int $i): bool => $found[$i] === [], ARRAY_FILTER_USE_KEY);
        $fastest = $apart === [] ? null : max($apart);
        $answers = [];
        foreach ($rates as $i => $rate) {
            $answers[] = new Answer(
                (string) $rate, Sentence::of('{rate}', ['rate' => [Quantity::Turning, $rate]]),
                $rate === $fastest ? 1.0 : (isset($apart[$i]) ? self::SLOWER : 0.0),
                $found[$i] === []
                    ? Sentence::of('At {rate} all lines keep apart.', ['rate' => [Quantity::Turning, $rate]])
                    : $found[$i][0]->says(),
            );
        }
        $answers[] = new Answer('none', Sentence::of('None of these'), $fastest === null ? 1.0 : 0.0, Sentence::of(
            $fastest === null ? 'Even the gentlest brings lines together.' : 'One of them keeps lines apart.',
        ));

        return new Drill(DrillKind::HowFast, $seed, Species::Coho, Sentence::of(
            'Boats ahead: come round by {by} to {side} at {speed}, as fast as these lines allow. How hard over?',
            [
                'by' => [Quantity::Angle, self::BY], 'side' => $side->value, 'speed' => [Quantity::Speed, $conditions->speed],
            ],
        ), $answers, 25.0, self::turning($lines, $conditions, self::turn($side), Manoeuvre::BEFORE));
    }

    public static function insideBites(int $seed, Chance $chance): Drill
    {
        [$in, $out] = $chance->pick([[3, 1], [4, 1], [1, 3], [1, 4], [2, 2], [3, 2], [0, 3], [3, 0]]);
        $bites = [];
        for ($i = 0; $i < $in + $out; $i++) {
            $turn = $i < $in ? Side::Port : Side::Starboard;
            $bites[] = new Bitten(
                (string) $i, 100.0 * $i, 'P3', Side::Port, Outcome::Landed, 'king', '', false, $turn, 20.0, null, null,
            );
        }
        $facts = new Facts(1000.0, 0.0, $bites, [], ['king'], [], null, null, null, null, null);
        $rules = RuleBook::of(ChangeRules::rules());
        $told = InTurns::told($facts, $rules, inside: true) ?? InTurns::told($facts, $rules, inside: false);
        $right = match ($told?->key) {
            'turns-inside' => 'slower',
            'turns-outside' => 'faster',
            default => 'nothing',
        };
        $why = $told->why ?? Sentence::of('So few, or so evenly spread, they say nothing of speed or depth.');

        return new Drill(DrillKind::InsideBites, $seed, $chance->pick([Species::King, Species::Walleye]), Sentence::of(
            'Since first light: {in} bites on lines inside the turn, {out} on lines outside. What do you change?',
            ['in' => $in, 'out' => $out],
        ), [
            new Answer('slower', Sentence::of('Slow down, or fish deeper'), $right === 'slower' ? 1.0 : 0.0, $why),
            new Answer('faster', Sentence::of('Speed up, or fish shallower'), $right === 'faster' ? 1.0 : 0.0, $why),
            new Answer('nothing', Sentence::of('Nothing yet'), $right === 'nothing' ? 1.0 : 0.0, $why),
        ], 20.0);
    }

    private static function turn(Side $side, float $rate = self::RATE): Manoeuvre
    {
        return Manoeuvre::of(ManoeuvreKind::Turn, $side, ['by' => self::BY, 'rate' => $rate]);
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @return list<Happening>
     */
    private static function tangles(array $lines, Conditions $conditions, Manoeuvre $turn): array
    {
        $running = (new SpreadSolver)->all($lines, $conditions, withDoubt: false);

        return Gentlest::tangles($turn, $running, $conditions, new SpreadLimits);
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @param  float  $begins  s
     */
    private static function turning(
        array $lines, Conditions $conditions, Manoeuvre $turn, float $begins = self::LYING,
    ): InMotion {
        $course = $turn->course($conditions);

        return new InMotion($lines, $conditions, $course, $turn->lasts($course), null, $begins);
    }
}
