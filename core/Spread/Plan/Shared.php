<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

use Admek\Core\InvalidValue;

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

    /** Whether two lines hang on one another, so that nearness there is no tangle. */
    public static function together(PlannedLine $a, PlannedLine $b): bool
    {
        $on = $a->rig->hangsOn();

        return $on !== null && $on === $b->rig->hangsOn();
    }

    /** @param  list<PlannedLine>  $lines */
    private static function one(PlannedLine $line, array $lines): PlannedLine
    {
        if ($line->rig->hangsOn() === null) {
            return $line;
        }
        $others = [];
        foreach ($lines as $other) {
            if ($other->holder !== $line->holder && self::together($line, $other)) {
                $others[$other->holder] = $other->rig;
            }
        }

        return $line->withRig($line->rig->hungWith($others));
    }
}
