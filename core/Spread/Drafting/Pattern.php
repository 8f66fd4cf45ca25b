<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\DescribedBall;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedDiver;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\Control;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Side;
use Admek\Core\Units\Units;

/**
 * How the rods of a side share the work: so many boards from the foremost holder aft, divers in the rest, riggers in the
 * booms, core, wire or a flat line down the middle (docs/rules.md).
 */
final class Pattern
{
    /** ft of front line by how many boards ride on a side, outside first. */
    private const BOARDS = [
        1 => [110], 2 => [130, 85], 3 => [150, 110, 70], 4 => [170, 135, 100, 65], 5 => [190, 155, 125, 95, 65],
    ];

    /** Dials of divers from the foremost aft: the widest outside. */
    private const DIALS = [1 => [2.0], 2 => [3.0, 1.5], 3 => [3.5, 2.0, 0.5]];

    /** ft of lead below and above which a rigger fishes shallow. */
    private const SHALLOW = 12.0;

    /** m between two releases on one cable. */
    public const STACK_APART = 10 * Units::FOOT;

    private const LEADER = ['leader_length' => 6 * Units::FOOT, 'leader_test' => 25.0];

    /** @var array<string, list<Option>> */
    private array $made = [];

    private readonly DraftGear $gear;

    public function __construct(private readonly DraftTask $task, private readonly SpreadSolver $solver)
    {
        $this->gear = new DraftGear($task);
    }

    /** Fewest boards a side runs: beyond three divers the rest must go outside them, if there are boards. */
    public function leastBoards(): int
    {
        return max(
            0,
            min(
                $this->mostBoards(),
                max(count($this->side(Side::Port)), count($this->side(Side::Starboard))) - count(self::DIALS),
            ),
        );
    }

    /** Most boards a side could run. */
    public function mostBoards(): int
    {
        return $this->task->gear->boards === []
            ? 0
            : min(5, max(count($this->side(Side::Port)), count($this->side(Side::Starboard))));
    }

    /**
     * What each holder can do with so many boards a side.
     *
     * @return array<array-key, non-empty-list<Option>> by holder; a holder nothing aboard suits is left out
     */
    public function options(int $boards): array
    {
        $options = [];
        foreach ($this->task->holders as $holder) {
            $made = $this->forHolder($holder, $boards);
            if ($made !== []) {
                $options[$holder->code] = $made;
            }
        }

        return $options;
    }

    /**
     * @return list<Option>
     */
    private function forHolder(DescribedHolder $holder, int $boards): array
    {
        if ($holder->kind === HolderKind::Boom) {
            return $this->cached($holder, 'rigger', fn (): array => $this->rigger($holder));
        }
        if ($holder->side === null) {
            return $this->cached($holder, 'middle', fn (): array => $this->trailing($holder, null, Role::Middle));
        }
        $side = array_map(static fn (DescribedHolder $rod): string => $rod->code, $this->side($holder->side));
        $place = (int) array_search($holder->code, $side, true);
        $boards = min($boards, count($side));
        if ($place < $boards) {
            $out = self::BOARDS[$boards][$place] * Units::FOOT;

            return $this->cached(
                $holder,
                "board {$out}",
                fn (): array => $this->trailing($holder, $out, $place === 0 ? Role::OutsideBoard : Role::InsideBoard),
            );
        }
        $divers = min(count(self::DIALS), count($side) - $boards);
        $dial = self::DIALS[$divers][$place - $boards] ?? null;

        $diver = $dial === null ? [] : $this->cached($holder, "diver {$dial}", fn (): array => $this->diver($holder, $dial));
        $lowest = max(array_map(static fn (DraftBand $band): float => $band->bottom, $this->task->bands));

        // Below what divers get to, and where there are none left: a release stacked on the rigger's cable.
        return array_filter($diver, static fn (Option $way): bool => $way->deepest >= $lowest) !== []
            ? $diver
            : [...$diver, ...$this->cached($holder, 'stacked', fn (): array => $this->stacked($holder))];
    }

