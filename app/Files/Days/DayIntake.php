<?php

declare(strict_types=1);

namespace App\Files\Days;

use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Day\Fish;
use Admek\Core\Fish\Species;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Parts\Forage;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Surface;
use App\Days\EventLog;
use App\Days\Telling;
use App\Files\Schema;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Trip;
use App\Reading\Season\ReadTrips;
use App\Rigging\Locker;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Takes what a file tells of a day into a trip, whole or not at all; what is there already stays as it is. */
final readonly class DayIntake
{
    public const MOST_BYTES = 20_000_000;

    public const SCHEMA = 'docs/day.schema.json';

    /** h before and after a trip's day, by the port's clock, that are of it still. */
    private const AROUND = 12;

    /** What is told in words of a kind, by its name. */
    private const WORDS = [
        'species' => Species::class, 'clarity' => Clarity::class, 'sky' => Sky::class, 'surface' => Surface::class,
        'forage' => Forage::class,
    ];

    private float $from;

    private float $to;

    private Locker $locker;

    public function __construct(private Trip $trip, Boat $boat)
    {
        $day = $trip->midnight($boat);
        $this->from = (float) $day->subHours(self::AROUND)->format('U');
        $this->to = (float) $day->addDay()->addHours(self::AROUND)->format('U');
        $this->locker = Locker::ever($boat);
    }

    /**
     * By what it begins with: JSON, GPX, or the log as CSV.
     *
     * @return array{events: int, points: int} that the file tells
     *
     * @throws InvalidValue naming the place in the file
     */
    public function take(string $text, Track $track): array
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidValue::because('file', 'UTF-8');
        }
        $text = ltrim($text, "\u{FEFF} \r\n\t");
        $places = null;
        $file = match (substr($text, 0, 1)) {
            '<' => DayTrackReader::read($text, $places),
            '{', '' => DayFile::read($text),
            default => DayTable::read($text, $places),
        };
        try {
            return $this->keep($file, $track);
        } catch (InvalidValue $invalid) {
            // Of a table or of GPX a reader knows the line.
            throw $places === null ? $invalid : $invalid->named((string) preg_replace_callback(
                '/^events\.(\d+)/', static fn (array $found): string => $places[(int) $found[1]] ?? $found[0], $invalid->field,
            ));
        }
    }

    /** @return array{events: int, points: int} */
    private function keep(stdClass $file, Track $track): array
    {
        DayFile::mustBeTakenIn(is_array($file->track ?? null) ? count($file->track) : 0);
        // An empty object would read as an empty list.
        Schema::hold($file, self::SCHEMA);
        $told = json_decode((string) json_encode($file, JSON_PRESERVE_ZERO_FRACTION), true);
        $names = array_flip(array_column($told['events'], 'uuid'));
        $moved = self::moved($told['events']);
        $events = $points = [];
        foreach ($told['events'] as $i => $one) {
            try {
                $this->eventMustBeOfTheDay($one, $moved[$one['uuid']] ?? 0.0);
                $events[] = $this->telling($one, $names);
            } catch (InvalidValue $invalid) {
                throw $invalid->within("events.{$i}");
            }
        }
        foreach ($told['track'] as $i => $one) {
            try {
                $this->mustBeOfTheDay((float) $one['at']);
            } catch (InvalidValue $invalid) {
                throw $invalid->within("track.{$i}");
            }
            $points[] = new TrackPoint((float) $one['at'], array_map(floatval(...), array_diff_key($one, ['at' => 0])));
        }
        $track->stage($points);
        DB::transaction(function () use ($events, $track): void {
            EventLog::of($this->trip)->keep('', ...$events);
            $track->takeStaged();
            // The track of a night is of two days.
            ReadTrips::forget(
                $this->trip->date->subDay()->format('Y-m-d'), $this->trip->date->addDay()->format('Y-m-d'),
            );
        });

        return ['events' => count($events), 'points' => count($points)];
    }

    /**
     * @param  list<array<string, mixed>>  $events
     * @return array<string, float> s later that they happened than they were told to, by id
     */
    private static function moved(array $events): array
    {
        $moved = [];
        foreach ($events as $one) {
            foreach ($one['kind'] === EventKind::Moved->value ? $one['tells']['events'] ?? [] : [] as $id) {
                $moved[$id] = ($moved[$id] ?? 0.0) + (float) ($one['tells']['by'] ?? 0.0);
            }
        }

        return $moved;
    }

    /**
     * What is put right, or taken back, may be so any time after; what a wrong clock had told is of the day it was moved to.
     *
     * @param  array<string, mixed>  $one
     *
     * @throws InvalidValue naming at
     */
    private function eventMustBeOfTheDay(array $one, float $moved): void
    {
        $kind = EventKind::from($one['kind']);
        if ($kind !== EventKind::Moved && ! $kind->isOfAnother()) {
            $this->mustBeOfTheDay((float) $one['at'] + $moved);
        }
    }

    private function mustBeOfTheDay(float $at): void
    {
        if ($at < $this->from || $at > $this->to) {
            throw InvalidValue::because('at', "a moment of the trip’s day, {$this->trip->date->format('Y-m-d')}");
        }
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, int>  $names  of the file's events
     */
    private function telling(array $one, array $names): Telling
    {
        $event = new Event(
            $one['uuid'], EventKind::from($one['kind']), (float) $one['at'], $one['holder'], $one['of'], $one['tells'],
        );
        if ($event->kind->isOfBite() && ! isset($names[(string) $event->of])) {
            throw InvalidValue::because('of', 'the bite it is of, in this file');
        }
        foreach (self::WORDS as $name => $words) {
            if (isset($one['tells'][$name]) && $words::tryFrom($one['tells'][$name]) === null) {
                throw InvalidValue::because("tells.{$name}", 'one of '.implode(', ', array_column($words::cases(), 'value')));
            }
        }
        if ($event->figure('weight') !== null) {
            try {
                Fish::weighable($event->figure('weight'), $event->figure('net') ?? 0.0);
            } catch (InvalidValue $invalid) {
                throw $invalid->within('tells');
            }
        }
        if ($event->kind->rigs()) {
            try {
                // Of another boat's gear nothing could be told.
                $this->locker->lines([$one['tells']['set_up']]);
            } catch (InvalidValue $invalid) {
                throw $invalid->named((string) preg_replace('/^lines\.0/', 'tells.set_up', $invalid->field));
            }
        }

        return new Telling($event, (float) $one['told_at'], null, $one['tells'], $one['who']);
    }
}
