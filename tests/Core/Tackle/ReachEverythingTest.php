<?php

declare(strict_types=1);

namespace Tests\Core\Tackle;

use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\ClipWeight;
use Admek\Core\Tackle\Rigs\Diver;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\InlineBoard;
use Admek\Core\Tackle\Rigs\Leadcore;
use Admek\Core\Tackle\Rigs\Release;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every rig over the whole range of its control, speed, tip height and lure: each has a finite answer. */
final class ReachEverythingTest extends TestCase
{
    /** @return iterable<string, array{float}> */
    public static function speeds(): iterable
    {
        foreach ([0.1, 0.5, 1.0, 1.5, 2.0, 2.3, 3.0, 5.0, 8.0] as $mph) {
            yield "{$mph} mph" => [$mph * 0.44704];
        }
    }

    #[DataProvider('speeds')]
    public function test_every_setting_has_an_answer(float $speed): void
    {
        $water = new Water(Rig::FRESH_WATER, Flow::uniform($speed));
        foreach ([LureKind::MediumSpoon, LureKind::BigPlug, LureKind::DeepPlug, LureKind::RiggedBait] as $kind) {
            foreach (self::rigs(Lure::ofKind($kind)) as $name => $rig) {
                $control = $rig->control();
                foreach ([0.0, 0.01, 0.03, 0.2, 0.5, 1.0] as $share) {
                    $set = $rig->withControl($control->least + $share * ($control->most - $control->least));
                    foreach ([-3.0, -1.0, -0.01] as $tip) {
                        $depth = (new TowSolver)->solve($water, null, $set->towLine('a', [0.0, -1.0, $tip]))->bodies['lure'][2];
                        self::assertTrue($depth >= 0.0 && $depth < 250.0, "{$name} with {$kind->value} at {$share}: {$depth}");
                    }
                }
            }
        }
    }

    /** @return array<string, Rig> */
    private static function rigs(Lure $lure): array
    {
        $nylon = LineStock::of(Material::Nylon, 20);
        $braid = LineStock::of(Material::Braid, 30);
        $core = LineStock::of(Material::Leadcore, 27);
        $cable = LineStock::of(Material::RiggerCable, 150);
        $leader = new Leader(LineStock::of(Material::Fluorocarbon, 25), 1.8);

        return [
            'flat' => new FlatLine($nylon, 10, $leader, $lure),
            'board' => new InlineBoard(BoardSize::Large->planer(), Side::Port, 40, new FlatLine($braid, 10, $leader, $lure)),
            'core' => new Leadcore($core, 8, 8, $braid, 18, $leader, $lure),
            'core on a board' => new InlineBoard(
                BoardSize::Small->planer(), Side::Port, 40, new Leadcore($core, 3, 3, $braid, 0, $leader, $lure),
            ),
            'diver' => new Diver(DiverPlate::of(DiverSize::Large, true), 3, Side::Port, $braid, 50, $leader, $lure),
            'tripped diver' => new Diver(
                DiverPlate::of(DiverSize::Small, false), 1, Side::Port, $braid, 50, $leader, $lure, tripped: true,
            ),
            'rigger' => new Downrigger(new LeadWeight(5.4), $cable, 20, new Release(0.0, 6, $nylon, $leader, $lure)),
            'rigger, long lead' => new Downrigger(new LeadWeight(5.4), $cable, 20, new Release(0.0, 40, $nylon, $leader, $lure)),
            'clip' => new ClipWeight($nylon, new LeadWeight(0.056), 9, 20, $leader, $lure),
        ];
    }
}
