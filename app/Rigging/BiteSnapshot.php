<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Steady;
use Admek\Core\Spread\Plan\Conditions;
use App\Models\Boat;

/** What every line was doing when one was bitten: set-up in words and figures, solved place, speed and turn. */
final class BiteSnapshot
{
    /**
     * @param  list<array<string, mixed>>  $rows
     * @param  int  $bitten  id of the holder whose rod was bitten
     * @return array<string, mixed>
     *
     * @throws InvalidValue when that holder has no line
     */
    public static function take(Boat $boat, array $rows, Conditions $conditions, int $bitten): array
    {
        if (! in_array($bitten, array_column($rows, 'holder_id'), true)) {
            throw InvalidValue::because('holder_id', 'a holder with a line in the water');
        }
        $locker = Locker::ever($boat);
        $plan = $locker->plan($rows);
        // A line that has no steady run just then is kept without a depth: what was bitten is never lost.
        $running = [];
        foreach (Steady::among($plan->lines, $conditions)[0] as $line) {
            $running[$line->planned->holder] = $line;
        }
        $kept = [];
        foreach ($plan->described as $line) {
            $runs = $running[$line->holder->code] ?? null;
            [$aft, $starboard, $depth] = $runs?->lure() ?? [null, null, null];
            $kept[] = [
                'holder' => $line->holder->code,
                'reel' => $line->reel->name,
                'lure' => $line->lure->name,
                'finish' => $line->lure->finish,
                'depth' => self::round($depth),
                'doubt' => $runs?->doubt === null ? null : $runs->doubt->told(),
                'aft' => self::round($aft),
                'starboard' => self::round($starboard),
                'set_up' => array_filter($locker->row($line), static fn (mixed $figure): bool => $figure !== null),
            ];
        }
        $turn = $conditions->turn;

        return [
            'speed' => $conditions->speed,
            'turn' => $turn === null ? null : ['radius' => $turn->radius, 'side' => $turn->side->value],
            'current' => $conditions->current === null ? null : [
                'heading' => $conditions->current->heading, 'layers' => $conditions->current->layers,
            ],
            'lines' => $kept,
        ];
    }

    private static function round(?float $metres): ?float
    {
        return $metres === null ? null : round($metres, 3);
    }
}
