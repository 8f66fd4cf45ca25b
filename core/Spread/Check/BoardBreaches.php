<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Planer;

/** What is wrong with boards: their order along the side, their distance, what trails them. */
final class BoardBreaches
{
    /** Lures that need more room about them. */
    private const BIG = [LureKind::BigPlug, LureKind::Bucktail];

    /**
     * On each side the farthest board belongs to the foremost holder, and neighbours keep their distance.
     *
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    public static function of(array $lines, SpreadLimits $limits): array
    {
        $breaches = [];
        $sides = [];
        foreach ($lines as $line) {
            if ($line->frontLine() === null) {
                continue;
            }
            array_push($breaches, ...self::pulled($line, $limits));
            $sides[self::out($line) < 0 ? 'port' : 'starboard'][] = $line;
        }
        foreach ($sides as $boards) {
            usort($boards, static fn (RunningLine $a, RunningLine $b): int => $a->planned->tip[0] <=> $b->planned->tip[0]);
            for ($i = 1, $n = count($boards); $i < $n; $i++) {
                array_push($breaches, ...self::neighbours($boards[$i - 1], $boards[$i], $limits));
            }
        }

        return $breaches;
    }

    /** @return list<Breach> */
    private static function pulled(RunningLine $line, SpreadLimits $limits): array
    {
        $rig = $line->planned->rig->board();
        $board = $line->solution->board;
        if ($board === null || $rig === null) {
            return [];
        }
        if ($line->solution->boardPulledUnder) {
            return [
                new Breach(
                    BreachKind::BoardUnder,
                    [$line->planned->holder],
                    $line->solution->boardLoadDown,
                    $rig->planer->buoyancy,
                    $board,
                ),
            ];
        }
        $from = $rig->towedFrom($line->planned->tip);
        $out = abs($board[1] - $from[1]);
        $free = self::freeSpread($rig->planer, $rig->lineOut, $from[2]);

        return $out < $limits->laidBack * $free
            ? [new Breach(BreachKind::BoardLaidBack, [$line->planned->holder], $out, $limits->laidBack * $free, $board)]
            : [];
    }

    /** How far to the side a board with nothing behind it would ride, m. */
    private static function freeSpread(Planer $planer, float $lineOut, float $height): float
    {
        return sqrt(max(0.0, $lineOut ** 2 - $height ** 2)) * $planer->sideArea / hypot($planer->sideArea, $planer->dragArea);
    }

    /** @return list<Breach> */
    private static function neighbours(RunningLine $forward, RunningLine $aft, SpreadLimits $limits): array
    {
        $holders = [$forward->planned->holder, $aft->planned->holder];
        [$a, $b] = [$forward->frontLine()[0] ?? [0.0, 0.0, 0.0], $aft->frontLine()[0] ?? [0.0, 0.0, 0.0]];
        $breaches = [];
        if (abs($a[1]) < abs($b[1])) {
            $breaches[] = new Breach(BreachKind::HolderOrder, $holders, abs($b[1]) - abs($a[1]), place: $b);
        }
        $apart = hypot($a[0] - $b[0], $a[1] - $b[1]);
        $wanted = self::big($forward) || self::big($aft) ? $limits->bigBoards : $limits->boards;
        if ($apart < $wanted) {
            $breaches[] = new Breach(BreachKind::Neighbours, $holders, $apart, $wanted, $b);
        }

        return $breaches;
    }

    private static function big(RunningLine $line): bool
    {
        return in_array($line->planned->rig->lure()->kind, self::BIG, true);
    }

    private static function out(RunningLine $line): float
    {
        return $line->frontLine()[0][1] ?? 0.0;
    }
}
