<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Day\Day;
use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Day\LineNow;
use App\Models\Boat;
use App\Models\KeptEvents;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\Locker;

/** The rods' lines as they stand: as they were set, or told on the water to be rigged, else as they are planned. */
final readonly class LinesAsTold
{
    /**
     * @param  array<array-key, array<string, mixed>>  $rows  by the codes of holders, in the order of the rail
     * @param  array<array-key, array<string, mixed>>  $planned  as the plan has those it has
     * @param  list<string>  $otherwise  codes of those told to be rigged otherwise than planned
     */
    private function __construct(public array $rows, public array $planned, public array $otherwise)
    {
    }

    public static function of(Spread $spread, Day $day, Locker $locker): self
    {
        $planned = [];
        foreach ($locker->lines($spread->rows()) as $line) {
            $planned[$line->holder->code] = $locker->row($line);
        }
        $stands = array_filter(array_map(static fn (LineNow $now): ?array => $now->stands()?->setUp, $day->lines));
        $rows = $otherwise = [];
        foreach ($locker->holders() as $holder) {
            $code = $holder->code;
            // Of holders that had one code at different times she has one.
            $row = isset($rows[$code]) ? null : $stands[$code] ?? $planned[$code] ?? null;
            if ($row !== null) {
                /** @var array<string, mixed> $row */
                $rows[$code] = $row;
            }
            if ($row !== null && ($day->lines[$code]->otherwise ?? false)) {
                $differs = self::rigged($locker, $row) !== self::rigged($locker, $planned[$code] ?? []);
                $otherwise = $differs ? [...$otherwise, $code] : $otherwise;
            }
        }

        return new self($rows, $planned, $otherwise);
    }

    /**
     * What was in the water when a rod was bitten, by what has been told of the day: of one told by its bites alone all that was
     * planned.
     *
     * @param  float  $at  s since 1970 UTC
     * @param  string  $bitten  code of its holder
     * @param  list<Event>  $with  told with the bite before it, and not kept yet
     * @return array{lines: list<array<string, mixed>>, speed: float} rows, and m/s as it was told or planned
     */
    public static function bittenAt(
        Trip $trip, Spread $spread, Boat $boat, float $at, string $bitten, array $with = [],
    ): array {
        // What was taken back since was not so then, and what was told by a wrong clock stands where it was moved to.
        $by = static fn (Event $event): bool => $event->at <= $at && $event->kind !== EventKind::Moved;
        $day = Day::of(array_values(array_filter(Day::of([...KeptEvents::of($trip), ...$with])->log, $by)));
        $out = array_filter($day->lines, static fn (LineNow $now): bool => $now->state->isOut());
        $rows = self::of($spread, $day, Locker::ever($boat, $trip))->rows;
        $rows = $day->spells === [] ? $rows : array_intersect_key($rows, $out + [$bitten => true]);

        return ['lines' => array_values($rows), 'speed' => $day->speed() ?? $spread->speed];
    }

    /**
     * What of a row a mate rigs: not how deep it is meant to run.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function rigged(Locker $locker, array $row): array
    {
        return $row === [] ? [] : ['aim' => null] + $locker->row($locker->lines([$row])[0]);
    }
}
