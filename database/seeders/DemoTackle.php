<?php

declare(strict_types=1);

namespace Database\Seeders;

use Admek\Core\Tackle\Parts\Forage;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Outfitting\StarterLocker;

/** The demo boat's lures, and what hangs on which rod tomorrow. All of it is made up. */
final class DemoTackle
{
    /** Name, kind, finish, length in inches, what it looks like, box depth in feet. */
    private const LURES = [
        ['Amber Wren', LureKind::LongMinnow, 'amber and black', 4.5, Forage::Slender, 9.0],
        ['Rust Perch', LureKind::LongMinnow, 'rust and gold', 4.5, Forage::Barred, 9.0],
        ['Chalk Dace', LureKind::DeepPlug, 'chalk white', 3.5, Forage::Slender, 13.0],
        ['Copper Finch', LureKind::MediumSpoon, 'hammered copper', 3.75, null, null],
        ['Pale Kestrel', LureKind::MediumSpoon, 'pearl and blue', 3.75, Forage::Slender, null],
        ['Lime Kestrel', LureKind::MediumSpoon, 'lime and silver', 3.75, null, null],
        ['Slate Lantern', LureKind::MediumSpoon, 'slate and glow', 3.75, Forage::Deep, null],
        ['Night Heron', LureKind::MagnumSpoon, 'black and glow', 4.75, null, null],
        ['Blue Hour', LureKind::MagnumSpoon, 'deep blue', 4.75, Forage::Deep, null],
        ['Silver Tern', LureKind::SmallSpoon, 'plain silver', 2.5, Forage::Fry, null],
        ['Moss Beetle', LureKind::SmallMinnow, 'moss green', 2.75, Forage::Dwellers, 6.0],
        ['Barley Harness', LureKind::WormHarness, 'barley and copper', null, Forage::Worms, null],
        ['Plain Spinner Hook', LureKind::SlowSpinHook, 'plain hook', null, Forage::Worms, null],
        ['Shiver Bait', LureKind::RiggedBait, 'fresh cut', 5.0, Forage::Slender, null],
        ['Crow Tail', LureKind::Bucktail, 'crow black', 9.0, null, null],
        ['Old Pike', LureKind::BigPlug, 'pike barred', 10.0, Forage::Barred, 12.0],
    ];

    /** Holder → line of tomorrow's spread; lengths in feet. */
    private const SPREAD = [
        'P1' => [
            'flat',
            'Nylon 20 lb',
            'Amber Wren',
            ['board' => 'Large board', 'board_out' => 130, 'let_out' => 90, 'leader_length' => 6],
        ],
        'P2' => [
            'core',
            'Core 27 lb, 3 colours',
            'Copper Finch',
            ['board' => 'Large board', 'board_out' => 85, 'colours' => 3, 'leader_length' => 20],
        ],
        'P3' => [
            'diver',
            'Braid 30 lb, counter',
            'Slate Lantern',
            ['diver' => 'Large diver', 'dial' => 3, 'let_out' => 150, 'leader_length' => 6],
        ],
        'P4' => [
            'diver',
            'Braid 30 lb, counter',
            'Night Heron',
            ['diver' => 'Large diver', 'dial' => 1.5, 'let_out' => 190, 'leader_length' => 6],
        ],
        'P5' => [
            'rigger', 'Nylon 20 lb', 'Blue Hour', ['ball' => 'Ball 12 lb', 'let_out' => 98, 'lead' => 20, 'leader_length' => 6],
        ],
        'C1' => ['core', 'Core 27 lb, 8 colours', 'Silver Tern', ['colours' => 8, 'backing' => 60, 'leader_length' => 20]],
        'C2' => ['flat', 'Nylon 14 lb', 'Chalk Dace', ['let_out' => 110, 'leader_length' => 6]],
        'S5' => [
            'rigger',
            'Nylon 20 lb',
            'Pale Kestrel',
            ['ball' => 'Ball 12 lb', 'let_out' => 46, 'lead' => 100, 'leader_length' => 6],
        ],
        'S4' => [
            'diver',
            'Braid 30 lb, counter',
            'Night Heron',
            ['diver' => 'Large diver', 'dial' => 1.5, 'let_out' => 205, 'leader_length' => 6],
        ],
        'S3' => [
            'diver',
            'Braid 30 lb, counter',
            'Lime Kestrel',
            ['diver' => 'Large diver', 'dial' => 3, 'let_out' => 165, 'leader_length' => 6],
        ],
        'S2' => [
            'core',
            'Core 27 lb, 4 colours',
            'Pale Kestrel',
            ['board' => 'Large board', 'board_out' => 85, 'colours' => 4, 'leader_length' => 20],
        ],
        'S1' => [
            'flat',
            'Nylon 20 lb',
            'Rust Perch',
            ['board' => 'Large board', 'board_out' => 130, 'let_out' => 120, 'leader_length' => 6],
        ],
    ];

    public static function stowLures(Boat $boat): void
    {
        foreach (self::LURES as $lure) {
            StarterLocker::stowLure($boat, ...$lure);
        }
    }

    /** @return list<array<string, mixed>> rows of tomorrow's spread, of what is aboard */
    public static function lines(Boat $boat): array
    {
        $lines = [];
        foreach (self::SPREAD as $holder => [$presentation, $reel, $lure, $figures]) {
            $line = [
                'holder_id' => $boat->holders()->where('code', $holder)->firstOrFail()->id,
                'presentation' => $presentation,
                'reel_id' => $boat->reels()->where('name', $reel)->firstOrFail()->id,
                'lure_id' => $boat->lures()->where('name', $lure)->firstOrFail()->id,
                'leader_material' => 'fluorocarbon', 'leader_test' => 25.0,
                'ball_id' => isset($figures['ball']) ? $boat->balls()->where('name', $figures['ball'])->firstOrFail()->id : null,
                'diver_id' => isset($figures['diver']) ? $boat->divers()->where(
                    'name', $figures['diver'],
                )->firstOrFail()->id : null,
                'board_id' => isset($figures['board']) ? $boat->boards()->where(
                    'name', $figures['board'],
                )->firstOrFail()->id : null,
            ];
            foreach (['let_out', 'backing', 'lead', 'board_out', 'leader_length'] as $length) {
                $line[$length] = isset($figures[$length])
                    ? (float) $figures[$length] * Units::FOOT
                    : ($length === 'backing' && $presentation === 'core' ? 0.0 : null);
            }
            foreach (['colours', 'dial'] as $figure) {
                $line[$figure] = isset($figures[$figure]) ? (float) $figures[$figure] : null;
            }
            $lines[] = $line;
        }

        return $lines;
    }
}
