<?php

declare(strict_types=1);

namespace Tests\Core\Spread\Support;

use Admek\Core\Fish\Species;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Drafting\DraftBand;
use Admek\Core\Spread\Drafting\DraftTask;
use Admek\Core\Spread\Plan\Conditions;

/** Boats to draft for. */
trait DraftTasks
{
    private const FOOT = Lines::FOOT;

    private const RAIL = [
        'P1' => ['port', 'rod', -3.6, -2.3, 3.0], 'P2' => ['port', 'rod', -2.4, -2.4, 2.6],
        'P3' => ['port', 'rod', -1.2, -2.9, 1.2], 'P4' => ['port', 'rod', -0.4, -2.5, 1.1],
        'P5' => ['port', 'boom', 0.4, -1.7, 1.0], 'C1' => ['centre', 'rod', 0.3, 0.0, 2.4],
        'C2' => ['centre', 'rod', 0.3, 0.9, 2.4], 'S5' => ['starboard', 'boom', 0.4, 1.7, 1.0],
        'S4' => ['starboard', 'rod', -0.4, 2.5, 1.1],
        'S3' => ['starboard', 'rod', -1.2, 2.9, 1.2], 'S2' => ['starboard', 'rod', -2.4, 2.4, 2.6],
        'S1' => ['starboard', 'rod', -3.6, 2.3, 3.0],
    ];

    /**
     * @param  list<string>  $holders
     * @param  list<array{float, float, float}>  $bands  ft, ft, weight
     * @param  array<string, mixed>  $gear  in place of the usual
     */
    private function task(array $holders, array $bands, float $bottom, int $most = 16, array $gear = []): DraftTask
    {
        $lure = static fn (string $name, string $kind, ?float $dive = null): array => [
            'name' => $name, 'kind' => $kind, 'finish' => $name,
        ]
            + (
                $dive === null
                ? []
                : [
                    'rated' => [
                        'depth' => $dive * Lines::FOOT,
                        'lead' => 100 * Lines::FOOT,
                        'line_diameter' => 0.00035,
                        'speed' => 0.89408,
                    ],
                ]
            );
        $named = [];
        foreach ($bands as $i => [$top, $low]) {
            $named["band {$i}"] = [$top * self::FOOT, $low * self::FOOT];
        }

        return new DraftTask(
            array_map(
                static fn (array $band): DraftBand => new DraftBand(
                    Species::King, $band[0] * Lines::FOOT, $band[1] * Lines::FOOT, $band[2],
                ),
                $bands,
            ) ?: self::fail('a task has bands'),
            Lines::holders(
                array_map(
                    static fn (string $code): array => array_combine(
                        ['code', 'side', 'kind', 'aft', 'starboard', 'height'], [$code, ...self::RAIL[$code]],
                    ),
                    $holders,
                ),
            ),
            Lines::gear($gear + [
                'reel' => [
                    ['name' => 'braid', 'material' => 'braid', 'test' => 30],
                    ['name' => 'nylon', 'material' => 'nylon', 'test' => 20],
                    ['name' => 'core', 'material' => 'leadcore', 'test' => 27, 'colours' => 8.0],
                ],
                'ball' => [['name' => '12 lb', 'mass' => 5.443]],
                'diver' => [['name' => 'large', 'size' => 'large', 'ringed' => false]],
                'board' => [['name' => 'large', 'size' => 'large']],
                'lure' => [
                    ...array_map(static fn (int $i): array => $lure("spoon {$i}", 'medium_spoon'), range(1, 9)),
                    $lure('minnow 1', 'long_minnow', 9.0), $lure('minnow 2', 'long_minnow', 9.0),
                    $lure('plug', 'deep_plug', 15.0),
                ],
            ]),
            new Conditions(2.3 * Lines::MPH),
            new SpreadLimits($most, Bottom::flat($bottom * self::FOOT), $named),
            $most,
        );
    }
}
