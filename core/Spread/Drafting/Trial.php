<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Fish\LureFamilies;
use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Entry;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\DescribedBall;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedDiver;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Rigs\Control;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Towing\CannotTow;

/** Tries a way to rig a rod: whether it suits the water at all, whether it runs, and between which depths. */
final readonly class Trial
{
    /** A way that suits no band so much, a rigger being 1, leaves its rod in. */
    private const LEAST_SUITED = 0.25;

    /** Part of a colour sinks a lure by less than it swims up and down. */
    public const LEAST_COLOURS = 1.0;

    private DraftGear $gear;

    public function __construct(private DraftTask $task, private SpreadSolver $solver)
    {
        $this->gear = new DraftGear($task);
    }

    /** Whether the water is known, and one that asks for it. */
    public function asksFor(Presentation $presentation): bool
    {
        foreach ($this->task->bands as $band) {
            if ($band->prospect !== null && $band->suits($presentation) >= self::LEAST_SUITED) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, float>  $figures  by {@see LineFigure}
     * @param  ?array{float, float}  $let  of its control, m; null for all that a crew would call a working line
     * @return ?Option null where nothing aboard does for it, it suits none of the bands or does not run
     */
    public function of(
        DescribedHolder $holder,
        Presentation $presentation,
        ?DescribedReel $reel,
        Role $role,
        array $figures = [],
        ?DescribedBall $ball = null,
        ?DescribedDiver $diver = null,
        ?DescribedBoard $board = null,
        ?array $let = null,
    ): ?Option {
        $kinds = $this->gear->kinds($presentation);
        $lure = $this->gear->lure($kinds);
        $suits = array_map(static fn (DraftBand $band): float => $band->suits($presentation), $this->task->bands);
        if ($reel === null || $lure === null || max($suits) < self::LEAST_SUITED) {
            return null;
        }
        $figures += $presentation->entry()->starts;
        $line = new DescribedLine(
            $holder, $presentation, $reel, $lure, $this->leader($figures), $ball, $diver, $board,
            leaderMaterial: $this->task->leaderMaterial,
        );
        try {
            $planned = $this->planned($line);
            if ($planned->rig->bottom() !== null) {
                $line = $this->task->ticking($this->solver)->lightest($line);

                return $line === null ? null : $this->at($line, $role, $kinds, $suits);
            }
            $control = $planned->rig->control();
            [$least, $most] = $let ?? [self::leastOut($control), 0.95 * $control->most];
            if ($control->kind === ControlKind::Colours) {
                $let = [$least, $most];
            }
            $left = self::left($line, $control);
            if ($left < $most) {
                $let = [$least, $most] = [$least, max($least, $left)];
            }
            $depths = [$this->depth($planned, $least), $this->depth($planned, $most)];
            // What dives by itself sets its own depth: of each further family one.
            foreach ($presentation === Presentation::Flat ? $this->others($lure, $kinds) : [] as $other) {
                $pulling = $this->planned($line->pulling($other));
                array_push($depths, $this->depth($pulling, $least), $this->depth($pulling, $most));
            }

            return new Option($line, min($depths), max($depths), $role, $kinds, $suits, $let);
        } catch (InvalidValue|CannotTow) {
            return null;
        }
    }

    /**
     * One lure of each further kind that one of the species takes.
     *
     * @param  list<LureKind>  $kinds
     * @return list<DescribedLure>
     */
    private function others(DescribedLure $than, array $kinds): array
    {
        $families = array_merge(...array_map(
            static fn (DraftBand $band): array => LureFamilies::for($band->species), $this->task->bands,
        ));
        $others = [];
        foreach ($kinds as $kind) {
            if ($kind !== $than->kind && in_array($kind, $families, true)) {
                $others[] = $this->gear->lure([$kind]);
            }
        }

        return array_values(array_filter($others));
    }

    private function planned(DescribedLine $line): PlannedLine
    {
        return SpreadPlan::of([$line], $this->task->mast)->lines[0];
    }

    /**
     * m its lure runs at with its control at a value.
     *
     * @throws CannotTow
     */
    private function depth(PlannedLine $planned, float $control): float
    {
        return $this->solver->run($planned->withControl($control), $this->task->conditions, withDoubt: false)->depth();
    }

    /**
     * m the lure of a way runs at with its control at a value.
     *
     * @throws CannotTow
     */
    public function depthOf(Option $way, float $control): float
    {
        return $this->depth($this->planned($way->line), $control);
    }

    /**
     * Figures with a leader as long as the water asks, and no longer than the lead it is part of; where the water asks for
     * none, as the rig is begun with.
     *
     * @param  array<string, float>  $figures
     * @return array<string, float> by {@see LineFigure}
     */
    public function leader(array $figures): array
    {
        $key = LineFigure::LeaderLength->value;
        $length = $this->task->leader ?? $figures[$key] ?? Entry::LEADER[$key];

        return [
            LineFigure::LeaderLength->value => min($length, $figures[LineFigure::Lead->value] ?? INF),
        ] + $figures + Entry::LEADER;
    }

    /**
     * The same bottom rig with another weight.
     *
     * @param  float  $mass  kg
     *
     * @throws CannotTow
     */
    public function weighted(Option $way, float $mass): Option
    {
        $line = $this->task->ticking($this->solver)->set($way->line->with([LineFigure::WeightMass->value => $mass]));

        return $this->at($line, $way->role, $way->kinds, $way->suits);
    }

    /**
     * A way whose only depth is the one its line runs at.
     *
     * @param  list<LureKind>  $kinds
     * @param  list<float>  $suits
     *
     * @throws CannotTow
     */
    private function at(DescribedLine $line, Role $role, array $kinds, array $suits): Option
    {
        $depth = $this->solver->run($this->planned($line), $this->task->conditions, withDoubt: false)->depth();

        return new Option($line, $depth, $depth, $role, $kinds, $suits);
    }

    /** What of its control the reel can still give, what else it needs being out; of what is on no reel, without end. */
    private static function left(DescribedLine $line, Control $control): float
    {
        $figure = LineFigure::from($control->kind->figure());

        return $line->reel->lineLength === null || ! in_array($figure, $line->presentation->entry()->spools, true)
            ? INF : $line->reel->lineLength - $line->offReel() + ($line->figure($figure) ?? 0.0);
    }

    /** So little out as a crew would still call a working line. */
    private static function leastOut(Control $control): float
    {
        return match ($control->kind) {
            ControlKind::Cable => 2.0,
            ControlKind::Colours => self::LEAST_COLOURS,
            default => max($control->least, min($control->most, 9.0)),
        };
    }
}
