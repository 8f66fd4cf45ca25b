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

    /** @param  int  $kinds  of a piece each way is tried with, where there are fewer of the first than rods */
    public function __construct(private DraftTask $task, SpreadSolver $solver, int $kinds = 1)
    {
        $this->gear = new DraftGear($task, $kinds);
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
        $kinds = $this->gear->kinds(Presentation::Stacker);
        $lure = $this->gear->lure($kinds);
        if ($lure === null) {
            return [];
        }
        $options = [];
        $apart = $this->task->rigging->releasesApart;
        $figures = ['above' => $apart, 'lead' => $this->task->rigging->stackedLead];
        foreach ($riggers as $host) {
            foreach ($host->role === Role::DeepRigger ? $this->gear->reelsFor(Presentation::Stacker) : [] as $reel) {
                $boom = $host->line->holder->code;
                $line = new DescribedLine(
                    $holder, Presentation::Stacker, $reel, $lure, $this->trial->leader($figures),
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
        $rules = $this->task->rigging;
        $options = [];
        foreach ($this->gear->balls() as $ball) {
            foreach ($this->gear->reelsFor(Presentation::Rigger) as $reel) {
                $deep = $this->trial->of(
                    $holder, Presentation::Rigger, $reel, Role::DeepRigger, ['let_out' => 10.0, 'lead' => $rules->deepLead],
                    ball: $ball,
                );
                $long = $this->trial->of(
                    $holder, Presentation::Rigger, $reel, Role::LongLeadRigger,
                    ['let_out' => 10.0, 'lead' => $rules->shallowLead], ball: $ball,
                );
                // A long lead is for water the boat is over and felt in; below that a short one follows the ball.
                $options[] = $deep?->between(max($deep->shallowest, $rules->shallow), $deep->deepest);
                $options[] = $long?->between($long->shallowest, min($long->deepest, $rules->shallow));
            }
        }

        return array_values(array_filter($options));
    }

    /**
     * @return list<Option>
     */
    public function diver(DescribedHolder $holder, float $dial): array
    {
        $options = [];
        foreach (array_slice($this->task->gear->usualDivers(), 0, 2) as $plate) {
            foreach ($this->gear->reelsFor(Presentation::Diver) as $reel) {
                $options[] = $this->trial->of(
                    $holder,
                    Presentation::Diver,
                    $reel,
                    $dial >= 2.0 ? Role::WideDiver : Role::SteepDiver,
                    ['dial' => $dial, 'let_out' => 30.0],
                    diver: $plate,
                );
            }
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
        $cores = $this->gear->reels(Presentation::Core);
        usort($cores, static fn (DescribedReel $a, DescribedReel $b): int => ($a->colours ?? INF) <=> ($b->colours ?? INF));
        $options = [];
        foreach ($boardOut === null ? [[null, []]] : $this->gear->boards($boardOut) as [$board, $out]) {
            array_push($options, ...$this->flats($holder, $role, $board === null ? [] : [$board, $out]));
            foreach ($this->trial->asksFor(Presentation::Clip) ? $this->gear->reelsFor(Presentation::Clip) : [] as $reel) {
                $options[] = $this->clip($holder, $role, $reel, $out, $board);
            }
            foreach ($cores as $core) {
                $options[] = $this->trial->of(
                    $holder, Presentation::Core, $core, $role, $out + ['colours' => 1.0, 'backing' => 0.0], board: $board,
                );
            }
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
                foreach ($this->gear->reelsFor($presentation) as $reel) {
                    $options[] = $this->trial->of($holder, $presentation, $reel, $role, let: $let);
                }
            }
        }
        if ($this->task->muskie()?->school === Leads::Long) {
            array_push($options, ...$this->flats($holder, Role::LongBehind));
        }

        return array_values(array_filter($options));
    }

    /**
     * The lightest clip weight that takes its lure to the middle of the bands on as much line as most boats begin with.
     *
     * @param  array<string, float>  $out  figures of its board
     */
    private function clip(
        DescribedHolder $holder, Role $role, DescribedReel $reel, array $out, ?DescribedBoard $board,
    ): ?Option {
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
        $options = [];
        foreach ($this->gear->reelsFor($presentation) as $reel) {
            $lightest = $this->trial->of($holder, $presentation, $reel, Role::OnBottom);
            if ($lightest === null) {
                continue;
            }
            $mass = $lightest->line->need(LineFigure::WeightMass);
            $heavier = array_values(array_filter(LeadWeight::STOCK, static fn (float $other): bool => $other > $mass + 1e-6));
            array_push($options, $lightest, ...array_map(
                fn (float $mass): Option => $this->trial->weighted($lightest, $mass), array_slice($heavier, 0, self::HEAVIER),
            ));
        }

        return $options;
    }

    /**
     * @param  array{}|array{DescribedBoard, array<string, float>}  $behind  board and its figures
     * @return list<?Option>
     */
    private function flats(DescribedHolder $holder, Role $role, array $behind = []): array
    {
        return array_map(fn (DescribedReel $reel): ?Option => $this->trial->of(
            $holder, Presentation::Flat, $reel, $role, ($behind[1] ?? []) + ['let_out' => 30.0]
                + ($behind === [] && $this->task->coldShallows() ? [LineFigure::TipHeight->value => 0.0] : []),
            board: $behind[0] ?? null, let: $this->task->muskie()->long ?? [self::LEAST_FLAT, $this->task->rigging->longest],
        ), $this->gear->reelsFor(Presentation::Flat));
    }
}
