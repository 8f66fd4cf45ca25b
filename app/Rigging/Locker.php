<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\DescribedBall;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedDiver;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\GearAboard;
use Admek\Core\Tackle\Described\Taught;
use Admek\Core\Tackle\Parts\Attractor;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Towing\Side;
use App\Models\Boat;
use App\Models\Gear\Ball;
use App\Models\Gear\Board;
use App\Models\Gear\Diver;
use App\Models\Gear\Lure;
use App\Models\Gear\Reel;
use App\Models\Holder;
use App\Models\Trip;

/**
 * The boat's gear by record id. Here alone the rows that are sent and stored, which name holders and gear by their ids,
 * become described lines, and described lines rows.
 */
final readonly class Locker
{
    /**
     * @param  array<int, DescribedHolder>  $holders  port bow round the stern
     * @param  array<int, DescribedReel>  $reels
     * @param  array<int, DescribedBall>  $balls
     * @param  array<int, DescribedDiver>  $divers
     * @param  array<int, DescribedBoard>  $boards
     * @param  array<int, DescribedLure>  $lures
     * @param  array{float, float, float}  $mast
     * @param  ?SoundedGear  $sounded  null where nothing is sounded, or it is not gone by
     */
    private function __construct(
        private array $holders,
        private array $reels,
        private array $balls,
        private array $divers,
        private array $boards,
        private array $lures,
        public array $mast,
        private Boat $boat,
        private ?Taught $taught = null,
        public ?SoundedGear $sounded = null,
    ) {
    }

    /**
     * By what her soundings have taught of the gear.
     *
     * @param  Boat  $boat  as she is, or as she was on a trip ({@see Boat::asOn()})
     * @param  ?Trip  $trip  whose lines they are: its own water is known by what was sounded on it
     */
    public static function of(Boat $boat, ?Trip $trip = null): self
    {
        return self::with($boat, StowedRows::holders($boat))->taught($trip);
    }

    /** With every holder she ever had: what was recorded is taken whatever has become of its holder since. */
    public static function ever(Boat $boat, ?Trip $trip = null): self
    {
        return self::with($boat, StowedRows::holders($boat, ever: true))->taught($trip);
    }

    private function taught(?Trip $trip): self
    {
        if (! SoundedGear::areTaken($this->boat)) {
            return $this;
        }
        $sounded = SoundedGear::of(
            $this->boat, $this->by(null, null, StowedRows::holders($this->boat, ever: true)),
        );

        return $this->by($sounded->learnt($trip), $sounded, $this->holders);
    }

    /** The same by default figures. */
    public function untaught(): self
    {
        return $this->by(null, null, $this->holders);
    }

    /** @param  array<int, DescribedHolder>  $holders */
    private function by(?Taught $taught, ?SoundedGear $sounded, array $holders): self
    {
        return new self(
            $holders, array_map(static fn (DescribedReel $reel): DescribedReel => $reel->taught($taught), $this->reels),
            $this->balls, $this->divers, $this->boards, $this->lures, $this->mast, $this->boat, $taught, $sounded,
        );
    }

    /** @param  array<int, DescribedHolder>  $holders */
    private static function with(Boat $boat, array $holders): self
    {
        return new self(
            $holders,
            StowedRows::of($boat, Reel::TABLE, Reel::ORDER, Reel::ofRow(...)),
            StowedRows::of($boat, Ball::TABLE, Ball::ORDER, Ball::ofRow(...)),
            StowedRows::of($boat, Diver::TABLE, Diver::ORDER, Diver::ofRow(...)),
            StowedRows::of($boat, Board::TABLE, Board::ORDER, Board::ofRow(...)),
            StowedRows::of($boat, Lure::TABLE, Lure::ORDER, Lure::ofRow(...)),
            $boat->mast(),
            $boat,
        );
    }

    /** Changes with any holder or piece in it, and with what is learnt of them. */
    public function version(): string
    {
        $reels = array_map(static fn (DescribedReel $reel): DescribedReel => $reel->taught(null), $this->reels);

        return hash('xxh3', serialize([
            $this->holders, $reels, $this->balls, $this->divers, $this->boards, $this->lures, $this->mast,
            $this->taught === null ? null : $this->sounded?->version,
        ]));
    }

    /**
     * Rows as one plan.
     *
     * @param  list<array<string, mixed>>  $rows
     *
     * @throws InvalidValue whose field is lines.{index}.{field}
     */
    public function plan(array $rows): SpreadPlan
    {
        $described = $this->lines($rows);
        try {
            return SpreadPlan::of($described, $this->mast);
        } catch (InvalidValue $invalid) {
            // The core asks for a part; here it is chosen by the id of its record.
            throw $invalid->named(
                preg_replace('/\.(ball|diver|board|reel|lure|holder)$/', '.$1_id', $invalid->field) ?? $invalid->field,
            );
        }
    }

    /**
     * Rows as the plan of those that can be rigged beside one another.
     *
     * @param  list<array<string, mixed>>  $rows
     *
     * @throws InvalidValue whose field is lines.{index}.{field}, where one is of what there is not
     */
    public function ablePlan(array $rows): SpreadPlan
    {
        return SpreadPlan::ofAble($this->lines($rows), $this->mast)[0];
    }

    /**
     * Rows as described lines, whether or not they can be rigged so.
     *
     * @param  list<array<string, mixed>>  $rows
     * @return list<DescribedLine>
     *
     * @throws InvalidValue whose field is lines.{index}.{field}
     */
    public function lines(array $rows): array
    {
        $described = [];
        foreach ($rows as $i => $row) {
            try {
                $described[] = $this->line($row);
            } catch (InvalidValue $invalid) {
                throw $invalid->within("lines.{$i}");
            }
        }

        return $described;
    }

    /**
     * The rows of a plan's lines.
     *
     * @param  list<DescribedLine>  $lines
     * @return list<array<string, mixed>>
     *
     * @throws InvalidValue naming what is not aboard
     */
    public function rows(array $lines): array
    {
        return array_map($this->row(...), $lines);
    }

    /**
     * @return array<string, mixed> every column of it
     *
     * @throws InvalidValue naming what is not aboard
     */
    public function row(DescribedLine $line): array
    {
        return [
            'holder_id' => ById::named($this->holders, $line->holder->code, 'holder_id'),
            'reel_id' => ById::named($this->reels, $line->reel->name, 'reel_id'),
            'lure_id' => ById::named($this->lures, $line->lure->name, 'lure_id'),
            'ball_id' => $line->ball === null ? null : ById::named($this->balls, $line->ball->name, 'ball_id'),
            'diver_id' => $line->diver === null ? null : ById::named($this->divers, $line->diver->name, 'diver_id'),
            'board_id' => $line->board === null ? null : ById::named($this->boards, $line->board->name, 'board_id'),
            'rides_on' => $line->ridesOn === null ? null : ById::named($this->holders, $line->ridesOn, 'rides_on'),
        ] + LineColumns::of($line);
    }

    /** What new lines are rigged from: nothing retired. */
    public function gear(): GearAboard
    {
        $in = fn (string $table, array $gear): array => array_values(
            array_diff_key($gear, array_flip(StowedRows::retired($this->boat, $table))),
        );

        return new GearAboard(
            $in(Reel::TABLE, $this->reels), $in(Lure::TABLE, $this->lures), $in(Ball::TABLE, $this->balls),
            $in(Diver::TABLE, $this->divers), $in(Board::TABLE, $this->boards),
        );
    }

    /** @return list<DescribedHolder> port bow round the stern */
    public function holders(): array
    {
        return array_values($this->holders);
    }

    /**
     * @param  string  $field  that names it
     *
     * @throws InvalidValue when there is none
     */
    public function holder(mixed $id, string $field = 'holder_id'): DescribedHolder
    {
        return ById::one($this->holders, $id, $field, 'a holder of this boat');
    }

    /** @throws InvalidValue when there is none */
    public function reel(mixed $id): DescribedReel
    {
        return ById::one($this->reels, $id, 'reel_id', 'a reel in the locker');
    }

    /**
     * @param  array<string, mixed>  $row
     *
     * @throws InvalidValue naming the field whose record there is not
     */
    private function line(array $row): DescribedLine
    {
        return new DescribedLine(
            $this->holder($row['holder_id'] ?? null),
            LineColumns::word($row, 'presentation', Presentation::class) ?? throw InvalidValue::because('presentation', 'given'),
            $this->reel($row['reel_id'] ?? null),
            ById::one($this->lures, $row['lure_id'] ?? null, 'lure_id', 'a lure in the locker'),
            LineColumns::figures($row),
            ById::chosen($this->balls, $row, 'ball_id', 'a ball in the locker'),
            ById::chosen($this->divers, $row, 'diver_id', 'a diver in the locker'),
            ById::chosen($this->boards, $row, 'board_id', 'a board in the locker'),
            isset($row['rides_on']) ? $this->holder($row['rides_on'], 'rides_on')->code : null,
            LineColumns::word($row, 'leader_material', Material::class),
            LineColumns::word($row, 'attractor', Attractor::class),
            LineColumns::word($row, 'dial_side', Side::class),
            LineColumns::word($row, 'cable', Material::class),
            array_map(floatval(...), $row['overrides'] ?? []),
        );
    }
}
