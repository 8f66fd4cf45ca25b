<?php

declare(strict_types=1);

namespace Tests\Core\Towing;

use Admek\Core\Files\TowCase;
use Admek\Core\Files\TowCaseFile;
use Admek\Core\Files\TowResult;
use Admek\Core\InvalidValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TowCaseTest extends TestCase
{
    private const LURE = [
        'body' => ['name' => 'lure', 'weight' => 0.12, 'drag_area' => 6e-4, 'down_area' => 0, 'side_area' => 0],
    ];

    private const LEADER = [
        'line' => ['length' => 10, 'diameter' => 0.00037, 'weight' => 0.00015, 'normal_drag' => 1.2, 'skin_friction' => 0.015],
    ];

    private const BOARD = [
        'board' => ['side' => 'port', 'drag_area' => 6e-3, 'side_area' => 1.1e-2, 'buoyancy' => 8.0, 'line_out' => 30.5],
    ];

    public function test_it_reads_and_answers_in_the_open_form(): void
    {
        $case = self::case();
        $case['turn'] = ['radius' => 250.0, 'side' => 'port'];
        $case['lines'][] = ['id' => 'b', 'tow_point' => [0, -2, -2]] + [
            'chain' => [
                self::LURE,
                self::LEADER,
                ['branch' => [['body' => ['weight' => 0.01] + self::LURE['body']], self::LEADER]],
                self::LEADER,
                self::BOARD,
            ],
        ];
        unset($case['lines'][1]['chain'][2]['branch'][0]['body']['name']);
        $result = TowResult::of(TowCase::ofJson($case));

        self::assertSame(['admek-tow-result', 1], [$result['format'], $result['version']]);
        self::assertSame(['a', 'b'], array_column($result['lines'], 'id'));
        self::assertSame(['id', 'bodies', 'tow_tension', 'speed_factor', 'surfaced', 'path'], array_keys($result['lines'][0]));
        self::assertSame(
            ['id', 'bodies', 'board', 'board_load_down', 'tow_tension', 'speed_factor', 'surfaced', 'path'],
            array_keys($result['lines'][1]),
        );
        self::assertSame(['lure'], array_keys((array) $result['lines'][1]['bodies']), 'a nameless body is not reported');
        self::assertLessThan(1.0, $result['lines'][0]['speed_factor']);
    }

    public function test_a_written_case_reads_back_as_it_was(): void
    {
        $json = self::case();
        $json['turn'] = ['radius' => 250.0, 'side' => 'port'];
        $json['water']['flow'][] = ['depth' => 20.0, 'aft' => 0.8, 'starboard' => 0.1];
        $json['lines'][] = [
            'id' => 'b',
            'tow_point' => [0.0, -2.0, -2.0],
            'chain' => [
                self::LURE,
                ['branch' => [['body' => ['name' => 'teaser'] + self::LURE['body']], self::LEADER]],
                self::LEADER,
                self::BOARD,
            ],
        ];
        $case = TowCase::ofJson($json);
        $written = TowCaseFile::of($case->water, $case->turn, $case->lines);

        self::assertEquals($json, $written);
        self::assertEquals($case, TowCase::ofJson(json_decode((string) json_encode($written), true)));
    }

    /** @return iterable<string, array{string, mixed, string}> */
    public static function unusable(): iterable
    {
        $at = static function (string $path, mixed $value): array {
            $case = self::case();
            $spot = &$case;
            foreach (explode('.', $path) as $key) {
                $spot = &$spot[$key];
            }
            $spot = $value;

            return $case;
        };
        $without = static function (string $key): array {
            $case = self::case();
            unset($case[$key]);

            return $case;
        };
        $body = 'lines.0.chain.0.body';
        $line = 'lines.0.chain.1.line';
        yield 'no object' => ['$', [1, 2], '$'];
        yield 'text' => ['$', 'x', '$'];
        yield 'null' => ['$', null, '$'];
        yield 'missing turn' => ['$.turn', $without('turn'), 'given'];
        yield 'other format' => ['$.format', $at('format', 'x'), 'admek-tow'];
        yield 'other version' => ['$.version', $at('version', 2), '1'];
        yield 'unknown key' => ['$.extra', $at('extra', 1), 'absent'];
        yield 'no flow' => ['$.water.flow', $at('water.flow', []), 'at least one'];
        yield 'flow as text' => ['$.water.flow[0].aft', $at('water.flow.0.aft', '1.0'), 'finite number'];
        yield 'infinite flow' => ['$.water.flow[0].aft', $at('water.flow.0.aft', INF), 'finite number'];
        yield 'flow upside down' => [
            '$.water.flow[1].depth', $at('water.flow.1', ['depth' => 0, 'aft' => 1, 'starboard' => 0]), 'deeper',
        ];
        yield 'density of air' => ['$.water.density', $at('water.density', 1.2), '500 to 1500'];
        yield 'no radius' => ['$.turn.radius', $at('turn', ['side' => 'port']), 'given'];
        yield 'a turn in place' => ['$.turn.radius', $at('turn', ['radius' => 0, 'side' => 'port']), '1 to 1000000'];
        yield 'third side' => ['$.turn.side', $at('turn', ['radius' => 100, 'side' => 'up']), 'starboard'];
        yield 'no lines' => ['$.lines', $at('lines', []), 'at least one'];
        yield 'lines as object' => ['$.lines', $at('lines', ['a' => 1]), 'at least one'];
        yield 'empty id' => ['$.lines[0].id', $at('lines.0.id', ''), 'non-empty'];
        yield 'id twice' => ['$.lines[1].id', $at('lines.1', self::case()['lines'][0]), 'unique'];
        yield 'flat tow point' => ['$.lines[0].tow_point', $at('lines.0.tow_point', [0, 0]), 'three numbers'];
        yield 'tow point with a hole' => ['$.lines[0].tow_point[1]', $at('lines.0.tow_point', [0, null, -1]), 'finite number'];
        yield 'tow point on the moon' => ['$.lines[0].tow_point[2]', $at('lines.0.tow_point', [0, 0, -1e6]), '-1000 to 1000'];
        yield 'empty chain' => ['$.lines[0].chain', $at('lines.0.chain', []), 'at least one'];
        yield 'only a board' => ['$.lines[0].chain', $at('lines.0.chain', [self::BOARD]), 'ahead of the board'];
        yield 'board mid-chain' => ['$.lines[0].chain[0]', $at('lines.0.chain', [self::BOARD, self::LEADER]), 'only ends'];
        yield 'two kinds at once' => ['$.lines[0].chain[0]', $at('lines.0.chain.0', self::LURE + self::LEADER), 'exactly one'];
        yield 'board line too short' => [
            '$.lines[0].board.line_out',
            $at('lines.0.chain.2', ['board' => ['line_out' => 0.5] + self::BOARD['board']]),
            'longer',
        ];
        yield 'negative length' => ['$.lines[0].chain[1].line.length', $at("{$line}.length", -1), '0 to 5000'];
        yield 'length missing' => ['$.lines[0].chain[1].line.length', $at($line, ['diameter' => 1]), 'given'];
        yield 'true as weight' => ['$.lines[0].chain[0].body.weight', $at("{$body}.weight", true), 'finite number'];
        yield 'negative drag' => ['$.lines[0].chain[0].body.drag_area', $at("{$body}.drag_area", -0.1), '0 to 100'];
        yield 'name twice' => ['$.lines[0].chain', $at('lines.0.chain.2', self::LURE), 'unique'];
        yield 'empty branch' => ['$.lines[0].chain[2].branch', $at('lines.0.chain.2', ['branch' => []]), 'at least one'];
        $inert = [['body' => ['weight' => 0, 'drag_area' => 0, 'down_area' => 0, 'side_area' => 0]]];
        yield 'nothing floats or sinks' => ['$.lines[0].chain', $at('lines.0.chain', $inert), 'floats, sinks or drags'];
        yield 'a branch of nothing' => [
            '$.lines[0].chain[2].branch', $at('lines.0.chain.2', ['branch' => $inert]), 'floats, sinks or drags',
        ];
        $nested = ['branch' => [self::LURE]];
        for ($i = 0; $i < 20; $i++) {
            $nested = ['branch' => [$nested]];
        }
        yield 'branches without end' => ['branch', $at('lines.0.chain.2', $nested), 'no deeper'];
    }

    #[DataProvider('unusable')]
    public function test_what_is_not_usable_is_named_by_its_path(string $path, mixed $json, string $allowed): void
    {
        try {
            TowCase::ofJson($json);
        } catch (InvalidValue $invalid) {
            $path === 'branch'
                ? self::assertStringContainsString($path, $invalid->field)
                : self::assertSame($path, $invalid->field);
            self::assertStringContainsString($allowed, $invalid->getMessage());

            return;
        }
        self::fail('It was taken.');
    }

    /** @return array<string, mixed> */
    private static function case(): array
    {
        return [
            'format' => 'admek-tow', 'version' => 1,
            'water' => ['density' => 999.8, 'flow' => [['depth' => 0, 'aft' => 1.0, 'starboard' => 0.0]]],
            'turn' => null,
            'lines' => [['id' => 'a', 'tow_point' => [0, -1.2, -1.0], 'chain' => [self::LURE, self::LEADER]]],
        ];
    }
}
