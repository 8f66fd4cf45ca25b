<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

use Admek\Core\Tackle\Rigs\Diver;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\InlineBoard;
use Admek\Core\Tackle\Rigs\MastBoard;

/** The order lines go in, by the captain's school or as he has put them. Retrieval reverses it. */
final class SettingOrder
{
    /**
     * @param  list<PlannedLine>  $lines
     * @param  list<string>  $own  codes of holders as the captain has put them; lines that are not among them follow their school
     * @return list<PlannedLine>
     */
    public static function of(array $lines, SettingSchool $school = SettingSchool::BoardsFirst, array $own = []): array
    {
        usort($lines, static fn (PlannedLine $a, PlannedLine $b): int => [self::rank($a, $school), -self::reach($a), $a->holder] <=> [self::rank($b, $school), -self::reach($b), $b->holder]);
        $ordered = [];
        foreach ($own as $holder) {
            foreach ($lines as $line) {
                if ($line->holder === $holder) {
                    $ordered[] = $line;
                }
            }
        }
        foreach ($lines as $i => $line) {
            if (! in_array($line->holder, $own, true)) {
                array_splice($ordered, min($i, count($ordered)), 0, [$line]);
            }
        }

        return $ordered;
    }

    private static function rank(PlannedLine $line, SettingSchool $school): int
    {
        $rank = match (true) {
            $line->rig instanceof InlineBoard, $line->rig instanceof MastBoard => 0,
            $line->rig instanceof Diver => 2,
            // A stacked release is set as the ball goes down, right after the one at the ball.
            $line->rig instanceof Downrigger => 3,
            default => 1,
        };

        return $school === SettingSchool::BoardsFirst ? $rank : [2, 3, 1, 0][$rank];
    }

    /** What puts a line outside its like: board line out, a diver's dial, the lowest release, else what is let out. */
    private static function reach(PlannedLine $line): float
    {
        return match (true) {
            $line->rig instanceof InlineBoard => $line->rig->lineOut,
            $line->rig instanceof MastBoard => $line->rig->clipOut,
            $line->rig instanceof Diver => $line->rig->dial,
            $line->rig instanceof Downrigger => $line->rig->reading - $line->rig->own->above,
            default => $line->rig->control()->value,
        };
    }
}
