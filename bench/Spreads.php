<?php

declare(strict_types=1);

namespace Bench;

use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Described\DescribedBall;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedDiver;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\GearAboard;
use Admek\Core\Tackle\Described\HolderKind;
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
            $lines[] = new PlannedLine(
                "{$side->value} 1",
                new InlineBoard(
                    BoardSize::Large->planer(), $side, 130 * self::FOOT, new FlatLine($nylon, 90 * self::FOOT, $leader(6), $plug),
                ),
                [-3.6, 2.3 * $at, -3.0],
            );
            $lines[] = new PlannedLine(
                "{$side->value} 2",
                new InlineBoard(
                    BoardSize::Large->planer(), $side, 85 * self::FOOT, new Leadcore($core, 3, 3, $braid, 0, $leader(20), $spoon),
                ),
                [-2.4, 2.4 * $at, -2.6],
            );
            $lines[] = new PlannedLine(
                "{$side->value} 3",
                new Diver($plate, 3.0, $side, $braid, 150 * self::FOOT, $leader(6), $spoon),
                [-1.2, 2.9 * $at, -1.2],
            );
            $lines[] = new PlannedLine(
                "{$side->value} 4",
                new Diver($plate, 1.5, $side, $braid, 190 * self::FOOT, $leader(6), $spoon),
                [-0.4, 2.5 * $at, -1.1],
            );
            $lines[] = new PlannedLine(
                "{$side->value} 5",
                new Downrigger(
                    $ball,
                    $cable,
                    ($at < 0 ? 98 : 46) * self::FOOT,
                    new Release(0.0, ($at < 0 ? 20 : 100) * self::FOOT, $nylon, $leader(6), $spoon),
                ),
                [0.4, 1.7 * $at, -1.0],
            );
        }
        $lines[] = new PlannedLine(
            'core', new Leadcore($core, 8, 8, $braid, 60 * self::FOOT, $leader(20), $spoon), [0.3, -0.5, -2.4],
        );
        $lines[] = new PlannedLine('flat', new FlatLine($nylon, 110 * self::FOOT, $leader(6), $plug), [0.3, 0.5, -2.4]);

        return $lines;
    }

    /** @return list<DescribedHolder> sixteen holders, two of them booms a side */
    public static function holders(): array
    {
        $holders = [];
        foreach (Side::cases() as $side) {
            for ($i = 1; $i <= 7; $i++) {
                $boom = $i > 5;
                $holders[] = new DescribedHolder(
                    ucfirst($side->value)[0].$i, $side, $boom ? HolderKind::Boom : HolderKind::Rod,
                    -4.4 + 0.8 * $i, $side->sign() * (2.2 + 0.1 * $i), $boom ? 1.0 : 3.4 - 0.4 * $i,
                );
            }
        }

        return [
            ...$holders,
            new DescribedHolder('C1', null, HolderKind::Rod, 0.3, -0.5, 2.4),
            new DescribedHolder('C2', null, HolderKind::Rod, 0.3, 0.5, 2.4),
        ];
    }

    public static function gear(): GearAboard
    {
        $rated = new RatedPoint(2.74, 30.48, 0.00035, 0.894);

        return new GearAboard(
            [
                new DescribedReel('braid', Material::Braid, 30, count: 16),
                new DescribedReel('nylon', Material::Nylon, 20, count: 16),
                new DescribedReel('core 3', Material::Leadcore, 27, 3.0, count: 16),
                new DescribedReel('core 8', Material::Leadcore, 27, 8.0, count: 16),
                new DescribedReel('copper', Material::Copper, 32, wireLength: 76.0, count: 16),
            ],
            [
                ...array_map(
                    static fn (int $i): DescribedLure => new DescribedLure("spoon {$i}", LureKind::MediumSpoon, "finish {$i}"),
                    range(1, 16),
                ),
                ...array_map(
                    static fn (int $i): DescribedLure => new DescribedLure(
                        "minnow {$i}", LureKind::LongMinnow, "scale {$i}", $rated,
                    ),
                    range(1, 6),
                ),
            ],
            [new DescribedBall('12 lb', 5.443, 4)],
            [new DescribedDiver('large', DiverSize::Large, count: 16)],
            [new DescribedBoard('large', BoardSize::Large, 16)],
        );
    }
}
