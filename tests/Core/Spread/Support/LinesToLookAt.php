<?php

declare(strict_types=1);

namespace Tests\Core\Spread\Support;

use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Check\BreachKind;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\Diver;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\InlineBoard;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Tackle\Rigs\TrailingRig;
use Admek\Core\Towing\Side;

/** Lines to look at. */
trait LinesToLookAt
{
    private const SPEED = 1.028192;

    /**
     * @param  list<PlannedLine>  $lines
     * @return list<Breach>
     */
    private function kinds(array $lines, BreachKind $kind, SpreadLimits $limits = new SpreadLimits): array
    {
        return array_values(
            array_filter(Breaches::of($this->runningLines($lines), $limits), static fn (Breach $b): bool => $b->kind === $kind),
        );
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @return list<RunningLine>
     */
    private function runningLines(array $lines): array
    {
        return array_map(
            static fn (PlannedLine $line): RunningLine => (new SpreadSolver)->run($line, new Conditions(self::SPEED)), $lines,
        );
    }

    private function diver(string $holder, Side $side, float $dial, float $tipAside, float $letOut = 40.0): PlannedLine
    {
        return $this->planned(
            $holder,
            new Diver(
                DiverPlate::of(DiverSize::Large, false),
                $dial,
                $side,
                LineStock::of(Material::Braid, 30),
                $letOut,
                new Leader(LineStock::of(Material::Fluorocarbon, 25), 1.8),
                $this->spoon(),
            ),
            [0.0, $tipAside, -1.2],
        );
    }

    private function board(string $holder, float $out, float $tipAft, ?TrailingRig $trailing = null): PlannedLine
    {
        $side = $holder[0] === 'P' ? Side::Port : Side::Starboard;

        return $this->planned(
            $holder,
            new InlineBoard(
                BoardSize::Large->planer(),
                $side,
                $out,
                $trailing ?? new FlatLine(LineStock::of(Material::Nylon, 14), 30.0, null, $this->spoon()),
            ),
            [$tipAft, 2.0 * $side->sign(), -2.5],
        );
    }

    /** @param  array{float, float, float}  $tip */
    private function planned(string $holder, Rig $rig, array $tip): PlannedLine
    {
        return new PlannedLine($holder, $rig, $tip);
    }

    private function spoon(): Lure
    {
        return Lure::ofKind(LureKind::MediumSpoon);
    }
}
