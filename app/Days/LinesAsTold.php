<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Day\Day;
use Admek\Core\Day\LineNow;
use App\Models\Spread;
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
