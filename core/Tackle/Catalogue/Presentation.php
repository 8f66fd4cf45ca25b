<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Units\Units;

/** Ways to present a lure. */
enum Presentation: string
{
    case Rigger = 'rigger';
    case Stacker = 'stacker';
    case Diver = 'diver';
    case Flat = 'flat';
    case Core = 'core';
    case Segment = 'segment';
    case Wire = 'wire';
    case Clip = 'clip';
    case Bouncer = 'bouncer';
    case Dropper = 'dropper';
    case Wash = 'wash';
    case DownRod = 'down_rod';

    /** As the trade calls it. */
    public function word(): string
    {
        return match ($this) {
            self::Rigger => 'riggers',
            self::Stacker => 'stacked releases',
            self::Diver => 'divers',
            self::Flat => 'flat lines and boards',
            self::Core => 'leadcore',
            self::Segment => 'segmented core',
            self::Wire => 'wire',
            self::Clip => 'clip weights',
            self::Bouncer => 'bouncers',
            self::Dropper => 'droppers',
            self::Wash => 'wash lines',
            self::DownRod => 'down rods',
        };
    }

    /** Whether it may trail a board too. */
    public function takesBoard(): bool
    {
        return in_array($this, [self::Flat, self::Core, self::Segment, self::Wire, self::Clip], true);
    }

    /** Whether a holder of a kind, rod or boom, can hold it: a ball hangs from a boom, everything else from a rod. */
    public function fits(string $holderKind): bool
    {
        return ($this === self::Rigger) === ($holderKind === 'boom');
    }

    /** Whether a reel spooled with a material can run it. */
    public function takesReel(Material $material): bool
    {
        return match ($this) {
            self::Core, self::Segment => $material === Material::Leadcore,
            self::Wire => $material->isWire(),
            self::Diver => in_array($material, [Material::Braid, Material::Nylon, Material::Steel], true),
            default => in_array($material, [Material::Nylon, Material::Fluorocarbon, Material::Braid], true),
        };
    }

    /**
     * The figures that make it up, from rod tip to hook, beside reel, leader and lure.
     *
     * @return list<string>
     */
    public function figures(): array
    {
        return match ($this) {
            self::Rigger => ['ball', 'let_out', 'lead'],
            self::Stacker => ['rides_on', 'above', 'lead'],
            self::Diver => ['let_out', 'diver', 'dial', 'dial_side'],
            self::Flat, self::Wash, self::DownRod => ['let_out'],
            self::Core => ['colours', 'backing'],
            self::Segment => ['let_out', 'colours', 'lead'],
            self::Wire => ['let_out', 'backing'],
            self::Clip => ['let_out', 'weight_mass', 'lead'],
            self::Bouncer => ['let_out', 'weight_mass'],
            self::Dropper => ['let_out', 'weight_mass', 'dropper_length'],
        };
    }

    /**
     * Families of lure a new line of this kind starts with, the likeliest first.
     *
     * @return list<LureKind>
     */
    public function likelyLures(): array
    {
        return match ($this) {
            self::Flat => [LureKind::LongMinnow, LureKind::DeepPlug, LureKind::SmallMinnow],
            self::Bouncer => [LureKind::WormHarness, LureKind::SlowSpinHook],
            self::Dropper => [LureKind::LongMinnow, LureKind::RiggedBait, LureKind::SmallMinnow],
            self::Wash => [LureKind::Bucktail, LureKind::BigPlug],
            // So short a line stays up unless its lure dives.
            self::DownRod => [LureKind::BigPlug, LureKind::DeepPlug, LureKind::Bucktail],
            default => [LureKind::MediumSpoon, LureKind::MagnumSpoon, LureKind::SmallSpoon],
        };
    }

    /**
     * Figures a new line of this kind starts from: what most boats would first let out.
     *
     * @return array<string, float> m, colours, dial marks or kg by figure
     */
    public function startingFigures(): array
    {
        return match ($this) {
            self::Rigger => ['let_out' => 50 * Units::FOOT, 'lead' => 20 * Units::FOOT],
            self::Stacker => ['above' => 15 * Units::FOOT, 'lead' => 15 * Units::FOOT],
            self::Diver => ['let_out' => 120 * Units::FOOT, 'dial' => 2.0],
            self::Flat => ['let_out' => 100 * Units::FOOT],
            self::Core => ['colours' => 5.0, 'backing' => 0.0],
            self::Segment => ['let_out' => 60 * Units::FOOT, 'colours' => 3.0, 'lead' => 30 * Units::FOOT],
            self::Wire => ['let_out' => 150 * Units::FOOT, 'backing' => 0.0],
            self::Clip => ['let_out' => 60 * Units::FOOT, 'lead' => 30 * Units::FOOT, 'weight_mass' => 0.056699],
            self::Bouncer => ['let_out' => 40 * Units::FOOT, 'weight_mass' => 0.056699],
            self::Dropper => ['let_out' => 40 * Units::FOOT, 'weight_mass' => 0.085049, 'dropper_length' => 1.5 * Units::FOOT],
            self::Wash => ['let_out' => 18 * Units::FOOT, 'tip_height' => 0.0],
            self::DownRod => ['let_out' => 10 * Units::FOOT, 'tip_height' => 0.0],
        };
    }
}
