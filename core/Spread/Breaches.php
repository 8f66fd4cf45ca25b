<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

use Admek\Core\Spread\Internal\BoxedCurve;
use Admek\Core\Tackle\InlineBoard;

/** Everything to look at in a spread as it runs, the gravest first. */
final class Breaches
{
    /** Rods stand closer than lines may run: this near its own rod tip (m) nothing of a line is called a tangle. */
    private const NEAR_RODS = 4.0;

    /**
     * @param  list<RunningLine>  $lines
     * @param  array<string, string>  $lures  name of the lure by holder
     * @return list<Breach>
     */
    public static function of(array $lines, SpreadLimits $limits, array $lures = []): array
    {
        return [
            ...self::lineCount($lines, $limits),
            ...self::tangles($lines, $limits),
            ...self::bottom($lines, $limits),
            ...self::boards($lines, $limits),
            ...self::surfaced($lines),
            ...self::bare($lines, $limits),
            ...self::duplicates($lures),
        ];
    }

    /**
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    private static function lineCount(array $lines, SpreadLimits $limits): array
    {
        return $limits->lines !== null && count($lines) > $limits->lines
            ? [new Breach(BreachKind::LineCount, [], (float) count($lines), (float) $limits->lines)]
            : [];
    }

    /**
     * Least distance between any two lines under water, leads and leaders with them, and between front lines over it.
     *
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    private static function tangles(array $lines, SpreadLimits $limits): array
    {
        $curves = array_map(self::curves(...), $lines);
        $breaches = [];
        foreach ($lines as $i => $line) {
            for ($j = $i + 1, $n = count($lines); $j < $n; $j++) {
                $nearest = null;
                foreach ($curves[$i] as $curve) {
                    foreach ($curves[$j] as $other) {
                        $nearest = $curve->nearest($other, $nearest['distance'] ?? $limits->tangle) ?? $nearest;
                    }
                }
                if ($nearest !== null) {
                    $breaches[] = new Breach(BreachKind::Tangle, [$line->planned->holder, $lines[$j]->planned->holder], $nearest['distance'], $limits->tangle, $nearest['place']);
                }
            }
        }
        usort($breaches, static fn (Breach $a, Breach $b): int => $a->amount <=> $b->amount);

        return $breaches;
    }

    /** @return list<BoxedCurve> */
    private static function curves(RunningLine $line): array
    {
        $tip = $line->planned->tip;
        $curves = [];
        foreach ([$line->solution->path, ...$line->solution->branchPaths] as $path) {
            // From the free end toward the boat: what comes after the first point near the rods is left out.
            $away = [];
            foreach ($path as $point) {
                if (($point[0] - $tip[0]) ** 2 + ($point[1] - $tip[1]) ** 2 + ($point[2] - $tip[2]) ** 2 < self::NEAR_RODS ** 2) {
                    break;
                }
                $away[] = $point;
            }
            if (count($away) > 1) {
                $curves[] = BoxedCurve::of($away);
            }
        }
        $board = $line->solution->board;
        if ($board !== null) {
            // Beyond the reach of the rods, along the front line from the board.
            $span = hypot($board[0] - $tip[0], $board[1] - $tip[1]);
            $part = 1 - min(1.0, self::NEAR_RODS / $span);
            $curves[] = BoxedCurve::of([$board, [
                $board[0] + $part * ($tip[0] - $board[0]), $board[1] + $part * ($tip[1] - $board[1]), $part * $tip[2],
            ]]);
        }

        return $curves;
    }

    /**
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    private static function bottom(array $lines, SpreadLimits $limits): array
    {
        $breaches = [];
        foreach ($limits->bottom === null ? [] : $lines as $line) {
            foreach ($line->solution->bodies as $name => $place) {
                $clearance = $limits->bottom - $place[2];
                $doubt = $line->doubt->deviation ?? 0.0;
                if ($clearance < $doubt) {
                    $breaches[] = new Breach(BreachKind::Bottom, [$line->planned->holder], $clearance, $doubt, $place, $name);
                    break;
                }
            }
        }

        return $breaches;
    }

    /**
     * On each side the farthest board belongs to the foremost holder, and neighbours keep their distance.
     *
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    private static function boards(array $lines, SpreadLimits $limits): array
    {
        $breaches = [];
        $sides = [];
        foreach ($lines as $line) {
            $rig = $line->planned->rig;
            if (! $rig instanceof InlineBoard || $line->solution->board === null) {
                continue;
            }
            if ($line->solution->boardPulledUnder) {
                $breaches[] = new Breach(BreachKind::BoardUnder, [$line->planned->holder], place: $line->solution->board);
            }
            $sides[$rig->side->value][] = $line;
        }
        foreach ($sides as $boards) {
            usort($boards, static fn (RunningLine $a, RunningLine $b): int => $a->planned->tip[0] <=> $b->planned->tip[0]);
            for ($i = 1, $n = count($boards); $i < $n; $i++) {
                [$forward, $aft] = [$boards[$i - 1], $boards[$i]];
                [$holders, $out] = [[$forward->planned->holder, $aft->planned->holder], static fn (RunningLine $l): float => abs($l->solution->board[1] ?? 0.0)];
                if ($out($forward) < $out($aft)) {
                    $breaches[] = new Breach(BreachKind::HolderOrder, $holders, $out($aft) - $out($forward), place: $aft->solution->board);
                }
                $apart = hypot(($forward->solution->board[0] ?? 0.0) - ($aft->solution->board[0] ?? 0.0), ($forward->solution->board[1] ?? 0.0) - ($aft->solution->board[1] ?? 0.0));
                if ($apart < $limits->boards) {
                    $breaches[] = new Breach(BreachKind::Neighbours, $holders, $apart, $limits->boards, $aft->solution->board);
                }
            }
        }

        return $breaches;
    }

    /**
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    private static function surfaced(array $lines): array
    {
        $breaches = [];
        foreach ($lines as $line) {
            if ($line->solution->surfaced !== []) {
                $breaches[] = new Breach(BreachKind::Surfaced, [$line->planned->holder], place: $line->lure(), subject: $line->solution->surfaced[0]);
            }
        }

        return $breaches;
    }

    /**
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    private static function bare(array $lines, SpreadLimits $limits): array
    {
        $depths = array_map(static fn (RunningLine $line): float => $line->depth(), $lines);
        $breaches = [];
        foreach ($limits->bands as $species => [$top, $bottom]) {
            foreach (Coverage::of($top, $bottom, $depths)->stretches as $stretch) {
                $height = $stretch['bottom'] - $stretch['top'];
                if ($stretch['lures'] === 0 && $height >= $limits->bare) {
                    $breaches[] = new Breach(BreachKind::Bare, [], $height, null, [0.0, 0.0, 0.5 * ($stretch['top'] + $stretch['bottom'])], $species);
                }
            }
        }

        return $breaches;
    }

    /**
     * @param  array<string, string>  $lures
     * @return list<Breach>
     */
    private static function duplicates(array $lures): array
    {
        $breaches = [];
        foreach (array_count_values($lures) as $lure => $count) {
            if ($count > 1) {
                $breaches[] = new Breach(BreachKind::Duplicate, array_keys($lures, $lure, true), subject: (string) $lure);
            }
        }

        return $breaches;
    }
}
