<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

use Admek\Core\Tackle\Diver;
use Admek\Core\Tackle\Downrigger;
use Admek\Core\Tackle\InlineBoard;

/**
 * The order lines go in: farthest boards first, working in; then what runs straight behind, divers, riggers last.
 * Each is let out inside those already set, so none crosses another. Retrieval reverses it.
 */
final class SettingOrder
{
    /**
     * @param  list<PlannedLine>  $lines
     * @return list<PlannedLine>
     */
    public static function of(array $lines): array
    {
        usort($lines, static fn (PlannedLine $a, PlannedLine $b): int => [self::rank($a), -self::reach($a), $a->holder] <=> [self::rank($b), -self::reach($b), $b->holder]);

        return $lines;
    }

    private static function rank(PlannedLine $line): int
    {
        return match (true) {
            $line->rig instanceof InlineBoard => 0,
            $line->rig instanceof Diver => 2,
            $line->rig instanceof Downrigger => 3,
            default => 1,
        };
    }

    /** What puts a line outside its like: board line out, a diver's dial, else what is let out. */
    private static function reach(PlannedLine $line): float
    {
        return match (true) {
            $line->rig instanceof InlineBoard => $line->rig->lineOut,
            $line->rig instanceof Diver => $line->rig->dial,
            default => $line->rig->control()->value,
        };
    }
}
