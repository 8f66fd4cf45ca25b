<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Sun;

/** The bands by clock: at each hour of a trip the part of them the light leaves to fish. */
final class Schedule
{
    /** s between two rows. */
    private const EVERY = 3600;

    /**
     * @param  list<Band>  $bands
     * @param  ?Sun  $sun  null where the ground's place is not known: then light moves nothing
     * @param  int  $from  Unix time lines are in
     * @param  int  $to  Unix time they come out
     * @param  RuleBook  $rules  of {@see ReadingRules}
     * @return list<array{
     *     time: int, elevation: ?float, bearing: ?float, bands: list<array{band: Band, top: float, bottom: float}>,
     * }>
     */
    public static function of(array $bands, ?Sun $sun, ?Sky $sky, int $from, int $to, RuleBook $rules): array
    {
        $rows = [];
        for ($time = $from; $time < max($to, $from + 1); $time += self::EVERY) {
            $stands = $sun?->at($time);
            $rows[] = [
                'time' => $time, 'elevation' => $stands['elevation'] ?? null, 'bearing' => $stands['bearing'] ?? null,
                'bands' => array_map(
                    static fn (Band $band): array => ['band' => $band] + (
                        $stands === null
                        ? ['top' => $band->top, 'bottom' => $band->bottom]
                        : $band->under($stands['elevation'], $sky, $rules)
                    ),
                    $bands,
                ),
            ];
        }

        return $rows;
    }
}
