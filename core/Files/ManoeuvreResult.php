<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\Towing\Motion\CannotMove;
use Admek\Core\Towing\Motion\Mover;

/** The answer to a manoeuvre case, in the open file's own form (docs/manoeuvre-case.md). */
final class ManoeuvreResult
{
    /**
     * @return array{format: string, version: int, lines: list<array{
     *     id: string,
     *     times: list<array{t: float, bodies: object, board?: array{float, float, float}, tow_tension: float}>,
     * }>} bodies by name
     *
     * @throws CannotMove naming the line that cannot be followed
     */
    public static function of(ManoeuvreCase $case, Mover $mover = new Mover): array
    {
        $lines = [];
        foreach ($case->lines as $i => $line) {
            $times = [];
            try {
                foreach ($mover->moments($case->water, $case->course, $line, $case->report) as $moment) {
                    $board = $moment->board === null ? [] : ['board' => $moment->board];
                    $times[] = ['t' => $moment->time, 'bodies' => (object) $moment->bodies] + $board + [
                        'tow_tension' => $moment->towTension,
                    ];
                }
            } catch (CannotMove $cannot) {
                throw $cannot->at("$.lines[{$i}].chain");
            }
            $lines[] = ['id' => $line->id, 'times' => $times];
        }

        return ['format' => 'admek-manoeuvre-result', 'version' => 1, 'lines' => $lines];
    }
}