    /**
     * @return list<Option> a release on the cable of each rigger of its side, or of the middle
     */
    private function stacked(DescribedHolder $holder): array
    {
        $options = [];
        $reel = $this->gear->reel(Presentation::Stacker);
        $lure = $this->gear->lure(false);
        if ($reel === null || $lure === null) {
            return [];
        }
        foreach ($this->task->holders as $boom) {
            if ($boom->kind !== HolderKind::Boom || ! in_array($boom->side, [$holder->side, null], true)) {
                continue;
            }
            foreach ($this->cached($boom, 'rigger', fn (): array => $this->rigger($boom)) as $host) {
                if ($host->role === Role::DeepRigger) {
                    $line = new DescribedLine(
                        $holder, Presentation::Stacker, $reel, $lure,
                        ['above' => self::STACK_APART, 'lead' => 15 * Units::FOOT] + self::LEADER,
                        ridesOn: $boom->code, leaderMaterial: Material::Fluorocarbon,
                    );
                    $options[] = new Option(
                        $line, self::STACK_APART, $host->deepest - self::STACK_APART, Role::StackedRelease, false, $boom->code,
                    );
                }
            }
        }

        return $options;
    }

    /**
     * @return list<Option>
     */
    private function rigger(DescribedHolder $holder): array
    {
        $options = [];
        $balls = $this->task->gear->balls;
        usort($balls, static fn (DescribedBall $a, DescribedBall $b): int => $a->mass <=> $b->mass);
        $ball = $balls[max(0, count($balls) - 2)] ?? null;
        $reel = $this->gear->reel(Presentation::Rigger);
        if ($ball === null || $reel === null) {
            return [];
        }
        foreach ([[Role::DeepRigger, 20.0], [Role::LongLeadRigger, 80.0]] as [$role, $lead]) {
            $option = $this->option(
                $holder, Presentation::Rigger, $reel, $role, ['let_out' => 10.0, 'lead' => $lead * Units::FOOT], ball: $ball,
            );
            if ($option !== null) {
                // A long lead is for water the boat is over and felt in; below that a short one follows the ball.
                $options[] = $role === Role::DeepRigger
                    ? new Option($option->line, max($option->shallowest, self::SHALLOW), $option->deepest, $role, false)
                    : new Option($option->line, $option->shallowest, min($option->deepest, self::SHALLOW), $role, false);
            }
        }

        return $options;
    }

    /**
     * @return list<Option>
     */
    private function diver(DescribedHolder $holder, float $dial): array
    {
        $reel = $this->gear->reel(Presentation::Diver);
        $plates = $this->task->gear->divers;
        $large = array_values(
            array_filter($plates, static fn (DescribedDiver $plate): bool => $plate->size === DiverSize::Large),
        );
        $options = [];
        if ($reel === null) {
            return [];
        }
        foreach (array_slice($large === [] ? $plates : $large, 0, 2) as $plate) {
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
    private function trailing(DescribedHolder $holder, ?float $boardOut, Role $role): array
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
            $figures + self::LEADER,
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

    /**
     * @param  callable(): list<Option>  $make
     * @return list<Option>
     */
    private function cached(DescribedHolder $holder, string $what, callable $make): array
    {
        return $this->made["{$holder->code} {$what}"] ??= $make();
    }

    /** @return list<DescribedHolder> rods of a side, the foremost first */
    private function side(Side $side): array
    {
        $rods = array_values(
            array_filter(
                $this->task->holders,
                static fn (DescribedHolder $holder): bool => $holder->side === $side && $holder->kind === HolderKind::Rod,
            ),
        );
        usort($rods, static fn (DescribedHolder $a, DescribedHolder $b): int => $a->aft <=> $b->aft);

        return $rods;
    }
}
