<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Fish\LureFamilies;
use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\LineBuilder;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\Control;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Units\Units;

/**
 * How the rods of a side share the work: so many boards from the foremost holder aft, divers in the rest, riggers in the
 * booms, core, wire or a flat line down the middle (docs/rules.md).
 *
 * @phpstan-import-type HolderShape from DraftTask
 * @phpstan-import-type ReelShape from DraftTask
 * @phpstan-import-type LureShape from DraftTask
 * @phpstan-import-type BallShape from DraftTask
 * @phpstan-import-type SizedShape from DraftTask
 */
final class Pattern
{
    /** ft of front line by how many boards ride on a side, outside first. */
    private const BOARDS = [1 => [110], 2 => [130, 85], 3 => [150, 110, 70], 4 => [170, 135, 100, 65], 5 => [190, 155, 125, 95, 65]];

    /** Dials of divers from the foremost aft: the widest outside. */
    private const DIALS = [1 => [2.0], 2 => [3.0, 1.5], 3 => [3.5, 2.0, 0.5]];

    /** ft of lead below and above which a rigger fishes shallow. */
    private const SHALLOW = 12.0;

    /** m between two releases on one cable. */
    public const STACK_APART = 10 * Units::FOOT;

    private const LEADER = ['leader_length' => 6 * Units::FOOT, 'leader_test' => 25, 'leader_material' => Material::Fluorocarbon->value];

    /** m of tow line to a mast board. */
    private const MAST_OUT = 200 * Units::FOOT;

    /** @var array<string, list<Option>> */
    private array $made = [];

    public function __construct(private readonly DraftTask $task, private readonly SpreadSolver $solver)
    {
    }

    /** Fewest boards a side runs: beyond three divers the rest must go outside them, if there are boards. */
    public function leastBoards(): int
    {
        return max(0, min($this->mostBoards(), max(count($this->side('port')), count($this->side('starboard'))) - count(self::DIALS)));
    }

