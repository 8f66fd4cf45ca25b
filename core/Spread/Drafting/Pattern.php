<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Leads;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\HolderKind;
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

    /** Part of how well the best way suits a band with which another is still one to choose from. */
    private const NEARLY = 0.75;

    /** @var array<string, list<Option>> */
    private array $made = [];

    private DraftOptions $ways;

    public function __construct(private readonly DraftTask $task, private readonly SpreadSolver $solver)
    {
        $this->ways = new DraftOptions($task, $solver);
    }

    /** The same with every kind of a piece that does, where there are fewer of the first than rods that want it. */
    public function withEveryKind(): self
    {
        $pattern = new self($this->task, $this->solver);
        $pattern->ways = new DraftOptions($this->task, $this->solver, DraftGear::KINDS);

        return $pattern;
    }

    /** m the outermost board of any pattern is let out. */
    public static function farthestBoard(): float
    {
        return max(array_map(static fn (array $outs): int => $outs[0], self::BOARDS)) * Units::FOOT;
    }

    /** Fewest boards a side runs: beyond three divers the rest must go outside them, if there are boards. */
    public function leastBoards(): int
    {
        return $this->halfEach() ?? max(0, min($this->mostBoards(), $this->longest() - count(self::DIALS)));
    }

    /** Most boards a side could run. */
    public function mostBoards(): int
    {
        return $this->halfEach() ?? ($this->task->gear->boards === [] ? 0 : min(count(self::BOARDS), $this->longest()));
    }

    /** Most lines of each school where both are to be tried: half of all; null where there is but one. */
    public function mostOfEach(): ?int
    {
        return $this->task->muskie()?->school === Leads::Mixed ? intdiv($this->task->mostLines + 1, 2) : null;
    }

    /** Half of a side's rods, where half of them are to run long and half short; null otherwise. */
    private function halfEach(): ?int
    {
        return $this->task->muskie()?->school !== Leads::Mixed || $this->task->gear->boards === []
            ? null : min(count(self::BOARDS), intdiv($this->longest() + 1, 2));
    }

    /** Rods of the side that has more of them. */
    private function longest(): int
    {
        return max(count($this->side(Side::Port)), count($this->side(Side::Starboard)));
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
            return $this->rigger($holder);
        }
        if ($holder->side === null) {
            return $this->cached($holder, 'middle', fn (): array => $this->suited([
                ...$this->ways->close($holder), ...$this->ways->trailing($holder, null, Role::Middle),
            ]));
        }
        $side = array_map(static fn (DescribedHolder $rod): string => $rod->code, $this->side($holder->side));
        $place = (int) array_search($holder->code, $side, true);
        $boards = min($boards, count($side));
        if ($place < $boards) {
            $out = self::BOARDS[$boards][$place] * Units::FOOT;

            return $this->cached(
                $holder,
                "board {$out}",
                fn (): array => $this->suited(
                    $this->ways->trailing($holder, $out, $place === 0 ? Role::OutsideBoard : Role::InsideBoard),
                ),
            );
        }
        $divers = min(count(self::DIALS), count($side) - $boards);
        $dial = self::DIALS[$divers][$place - $boards] ?? null;

        $diver = $dial === null
            ? []
            : $this->cached($holder, "diver {$dial}", fn (): array => $this->ways->diver($holder, $dial));
        $lowest = max(array_map(static fn (DraftBand $band): float => $band->bottom, $this->task->bands));

        // Below what divers get to, and where there are none left: a release stacked on the rigger's cable.
        $stacked = array_filter($diver, static fn (Option $way): bool => $way->deepest >= $lowest) !== [] ? [] : $this->cached(
            $holder, 'stacked', fn (): array => $this->ways->stacked($holder, $this->beside($holder)),
        );

        return $this->suited([
            ...$this->cached($holder, 'close', fn (): array => $this->ways->close($holder)), ...$diver, ...$stacked,
        ]);
    }

    /**
     * The ways that suit one of the bands they get to nearly as well as the best of them does.
     *
     * @param  list<Option>  $ways
     * @return list<Option>
     */
    private function suited(array $ways): array
    {
        $suited = [];
        foreach ($this->task->bands as $at => $band) {
            $there = array_filter($ways, fn (Option $way): bool => $way->serves($band, $this->task->limits->reach));
            $best = max([0.0, ...array_map(static fn (Option $way): float => $way->suits[$at], $there)]);
            $suited += array_filter($there, static fn (Option $way): bool => $way->suits[$at] >= self::NEARLY * $best);
        }
        ksort($suited);

        return $suited === [] ? $ways : array_values($suited);
    }

    /** @return list<Option> */
    private function rigger(DescribedHolder $boom): array
    {
        return $this->cached($boom, 'rigger', fn (): array => $this->ways->rigger($boom));
    }

    /** @return list<Option> riggers of the holder's side, or of the middle */
    private function beside(DescribedHolder $holder): array
    {
        $beside = [];
        foreach ($this->task->holders as $boom) {
            if ($boom->kind === HolderKind::Boom && in_array($boom->side, [$holder->side, null], true)) {
                array_push($beside, ...$this->rigger($boom));
            }
        }

        return $beside;
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
