<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

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
        usort(
            $lines,
            static fn (PlannedLine $a, PlannedLine $b): int => [self::rank($a, $school), -$a->rig->outside(), $a->holder] <=> [
                self::rank($b, $school), -$b->rig->outside(), $b->holder,
            ],
        );
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
        $rank = $line->rig->rank();

        return $school === SettingSchool::BoardsFirst ? $rank->boardsFirst() : $rank->riggersFirst();
    }
}
