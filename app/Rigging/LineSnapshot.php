<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\Steady;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Towing\Turn;
use App\Models\Boat;
use App\Models\Trip;

/** Lines as they are kept: set-up in words and figures; when one was bitten, of all their solved place, speed and turn too. */
final class LineSnapshot
{
    /**
     * @param  list<array<string, mixed>>  $rows
     * @param  Conditions  $conditions  they are taken to have run under
     * @param  ?Turn  $turn  she made, as it was read
     * @param  ?float  $bottom  m: what would run deeper lay on it
     * @param  int  $bitten  id of the holder whose rod was bitten
     * @return array<string, mixed>
     *
     * @throws InvalidValue when that holder has no line
     */
    public static function take(
        Boat $boat, Trip $trip, array $rows, Conditions $conditions, ?Turn $turn, ?float $bottom, int $bitten,
    ): array {
        if (! in_array($bitten, array_column($rows, 'holder_id'), true)) {
            throw InvalidValue::because('holder_id', 'a holder with a line in the water');
        }
        $locker = Locker::ever($boat, $trip);
        // A line that has no steady run just then, or cannot be rigged beside the others, is kept without a depth: what was
        // bitten is never lost.
        $running = [];
        foreach (Steady::among($locker->ablePlan($rows)->lines, $conditions)[0] as $line) {
            $running[$line->planned->holder] = $line;
        }
        $kept = [];
        foreach ($locker->lines($rows) as $line) {
            $runs = $running[$line->holder->code] ?? null;
            [$aft, $starboard, $depth] = $runs?->lure() ?? [null, null, null];
            $lies = $depth === null ? null : Bottom::stopped($depth, $bottom);
            $kept[] = self::told($locker, $line) + [
                'depth' => self::round($lies ?? $depth),
                'doubt' => $runs?->doubt === null || $lies !== null ? null : $runs->doubt->told(),
                'aft' => self::round($aft),
                'starboard' => self::round($starboard),
            ];
        }

        return [
            'speed' => $conditions->speed,
            'turn' => $turn === null ? null : ['radius' => $turn->radius, 'side' => $turn->side->value],
            'current' => $conditions->current === null ? null : [
                'heading' => $conditions->current->heading, 'layers' => $conditions->current->layers,
            ],
            'lines' => $kept,
        ];
    }

    /**
     * A line as it was set, its parts by their names too.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     *
     * @throws InvalidValue naming the field within line
     */
    public static function line(Boat $boat, array $row): array
    {
        $locker = Locker::ever($boat);
        try {
            return self::told($locker, $locker->lines([$row])[0]);
        } catch (InvalidValue $invalid) {
            throw $invalid->named((string) preg_replace('/^lines\.0/', 'line', $invalid->field));
        }
    }

    /** @return array<string, mixed> */
    private static function told(Locker $locker, DescribedLine $line): array
    {
        return [
            'holder' => $line->holder->code, 'reel' => $line->reel->name, 'lure' => $line->lure->name,
            'finish' => $line->lure->finish,
            'set_up' => array_filter($locker->row($line), static fn (mixed $figure): bool => $figure !== null),
        ];
    }

    private static function round(?float $metres): ?float
    {
        return $metres === null ? null : round($metres, 3);
    }
}
