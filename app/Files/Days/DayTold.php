<?php

declare(strict_types=1);

namespace App\Files\Days;

use Admek\Core\Day\Event;
use Admek\Core\Instruments\TrackPoint;
use App\Days\EventLog;
use App\Models\Trip;
use Illuminate\Support\Facades\DB;
use stdClass;

/** A trip's day as files tell it, whatever their form: events as they were told, and the track. */
final readonly class DayTold
{
    /**
     * @param  array<string, stdClass>  $events  by id, as docs/day.schema.json has them
     * @param  iterable<TrackPoint>  $track  to be gone through once
     */
    private function __construct(public Trip $trip, public array $events, public iterable $track)
    {
    }

    /** @param  iterable<TrackPoint>  $track */
    public static function of(Trip $trip, iterable $track): self
    {
        $events = [];
        foreach (DB::table('events')->where('trip_id', $trip->id)->orderBy('at')->orderBy('uuid')->get() as $row) {
            $events[$row->uuid] = (object) [
                'uuid' => $row->uuid, 'kind' => $row->kind, 'at' => (float) $row->at, 'told_at' => (float) $row->told_at,
                'who' => $row->who, 'holder' => $row->holder, 'of' => $row->of,
                'tells' => json_decode((string) $row->tells, false, flags: JSON_THROW_ON_ERROR),
            ];
        }

        return new self($trip, $events, $track);
    }

    /** @return list<Event> that count, earlier first: what was taken back is not among them */
    public function log(): array
    {
        return EventLog::of($this->trip)->day()->log;
    }

    public static function json(mixed $told): string
    {
        return json_encode(
            $told, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
