<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Rigs\BottomRig;

/** Gear that meets the bottom on the way ahead, or comes nearer to it than wanted. */
final class BottomBreaches
{
    /**
     * @param  list<RunningLine>  $lines
     * @return list<Breach> one for each line, the gravest first
     */
    public static function of(array $lines, SpreadLimits $limits): array
    {
        $bottom = $limits->bottom;
        $breaches = [];
        if ($bottom === null) {
            return [];
        }
        foreach ($lines as $line) {
            $breach = self::worst($line, $bottom, $limits);
            if ($breach !== null) {
                $breaches[] = $breach;
            }
        }
        usort($breaches, static fn (Breach $a, Breach $b): int => $a->amount <=> $b->amount);

        return $breaches;
    }

    private static function worst(RunningLine $line, Bottom $bottom, SpreadLimits $limits): ?Breach
    {
        $clear = max($limits->clearance, $line->doubt->deeper ?? 0.0);
        $onGround = self::onGround($line, $limits) ?? $clear;
        $worst = null;
        $wanted = $clear;
        foreach ($line->solution->bodies as $name => $place) {
            [
                'clearance' => $clearance, 'ahead' => $ahead, 'standing' => $standing,
            ] = $bottom->clearance($place[2], $place[0]);
            $least = $standing > 0.0 ? $clear : $onGround;
            if ($clearance < min($least, $worst->clearance ?? INF)) {
                $worst = new BottomContact((string) $name, $clearance, $ahead, $standing);
                $wanted = $least;
            }
        }

        return $worst === null ? null : new Breach(
            BreachKind::Bottom, [$line->planned->holder], $worst->clearance, $wanted,
            $line->solution->bodies[$worst->body], $worst->body,
            $worst->ahead > 0.0 ? $worst->ahead : null, $worst->standing > 0.0 ? $worst->standing : null,
            self::first($line, $bottom, $worst->clearance <= 0.0 ? min(0.0, $wanted) : $wanted),
        );
    }

    /**
     * The clearance (m) of a bottom rig over plain ground, which is less than none: it is there to tick, and rides up on its
     * own where the ground rises, until its let-out is more than the scope at which it drags.
     *
     * @return ?float null for any other rig
     */
    private static function onGround(RunningLine $line, SpreadLimits $limits): ?float
    {
        $rig = $line->planned->rig->bottom();

        return $rig === null ? null : min(0.0, $rig->letOut / $limits->mostScope - $line->solution->bodies[BottomRig::WEIGHT][2]);
    }

    /** What of a line comes first as near to the bottom as a clearance (m), and where. */
    private static function first(RunningLine $line, Bottom $bottom, float $clearance): ?BottomContact
    {
        $first = null;
        foreach ($line->solution->bodies as $name => $place) {
            $ahead = $bottom->first($place[2], $place[0], $clearance);
            if ($ahead !== null && $ahead < ($first->ahead ?? INF)) {
                $under = $ahead - $place[0];
                $first = new BottomContact((string) $name, $bottom->at($under) - $place[2], $ahead, $bottom->standing($under));
            }
        }

        return $first;
    }
}
