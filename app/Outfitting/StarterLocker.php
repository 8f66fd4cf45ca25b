<?php

declare(strict_types=1);

namespace App\Outfitting;

use Admek\Core\Tackle\Parts\Attractor;
use Admek\Core\Tackle\Parts\Forage;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\RatedPoint;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\Gear\Lure;

/** Gear most boats for big water carry, in the trade's generic names and with the model's default figures. */
final class StarterLocker
{
    private const REELS = [
        ['Braid 30 lb, counter', 'braid', 30.0, null, true, 6],
        ['Nylon 20 lb', 'nylon', 20.0, null, false, 6],
        ['Nylon 14 lb', 'nylon', 14.0, null, false, 2],
        ['Core 27 lb, 3 colours', 'leadcore', 27.0, 3.0, false, 2],
        ['Core 27 lb, 4 colours', 'leadcore', 27.0, 4.0, false, 2],
        ['Core 27 lb, 8 colours', 'leadcore', 27.0, 8.0, false, 1],
        ['Core 18 lb, 10 colours', 'leadcore', 18.0, 10.0, false, 2],
        ['Copper 32 lb, 250 ft', 'copper', 32.0, null, false, 1],
        ['Steel 30 lb, 400 ft', 'steel', 30.0, null, false, 1],
    ];

    /** @var array<string, int> ft of wire on the reels that hold some */
    private const WIRE = ['Copper 32 lb, 250 ft' => 250, 'Steel 30 lb, 400 ft' => 400];

    /** Name, kind, finish, length in inches, what it looks like, and for divers the box depth in feet on 100 ft of line. */
    private const LURES = [
        ['Small spoon, silver', LureKind::SmallSpoon, 'silver', 2.5, Forage::Fry, null],
        ['Medium spoon, silver', LureKind::MediumSpoon, 'silver', 3.75, Forage::Slender, null],
        ['Medium spoon, copper', LureKind::MediumSpoon, 'hammered copper', 3.75, null, null],
        ['Medium spoon, green', LureKind::MediumSpoon, 'green and silver', 3.75, Forage::Deep, null],
        ['Magnum spoon, glow', LureKind::MagnumSpoon, 'glow', 4.75, null, null],
        ['Magnum spoon, blue', LureKind::MagnumSpoon, 'deep blue', 4.75, Forage::Deep, null],
        ['Small minnow', LureKind::SmallMinnow, 'natural', 2.75, Forage::Fry, 7.0],
        ['Long minnow, natural', LureKind::LongMinnow, 'natural', 4.5, Forage::Slender, 9.0],
        ['Long minnow, orange', LureKind::LongMinnow, 'orange and gold', 4.5, null, 9.0],
        ['Deep plug, orange', LureKind::DeepPlug, 'orange', 3.5, Forage::Crayfish, 15.0],
        ['Deep plug, pearl', LureKind::DeepPlug, 'pearl', 3.5, Forage::Deep, 15.0],
        ['Worm harness, copper', LureKind::WormHarness, 'copper', null, Forage::Worms, null],
        ['Worm harness, chartreuse', LureKind::WormHarness, 'chartreuse', null, Forage::Worms, null],
        ['Rigged bait', LureKind::RiggedBait, 'natural', 5.0, Forage::Slender, null],
        ['Slow-spin hook', LureKind::SlowSpinHook, 'plain', null, Forage::Worms, null],
        ['Bucktail', LureKind::Bucktail, 'black', 9.0, null, null],
        ['Big plug', LureKind::BigPlug, 'perch', 10.0, Forage::Barred, 12.0],
    ];

    public static function stow(Boat $boat): void
    {
        self::stowGear($boat);
        foreach (self::LURES as $lure) {
            self::stowLure($boat, ...$lure);
        }
    }

    public static function stowGear(Boat $boat): void
    {
        foreach (self::REELS as [$name, $material, $test, $colours, $calibrated, $count]) {
            $wire = self::wire($name);
            $boat->reels()->create([
                'name' => $name, 'material' => $material, 'test' => $test, 'colours' => $colours,
                'counter_calibrated' => $calibrated, 'count' => $count,
                'wire_length' => $wire === null ? null : $wire * Units::FOOT,
                'backing_material' => $colours === null && $wire === null ? null : 'braid',
                'backing_test' => $colours === null && $wire === null ? null : 30.0,
            ]);
        }
        foreach ([8, 10, 12, 15] as $pounds) {
            $boat->balls()->create(['name' => "Ball {$pounds} lb", 'mass' => $pounds * Units::POUND, 'count' => 2]);
        }
        foreach ([
            ['Small diver', 'small', false, 2],
            ['Medium diver', 'medium', false, 2],
            ['Large diver', 'large', false, 4],
            ['Large diver, ringed', 'large', true, 2],
        ] as [$name, $size, $ringed, $count]) {
            $boat->divers()->create(['name' => $name, 'size' => $size, 'ringed' => $ringed, 'count' => $count]);
        }
        foreach (['small' => 4, 'large' => 4, 'mast' => 2] as $size => $count) {
            $boat->boards()->create(['name' => ucfirst($size).' board', 'size' => $size, 'count' => $count]);
        }
        foreach ([1 => 4, 2 => 6, 3 => 6, 8 => 4] as $ounces => $count) {
            $boat->weights()->create([
                'name' => "Weight {$ounces} oz", 'mass' => $ounces * Units::POUND / 16, 'count' => $count,
            ]);
        }
        foreach ([6 => 12, 20 => 6] as $feet => $count) {
            $boat->leaders()->create([
                'name' => "Fluorocarbon 25 lb, {$feet} ft", 'material' => 'fluorocarbon', 'test' => 25.0,
                'length' => $feet * Units::FOOT, 'count' => $count,
            ]);
        }
        foreach ([
            ['Flasher 8 in, white', Attractor::SmallFlasher, 'white'], ['Flasher 11 in, green', Attractor::LargeFlasher, 'green'],
            ['Dodger, silver', Attractor::Dodger, 'silver'],
        ] as [$name, $kind, $finish]) {
            $boat->attractors()->create(['name' => $name, 'kind' => $kind->value, 'finish' => $finish, 'count' => 2]);
        }
    }

    private static function wire(string $reel): ?int
    {
        return self::WIRE[$reel] ?? null;
    }

    /**
     * @param  ?float  $length  inches
     * @param  ?float  $boxDepth  ft on 100 ft of 12 lb nylon at 2 mph
     */
    public static function stowLure(
        Boat $boat, string $name, LureKind $kind, string $finish, ?float $length, ?Forage $imitates, ?float $boxDepth,
    ): Lure {
        $rated = $boxDepth === null ? null : RatedPoint::onTheBox($boxDepth * Units::FOOT);
        $lure = new Lure([
            'name' => $name, 'kind' => $kind->value, 'finish' => $finish, 'rated_depth' => $rated?->depth,
            'size' => $length === null ? null : Units::Us->toSi(Quantity::Fish, $length), 'imitates' => $imitates?->value,
            'rated_lead' => $rated?->lead, 'rated_line_diameter' => $rated?->lineDiameter, 'rated_speed' => $rated?->speed,
        ]);
        $boat->lures()->save($lure->fitted());

        return $lure;
    }
}