    /** Most boards a side could run. */
    public function mostBoards(): int
    {
        return $this->task->gear['board'] === [] ? 0 : min(5, max(count($this->side('port')), count($this->side('starboard'))));
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
                $options[$holder['code']] = $made;
            }
        }

        return $options;
    }

    /**
     * @param  HolderShape  $holder
     * @return list<Option>
     */
    private function forHolder(array $holder, int $boards): array
    {
        if ($holder['kind'] === 'boom') {
            return $this->cached($holder, 'rigger', fn (): array => $this->rigger($holder));
        }
        if ($holder['side'] === 'centre') {
            return $this->cached($holder, 'middle', fn (): array => $this->trailing($holder, null, 'middle'));
        }
        $side = array_column($this->side($holder['side']), 'code');
        $place = (int) array_search($holder['code'], $side, true);
        $boards = min($boards, count($side));
        if ($place < $boards) {
            $out = self::BOARDS[$boards][$place] * Units::FOOT;

            return $this->cached($holder, "board {$out}", fn (): array => $this->trailing($holder, $out, $place === 0 ? 'outside_board' : 'inside_board'));
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
     * @param  HolderShape  $holder
     * @return list<Option> a release on the cable of each rigger of its side, or of the middle
     */
    private function stacked(array $holder): array
    {
        $options = [];
        $reel = $this->reel(Presentation::Stacker);
        $lure = $this->lure(false);
        foreach ($reel === null || $lure === null ? [] : $this->task->holders as $boom) {
            if ($boom['kind'] !== 'boom' || ! in_array($boom['side'], [$holder['side'], 'centre'], true)) {
                continue;
            }
            foreach ($this->cached($boom, 'rigger', fn (): array => $this->rigger($boom)) as $host) {
                if ($host->role === 'deep_rigger') {
                    $line = [
                        'holder' => $holder, 'presentation' => Presentation::Stacker->value, 'reel' => $reel, 'lure' => $lure,
                        'rides_on' => $boom['code'], 'above' => self::STACK_APART, 'lead' => 15 * Units::FOOT,
                    ] + self::LEADER;
                    $options[] = new Option($line, self::STACK_APART, $host->deepest - self::STACK_APART, 'stacked_release', false, $boom['code']);
                }
            }
        }

        return $options;
    }

    /**
     * @param  HolderShape  $holder
     * @return list<Option>
     */
    private function rigger(array $holder): array
    {
        $options = [];
        $balls = $this->task->gear['ball'];
        usort($balls, static fn (array $a, array $b): int => $a['mass'] <=> $b['mass']);
        $ball = $balls[max(0, count($balls) - 2)] ?? null;
        $reel = $this->reel(Presentation::Rigger);
        if ($ball === null || $reel === null) {
            return [];
        }
        foreach ([['deep_rigger', 20.0], ['long_lead_rigger', 80.0]] as [$role, $lead]) {
            $option = $this->option($holder, Presentation::Rigger, $reel, $role, ['ball' => $ball, 'let_out' => 10.0, 'lead' => $lead * Units::FOOT]);
            if ($option !== null) {
                // A long lead is for water the boat is over and felt in; below that a short one follows the ball.
                $options[] = $role === 'deep_rigger'
                    ? new Option($option->line, max($option->shallowest, self::SHALLOW), $option->deepest, $role, false)
                    : new Option($option->line, $option->shallowest, min($option->deepest, self::SHALLOW), $role, false);
            }
        }

        return $options;
    }

    /**
     * @param  HolderShape  $holder
     * @return list<Option>
     */
    private function diver(array $holder, float $dial): array
    {
        $reel = $this->reel(Presentation::Diver);
        $plates = $this->task->gear['diver'];
        $large = array_values(array_filter($plates, static fn (array $plate): bool => $plate['size'] === 'large'));
        $options = [];
        if ($reel === null) {
            return [];
        }
        foreach (array_slice($large === [] ? $plates : $large, 0, 2) as $plate) {
            $options[] = $this->option($holder, Presentation::Diver, $reel, $dial >= 2.0 ? 'wide_diver' : 'steep_diver', ['diver' => $plate, 'dial' => $dial, 'let_out' => 30.0]);
        }

        return array_values(array_filter($options));
    }

    /**
     * What runs straight behind, or behind a board: a diving lure flat, then ever more colours, then wire.
     *
     * @param  HolderShape  $holder
     * @param  ?float  $boardOut  m
     * @return list<Option>
     */
    private function trailing(array $holder, ?float $boardOut, string $role): array
    {
        $board = $boardOut === null ? [] : $this->board($boardOut);
        $options = [];
        $flat = $this->reel(Presentation::Flat);
        if ($flat !== null) {
            $options[] = $this->option($holder, Presentation::Flat, $flat, $role, $board + ['let_out' => 30.0], dives: true);
        }
        $cores = $this->reels(Presentation::Core);
        usort($cores, static fn (array $a, array $b): int => ($a['colours'] ?? 10) <=> ($b['colours'] ?? 10));
        foreach ($cores as $core) {
            $options[] = $this->option($holder, Presentation::Core, $core, $role, $board + ['colours' => 1.0, 'backing' => 0.0]);
        }
        foreach ($boardOut === null ? $this->reels(Presentation::Wire) : [] as $wire) {
            $options[] = $this->option($holder, Presentation::Wire, $wire, $role, ['let_out' => 20.0, 'backing' => 0.0]);
        }

        return array_values(array_filter($options));
    }

    /**
     * @param  HolderShape  $holder
     * @param  ReelShape  $reel
     * @param  array<string, mixed>  $figures
     * @return ?Option null where this gear does not run
     */
    private function option(array $holder, Presentation $presentation, array $reel, string $role, array $figures, bool $dives = false): ?Option
    {
        $lure = $this->lure($dives);
        if ($lure === null) {
            return null;
        }
        $line = [
            'holder' => $holder, 'presentation' => $presentation->value, 'reel' => $reel, 'lure' => $lure,
        ] + $figures + self::LEADER;
        try {
            $planned = LineBuilder::all([$line], $this->task->mast)[0];
            $control = $planned->rig->control();
            $depthAt = fn (float $value): float => $this->solver->run($planned->withControl($value), $this->task->conditions, withDoubt: false)->depth();

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
     * @param  HolderShape  $holder
     * @param  callable(): list<Option>  $make
     * @return list<Option>
     */
    private function cached(array $holder, string $what, callable $make): array
    {
        return $this->made["{$holder['code']} {$what}"] ??= $make();
    }

    /** @return list<HolderShape> rods of a side, the foremost first */
    private function side(string $side): array
    {
        $rods = array_values(array_filter($this->task->holders, static fn (array $holder): bool => $holder['side'] === $side && $holder['kind'] === 'rod'));
        usort($rods, static fn (array $a, array $b): int => $a['aft'] <=> $b['aft']);

        return $rods;
    }

    /**
     * A board so far out (m): an in-line one of the larger sort; without any, a clip on the tow line of a mast board.
     *
     * @return array<string, mixed>
     */
    private function board(float $out): array
    {
        $inline = array_values(array_filter($this->task->gear['board'], static fn (array $board): bool => $board['size'] !== 'mast'));

        return $inline === []
            ? ['board' => $this->task->gear['board'][0], 'board_out' => self::MAST_OUT, 'clip_out' => $out]
            : ['board' => $inline[count($inline) - 1], 'board_out' => $out];
    }

    /** @return list<ReelShape> */
    private function reels(Presentation $presentation): array
    {
        return array_values(array_filter($this->task->gear['reel'], static fn (array $reel): bool => $presentation->takesReel(Material::from($reel['material']))));
    }

    /** @return ?ReelShape divers on braid, which is thin; the rest on nylon, which gives */
    private function reel(Presentation $presentation): ?array
    {
        $reels = $this->reels($presentation);
        $wanted = $presentation === Presentation::Diver ? Material::Braid->value : Material::Nylon->value;
        foreach ($reels as $reel) {
            if ($reel['material'] === $wanted) {
                return $reel;
            }
        }

        return $reels[0] ?? null;
    }

    /** @return ?LureShape a lure such as the first species takes, that dives where it must */
    private function lure(bool $dives): ?array
    {
        $kinds = array_map(static fn (LureKind $kind): string => $kind->value, LureFamilies::for($this->task->bands[0]->species));
        $lures = array_values(array_filter($this->task->gear['lure'], static fn (array $lure): bool => LureKind::from($lure['kind'])->dives() === $dives));
        usort($lures, static fn (array $a, array $b): int => [self::rank($a, $kinds), $a['name']] <=> [self::rank($b, $kinds), $b['name']]);

        return $lures[0] ?? null;
    }

    /**
     * @param  LureShape  $lure
     * @param  list<string>  $kinds
     */
    private static function rank(array $lure, array $kinds): int
    {
        $rank = array_search($lure['kind'], $kinds, true);

        return $rank === false ? 99 : (int) $rank;
    }
}
