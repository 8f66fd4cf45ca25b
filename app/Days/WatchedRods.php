<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Books\Book;
use Admek\Core\Day\Checks;
use Admek\Core\Day\Day;
use Admek\Core\Day\LineState;
use Admek\Core\Spread\Check\FishOn;
use Admek\Core\Spread\Check\Steady;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SettingOrder;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Catalogue\Craft;
use Admek\Core\Tackle\Catalogue\CraftPart;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\Locker;
use App\Rigging\OrderOf;
use App\Rigging\TripLimits;

/** The rods as they stand: lines in the water as they were set, the others as they are planned. */
final class WatchedRods
{
    /**
     * @param  float  $speed  m/s through the water
     * @return list<array<string, mixed>> port bow round the stern; since and due in s since 1970 UTC
     */
    public static function of(Day $day, Spread $spread, Boat $boat, Trip $trip, float $speed): array
    {
        $locker = Locker::ever($boat);
        $planned = $locker->lines($spread->rows());
        $rows = self::rows($day, $planned, $locker);
        $lines = $locker->lines($rows);
        $density = $trip->density();
        $runs = self::running($locker, $rows, new Conditions($speed, density: $density), withDoubt: true);
        $meant = self::running($locker, $spread->rows(), new Conditions($spread->speed, density: $density), withDoubt: false);
        $clearing = FishOn::clearing(
            array_values(array_filter($runs, static fn (RunningLine $line): bool => self::state(
                $day, $line->planned->holder,
            ) === LineState::Fishing || self::state($day, $line->planned->holder) === LineState::FishOn)),
            TripLimits::of($trip, $boat),
        );
        $due = self::due($day, $boat);
        $turns = self::turns($locker, $rows, $spread);
        $rods = [];
        foreach ($lines as $i => $line) {
            $code = $line->holder->code;
            $now = $day->lines[$code] ?? null;
            $run = $runs[$code] ?? null;
            $rods[] = [
                'holder_id' => $rows[$i]['holder_id'], 'holder' => $code, 'side' => $line->holder->side->value ?? 'centre',
                'state' => self::state($day, $code)->value, 'since' => $now?->since, 'due' => $due[$code] ?? null,
                'bite' => $now?->bite, 'line' => $rows[$i], 'lure' => $line->lure->name,
                'turn' => $turns[$code], 'counter' => self::counter($run),
                'depth' => $run?->depth(), 'doubt' => $run?->doubt?->told(),
                'planned' => self::otherwise($run, $meant[$code] ?? null),
                'clear_first' => $clearing[$code] ?? [],
                'taken' => $boat->crafts[$line->presentation->value][CraftPart::Taken->value]
                    ?? Craft::of($line->presentation, Units::from($boat->units))[CraftPart::Taken->value],
            ];
        }

        return $rods;
    }

    /**
     * @param  list<DescribedLine>  $planned
     * @return list<array<string, mixed>> of every rod that has a line planned or out, in the order of the rail
     */
    private static function rows(Day $day, array $planned, Locker $locker): array
    {
        $rows = [];
        foreach ($planned as $line) {
            $rows[$line->holder->code] = $locker->row($line);
        }
        foreach ($day->lines as $code => $now) {
            $set = $now->line['set_up'] ?? null;
            if ($now->state !== LineState::InBoat && is_array($set)) {
                $rows[$code] = $set;
            }
        }
        $order = [];
        foreach ($locker->holders() as $place => $holder) {
            $order[$holder->code] = $place;
        }
        uksort($rows, static fn (int|string $a, int|string $b): int => ($order[$a] ?? 99) <=> ($order[$b] ?? 99));

        return array_values($rows);
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return array<array-key, RunningLine> by holder
     */
    private static function running(Locker $locker, array $rows, Conditions $conditions, bool $withDoubt): array
    {
        $running = [];
        foreach (Steady::among($locker->plan($rows)->lines, $conditions, $withDoubt)[0] as $line) {
            $running[$line->planned->holder] = $line;
        }

        return $running;
    }

    /**
     * Which is set first, second and so on.
     *
     * @param  list<array<string, mixed>>  $rows
     * @return array<array-key, int> by holder
     */
    private static function turns(Locker $locker, array $rows, Spread $spread): array
    {
        $order = OrderOf::kept($spread, $locker);
        $lines = SettingOrder::of($locker->plan($rows)->lines, $order->school, $order->holders);

        return array_flip(array_map(static fn (PlannedLine $line): string => $line->holder, $lines));
    }

    /** m its counter shows when it is set, where that is known to be off. */
    private static function counter(?RunningLine $run): ?float
    {
        return $run?->planned->isCounted() === true && $run->planned->counterFactor !== 1.0
            ? $run->planned->counterShows($run->planned->rig->control()->value) : null;
    }

    private static function state(Day $day, string $code): LineState
    {
        return $day->lines[$code]->state ?? LineState::InBoat;
    }

    /** m it was meant to run at, where it runs elsewhere by more than its doubt. */
    private static function otherwise(?RunningLine $run, ?RunningLine $meant): ?float
    {
        if ($run === null || $meant === null || $run->doubt === null) {
            return null;
        }
        $off = $meant->depth() - $run->depth();
        $doubt = $run->doubt->told();

        return $off > $doubt['deeper'] || -$off > $doubt['shallower'] ? $meant->depth() : null;
    }

    /** @return array<array-key, float> s since 1970 UTC, by holder */
    private static function due(Day $day, Boat $boat): array
    {
        return Checks::due($day->seen(), 60.0 * $boat->book(Book::Day)->get('check_every'));
    }
}
