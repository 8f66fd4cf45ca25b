<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\Books\Book;
use Admek\Core\Day\Bite;
use Admek\Core\Day\Checks;
use Admek\Core\Day\Day;
use Admek\Core\Day\Event;
use Admek\Core\Day\Fish;
use Admek\Core\Day\LineNow;
use Admek\Core\Fish\GirthWeight;
use Admek\Core\Fish\Species;
use App\Days\EventLog;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\KeptEvents;
use App\Models\Trip;
use App\Reading\DayLine;
use Illuminate\Http\JsonResponse;

/** A trip's day as its events tell it: how each line stands and when it is to be looked at, bites, fish, the log. */
final class DayController
{
    public function show(Trip $trip, Boat $boat): JsonResponse
    {
        $log = EventLog::of($trip);
        $day = $log->day();
        $now = (float) now()->format('U.v');

        return new JsonResponse([
            'version' => $log->version(),
            'now' => Moment::told($now),
            'lines' => self::lines($day, Checks::of($day, $boat->book(Book::Day))),
            'bites' => array_map(self::bite(...), array_values($day->bites)),
            'twice' => $day->twice($log->told()),
            'fish' => array_map(
                static fn (string $species, array $fish): array => ['species' => $species === '' ? null : $species] + $fish,
                array_map(strval(...), array_keys($day->fish())), $day->fish(),
            ),
            'line_hours' => round($day->lineHours(KeptEvents::until($trip, $boat, $now)), 3),
            'log' => self::log($day, $log->told()),
        ], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    /** The same on a line of time. */
    public function line(Trip $trip, Boat $boat, Track $track): JsonResponse
    {
        return new JsonResponse((new DayLine($trip, $boat))->told($track), options: JSON_PRESERVE_ZERO_FRACTION);
    }

    /**
     * @param  array<array-key, float>  $due  s since 1970 UTC, by holder
     * @return list<array<string, mixed>>
     */
    private static function lines(Day $day, array $due): array
    {

        return array_map(static fn (LineNow $line): array => [
            'holder' => $line->holder, 'state' => $line->state->value, 'since' => Moment::told($line->since),
            'due' => isset($due[$line->holder]) ? Moment::told($due[$line->holder]) : null,
            'line' => $line->line === null ? null : [
                'holder' => $line->holder, 'reel' => $line->line->reel, 'lure' => $line->line->lure,
                'finish' => $line->line->finish, 'set_up' => $line->line->setUp,
            ],
            'bite' => $line->bite,
        ], array_values($day->lines));
    }

    /** @return array<string, mixed> */
    private static function bite(Bite $bite): array
    {
        return [
            'uuid' => $bite->id, 'holder' => $bite->holder, 'at' => Moment::told($bite->at), 'outcome' => $bite->outcome->value,
            'ended' => $bite->ended, 'kept' => $bite->kept,
            'estimate' => self::estimate($bite->fish),
        ] + get_object_vars($bite->fish);
    }

    /** @return ?array{weight: float, error: float, by: string} what it weighs by its length and girth, where no scale told */
    private static function estimate(Fish $fish): ?array
    {
        if ($fish->weight !== null || $fish->length === null || $fish->girth === null) {
            return null;
        }
        $by = GirthWeight::of(Species::tryFrom((string) $fish->species), $fish->length, $fish->girth);

        return ['weight' => $by->weight, 'error' => GirthWeight::ERROR * $by->weight, 'by' => $by->by];
    }

    /**
     * @param  array<string, string>  $who  told each event, by its id
     * @return list<array<string, mixed>> the latest first
     */
    private static function log(Day $day, array $who): array
    {
        return array_map(static fn (Event $event): array => [
            'uuid' => $event->id, 'kind' => $event->kind->value, 'words' => $event->words(),
            'at' => Moment::told($event->at), 'holder' => $day->rodOf($event), 'of' => $event->of,
            'who' => $who[$event->id] ?? '', 'movable' => $event->kind->isMovable(),
            'lure' => $event->word('lure'), 'note' => $event->word('note'),
        ], array_reverse($day->log));
    }
}
