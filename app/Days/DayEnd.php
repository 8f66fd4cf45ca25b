<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Books\Book;
use Admek\Core\Day\Bite;
use Admek\Core\Day\Day;
use Admek\Core\Day\EventKind;
use Admek\Core\Day\LineNow;
use Admek\Core\Day\LineState;
use Admek\Core\Day\SoundingAsked;
use Admek\Core\Day\Spell;
use Admek\Core\Records\Outcome;
use Admek\Core\Trip\StoreItem;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\KeptEvents;
use App\Models\Trip;
use App\Preparing\Preparation;
use Illuminate\Support\Facades\DB;

/** What is left to do when the lines are in: what was used, what was not told to its end, what is wanted tomorrow. */
final readonly class DayEnd
{
    private Day $day;

    public function __construct(private Trip $trip, private Boat $boat)
    {
        $this->day = EventLog::of($trip)->day();
    }

    /** @return array<string, mixed> moments in s since 1970 UTC */
    public function told(float $now): array
    {
        $until = KeptEvents::until($this->trip, $this->boat, $now);
        $spells = $this->day->spells;
        $ends = array_map(static fn (Spell $spell): float => $spell->until ?? $until, $spells);

        return [
            'ended' => $this->day->last(EventKind::Ended)?->at,
            'end' => $this->day->last(EventKind::Ended)?->id,
            'out' => array_map(strval(...), array_keys(array_filter(
                $this->day->lines, static fn (LineNow $line): bool => $line->state !== LineState::InBoat,
            ))),
            'first' => $spells === [] ? null : $spells[0]->from, 'last' => $ends === [] ? null : max($ends),
            'line_hours' => round($this->day->lineHours($until), 2), 'bites' => count($this->day->bites),
            'fish' => $this->fish(), 'unfinished' => $this->unfinished(),
            'stores' => array_values(array_map(fn (StoreItem $item): array => [
                'key' => $item->key, 'name' => $item->name, 'counted' => $item->counted, 'aboard' => $item->aboard,
                'aboard_said' => $item->say($item->aboard, Units::from($this->boat->units)),
            ], array_filter(
                Preparation::of($this->trip, $this->boat)->stores(),
                static fn (StoreItem $item): bool => $item->aboard > 0.0,
            ))),
            'soundings' => $this->soundings(), 'photographs' => $this->photographs(),
            'next' => $this->boat->trips()->whereNull('called_off_at')->whereDate('date', '>', $this->trip->date)
                ->orderBy('date')->value('id'),
        ];
    }

    /** @return list<array{species: ?string, landed: int, kept: int, released: int}> */
    private function fish(): array
    {
        $fish = [];
        foreach ($this->day->fish() as $species => $counted) {
            $fish[] = ['species' => $species === '' ? null : $species] + $counted;
        }

        return $fish;
    }

    /** @return list<array{bite: string, holder: string, at: float, words: string}> of which something is left to tell */
    private function unfinished(): array
    {
        $open = [];
        foreach ($this->day->bites as $bite) {
            $words = $bite->untold();
            if ($words !== null) {
                $open[] = ['bite' => $bite->id, 'holder' => $bite->holder, 'at' => $bite->at, 'words' => $words];
            }
        }

        return $open;
    }

    /** @return array{taken: int, asked: list<array<string, mixed>>} */
    private function soundings(): array
    {
        $asked = [];
        foreach ($this->day->all(EventKind::Sounding) as $event) {
            $words = SoundingAsked::of($event, $this->boat->book(Book::Day));
            if ($words !== null) {
                $asked[] = [
                    'uuid' => $event->id, 'holder' => $event->holder, 'at' => $event->at, 'depth' => $event->figure('depth'),
                    'method' => $event->word('method'), 'words' => $words->in(Units::from($this->boat->units)),
                ];
            }
        }

        return ['taken' => DB::table('soundings')->where('trip_id', $this->trip->id)->count(), 'asked' => $asked];
    }

    /** @return array{landed: int, pictured: int} */
    private function photographs(): array
    {
        $landed = array_keys(array_filter(
            $this->day->bites, static fn (Bite $bite): bool => $bite->outcome === Outcome::Landed,
        ));

        return [
            'landed' => count($landed),
            'pictured' => DB::table('photographs')->where('trip_id', $this->trip->id)->whereIn('bite', $landed)->count(),
        ];
    }
}
