<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\GearAboard;
use Admek\Core\Tackle\Described\Taught;
use App\Models\Boat;
use App\Models\Gear\Ball;
use App\Models\Gear\Board;
use App\Models\Gear\Diver;
use App\Models\Gear\Lure;
use App\Models\Gear\Reel;
use App\Models\Holder;
use App\Models\Trip;

/**
 * The boat's gear, and plans of the rows that are sent and stored, which name holders and gear by their ids, by what her
 * soundings have taught.
 */
final readonly class Locker
{
    public const HOLDER = 'a holder of this boat';

    public const REEL = 'a reel in the locker';

    /**
     * @param  array{float, float, float}  $mast
     * @param  ?SoundedGear  $sounded  null where nothing is sounded, or it is not gone by
     */
    private function __construct(
        private Stowed $stowed, public array $mast, private Boat $boat, public ?SoundedGear $sounded = null,
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
        return self::with($boat, StowedRows::holders($boat), $trip);
    }

    /** With every holder she ever had: what was recorded is taken whatever has become of its holder since. */
    public static function ever(Boat $boat, ?Trip $trip = null): self
    {
        return self::with($boat, StowedRows::holders($boat, ever: true), $trip);
    }

    /** @param  array<int, DescribedHolder>  $holders */
    private static function with(Boat $boat, array $holders, ?Trip $trip): self
    {
        $plain = new self(Stowed::aboard($boat, $holders), $boat->mast(), $boat);
        if (! SoundedGear::areTaken($boat)) {
            return $plain;
        }
        $ever = new self($plain->stowed->in(StowedRows::holders($boat, ever: true)), $plain->mast, $boat);
        $sounded = SoundedGear::of($boat, $ever);

        return new self($plain->stowed->taught($sounded->learnt($trip)), $plain->mast, $boat, $sounded);
    }

    /** The same by default figures. */
    public function untaught(): self
    {
        return new self($this->stowed->taught(null), $this->mast, $this->boat);
    }

    /** Changes with any holder or piece in it, and with what is learnt of them. */
    public function version(): string
    {
        return hash('xxh3', serialize([$this->stowed->taught(null), $this->mast, $this->sounded?->version]));
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
                $described[] = $this->stowed->line($row);
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
        return array_map($this->stowed->row(...), $lines);
    }

    /**
     * @return array<string, mixed> every column of it
     *
     * @throws InvalidValue naming what is not aboard
     */
    public function row(DescribedLine $line): array
    {
        return $this->stowed->row($line);
    }

    /** What new lines are rigged from: nothing retired. */
    public function gear(): GearAboard
    {
        $in = fn (string $table, array $gear): array => array_values(
            array_diff_key($gear, array_flip(StowedRows::retired($this->boat, $table))),
        );

        return new GearAboard(
            $in(Reel::TABLE, $this->stowed->reels), $in(Lure::TABLE, $this->stowed->lures),
            $in(Ball::TABLE, $this->stowed->balls), $in(Diver::TABLE, $this->stowed->divers),
            $in(Board::TABLE, $this->stowed->boards),
        );
    }

    /** @return list<DescribedHolder> port bow round the stern */
    public function holders(): array
    {
        return array_values($this->stowed->holders);
    }

    /**
     * @param  string  $field  that names it
     *
     * @throws InvalidValue when there is none
     */
    public function holder(mixed $id, string $field = 'holder_id'): DescribedHolder
    {
        return ById::one($this->stowed->holders, $id, $field, self::HOLDER);
    }

    /** @throws InvalidValue when there is none */
    public function reel(mixed $id): DescribedReel
    {
        return ById::one($this->stowed->reels, $id, 'reel_id', self::REEL);
    }
}
