<?php

declare(strict_types=1);

namespace Bench;

use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Parts\RatedPoint;
use Admek\Core\Tackle\Rigs\Diver;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\InlineBoard;
use Admek\Core\Tackle\Rigs\Leadcore;
use Admek\Core\Tackle\Rigs\Release;
use Admek\Core\Towing\Side;

/** Spreads to measure with: the demo's twelve lines, and as many times them as asked for. */
final class Spreads
{
    private const FOOT = 0.3048;

    /** @return list<PlannedLine> */
    public static function ofLines(int $count): array
    {
        $twelve = self::twelve();
        $lines = [];
        for ($i = 0; $i < $count; $i++) {
            $line = $twelve[$i % 12];
            $lines[] = new PlannedLine("{$line->holder}.{$i}", $line->rig, $line->tip);
        }

        return $lines;
    }

    /** @return list<PlannedLine> */
    private static function twelve(): array
    {
        $nylon = LineStock::of(Material::Nylon, 20);
        $braid = LineStock::of(Material::Braid, 30);
        $core = LineStock::of(Material::Leadcore, 27);
        $cable = LineStock::of(Material::RiggerCable, 150);
        $leader = static fn (float $feet): Leader => new Leader(LineStock::of(Material::Fluorocarbon, 25), $feet * self::FOOT);
        $spoon = Lure::ofKind(LureKind::MediumSpoon);
        $plug = Lure::ofKind(LureKind::LongMinnow)->ratedAt(new RatedPoint(9 * self::FOOT, 100 * self::FOOT, 0.00035, 0.89408));
        $ball = new LeadWeight(5.443);
        $plate = DiverPlate::of(DiverSize::Large, false);
        $lines = [];
        foreach ([Side::Port, Side::Starboard] as $side) {
            $at = $side->sign();
            $lines[] = new PlannedLine("{$side->value} 1", new InlineBoard(BoardSize::Large->planer(), $side, 130 * self::FOOT, new FlatLine($nylon, 90 * self::FOOT, $leader(6), $plug)), [-3.6, 2.3 * $at, -3.0]);
            $lines[] = new PlannedLine("{$side->value} 2", new InlineBoard(BoardSize::Large->planer(), $side, 85 * self::FOOT, new Leadcore($core, 3, 3, $braid, 0, $leader(20), $spoon)), [-2.4, 2.4 * $at, -2.6]);
            $lines[] = new PlannedLine("{$side->value} 3", new Diver($plate, 3.0, $side, $braid, 150 * self::FOOT, $leader(6), $spoon), [-1.2, 2.9 * $at, -1.2]);
            $lines[] = new PlannedLine("{$side->value} 4", new Diver($plate, 1.5, $side, $braid, 190 * self::FOOT, $leader(6), $spoon), [-0.4, 2.5 * $at, -1.1]);
            $lines[] = new PlannedLine("{$side->value} 5", new Downrigger($ball, $cable, ($at < 0 ? 98 : 46) * self::FOOT, new Release(0.0, ($at < 0 ? 20 : 100) * self::FOOT, $nylon, $leader(6), $spoon)), [0.4, 1.7 * $at, -1.0]);
        }
        $lines[] = new PlannedLine('core', new Leadcore($core, 8, 8, $braid, 60 * self::FOOT, $leader(20), $spoon), [0.3, -0.5, -2.4]);
        $lines[] = new PlannedLine('flat', new FlatLine($nylon, 110 * self::FOOT, $leader(6), $plug), [0.3, 0.5, -2.4]);

        return $lines;
    }

    /** @return list<array{code: string, side: string, kind: string, aft: float, starboard: float, height: float}> sixteen holders, two of them booms a side */
    public static function holders(): array
    {
        $holders = [];
        foreach (['port' => -1, 'starboard' => 1] as $side => $at) {
            for ($i = 1; $i <= 7; $i++) {
                $boom = $i > 5;
                $holders[] = ['code' => ucfirst($side)[0].$i, 'side' => $side, 'kind' => $boom ? 'boom' : 'rod', 'aft' => -4.4 + 0.8 * $i, 'starboard' => $at * (2.2 + 0.1 * $i), 'height' => $boom ? 1.0 : 3.4 - 0.4 * $i];
            }
        }

        return [...$holders,
            ['code' => 'C1', 'side' => 'centre', 'kind' => 'rod', 'aft' => 0.3, 'starboard' => -0.5, 'height' => 2.4],
            ['code' => 'C2', 'side' => 'centre', 'kind' => 'rod', 'aft' => 0.3, 'starboard' => 0.5, 'height' => 2.4],
        ];
    }

    /** @return array{reel: list<array<string, mixed>>, lure: list<array<string, mixed>>, ball: list<array<string, mixed>>, diver: list<array<string, mixed>>, board: list<array<string, mixed>>} */
    public static function gear(): array
    {
        $rated = ['depth' => 2.74, 'lead' => 30.48, 'line_diameter' => 0.00035, 'speed' => 0.894];

        return [
            'reel' => [
                ['name' => 'braid', 'material' => 'braid', 'test' => 30], ['name' => 'nylon', 'material' => 'nylon', 'test' => 20],
                ['name' => 'core 3', 'material' => 'leadcore', 'test' => 27, 'colours' => 3.0], ['name' => 'core 8', 'material' => 'leadcore', 'test' => 27, 'colours' => 8.0],
                ['name' => 'copper', 'material' => 'copper', 'test' => 32, 'wire_length' => 76.0],
            ],
            'lure' => [
                ...array_map(static fn (int $i): array => ['name' => "spoon {$i}", 'kind' => 'medium_spoon', 'finish' => "finish {$i}"], range(1, 16)),
                ...array_map(static fn (int $i): array => ['name' => "minnow {$i}", 'kind' => 'long_minnow', 'finish' => "scale {$i}", 'rated' => $rated], range(1, 6)),
            ],
            'ball' => [['name' => '12 lb', 'mass' => 5.443]],
            'diver' => [['name' => 'large', 'size' => 'large', 'ringed' => false]],
            'board' => [['name' => 'large', 'size' => 'large']],
        ];
    }
}
