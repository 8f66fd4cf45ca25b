<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;

/**
 * Finds the holders of this boat for lines that were planned for others: the same code first, else the same side and kind in
 * order.
 */
final class HolderFit
{
    /**
     * @param  list<DescribedHolder>  $planned  in the order of the rail
     * @param  list<DescribedHolder>  $aboard  in the order of the rail
     * @return array<array-key, ?DescribedHolder> aboard, by code planned; null where there is none left
     */
    public static function of(array $planned, array $aboard): array
    {
        $fit = $free = [];
        foreach ($aboard as $holder) {
            $free[$holder->code] = $holder;
        }
        foreach ($planned as $holder) {
            $same = $free[$holder->code] ?? null;
            if ($same !== null && $same->kind === $holder->kind) {
                $fit[$holder->code] = $same;
                unset($free[$holder->code]);
            }
        }
        foreach ($planned as $holder) {
            if (isset($fit[$holder->code])) {
                continue;
            }
            $fit[$holder->code] = null;
            foreach ($free as $code => $candidate) {
                if ($candidate->side === $holder->side && $candidate->kind === $holder->kind) {
                    $fit[$holder->code] = $candidate;
                    unset($free[$code]);
                    break;
                }
            }
        }

        return $fit;
    }

    /**
     * The lines in the holders of this boat, and the codes of those that found none, or whose cable found none.
     *
     * @param  list<DescribedLine>  $lines
     * @param  list<DescribedHolder>  $aboard
     * @return array{list<DescribedLine>, list<string>}
     */
    public static function moved(array $lines, array $aboard): array
    {
        $fit = self::of(array_map(static fn (DescribedLine $line): DescribedHolder => $line->holder, $lines), $aboard);
        $moved = $left = [];
        foreach ($lines as $line) {
            $to = $fit[$line->holder->code] ?? null;
            $host = $line->ridesOn === null ? null : ($fit[$line->ridesOn] ?? null);
            if ($to === null || ($line->ridesOn !== null && $host === null)) {
                $left[] = $line->holder->code;
            } else {
                $moved[] = $line->in($to)->ridingOn($host?->code);
            }
        }

        return [$moved, $left];
    }
}
