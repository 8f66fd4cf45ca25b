<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Day\Bite as BiteTold;
use Admek\Core\Day\Day;
use Admek\Core\Day\EventKind;
use App\Models\Bite;
use App\Models\KeptEvents;
use App\Models\Trip;
use Illuminate\Support\Facades\DB;

/**
 * The events of a trip as they are kept: put in once, never changed, read as a day. The table of bites follows from them, and is
 * written anew with whatever changes one.
 */
final readonly class EventLog
{
    private function __construct(private Trip $trip)
    {
    }

    public static function of(Trip $trip): self
    {
        return new self($trip);
    }

    /** Each kept once, however often it is sent; what follows from them with them. */
    public function keep(string $who, Telling ...$told): void
    {
        DB::transaction(fn () => $this->write($who, ...$told));
    }

    private function write(string $who, Telling ...$told): void
    {
        $changes = $sounded = $ended = false;
        foreach ($told as $one) {
            $event = $one->event;
            $new = DB::table('events')->insertOrIgnore([
                'uuid' => $event->id, 'trip_id' => $this->trip->id, 'kind' => $event->kind->value, 'at' => $event->at,
                'told_at' => $one->toldAt, 'received_at' => now('UTC')->format('Y-m-d H:i:s'), 'who' => $one->who ?? $who,
                'holder' => $event->holder, 'of' => $event->of, 'spread_id' => $one->spread,
                'tells' => json_encode(
                    (object) $one->tells, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE,
                ),
            ]) > 0;
            $changes = $changes || ($new && (
                $event->kind === EventKind::Bite || $event->kind === EventKind::Moved || $event->kind->isOfAnother()
            ));
            $sounded = $sounded || ($new && in_array(
                $event->kind, [EventKind::Sounding, EventKind::Moved, EventKind::Void], true,
            ));
            $ended = $ended || ($new && in_array($event->kind, [EventKind::Ended, EventKind::Void], true));
        }
        if ($changes) {
            $this->writeBites();
        }
        if ($sounded) {
            SoundingsTold::write($this->trip);
        }
        if ($ended) {
            StoresUsed::write($this->trip, $this->day());
        }
    }

    public function day(): Day
    {
        return Day::of(KeptEvents::of($this->trip));
    }

    /** Grows with every event. */
    public function version(): int
    {
        return KeptEvents::version($this->trip);
    }

    /** @return array<string, string> who told each event, by its id */
    public function told(): array
    {
        return DB::table('events')->where('trip_id', $this->trip->id)->pluck('who', 'uuid')->all();
    }

    private function writeBites(): void
    {
        $bites = $this->day()->bites;
        $kept = Bite::query()->where('trip_id', $this->trip->id)->get([
            'id', 'uuid', 'bitten_at', 'holder', 'outcome', 'species', 'length', 'weight', 'note',
        ])->keyBy('uuid');
        foreach ($kept as $uuid => $bite) {
            if (! isset($bites[$uuid])) {
                $bite->delete();
            }
        }
        foreach ($bites as $uuid => $bite) {
            $columns = self::columns($bite);
            $row = $kept->get($uuid);
            if ($row !== null) {
                $row->update($columns);

                continue;
            }
            $told = DB::table('events')->where('uuid', $uuid)->first(['spread_id', 'tells']);
            assert($told !== null);
            /** @var array<string, mixed> $tells */
            $tells = json_decode($told->tells, true, flags: JSON_THROW_ON_ERROR);
            // Where she was is not for everybody; the rest of it is.
            $place = $tells['place'] ?? [];
            $this->trip->bites()->create($columns + [
                'uuid' => $uuid, 'spread_id' => $told->spread_id, 'snapshot' => array_diff_key($tells, ['place' => 0]),
                'latitude' => $place['latitude'] ?? null, 'longitude' => $place['longitude'] ?? null,
            ]);
        }
    }

    /** @return array<string, mixed> */
    private static function columns(BiteTold $bite): array
    {
        return [
            'bitten_at' => gmdate('Y-m-d H:i:s', (int) $bite->at), 'holder' => $bite->holder, 'outcome' => $bite->outcome->value,
            'species' => $bite->fish->species, 'length' => $bite->fish->length, 'weight' => $bite->fish->weight,
            'note' => $bite->fish->note,
        ];
    }
}
