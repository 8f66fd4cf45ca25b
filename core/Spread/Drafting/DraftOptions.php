<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Entry;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\DescribedBall;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedDiver;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\Control;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Towing\CannotTow;

/** The ways one holder can be rigged with the gear aboard, with the depths each gets to. */
final readonly class DraftOptions
{
    private DraftGear $gear;

    public function __construct(private DraftTask $task, private SpreadSolver $solver)
    {
        $this->gear = new DraftGear($task);
    }

    /**
     * A release on the cable of each rigger that goes deep.
     *
     * @param  list<Option>  $riggers
     * @return list<Option>
     */
    public function stacked(DescribedHolder $holder, array $riggers): array
    {
        $reel = $this->gear->reel(Presentation::Stacker);
        $lure = $this->gear->lure(false);
        if ($reel === null || $lure === null) {
            return [];
        }
        $options = [];
        $apart = $this->task->rigging->releasesApart;
        foreach ($riggers as $host) {
            if ($host->role === Role::DeepRigger) {
                $boom = $host->line->holder->code;
                $line = new DescribedLine(
                    $holder, Presentation::Stacker, $reel, $lure,
                    ['above' => $apart, 'lead' => $this->task->rigging->stackedLead] + Entry::LEADER,
                    ridesOn: $boom, leaderMaterial: Material::Fluorocarbon,
                );
                $options[] = new Option($line, $apart, $host->deepest - $apart, Role::StackedRelease, false, $boom);
            }
        }

        return $options;
    }

    /**
     * @return list<Option>
     */
    public function rigger(DescribedHolder $holder): array
    {
        $options = [];
        $ball = $this->task->gear->usualBall();
        $reel = $this->gear->reel(Presentation::Rigger);
        if ($ball === null || $reel === null) {
            return [];
        }
        $rules = $this->task->rigging;
        foreach ([[Role::DeepRigger, $rules->deepLead], [Role::LongLeadRigger, $rules->shallowLead]] as [$role, $lead]) {
            $option = $this->option(
                $holder, Presentation::Rigger, $reel, $role, ['let_out' => 10.0, 'lead' => $lead], ball: $ball,
            );
            if ($option !== null) {
                // A long lead is for water the boat is over and felt in; below that a short one follows the ball.
                $options[] = $role === Role::DeepRigger
                    ? new Option($option->line, max($option->shallowest, $rules->shallow), $option->deepest, $role, false)
                    : new Option($option->line, $option->shallowest, min($option->deepest, $rules->shallow), $role, false);
            }
        }

        return $options;
    }

    /**
     * @return list<Option>
     */
    public function diver(DescribedHolder $holder, float $dial): array
    {
        $reel = $this->gear->reel(Presentation::Diver);
        $options = [];
        if ($reel === null) {
            return [];
        }
        foreach (array_slice($this->task->gear->usualDivers(), 0, 2) as $plate) {
            $options[] = $this->option(
                $holder,
                Presentation::Diver,
                $reel,
                $dial >= 2.0 ? Role::WideDiver : Role::SteepDiver,
                ['dial' => $dial, 'let_out' => 30.0],
                diver: $plate,
            );
        }

        return array_values(array_filter($options));
    }

    /**
     * What runs straight behind, or behind a board: a diving lure flat, then ever more colours, then wire.
     *
     * @param  ?float  $boardOut  m
     * @return list<Option>
     */
    public function trailing(DescribedHolder $holder, ?float $boardOut, Role $role): array
    {
        [$board, $out] = $boardOut === null ? [null, []] : $this->gear->board($boardOut);
        $options = [];
        $flat = $this->gear->reel(Presentation::Flat);
        if ($flat !== null) {
            $options[] = $this->option(
                $holder, Presentation::Flat, $flat, $role, $out + ['let_out' => 30.0], dives: true, board: $board,
            );
        }
        $cores = $this->gear->reels(Presentation::Core);
        usort($cores, static fn (DescribedReel $a, DescribedReel $b): int => ($a->colours ?? INF) <=> ($b->colours ?? INF));
        foreach ($cores as $core) {
            $options[] = $this->option(
                $holder, Presentation::Core, $core, $role, $out + ['colours' => 1.0, 'backing' => 0.0], board: $board,
            );
        }
        foreach ($boardOut === null ? $this->gear->reels(Presentation::Wire) : [] as $wire) {
            $options[] = $this->option($holder, Presentation::Wire, $wire, $role, ['let_out' => 20.0, 'backing' => 0.0]);
        }

        return array_values(array_filter($options));
    }

    /**
     * @param  array<string, float>  $figures  by {@see LineFigure}
     * @return ?Option null where this gear does not run
     */
    private function option(
        DescribedHolder $holder,
        Presentation $presentation,
        DescribedReel $reel,
        Role $role,
        array $figures,
        bool $dives = false,
        ?DescribedBall $ball = null,
        ?DescribedDiver $diver = null,
        ?DescribedBoard $board = null,
    ): ?Option {
        $lure = $this->gear->lure($dives);
        if ($lure === null) {
            return null;
        }
        $line = new DescribedLine(
            $holder,
            $presentation,
            $reel,
            $lure,
            $figures + Entry::LEADER,
            $ball,
            $diver,
            $board,
            leaderMaterial: Material::Fluorocarbon,
        );
        try {
            $planned = SpreadPlan::of([$line], $this->task->mast)->lines[0];
            $control = $planned->rig->control();
            $depthAt = fn (float $value): float => $this->solver->run(
                $planned->withControl($value), $this->task->conditions, withDoubt: false,
            )->depth();

            return new Option($line, $depthAt($this->leastOut($control)), $depthAt(0.95 * $control->most), $role, $dives);
        } catch (InvalidValue|CannotTow) {
            return null;
        }
    }

    /** So little out as a crew would still call a working line. */
    private function leastOut(Control $control): float
    {
        return match ($control->kind) {
            ControlKind::Cable => 2.0,
            ControlKind::Colours => 0.5,
            default => max($control->least, min($control->most, 9.0)),
        };
    }
}
