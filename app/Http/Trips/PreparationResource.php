<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Books\Book;
use Admek\Core\Trip\Criterion;
use Admek\Core\Trip\ForecastHour;
use Admek\Core\Trip\HourFinding;
use Admek\Core\Trip\Lee;
use Admek\Core\Trip\StoreItem;
use Admek\Core\Trip\TripClock;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Preparing\Preparation;

/** Where a trip's preparation stands, as the page shows it. */
final class PreparationResource
{
    /**
     * @param  ?int  $now  minutes after midnight of the trip's day by the port's clock; null where nobody asks what is late
     * @return array<string, mixed>
     */
    public static function of(Preparation $preparation, ?int $now): array
    {
        $units = Units::from($preparation->boat->units);
        $clock = $preparation->clock;

        return [
            'clock' => array_map(
                TripClock::clock(...),
                [
                    'cast_off' => $clock->castOff,
                    'lines_in' => $clock->linesIn,
                    'leave' => $clock->leave,
                    'back_by' => $clock->backBy,
                ],
            ),
            'hours_fished' => round($clock->hoursFished(), 2),
            'timeline' => array_map(
                static fn (array $entry): array => self::chore($entry, $now, $preparation->boat), $preparation->timeline->entries,
            ),
            'dropped' => array_map(
                static fn (array $entry): array => self::chore($entry, $now, $preparation->boat), $preparation->timeline->dropped,
            ),
            'stores' => array_map(static fn (StoreItem $item): array => self::item($item, $units), $preparation->stores()),
            'go' => self::go($preparation),
        ];
    }

    /**
     * @param  array{chore: \Admek\Core\Trip\Chore, said: ?\App\Models\Chore}  $entry
     * @return array<string, mixed>
     */
    private static function chore(array $entry, ?int $now, Boat $boat): array
    {
        ['chore' => $chore, 'said' => $said] = $entry;

        return [
            'key' => $chore->key, 'what' => $chore->what, 'at' => $chore->at, 'clock' => TripClock::clock($chore->at),
            'day' => (int) floor($chore->at / 1440),
            'minutes' => $chore->minutes, 'owner' => $chore->owner, 'why' => $boat->say($chore->why),
            'caution' => $chore->caution,
            'own' => $said?->what !== null, 'moved' => $said?->what === null && $said?->at !== null,
            'done_at' => $said?->done_at?->toIso8601ZuluString(),
            'state' => match (true) {
                $said?->done_at !== null => 'done',
                $now === null => 'coming',
                default => $chore->stateAt($now),
            },
        ];
    }

    /** @return array<string, mixed> */
    private static function item(StoreItem $item, Units $units): array
    {
        return [
            'key' => $item->key, 'name' => $item->name, 'counted' => $item->counted, 'needed' => $item->needed,
            'aboard' => $item->aboard, 'to_buy' => $item->toBuy(),
            'needed_said' => $item->say($item->needed, $units), 'to_buy_said' => $item->say($item->toBuy(), $units),
            'why' => $item->why->in($units),
        ];
    }

    /** @return array<string, mixed> */
    private static function go(Preparation $preparation): array
    {
        $go = $preparation->go;
        $entered = $preparation->trip->forecast;

        return [
            'verdict' => $go->verdict->value,
            'worst' => array_map(
                static fn (HourFinding $finding): array => [
                    'verdict' => $finding->verdict->value, 'said' => $preparation->boat->say($finding->sentence()),
                ],
                $go->worst,
            ),
            'fit_until' => $go->fitUntil === null ? null : TripClock::clock($go->fitUntil),
            'whole' => array_map(
                static fn (HourFinding $finding): array => self::finding($finding, $preparation->boat), $go->whole,
            ),
            'hours' => array_map(static fn (array $hour): array => [
                'clock' => TripClock::clock($hour['at']), 'phase' => $hour['phase'], 'verdict' => $hour['verdict']->value,
                'findings' => array_map(
                    static fn (HourFinding $finding): array => self::finding($finding, $preparation->boat), $hour['findings'],
                ),
            ], $go->hours),
            'lee' => $preparation->boat->say(
                Lee::of($preparation->forecast, $preparation->clock, $preparation->boat->book(Book::Go)),
            ),
            'forecast' => $entered === null ? null : [
                'source' => $entered['source'], 'issued' => $entered['issued'], 'entered_at' => $entered['entered_at'],
                'hours' => array_map(
                    static fn (ForecastHour $hour): array => get_object_vars($hour) + ['clock' => TripClock::clock($hour->at)],
                    $preparation->forecast,
                ),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function finding(HourFinding $finding, Boat $boat): array
    {
        $units = Units::from($boat->units);
        $quantity = $finding->criterion->quantity();

        return [
            'criterion' => $finding->criterion->value, 'name' => $finding->criterion->label(),
            'verdict' => $finding->verdict->value, 'unit' => $quantity === null ? null : $units->unit($quantity),
            'figure' => match (true) {
                $finding->value === null => null,
                $finding->criterion === Criterion::Front => is_finite($finding->value)
                    ? $boat->clock_face->say((int) $finding->value) : 'no',
                $quantity === null => $finding->value > 0.0 ? 'yes' : 'no',
                default => $units->figure($quantity, $finding->value),
            },
            'sentence' => $boat->say($finding->sentence()),
        ];
    }
}
