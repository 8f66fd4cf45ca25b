<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\Boat\Hull;
use Admek\Core\Files\Internal\LineReader;
use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\DescribedAttractor;
use Admek\Core\Tackle\Described\DescribedBall;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedDiver;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\Attractor;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Parts\RatedPoint;
use Admek\Core\Towing\Side;

/** A described line as a spread's file and a kept template hold it, in and out (docs/spread.schema.json, $defs/line). */
final class LineFile
{
    /**
     * @param  array<array-key, mixed>  $json  decoded
     *
     * @throws InvalidValue naming the field
     */
    public static function read(array $json): DescribedLine
    {
        $line = new LineReader($json);
        $figures = [];
        foreach (LineFigure::cases() as $figure) {
            $value = $line->number($figure->value);
            if ($value !== null) {
                $figures[$figure->value] = $value;
            }
        }
        $ball = $line->part('ball');
        $diver = $line->part('diver');
        $board = $line->part('board');

        return new DescribedLine(
            self::holder($line->somePart('holder')),
            $line->someOf('presentation', Presentation::class),
            self::reel($line->somePart('reel')),
            self::lure($line->somePart('lure')),
            $figures,
            $ball === null ? null : new DescribedBall($ball->someText('name'), $ball->someNumber('mass')),
            $diver === null
                ? null
                : new DescribedDiver($diver->someText('name'), $diver->someOf('size', DiverSize::class), $diver->flag('ringed')),
            $board === null ? null : new DescribedBoard($board->someText('name'), $board->someOf('size', BoardSize::class)),
            $line->text('rides_on'),
            $line->of('leader_material', Material::class),
            self::attractor($json),
            $line->of('dial_side', Side::class),
            $line->of('cable', Material::class),
            $line->numbers('overrides'),
        );
    }

    /**
     * Without what is not there, and without what is solved from the rest.
     *
     * @return array<string, mixed>
     */
    public static function written(DescribedLine $line): array
    {
        $reel = $line->reel;
        $rated = $line->lure->rated;

        return self::given([
            'holder' => [
                'side' => $line->holder->side->value ?? Hull::AMIDSHIPS, 'kind' => $line->holder->kind->value,
            ] + self::named($line->holder, [
                'code' => 'code', 'aft' => 'aft', 'starboard' => 'starboard', 'height' => 'height',
                'counter_calibrated' => 'counterCalibrated', 'counter_factor' => 'counterFactor',
            ]),
            'presentation' => $line->presentation->value,
            'reel' => self::given([
                'name' => $reel->name, 'material' => $reel->material->value, 'test' => $reel->test, 'colours' => $reel->colours,
                'wire_length' => $reel->wireLength, 'backing_material' => $reel->backingMaterial?->value,
                'backing_test' => $reel->backingTest,
                'counter_calibrated' => $reel->counterCalibrated, 'counter_factor' => $reel->counterFactor,
                'line_length' => $reel->lineLength,
            ]),
            'lure' => self::given([
                'name' => $line->lure->name, 'kind' => $line->lure->kind->value, 'finish' => $line->lure->finish,
                'down_area' => $line->lure->downArea,
                'rated' => $rated === null ? null : [
                    'depth' => $rated->depth,
                    'lead' => $rated->lead,
                    'line_diameter' => $rated->lineDiameter,
                    'speed' => $rated->speed,
                ] + ($rated->trued ? ['trued' => true] : []),
            ]),
            'ball' => $line->ball === null ? null : ['name' => $line->ball->name, 'mass' => $line->ball->mass],
            'diver' => $line->diver === null ? null : [
                'name' => $line->diver->name, 'size' => $line->diver->size->value, 'ringed' => $line->diver->ringed,
            ],
            'board' => $line->board === null ? null : ['name' => $line->board->name, 'size' => $line->board->size->value],
            'rides_on' => $line->ridesOn,
            'leader_material' => $line->leaderMaterial?->value,
            'attractor' => match ($line->attractor?->name) {
                null => null, '' => $line->attractor->kind->value,
                default => ['name' => $line->attractor->name, 'kind' => $line->attractor->kind->value],
            },
            'dial_side' => $line->dialSide?->value,
            'cable' => $line->cable?->value,
            'overrides' => $line->overrides === [] ? null : $line->overrides,
        ] + $line->figures);
    }

    private static function holder(LineReader $holder): DescribedHolder
    {
        $side = $holder->someText('side');

        return new DescribedHolder(
            $holder->someText('code'),
            $side === Hull::AMIDSHIPS ? null : $holder->someOf('side', Side::class),
            $holder->someOf('kind', HolderKind::class),
            $holder->someNumber('aft'), $holder->someNumber('starboard'), $holder->someNumber('height'),
            $holder->flag('counter_calibrated'), $holder->number('counter_factor') ?? 1.0,
        );
    }

    private static function reel(LineReader $reel): DescribedReel
    {
        return new DescribedReel(
            $reel->someText('name'), $reel->someOf('material', Material::class), $reel->someNumber('test'),
            $reel->number('colours'), $reel->number('wire_length'), $reel->of('backing_material', Material::class),
            $reel->number('backing_test'),
            $reel->flag('counter_calibrated'), $reel->number('counter_factor') ?? 1.0, $reel->number('line_length'),
        );
    }

    /**
     * One of a locker by name and kind, or any of its kind by that alone.
     *
     * @param  array<array-key, mixed>  $json
     */
    private static function attractor(array $json): ?DescribedAttractor
    {
        $line = new LineReader($json);
        if (is_array($json['attractor'] ?? null)) {
            $piece = $line->somePart('attractor');

            return new DescribedAttractor($piece->someOf('kind', Attractor::class), $piece->someText('name'));
        }
        $kind = $line->of('attractor', Attractor::class);

        return $kind === null ? null : new DescribedAttractor($kind);
    }

    private static function lure(LineReader $lure): DescribedLure
    {
        $point = $lure->part('rated');

        return new DescribedLure(
            $lure->someText('name'), $lure->someOf('kind', LureKind::class), $lure->text('finish') ?? '',
            $point === null
                ? null
                : new RatedPoint(
                    $point->someNumber('depth'),
                    $point->someNumber('lead'),
                    $point->someNumber('line_diameter'),
                    $point->someNumber('speed'),
                    $point->flag('trued'),
                ),
            $lure->number('down_area'),
        );
    }

    /**
     * @param  array<string, mixed>  $all
     * @return array<string, mixed> what of it there is
     */
    private static function given(array $all): array
    {
        return array_filter($all, static fn (mixed $one): bool => $one !== null);
    }

    /**
     * @param  array<string, string>  $names  property by name
     * @return array<string, mixed>
     */
    private static function named(object $value, array $names): array
    {
        $all = get_object_vars($value);

        return array_map(static fn (string $property): mixed => $all[$property], $names);
    }
}
