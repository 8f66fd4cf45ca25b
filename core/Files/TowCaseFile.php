<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Turn;
use LogicException;

/**
 * Writes lines in their water as a tow case, the solver's open file: what every depth on a screen was worked out from.
 *
 * @phpstan-type BodyJson array{name?: string, weight: float, drag_area: float, down_area: float, side_area: float}
 * @phpstan-type SpanJson array{length: float, diameter: float, weight: float, normal_drag: float, skin_friction: float}
 * @phpstan-type BoardJson array{side: string, drag_area: float, side_area: float, buoyancy: float, line_out: float}
 * @phpstan-type ElementJson array{body: BodyJson}|array{line: SpanJson}|array{branch: list<mixed>}
 * @phpstan-type ChainJson list<ElementJson|array{board: BoardJson}>
 * @phpstan-type LineJson array{id: string, tow_point: array{float, float, float}, chain: ChainJson}
 */
final class TowCaseFile
{
    /**
     * @param  list<TowLine>  $lines
     * @return array{
     *     format: string,
     *     version: int,
     *     water: array{density: float, flow: list<array{depth: float, aft: float, starboard: float}>},
     *     turn: ?array{radius: float, side: string},
     *     lines: list<LineJson>,
     * } as {@see TowCase::ofJson()} reads it; branches nest
     */
    public static function of(Water $water, ?Turn $turn, array $lines): array
    {
        $flow = $water->flow;

        return [
            'format' => TowCase::FORMAT,
            'version' => TowCase::VERSION,
            'water' => ['density' => $water->density, 'flow' => array_map(
                static fn (float $depth, float $aft, float $starboard): array => [
                    'depth' => $depth, 'aft' => $aft, 'starboard' => $starboard,
                ],
                $flow->depths, $flow->aft, $flow->starboard,
            )],
            'turn' => $turn === null ? null : ['radius' => $turn->radius, 'side' => $turn->side->value],
            'lines' => array_map(static fn (TowLine $line): array => self::line(self::stood($line, $water, $turn)), $lines),
        ];
    }

    /** A chain clipped to a mast board's tow line, as the file knows it: towed from where its clip lies. */
    private static function stood(TowLine $line, Water $water, ?Turn $turn): TowLine
    {
        if ($line->board?->clipOut === null) {
            return $line;
        }

        return new TowLine($line->id, (new TowSolver)->solve($water, $turn, $line)->clip ?? $line->towPoint, $line->chain);
    }

    /** @return LineJson */
    private static function line(TowLine $line): array
    {
        $chain = array_map(self::element(...), $line->chain);
        if ($line->board !== null) {
            $chain[] = ['board' => [
                'side' => $line->board->side->value, 'drag_area' => $line->board->dragArea, 'side_area' => $line->board->sideArea,
                'buoyancy' => $line->board->buoyancy, 'line_out' => $line->board->lineOut,
            ]];
        }

        return ['id' => $line->id, 'tow_point' => $line->towPoint, 'chain' => $chain];
    }

    /** @return ElementJson */
    private static function element(Element $element): array
    {
        return match (true) {
            $element instanceof Body => ['body' => ($element->name === null ? [] : ['name' => $element->name]) + [
                'weight' => $element->weight, 'drag_area' => $element->dragArea, 'down_area' => $element->downArea,
                'side_area' => $element->sideArea,
            ]],
            $element instanceof Line => ['line' => [
                'length' => $element->length, 'diameter' => $element->diameter, 'weight' => $element->weight,
                'normal_drag' => $element->normalDrag, 'skin_friction' => $element->skinFriction,
            ]],
            $element instanceof Branch => ['branch' => array_map(self::element(...), $element->elements)],
            default => throw new LogicException('A chain holds bodies, lines and branches.'),
        };
    }
}
