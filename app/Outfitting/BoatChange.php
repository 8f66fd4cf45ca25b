<?php

declare(strict_types=1);

namespace App\Outfitting;

use Admek\Core\Boat\Rail;
use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Refit;
use Admek\Core\Tackle\Described\DescribedHolder;
use App\Models\Boat;
use App\Models\Conflict;
use App\Models\Holder;
use App\Models\Layout;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\Locker;
use App\Rigging\TripLimits;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * A boat as she is to be, beside what she is: what it does to spreads already planned, and its keeping. Trips of days gone by
 * keep the boat they were fished with.
 */
final readonly class BoatChange
{
    private const FIGURES = ['length', 'beam', 'mast_aft', 'mast_height'];

    /**
     * @param  array<string, mixed>  $figures  columns of boats
     * @param  array<int, DescribedHolder>  $kept  of her holders, by id
     * @param  list<array{id: ?int, holder: DescribedHolder}>  $rail  port bow round the stern
     */
    private function __construct(
        private Boat $boat, private array $figures, private array $kept, private array $rail, private string $today,
    ) {
    }

    /**
     * @param  array<string, mixed>  $entered  validated
     *
     * @throws InvalidValue naming the field
     */
    public static function of(Boat $boat, array $entered): self
    {
        $described = $kept = $ids = [];
        $known = $boat->holders()->pluck('id')->all();
        foreach (array_values($entered['holders']) as $i => $row) {
            $holder = Holder::ofRow((object) $row);
            $id = $row['id'] ?? null;
            if ($id !== null && (! in_array($id, $known, true) || isset($kept[$id]))) {
                throw InvalidValue::because("holders.{$i}.id", 'the id of one of her holders, once');
            }
            if ($id !== null) {
                $kept[$id] = $holder;
            }
            $described[] = $holder;
            $ids[spl_object_id($holder)] = $id;
        }
        $rail = array_map(static fn (DescribedHolder $holder): array => [
            'id' => $ids[spl_object_id($holder)], 'holder' => $holder,
        ], Rail::of($described)->holders);
        unset($entered['holders']);

        return new self($boat, $entered, $kept, $rail, now($boat->timezone)->format('Y-m-d'));
    }

    /** @return list<array{trip: Trip, refit: Refit}> what it does to each spread that is planned for today or later */
    public function does(): array
    {
        $does = [];
        foreach ($this->upcoming() as $trip) {
            $refit = $this->refit($trip);
            if ($refit !== null && ! $refit->isSlight()) {
                $does[] = ['trip' => $trip, 'refit' => $refit];
            }
        }

        return $does;
    }

    /** @throws Conflict where another device has changed her since */
    public function keep(int $version): void
    {
        $claimed = Boat::query()->whereKey($this->boat->id)->where('version', $version)->update(['version' => $version + 1]);
        if ($claimed === 0) {
            throw Conflict::ofBoat(Boat::query()->findOrFail($this->boat->id)->version);
        }
        foreach ($this->upcoming() as $trip) {
            $this->keepSpread($trip);
        }
        $this->keepAsSheWas();
        $this->boat->refresh()->update($this->figures);
        $this->keepRail();
    }

    /** @return Collection<int, Trip> */
    private function upcoming(): Collection
    {
        return $this->boat->trips()->whereNull('layout_id')->whereDate('date', '>=', $this->today)
            ->with(['spreads.lines'])->orderBy('date')->orderBy('lines_in')->get();
    }

    /** Null where nothing is planned, or nothing that can be rigged. */
    private function refit(Trip $trip): ?Refit
    {
        $spread = $trip->spreads->first();
        if ($spread === null || $spread->lines->isEmpty()) {
            return null;
        }
        $locker = Locker::of($this->boat);
        try {
            $before = $locker->plan($spread->rows());
        } catch (InvalidValue) {
            return null;
        }
        $holders = [];
        foreach ($this->boat->holders as $holder) {
            $holders[$holder->code] = $this->kept[$holder->id] ?? null;
        }

        return Refit::of(
            $before, $holders, $this->mast(), $trip->conditions($spread->speed),
            TripLimits::of($trip, $this->boat),
        );
    }

    /** @return array{float, float, float} */
    private function mast(): array
    {
        return (new Boat($this->figures + $this->boat->only(self::FIGURES)))->mast();
    }

    /** What a holder carried goes with it, and an order of setting knows of it no more. */
    private function keepSpread(Trip $trip): void
    {
        $gone = array_map(strval(...), array_keys($this->refit($trip)->gone ?? []));
        $ids = $this->boat->holders->reject(
            fn (Holder $holder): bool => isset($this->kept[$holder->id]) && ! in_array($holder->code, $gone, true),
        )->pluck('id')->all();
        foreach ($ids === [] ? [] : $trip->spreads as $spread) {
            $left = $spread->lines()->whereIn('holder_id', $ids)->delete()
                + $spread->lines()->whereIn('rides_on', $ids)->delete();
            $order = $spread->setting_order === null ? null : array_values(array_diff($spread->setting_order, $ids));
            if ($left > 0 || $order !== $spread->setting_order) {
                $spread->update(['setting_order' => $order, 'version' => $spread->version + 1]);
            }
        }
    }

    /** Copies of her holders for trips gone by; one that is taken out is kept itself, for what was recorded of it. */
    private function keepAsSheWas(): void
    {
        $before = $this->boat->trips()->whereNull('layout_id')->whereDate('date', '<', $this->today)->pluck('id')->all();
        $taken = $this->boat->holders->reject(fn (Holder $holder): bool => isset($this->kept[$holder->id]));
        if ($taken->isEmpty() && ($before === [] || ! $this->isLaidOutAnew())) {
            return;
        }
        $layout = Layout::query()->create(
            ['boat_id' => $this->boat->id, 'until' => $this->today] + $this->boat->only(self::FIGURES),
        );
        Holder::query()->whereKey($taken->pluck('id'))->update(['layout_id' => $layout->id]);
        if ($before === []) {
            return;
        }
        $copies = [];
        foreach ($this->boat->holders->diff($taken) as $holder) {
            $copy = $holder->replicate();
            $copy->forceFill(['layout_id' => $layout->id])->save();
            $copies[$holder->id] = $copy->id;
        }
        $spreads = Spread::query()->whereIn('trip_id', $before)->get();
        foreach ($copies as $from => $to) {
            foreach (['holder_id', 'rides_on'] as $column) {
                DB::table('spread_lines')->whereIn('spread_id', $spreads->pluck('id'))->where($column, $from)->update(
                    [$column => $to],
                );
            }
        }
        foreach ($spreads->whereNotNull('setting_order') as $spread) {
            $spread->update(['setting_order' => array_map(
                static fn (int $id): int => $copies[$id] ?? $id, $spread->setting_order ?? [],
            )]);
        }
        Trip::query()->whereKey($before)->update(['layout_id' => $layout->id]);
    }

    private function isLaidOutAnew(): bool
    {
        foreach (self::FIGURES as $figure) {
            if (array_key_exists($figure, $this->figures) && (float) $this->figures[$figure] !== $this->boat->{$figure}) {
                return true;
            }
        }
        $is = $this->boat->holders->mapWithKeys(
            static fn (Holder $holder): array => [$holder->id => $holder->described()],
        )->all();

        return $is != $this->kept || count($this->rail) !== count($is);
    }

    private function keepRail(): void
    {
        // Out of one another's way first: codes and places may have been exchanged.
        DB::update(
            "update holders set code = '~' || id, place = place + 1000 where boat_id = ? and layout_id is null",
            [$this->boat->id],
        );
        foreach ($this->rail as $place => ['id' => $id, 'holder' => $holder]) {
            $row = Holder::rowOf($holder) + ['place' => $place];
            $id === null ? $this->boat->holders()->create($row) : Holder::query()->whereKey($id)->update($row);
        }
        $this->boat->unsetRelations();
    }
}
