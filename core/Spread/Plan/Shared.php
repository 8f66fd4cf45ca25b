<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\MastBoard;

/** Lines that hang on one another: releases on one cable, clips on one mast board's tow line. */
final class Shared
{
    /**
     * The lines, each knowing what else hangs where it hangs.
     *
     * @param  list<PlannedLine>  $lines
     * @return list<PlannedLine>
     *
     * @throws InvalidValue whose field is lines.{index}.{field}, where they do not agree
     */
    public static function introduced(array $lines): array
    {
        $introduced = [];
        foreach ($lines as $i => $line) {
            try {
                $introduced[] = self::one($line, $lines);
            } catch (InvalidValue $invalid) {
                throw $invalid->within("lines.{$i}");
            }
        }

        return $introduced;
    }

    /**
     * The spread with one line's control set: a cable let out carries the releases above its ball with it.
     *
     * @param  list<PlannedLine>  $lines
     * @return list<PlannedLine>
     *
     * @throws InvalidValue when it cannot be set
     */
    public static function withControl(array $lines, string $holder, float $value): array
    {
        $set = array_map(static fn (PlannedLine $line): PlannedLine => $line->holder === $holder ? $line->withControl($value) : $line, $lines);
        $changed = array_values(array_filter($set, static fn (PlannedLine $line): bool => $line->holder === $holder));
        $rig = $changed[0]->rig ?? null;
        if ($rig instanceof Downrigger && ! $rig->stacked()) {
            $set = array_map(static fn (PlannedLine $line): PlannedLine => $line->rig instanceof Downrigger && self::cable($line, $changed[0])
                ? $line->withRig($line->rig->withReading($value)) : $line, $set);
        }

        return $rig instanceof Downrigger || $rig instanceof MastBoard ? self::introduced($set) : $set;
    }

    /** Whether two lines hang on one another, so that nearness there is no tangle. */
    public static function together(PlannedLine $a, PlannedLine $b): bool
    {
        return self::cable($a, $b) || self::towLine($a, $b);
    }

    /** @param  list<PlannedLine>  $lines */
    private static function one(PlannedLine $line, array $lines): PlannedLine
    {
        $rig = $line->rig;
        $others = array_values(array_filter($lines, static fn (PlannedLine $other): bool => $other->holder !== $line->holder && self::together($line, $other)));
        if ($rig instanceof Downrigger) {
            $releases = [];
            foreach ($others as $other) {
                if ($other->rig instanceof Downrigger) {
                    $releases[] = $other->rig->own;
                }
            }

            return $line->withRig($rig->sharedWith($releases));
        }
        if ($rig instanceof MastBoard) {
            $clipped = [];
            foreach ($others as $other) {
                if ($other->rig instanceof MastBoard) {
                    if (abs($other->rig->lineOut - $rig->lineOut) > 0.01) {
                        throw InvalidValue::because('board_out', sprintf('%.2f m as on %s: both are clipped to one board’s tow line', $other->rig->lineOut, $other->holder));
                    }
                    $clipped[] = $other->rig->sharedWith([]);
                }
            }

            return $line->withRig($rig->sharedWith($clipped));
        }

        return $line;
    }

    private static function cable(PlannedLine $a, PlannedLine $b): bool
    {
        return $a->rig instanceof Downrigger && $b->rig instanceof Downrigger && $a->rig->cableOf !== '' && $a->rig->cableOf === $b->rig->cableOf;
    }

    private static function towLine(PlannedLine $a, PlannedLine $b): bool
    {
        return $a->rig instanceof MastBoard && $b->rig instanceof MastBoard && $a->rig->side === $b->rig->side;
    }
}
