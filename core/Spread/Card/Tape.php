<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Card;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Towing\CannotTow;

/** Tape on a rod: how deep its line runs with so much out, a little less and a little more, at three speeds. */
final readonly class Tape
{
    /** Of what is planned out. */
    private const SHARES = [0.5, 0.75, 1.0, 1.25, 1.5];

    private const MOST_COLOURS = 20;

    /** @param  list<array{out: float, depths: list<?float>}>  $marks  by what is out, the least first; m */
    private function __construct(public array $marks)
    {
    }

    /**
     * Of a rod, about what is planned.
     *
     * @param  list<float>  $speeds  m/s
     */
    public static function ofRod(
        PlannedLine $line, array $speeds, float $density, bool $metric, SpreadSolver $solver = new SpreadSolver,
    ): self {
        $control = $line->rig->control();
        $outs = array_map(
            static fn (float $share): float => $control->settable($share * $control->value, $metric), self::SHARES,
        );

        return self::at($line, $outs, $speeds, $density, $solver);
    }

    /**
     * Of core, colour by colour.
     *
     * @param  list<float>  $speeds  m/s
     */
    public static function ofColours(
        PlannedLine $line, array $speeds, float $density, SpreadSolver $solver = new SpreadSolver,
    ): self {
        $control = $line->rig->control();
        $colours = $control->kind === ControlKind::Colours ? min(self::MOST_COLOURS, (int) floor($control->most + 1e-9)) : 0;

        return self::at($line, array_map(floatval(...), $colours < 1 ? [] : range(1, $colours)), $speeds, $density, $solver);
    }

    /**
     * @param  list<float>  $outs
     * @param  list<float>  $speeds
     */
    private static function at(PlannedLine $line, array $outs, array $speeds, float $density, SpreadSolver $solver): self
    {
        $outs = array_values(array_unique($outs));
        sort($outs);
        $marks = [];
        foreach ($outs as $out) {
            $depths = [];
            foreach ($speeds as $speed) {
                try {
                    $depths[] = $solver->run(
                        $line->withControl($out), new Conditions($speed, density: $density), withDoubt: false,
                    )->depth();
                } catch (CannotTow|InvalidValue) {
                    $depths[] = null;
                }
            }
            $marks[] = ['out' => $out, 'depths' => $depths];
        }

        return new self($marks);
    }
}
