<?php

declare(strict_types=1);

namespace Tests\Core\Tackle\Support;

use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Parts\RatedPoint;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowSolver;

/** Rigs of stock gear. */
trait RigsOfStock
{
    private const FOOT = 0.3048;

    private const TIP = [0.0, -1.5, -1.0];

    /** @return array<string, array{float, float, float}> */
    private function depths(Rig $rig, float $mph = 2.3): array
    {
        return (new TowSolver)->solve($this->water($mph), null, $rig->towLine('a', self::TIP))->bodies;
    }

    private function water(float $mph): Water
    {
        return new Water(999.8, Flow::uniform($mph * 0.44704));
    }

    public function flat(float $letOut): FlatLine
    {
        return new FlatLine(LineStock::of(Material::Nylon, 14), $letOut, $this->leader(1.8), $this->spoon());
    }

    public function spoon(): Lure
    {
        return Lure::ofKind(LureKind::MediumSpoon);
    }

    private function plug(): Lure
    {
        return Lure::ofKind(LureKind::DeepPlug)->ratedAt($this->rating());
    }

    private function rating(): RatedPoint
    {
        return new RatedPoint(15 * self::FOOT, 100 * self::FOOT, 0.00035, 2.0 * 0.44704);
    }

    private function leader(float $length): Leader
    {
        return new Leader(LineStock::of(Material::Fluorocarbon, 25), $length);
    }
}
