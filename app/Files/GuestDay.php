<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\Day\Bite;
use Admek\Core\Day\Day;
use Admek\Core\Fish\GirthWeight;
use Admek\Core\Fish\Species;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\Records\Outcome;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;
use App\Instruments\Track;
use App\Models\Bite as KeptBite;
use App\Models\Boat;
use App\Models\Holder;
use App\Models\KeptEvents;
use App\Models\Trip;
use App\Reading\CourseShape;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** A guest's day to take home: one page that stands alone, with their fish and the shape of their course. */
final readonly class GuestDay
{
    private Units $units;

    private Day $day;

    private float $until;

    /** @param  bool  $places  whether the captain lets them see where it was */
    public function __construct(private Trip $trip, private Boat $boat, private bool $places)
    {
        $this->units = Units::from($boat->units);
        $this->day = Day::of(KeptEvents::of($trip));
        $this->until = KeptEvents::until($trip, $boat, (float) now()->format('U'));
    }

    public function html(Track $track): string
    {
        $from = $this->day->spells[0]->from ?? array_values($this->day->bites)[0]->at ?? $this->until;
        $from = min([$from, ...array_map(static fn (Bite $bite): float => $bite->at, array_values($this->day->bites))]);
        $until = max($from + 3600.0, min($this->until, $this->last()));

        return view('guests', [
            'boat' => $this->boat->name, 'date' => $this->trip->date->format('l, j F Y'),
            'ground' => $this->places ? $this->trip->ground : '',
            'fish' => $this->fish(), 'bites' => count($this->day->bites), 'hours' => round(($until - $from) / 3600.0, 1),
            'lineHours' => round($this->day->lineHours($this->until), 1),
            'rods' => $this->rods($from, $until), 'clock' => $this->clock($from, $until),
            'course' => $this->course(array_values([...$track->between($from, $until)])),
        ])->render();
    }

    /** s since 1970 UTC of the last thing that was told. */
    private function last(): float
    {
        $last = $this->day->log === [] ? $this->until : $this->day->log[count($this->day->log) - 1]->at;
        foreach ($this->day->spells as $spell) {
            $last = max($last, $spell->until ?? $this->until);
        }

        return $last;
    }

    /** @return list<array<string, mixed>> fish landed, earlier first */
    private function fish(): array
    {
        $kept = KeptBite::query()->where('trip_id', $this->trip->id)->get()->keyBy('uuid');
        $photographs = DB::table('photographs')->where('trip_id', $this->trip->id)
            ->get(['bite', 'type', 'picture'])->keyBy('bite');
        $fish = [];
        foreach ($this->day->bites as $bite) {
            if ($bite->outcome !== Outcome::Landed) {
                continue;
            }
            $line = null;
            foreach ($kept->get($bite->id)->snapshot['lines'] ?? [] as $one) {
                $line = $one['holder'] === $bite->holder ? $one : $line;
            }
            $photograph = $photographs->get($bite->id);
            $depth = is_numeric($line['depth'] ?? null) ? $this->units->say(Quantity::Depth, (float) $line['depth']) : null;
            $length = $bite->fish->length === null ? null : $this->units->say(Quantity::Fish, $bite->fish->length);
            $fish[] = [
                'at' => $this->time($bite->at),
                'species' => Species::tryFrom((string) $bite->fish->species)?->label() ?? 'a fish',
                'told' => self::joined([$length, $this->weight($bite), match ($bite->kept) {
                    true => 'kept',
                    false => 'let go',
                    null => null,
                }]),
                'on' => self::joined([
                    isset($line['lure']) ? "on {$line['lure']}" : null, $line['finish'] ?? null,
                    $depth === null ? null : "{$depth} down",
                ]),
                'photograph' => $photograph === null
                    ? null : "data:{$photograph->type};base64,".base64_encode((string) $photograph->picture),
            ];
        }

        return $fish;
    }

    /** @param  list<?string>  $words */
    private static function joined(array $words): string
    {
        return implode(', ', array_filter($words, static fn (?string $word): bool => $word !== null && $word !== ''));
    }

    private function weight(Bite $bite): ?string
    {
        [$weight, $length, $girth] = [$bite->fish->weight, $bite->fish->length, $bite->fish->girth];
        if ($weight !== null) {
            return $this->units->say(Quantity::Mass, $weight);
        }

        return $length === null || $girth === null ? null : 'about '.$this->units->say(
            Quantity::Mass, GirthWeight::of(Species::tryFrom((string) $bite->fish->species), $length, $girth)->weight,
        );
    }

    /**
     * Lines in the water as bars, and what bit on them.
     *
     * @return list<array{holder: string, bars: list<array{float, float}>, bites: list<array{float, bool}>}> shares of the day
     */
    private function rods(float $from, float $until): array
    {
        $place = static fn (float $at): float => round(max(0.0, min(1.0, ($at - $from) / ($until - $from))), 4);
        $rods = [];
        foreach ($this->day->spells as $spell) {
            $rods[$spell->holder] ??= ['holder' => $spell->holder, 'bars' => [], 'bites' => []];
            $rods[$spell->holder]['bars'][] = [$place($spell->from), $place($spell->until ?? $until)];
        }
        foreach ($this->day->bites as $bite) {
            $rods[$bite->holder] ??= ['holder' => $bite->holder, 'bars' => [], 'bites' => []];
            $rods[$bite->holder]['bites'][] = [$place($bite->at), $bite->outcome === Outcome::Landed];
        }

        return array_values(Holder::round($this->boat, $rods));
    }

    /** @return list<array{float, string}> full hours, as shares of the day */
    private function clock(float $from, float $until): array
    {
        $hours = [];
        for ($at = ceil($from / 3600.0) * 3600.0; $at <= $until; $at += 3600.0) {
            $hours[] = [round(($at - $from) / ($until - $from), 4), $this->time($at)];
        }

        return $hours;
    }

    private function time(float $at): string
    {
        $clock = CarbonImmutable::createFromTimestamp((int) $at, $this->boat->timezone);

        return $this->boat->clock_face->say(60 * $clock->hour + $clock->minute);
    }

    /**
     * @param  list<TrackPoint>  $points
     * @return ?array{line: list<array{float, float}>, across: string, place: ?string}
     */
    private function course(array $points): ?array
    {
        $shape = CourseShape::of($points);

        return $shape === null ? null : [
            'line' => $shape->line(), 'across' => $shape->across($this->units),
            'place' => $this->places ? sprintf('%.4f°, %.4f°', $shape->middle->latitude, $shape->middle->longitude) : null,
        ];
    }
}
