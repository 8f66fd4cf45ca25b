<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Leads;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\LeadWeight;

/** The ways one holder can be rigged with the gear aboard, with the depths each gets to. */
final readonly class DraftOptions
{
    /** m of line to a flat lure, and to a clip weight, under which a crew would not call it out. */
    private const LEAST_FLAT = 9.0;

    private const LEAST_CLIPPED = 2.0;

    /** Heavier weights of a bottom rig to choose from, beside the lightest that ticks. */
    private const HEAVIER = 2;

    /** m of line straight down beside the boat. */
    private const BESIDE = [2.0, 4.0];

    /** kg of the clip weights a draft chooses from: ½, 1, 2, 3 and 4 oz. */
    private const CLIPS = [0.014175, 0.028350, LeadWeight::TWO_OUNCES, LeadWeight::THREE_OUNCES, 0.113398];

    private DraftGear $gear;

    private Trial $trial;

    public function __construct(private DraftTask $task, SpreadSolver $solver)
    {
        $this->gear = new DraftGear($task);
        $this->trial = new Trial($task, $solver);
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
        $kinds = $this->gear->kinds(Presentation::Stacker);
        $lure = $this->gear->lure($kinds);
        if ($reel === null || $lure === null) {
            return [];
        }
        $options = [];
        $apart = $this->task->rigging->releasesApart;
        $figures = ['above' => $apart, 'lead' => $this->task->rigging->stackedLead];
        foreach ($riggers as $host) {
            if ($host->role === Role::DeepRigger) {
                $boom = $host->line->holder->code;
                $line = new DescribedLine(
                    $holder, Presentation::Stacker, $reel, $lure, $figures + $this->trial->leader($figures),
                    ridesOn: $boom, leaderMaterial: $this->task->leaderMaterial,
                );
                $options[] = new Option(
                    $line, $apart, $host->deepest - $apart, Role::StackedRelease, $kinds,
                    array_map(static fn (DraftBand $band): float => $band->suits(Presentation::Stacker), $this->task->bands),
                    rides: $boom,
                );
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
        $rules = $this->task->rigging;
        foreach ($ball === null ? [] : [
            [Role::DeepRigger, $rules->deepLead], [Role::LongLeadRigger, $rules->shallowLead],
        ] as [$role, $lead]) {
            $option = $this->trial->of(
                $holder, Presentation::Rigger, $this->gear->reel(Presentation::Rigger), $role,
                ['let_out' => 10.0, 'lead' => $lead], ball: $ball,
            );
            if ($option !== null) {
                // A long lead is for water the boat is over and felt in; below that a short one follows the ball.
                $options[] = $role === Role::DeepRigger
                    ? $option->between(max($option->shallowest, $rules->shallow), $option->deepest)
                    : $option->between($option->shallowest, min($option->deepest, $rules->shallow));
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
        foreach (array_slice($this->task->gear->usualDivers(), 0, 2) as $plate) {
            $options[] = $this->trial->of(
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
     * What runs straight behind, or behind a board: a diving lure flat, what a weight clipped on takes down, then ever more
     * colours, then wire.
     *
     * @param  ?float  $boardOut  m
     * @return list<Option>
     */
    public function trailing(DescribedHolder $holder, ?float $boardOut, Role $role): array
    {
        [$board, $out] = $boardOut === null ? [null, []] : $this->gear->board($boardOut);
        $options = [$this->flat($holder, $role, $board === null ? [] : [$board, $out])];
        if ($this->trial->asksFor(Presentation::Clip)) {
            $options[] = $this->clip($holder, $role, $out, $board);
        }
        $cores = $this->gear->reels(Presentation::Core);
        usort($cores, static fn (DescribedReel $a, DescribedReel $b): int => ($a->colours ?? INF) <=> ($b->colours ?? INF));
        foreach ($cores as $core) {
            $options[] = $this->trial->of(
                $holder, Presentation::Core, $core, $role, $out + ['colours' => 1.0, 'backing' => 0.0], board: $board,
            );
        }
        foreach ($boardOut === null ? $this->gear->reels(Presentation::Wire) : [] as $wire) {
            $options[] = $this->trial->of(
                $holder, Presentation::Wire, $wire, $role, ['let_out' => 20.0, 'backing' => 0.0],
            );
        }

        return array_values(array_filter($options));
    }

    /**
     * What is fished close to the boat where the water asks for it: on bottom, short in her wash, straight down beside her; or
     * long behind her, for muskie that have forgotten her.
     *
     * @return list<Option>
     */
    public function close(DescribedHolder $holder): array
    {
        $options = [];
        foreach ([Presentation::Bouncer, Presentation::Dropper] as $presentation) {
            if ($this->trial->asksFor($presentation)) {
                array_push($options, ...$this->onBottom($holder, $presentation));
            }
        }
        foreach ([
            [Presentation::Wash, Role::InTheWash, $this->task->muskie()?->short],
            [Presentation::DownRod, Role::BesideTheBoat, self::BESIDE],
        ] as [$presentation, $role, $let]) {
            if ($this->trial->asksFor($presentation)) {
                $options[] = $this->trial->of($holder, $presentation, $this->gear->reel($presentation), $role, let: $let);
            }
        }
        if ($this->task->muskie()?->school === Leads::Long) {
            $options[] = $this->flat($holder, Role::LongBehind);
        }

        return array_values(array_filter($options));
    }

    /**
     * The lightest clip weight that takes its lure to the middle of the bands on as much line as most boats begin with.
     *
     * @param  array<string, float>  $out  figures of its board
     */
    private function clip(DescribedHolder $holder, Role $role, array $out, ?DescribedBoard $board): ?Option
    {
        $reel = $this->gear->reel(Presentation::Clip);
        $start = Presentation::Clip->entry()->starts[LineFigure::LetOut->value];
        $wanted = array_sum(array_map(
            static fn (DraftBand $band): float => 0.5 * ($band->top + $band->bottom), $this->task->bands,
        )) / count($this->task->bands);
        $least = null;
        foreach (self::CLIPS as $mass) {
            $least = $this->trial->of(
                $holder, Presentation::Clip, $reel, $role, $out + [LineFigure::WeightMass->value => $mass], board: $board,
                let: [self::LEAST_CLIPPED, $this->task->rigging->longest],
            );
            if ($least === null || $this->trial->depthOf($least, $start) >= $wanted) {
                break;
            }
        }

        return $least;
    }

    /**
     * With the lightest weight of the box that ticks, and the next heavier ones, which stand steeper: so two of a side keep
     * apart.
     *
     * @return list<Option>
     */
    private function onBottom(DescribedHolder $holder, Presentation $presentation): array
    {
        $lightest = $this->trial->of($holder, $presentation, $this->gear->reel($presentation), Role::OnBottom);
        if ($lightest === null) {
            return [];
        }
        $mass = $lightest->line->need(LineFigure::WeightMass);
        $heavier = array_values(array_filter(LeadWeight::STOCK, static fn (float $other): bool => $other > $mass + 1e-6));

        return [$lightest, ...array_map(
            fn (float $mass): Option => $this->trial->weighted($lightest, $mass), array_slice($heavier, 0, self::HEAVIER),
        )];
    }

    /** @param  array{}|array{DescribedBoard, array<string, float>}  $behind  board and its figures */
    private function flat(DescribedHolder $holder, Role $role, array $behind = []): ?Option
    {
        return $this->trial->of(
            $holder, Presentation::Flat, $this->gear->reel(Presentation::Flat), $role, ($behind[1] ?? []) + ['let_out' => 30.0]
                + ($behind === [] && $this->task->coldShallows() ? [LineFigure::TipHeight->value => 0.0] : []),
            board: $behind[0] ?? null, let: $this->task->muskie()->long ?? [self::LEAST_FLAT, $this->task->rigging->longest],
        );
    }
}
