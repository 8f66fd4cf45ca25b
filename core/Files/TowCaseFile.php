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

/** Writes lines in their water as a tow case, the solver's open file: what every depth on a screen was worked out from. */
final class TowCaseFile
{
    /**
     * @param  list<TowLine>  $lines
     * @return array<string, mixed> as {@see TowCase::ofJson()} reads it
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

    /** @return array<string, mixed> */
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

    /** @return array<string, mixed> */
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
            default => [],
        };
    }
}
