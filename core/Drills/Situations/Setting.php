<?php

declare(strict_types=1);

namespace Admek\Core\Drills\Situations;

use Admek\Core\Drills\Answer;
use Admek\Core\Drills\Chance;
use Admek\Core\Drills\Drill;
use Admek\Core\Drills\DrillKind;
use Admek\Core\Drills\Gear;
use Admek\Core\Fish\Species;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SettingOrder;
use Admek\Core\Spread\Plan\SettingSchool;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;

/** How lines are set. */
final class Setting
{
    /** m to either side of where the wanted one runs, at most; and of the way to the next one, so that it alone is right. */
    private const HALF_BAND = 0.75;

    private const OF_THE_WAY = 0.45;

    /** What is let out, of the wanted let-out. */
    private const SHARES = [0.5, 0.7, 1.0, 1.4, 2.0];

    public static function reach(int $seed, Chance $chance): Drill
    {
        [$line, $species, $speed] = self::toReach($chance);
        $conditions = new Conditions($speed);
        $solver = new SpreadSolver;
        $control = $line->rig->control();
        $quantity = $control->kind === ControlKind::Colours ? Quantity::Colours : Quantity::Length;
        $from = $chance->pick([0, 1, 2]);
        $depths = $outs = [];
        foreach (array_slice(self::SHARES, $from, 3) as $share) {
            $out = $control->settable($share * $control->value, metric: false);
            $outs[] = $out;
            $depths[] = $solver->run($line->withRig($line->rig->withControl($out)), $conditions, withDoubt: false)->depth();
        }
        $wanted = $depths[2 - $from];
        $others = array_filter($depths, static fn (int $i): bool => $i !== 2 - $from, ARRAY_FILTER_USE_KEY);
        $near = min(INF, ...array_values(array_map(static fn (float $depth): float => abs($depth - $wanted), $others)));
        $half = min(self::HALF_BAND, self::OF_THE_WAY * $near);
        [$top, $bottom] = [max(0.0, $wanted - $half), $wanted + $half];
        $answers = [];
        foreach ($depths as $i => $depth) {
            $answers[] = new Answer(
                (string) $i, Sentence::of('{out}', ['out' => [$quantity, $outs[$i]]]),
                $depth >= $top && $depth <= $bottom ? 1.0 : 0.0,
                Sentence::of('{out} runs at {depth}.', [
                    'out' => [$quantity, $outs[$i]], 'depth' => [Quantity::Depth, $depth],
                ]),
            );
        }

        return new Drill(DrillKind::Reach, $seed, $species, Sentence::of(
            'Fish from {top} to {bottom}. A {kind}, {lure}, at {speed}: how much goes out?', [
                'top' => [Quantity::Depth, $top], 'bottom' => [Quantity::Depth, $bottom], 'kind' => Gear::named($line),
                'lure' => $line->rig->lure()->kind->word(), 'speed' => [Quantity::Speed, $speed],
            ],
        ), $answers, 25.0);
    }

    /** @return array{PlannedLine, Species, float} and m/s */
    private static function toReach(Chance $chance): array
    {
        [$species, $rig, $slow, $fast] = $chance->pick([
            [Species::King, Gear::core($chance->step(5, 8, 1)), 1.9, 2.6],
            [Species::King, Gear::diver('S3', $chance->step(90, 150, 10), $chance->pick([1.0, 2.0, 3.0])), 1.9, 2.6],
            [Species::Coho, Gear::segment($chance->pick([2.0, 3.0]), $chance->step(60, 100, 10)), 2.2, 2.8],
            [Species::LakeTrout, Gear::wire($chance->step(120, 200, 20)), 1.6, 2.2],
            [Species::LakeTrout, Gear::threeWay($chance->step(80, 140, 10), 0.454), 1.4, 2.0],
            [Species::Walleye, Gear::clip($chance->step(60, 100, 10), 0.0567), 1.3, 1.9],
            [Species::Walleye, Gear::flat($chance->step(70, 120, 10)), 1.4, 2.0],
            [Species::Muskie, Gear::bigPlug($chance->step(40, 80, 10)), 3.0, 3.8],
        ]);

        return [Gear::in('S3', $rig), $species, $chance->step($slow, $fast, 0.1) * Units::MPH];
    }

    public static function firstOut(int $seed, Chance $chance): Drill
    {
        $lines = $chance->some([
            self::at('P1', static fn (string $code): Rig => Gear::board(
                $code, $chance->step(90, 140, 10), Gear::segment(2.0, 60.0),
            )),
            self::at('S2', static fn (string $code): Rig => Gear::board($code, $chance->step(50, 80, 10), Gear::flat(80.0))),
            self::at('P3', static fn (string $code): Rig => Gear::diver($code, 120.0, 3.0)),
            self::at('S4', static fn (string $code): Rig => Gear::diver($code, 110.0, 1.0)),
            self::at('P5', static fn (): Rig => Gear::rigger($chance->step(40, 80, 5), 20.0)),
            self::at('C1', static fn (): Rig => Gear::core($chance->step(5, 10, 1))),
        ], 4);
        $school = $chance->pick(SettingSchool::cases());
        $order = SettingOrder::of($lines, $school);
        $why = Sentence::of('{school}: {why}. So {order}.', [
            'school' => ucfirst($school->word()), 'why' => $school->why(),
            'order' => implode(', ', array_map(static fn (PlannedLine $line): string => $line->holder, $order)),
        ]);
        $last = $chance->one(2);
        $right = $last ? $order[count($order) - 1] : $order[0];

        return new Drill(DrillKind::FirstOut, $seed, $chance->pick([Species::King, Species::Coho]), Sentence::of(
            $last
                ? 'Lines out, as set by {school}, all at once: squall coming. Which rod comes in first?'
                : 'Lines in, {school}. Which rod goes out first?',
            ['school' => $school->word()],
        ), array_map(static fn (PlannedLine $line): Answer => new Answer(
            $line->holder, Sentence::of('{holder}, {kind}', [
                'holder' => $line->holder, 'kind' => Gear::named($line),
            ]), $line === $right ? 1.0 : 0.0, $why,
        ), $lines), 20.0);
    }

    /** @param  callable(string): Rig  $rig */
    private static function at(string $code, callable $rig): PlannedLine
    {
        return Gear::in($code, $rig($code));
    }
}
