<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Records\Sounding as Read;
use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\Doubt\Doubt;
use Admek\Core\Towing\Medium\Current;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\Turn;
use Admek\Core\TrueUp\Learnt;
use Admek\Core\TrueUp\Owners;
use Admek\Core\TrueUp\Sounded;
use Admek\Core\TrueUp\TrueUp;
use App\Models\Boat;
use App\Models\Trip;
use Illuminate\Support\Facades\DB;
use stdClass;

/** A boat's soundings as they are fitted: each rigged anew by the gear as it is told now, and what they teach together. */
final class SoundedGear
{
    /** Between what a figure is of and when it was forgotten: what was sounded until then speaks of another thing. */
    public const BEFORE = ', before ';

    /** @var ?array<int, Sounded> */
    private ?array $rigged = null;

    /** @var array<int, list<DescribedLine>> each with those it hangs with, by the sounding's id */
    private array $lines = [];

    /**
     * @param  list<stdClass>  $rows  of soundings
     * @param  list<stdClass>  $marks  of figures
     * @param  string  $version  of all it follows from
     */
    private function __construct(
        private readonly array $rows, private readonly array $marks, private readonly Locker $locker,
        public readonly string $version,
    ) {
    }

    /** @param  Locker  $locker  by default figures, with every holder she ever had */
    public static function of(Boat $boat, Locker $locker): self
    {
        $rows = self::rows($boat);
        $marks = array_values(DB::table('figure_marks')->where('boat_id', $boat->id)->orderBy('id')->get()->all());

        return new self($rows, $marks, $locker, hash('xxh128', serialize([$locker->version(), $rows, $marks])));
    }

    public static function areTaken(Boat $boat): bool
    {
        return DB::table('soundings')->where('boat_id', $boat->id)->exists();
    }

    /** @return list<stdClass> */
    private static function rows(Boat $boat): array
    {
        return array_values(DB::table('soundings')->where('boat_id', $boat->id)->orderBy('id')->get()->all());
    }

    /** Worked out once for all who ask. */
    public function known(): TrueUp
    {
        return resolve(TrueUpShelf::class)->known(
            $this->version, fn (): TrueUp => TrueUp::of(array_values($this->sounded())),
        );
    }

    /** For lines of a trip; of the gear alone without one. */
    public function learnt(?Trip $trip): Learnt
    {
        $aside = array_filter($this->marks, static fn (stdClass $mark): bool => (bool) $mark->aside);

        return new Learnt($this->known(), (string) $trip?->id, array_values(array_map(
            static fn (stdClass $mark): string => TrueUp::key($mark->figure, $mark->owner), $aside,
        )));
    }

    /** @return array<int, Sounded> by the sounding's id; none that the gear, as it is told now, does not do for */
    public function sounded(): array
    {
        if ($this->rigged !== null) {
            return $this->rigged;
        }
        $this->rigged = [];
        foreach ($this->rows as $row) {
            try {
                $this->rigged[(int) $row->id] = $this->one($row);
            } catch (InvalidValue) {
                continue;
            }
        }

        return $this->rigged;
    }

    /** @throws InvalidValue where it cannot be rigged so */
    private function one(stdClass $row): Sounded
    {
        $told = json_decode((string) $row->circumstances, true) ?? [];
        $this->lines[(int) $row->id] = $lines = $this->locker->lines(
            [json_decode($row->set_up, true), ...array_values($told['beside'] ?? [])],
        );
        $planned = SpreadPlan::of($lines, $this->locker->mast)->lines[0];
        $owners = Owners::of(
            $lines[0], $planned->rig, $row->trip_id === null ? 'on '.substr($row->taken_at, 0, 10) : (string) $row->trip_id,
        );
        foreach ($this->marks as $mark) {
            if ($mark->forgotten_at >= $row->taken_at && ($owners[$mark->figure] ?? null) === $mark->owner) {
                $owners[$mark->figure] = $mark->owner.self::BEFORE.$mark->forgotten_at;
            }
        }

        return new Sounded(
            (string) $row->id, $planned, self::conditions((float) $row->speed, $told), $owners, (float) $row->depth,
            SoundingMethod::from($row->method)->deviation(), (bool) $row->confirmed,
        );
    }

    /**
     * @param  array<string, mixed>  $told  {@see circumstances()}
     *
     * @throws InvalidValue
     */
    private static function conditions(float $speed, array $told): Conditions
    {
        $turn = $told['turn'] ?? null;
        $current = $told['current'] ?? null;

        return new Conditions(
            $speed, $turn === null ? null : new Turn((float) $turn['radius'], Side::from($turn['side'])),
            $told['density'] ?? Rig::FRESH_WATER,
            $current === null ? null : Current::of((float) $current['heading'], array_values(array_map(
                // A whole number is none of JSON's own kind.
                static fn (array $layer): array => [
                    'depth' => (float) $layer['depth'], 'set' => (float) $layer['set'], 'drift' => (float) $layer['drift'],
                ],
                $current['layers'],
            ))),
        );
    }

    /**
     * The line of a sounding, by what is learnt, with each other lure aboard on it.
     *
     * @return array<string, PlannedLine> by the lure's name; none that cannot be rigged so
     */
    public function pulling(int $id): array
    {
        $lines = $this->lines[$id];
        $others = [];
        foreach ($this->locker->gear()->lures as $lure) {
            if ($lure->name === $lines[0]->lure->name) {
                continue;
            }
            try {
                $line = $lines[0]->pulling($lure);
                $planned = SpreadPlan::of([$line, ...array_slice($lines, 1)], $this->locker->mast)->lines[0];
                $owners = array_replace($this->sounded()[$id]->owners, array_fill_keys(
                    [Doubt::LureDrag->value, Doubt::LureDive->value], Owners::piece(GearForm::Lures, $lure->name),
                ));
                $others[$lure->name] = $planned->withTrued($this->known()->trued($owners));
            } catch (InvalidValue) {
                continue;
            }
        }

        return $others;
    }

    /**
     * Keeps a depth with all the line was towed in.
     *
     * @param  string  $at  UTC
     * @param  array<string, mixed>  $row  of the line
     * @param  list<array<string, mixed>>  $beside  rows of the lines it hangs with
     * @param  ?string  $event  that told it, on Watch
     * @return int the id it is kept under
     */
    public static function take(
        Boat $boat, Trip $trip, string $at, SoundingMethod $by, Read $read, array $row, array $beside, Conditions $conditions,
        ?string $event = null,
    ): int {
        $row = array_filter($row, static fn (mixed $figure): bool => $figure !== null);

        return $boat->soundings()->create([
            'taken_at' => $at, 'method' => $by->value, 'depth' => $read->depth, 'model_depth' => $read->modelDepth,
            'speed' => $read->speed, 'set_up' => $row, 'trip_id' => $trip->id,
            'circumstances' => self::circumstances($conditions, $beside), 'event' => $event,
        ] + array_intersect_key($row, array_flip(['presentation', 'reel_id', 'lure_id'])))->id;
    }

    /**
     * All a line was towed in, beside its speed, as it is kept.
     *
     * @param  list<array<string, mixed>>  $beside  rows of the lines it hangs with
     * @return array<string, mixed>
     */
    private static function circumstances(Conditions $conditions, array $beside): array
    {
        return [
            'density' => $conditions->density, 'beside' => $beside,
            'turn' => $conditions->turn === null
                ? null : ['radius' => $conditions->turn->radius, 'side' => $conditions->turn->side->value],
            'current' => $conditions->current === null ? null : [
                'heading' => $conditions->current->heading, 'layers' => $conditions->current->layers,
            ],
        ];
    }
}
