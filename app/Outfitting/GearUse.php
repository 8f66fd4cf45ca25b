<?php

declare(strict_types=1);

namespace App\Outfitting;

use Admek\Core\Tackle\Catalogue\GearForm;
use App\Models\Boat;
use App\Models\Gear\Reel;
use App\Models\Trip;
use App\Rigging\Locker;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Which trips, and which spreads kept to start from, use a piece of gear. */
final class GearUse
{
    /** kg within which two weights are one. */
    private const ALIKE = 0.0005;

    /**
     * @return array{
     *     planned: list<array{trip: int, date: string, ground: string, holders: list<string>, left: ?float}>, fished: int,
     *     templates: list<string>,
     * }
     */
    public static function of(GearForm $form, Model $piece, Boat $boat): array
    {
        $rows = self::lines($form, $piece)->join('spreads', 'spreads.id', 'spread_lines.spread_id')
            ->join('trips', 'trips.id', 'spreads.trip_id')->join('holders', 'holders.id', 'spread_lines.holder_id')
            ->where('trips.boat_id', $boat->id)->orderBy('trips.date')->orderBy('holders.place')
            ->get(['trips.id as trip', 'trips.date', 'trips.ground', 'holders.code']);
        $today = now($boat->timezone)->format('Y-m-d');
        $planned = $fished = [];
        foreach ($rows as $row) {
            $date = substr((string) $row->date, 0, 10);
            if ($date < $today) {
                $fished[$row->trip] = true;

                continue;
            }
            $planned[$row->trip] ??= [
                'trip' => (int) $row->trip, 'date' => $date, 'ground' => (string) $row->ground, 'holders' => [],
                'left' => $piece instanceof Reel ? self::left($piece, (int) $row->trip, $boat) : null,
            ];
            $planned[$row->trip]['holders'][] = (string) $row->code;
        }
        $part = $form->part();
        $name = $piece->getAttribute('name');
        $templates = [];
        foreach ($part === null ? [] : $boat->templates as $template) {
            foreach ($template->lines as $line) {
                if (($line[$part]['name'] ?? null) === $name) {
                    $templates[$template->name] = true;
                }
            }
        }

        return [
            'planned' => array_values($planned), 'fished' => count($fished),
            'templates' => array_map(strval(...), array_keys($templates)),
        ];
    }

    /** m of line, or of backing, left on a reel where its rod has the most out; null where nobody has told what is on it. */
    private static function left(Reel $reel, int $trip, Boat $boat): ?float
    {
        if ($reel->line_length === null) {
            return null;
        }
        $trip = Trip::query()->with('spreads.lines')->findOrFail($trip);
        $locker = Locker::of($boat->asOn($trip));
        $off = [];
        foreach ($trip->spreads as $spread) {
            $rows = array_filter($spread->rows(), static fn (array $row): bool => $row['reel_id'] === $reel->id);
            foreach ($locker->lines(array_values($rows)) as $line) {
                $off[] = $line->offReel();
            }
        }

        return $off === [] ? null : $reel->line_length - max($off);
    }

    private static function lines(GearForm $form, Model $piece): Builder
    {
        $lines = DB::table('spread_lines');

        return match ($form) {
            GearForm::Weights => $lines->whereBetween('weight_mass', [
                (float) $piece->getAttribute('mass') - self::ALIKE, (float) $piece->getAttribute('mass') + self::ALIKE,
            ]),
            GearForm::Leaders => $lines->where('leader_material', $piece->getAttribute('material'))
                ->where('leader_test', $piece->getAttribute('test')),
            GearForm::Attractors => $lines->where(static fn (Builder $line): Builder => $line
                ->where('attractor_id', $piece->getKey())->orWhere(static fn (Builder $any): Builder => $any
                ->whereNull('attractor_id')->where('attractor', $piece->getAttribute('kind')))),
            default => $lines->where($form->one().'_id', $piece->getKey()),
        };
    }
}
