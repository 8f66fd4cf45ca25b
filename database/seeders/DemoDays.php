<?php

declare(strict_types=1);

namespace Database\Seeders;

use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Instruments\Circumstances;
use Admek\Core\Instruments\Motion;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Units\Units;
use Admek\Core\Water\Signs\Season;
use App\Days\EventLog;
use App\Days\Telling;
use App\Devices\LaptopName;
use App\Models\Boat;
use App\Models\Device;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\LineSnapshot;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Days of the demo boat as their events tell them: twelve that are past, out of chance with a seed, and the one under way. What
 * produces in them is made up: lures at 50 to 75 ft, the first hours, and a dark finish bring more than their share.
 */
final readonly class DemoDays
{
    private const PAST = 12;

    /** days */
    private const APART = 4;

    /** Bites an hour of one line where nothing speaks for it. */
    private const RATE = 0.11;

    /** min a day under way has been under way. */
    private const GONE = 95;

    private Randomizer $chance;

    private DemoFish $fish;

    public function __construct(private Boat $boat, int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->fish = new DemoFish($this->chance);
    }

    /**
     * Those that are past, every fourth day: up to the last that the demo world has, or of the last summer, as their
     * water is.
     */
    public function season(CarbonImmutable $today): void
    {
        $last = self::summers($today->subDays(8));
        for ($i = self::PAST; $i > 0; $i--) {
            $date = $last->subDays(self::APART * ($i - 1));
            $trip = DemoSeeder::trip($this->boat, $date, $i % 3 === 0 ? 'Gannet Rise' : 'Dunmarl Bank', 4);
            $this->otherLures($trip);
            $this->fished($trip, $date->addMinutes(375), 60 * $this->chance->getInt(4, 6), over: true);
        }
    }

    /** The last day on or before this one that has a season of summer days behind it. */
    private static function summers(CarbonImmutable $last): CarbonImmutable
    {
        $isSummer = static fn (CarbonImmutable $day): bool => Season::of($day->month, DemoSeeder::LATITUDE) === Season::Summer;
        while (! $isSummer($last) || ! $isSummer($last->subDays(self::APART * (self::PAST - 1)))) {
            $last = $last->subDay();
        }

        return $last;
    }

    /** What hung on one rod hangs on another: else nobody could tell a lure from the place it runs in. */
    private function otherLures(Trip $trip): void
    {
        $lines = Spread::query()->whereBelongsTo($trip)->with('lines')->firstOrFail()->lines;
        $lures = $this->chance->shuffleArray($lines->pluck('lure_id')->all());
        foreach ($lines->values() as $i => $line) {
            $line->update(['lure_id' => $lures[$i]]);
        }
    }

    /** The one under way, lines set an hour and a half ago. */
    public function underWay(CarbonImmutable $now): void
    {
        $linesIn = max($now->startOfDay()->addMinutes(5), $now->subMinutes(self::GONE));
        $trip = DemoSeeder::trip($this->boat, $now->startOfDay(), 'Dunmarl Bank', 5);
        $trip->update([
            'lines_in' => $linesIn->format('H:i'),
            'back_by' => min($now->addHours(5), $now->endOfDay())->format('H:i'),
        ]);
        $this->fished($trip, $linesIn, (int) $linesIn->diffInMinutes($now), over: false);
    }

    private function fished(Trip $trip, CarbonImmutable $linesIn, int $minutes, bool $over): void
    {
        $spread = Spread::query()->whereBelongsTo($trip)->with('lines')->firstOrFail();
        $rows = $spread->rows();
        $codes = $this->boat->holders()->pluck('code', 'id')->all();
        $told = [];
        $at = static fn (float $minute): float => (float) $linesIn->format('U') + 60.0 * $minute;
        foreach ($rows as $i => $row) {
            $told[] = $this->set($at($i * 1.2), $codes[$row['holder_id']], $row);
        }
        $snapshot = LineSnapshot::take(
            $this->boat, $trip, $rows, new Conditions($spread->speed), null, $trip->bottom, $rows[0]['holder_id'],
        );
        foreach ($this->bites($rows, $codes, $snapshot, $minutes) as [$minute, $code]) {
            array_push($told, ...$this->bite($at($minute), $code, $snapshot, $spread, $trip));
            // A few minutes on it is set again.
            if ($minute + 9 < $minutes) {
                $told[] = $this->set(
                    $at($minute + 8), $code, array_column($rows, null, 'holder_id')[array_search($code, $codes, true)],
                );
            }
        }
        foreach ($rows as $i => $row) {
            for ($minute = 20.0 + $i * 1.5; $minute < $minutes - 1.0; $minute += 19.0) {
                $told[] = $this->event(EventKind::Checked, $at($minute), $codes[$row['holder_id']], []);
            }
        }
        if ($over) {
            foreach ($rows as $i => $row) {
                $told[] = $this->event(EventKind::In, $at($minutes + $i), $codes[$row['holder_id']], []);
            }
        }
        DB::transaction(fn () => EventLog::of($trip)->keep(Device::laptop(resolve(LaptopName::class)->told())->name, ...array_map(
            static fn (Event $event): Telling => new Telling(
                $event, $event->at, $event->kind === EventKind::Bite ? $spread->id : null, $event->tells,
            ), $told,
        )));
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @param  array<int, string>  $codes
     * @param  array<string, mixed>  $snapshot
     * @return list<array{float, string}> minute and holder, earlier first
     */
    private function bites(array $rows, array $codes, array $snapshot, int $minutes): array
    {
        $bites = [];
        foreach ($rows as $row) {
            $line = array_column($snapshot['lines'], null, 'holder')[$codes[$row['holder_id']]];
            $rate = self::RATE * ($line['finish'] === 'slate and glow' ? 2.2 : 1.0)
                * (abs(($line['depth'] ?? 0.0) - 62 * Units::FOOT) < 13 * Units::FOOT ? 1.8 : 1.0);
            for ($minute = 20.0; $minute < $minutes - 10; $minute += 10.0) {
                if ($this->chance->getInt(0, 9999) < 10_000 * $rate / 6 * ($minute < 90.0 ? 1.5 : 0.8)) {
                    $bites[] = [$minute + $this->chance->getInt(0, 80) / 10, $codes[$row['holder_id']]];
                    $minute += 10.0;
                }
            }
        }
        sort($bites);

        return $bites;
    }

    /**
     * @param  array<string, mixed>  $snapshot
     * @return list<Event>
     */
    private function bite(float $at, string $code, array $snapshot, Spread $spread, Trip $trip): array
    {
        $place = [
            'latitude' => 45.310 + $this->chance->getInt(-300, 300) / 1e5,
            'longitude' => -38.416 + $this->chance->getInt(-400, 400) / 1e5,
        ];
        $read = Motion::kept(new TrackPoint($at, [
            'water_speed' => $spread->speed, 'ground_speed' => $spread->speed + $this->chance->getInt(-10, 15) / 100,
            'heading' => (float) $this->chance->getInt(0, 359), 'turn' => 0.0, 'depth' => $this->chance->getInt(330, 372) / 10,
            'water_temperature' => $this->chance->getInt(170, 192) / 10,
        ] + $place));
        $then = new Circumstances($read, $spread->speed, $spread->speed, $trip->bottom, null, null);
        $bite = $this->event(EventKind::Bite, $at, $code, $snapshot + $then->told() + ['place' => $place]);
        $kind = [EventKind::Landed, EventKind::Landed, EventKind::Landed, EventKind::Lost, EventKind::Missed][
            $this->chance->getInt(0, 4)
        ];
        $ended = $this->event($kind, $at + 240.0, null, $kind !== EventKind::Landed ? [] : $this->fish->next(), $bite->id);

        return $kind !== EventKind::Landed ? [$bite, $ended] : [$bite, $ended, $this->event(
            $this->chance->getInt(0, 2) === 0 ? EventKind::Kept : EventKind::Released, $at + 270.0, null, [], $bite->id,
        )];
    }

    /** @param  array<string, mixed>  $row */
    private function set(float $at, string $code, array $row): Event
    {
        return $this->event(EventKind::Out, $at, $code, LineSnapshot::line($this->boat, $row));
    }

    /** @param  array<string, mixed>  $tells */
    private function event(EventKind $kind, float $at, ?string $code, array $tells, ?string $of = null): Event
    {
        $moment = new DateTimeImmutable('@'.(int) $at);

        return new Event(Uuid::uuid7($moment)->toString(), $kind, $at, $code, $of, $tells);
    }
}
