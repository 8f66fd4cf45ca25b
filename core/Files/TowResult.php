<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\TowSolver;

/** The answer to a tow case, in the open file's own form (docs/tow-case.md). */
final class TowResult
{
    /**
     * @return array{format: string, version: int, lines: list<array{
     *     id: string,
     *     bodies: object,
     *     board?: array{float, float, float},
     *     board_load_down?: ?float,
     *     tow_tension: float,
     *     speed_factor: float,
     *     surfaced: list<string>,
     *     path: list<array{float, float, float}>,
     * }>} bodies by name
     *
     * @throws CannotTow naming the line that has no steady shape
     */
    public static function of(TowCase $case, TowSolver $solver = new TowSolver): array
    {
        $lines = [];
        foreach ($case->lines as $i => $line) {
            try {
                $solution = $solver->solve($case->water, $case->turn, $line);
            } catch (CannotTow $cannot) {
                throw $cannot->at("$.lines[{$i}].chain");
            }
            $board = $solution->board === null
                ? []
                : ['board' => $solution->board, 'board_load_down' => $solution->boardLoadDown];
            $lines[] = ['id' => $line->id, 'bodies' => (object) $solution->bodies] + $board + [
                'tow_tension' => $solution->towTension,
                'speed_factor' => $solution->speedFactor,
                'surfaced' => $solution->surfaced,
                'path' => $solution->path,
            ];
        }

        return ['format' => 'admek-tow-result', 'version' => 1, 'lines' => $lines];
    }
}
