<?php

declare(strict_types=1);

namespace Admek\Core\Drills;

use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\Bouncer;
use Admek\Core\Tackle\Rigs\ClipWeight;
use Admek\Core\Tackle\Rigs\Diver;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\Dropper;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\FlatRun;
use Admek\Core\Tackle\Rigs\InlineBoard;
use Admek\Core\Tackle\Rigs\Leadcore;
use Admek\Core\Tackle\Rigs\Release;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Tackle\Rigs\SegmentedCore;
use Admek\Core\Tackle\Rigs\ThreeWay;
use Admek\Core\Tackle\Rigs\TrailingRig;
use Admek\Core\Tackle\Rigs\Wire;
use Admek\Core\Towing\Side;
use Admek\Core\Units\Units;
use LogicException;

/** Lines of a made-up boat, by the holder they stand in; lengths in feet, as a crew reads them off. */
final class Gear
{
    /** A rod in its holder: P1 far forward to port, S5 at the starboard corner, C1 amidships. */
    public static function in(string $code, Rig $rig): PlannedLine
    {
        $place = (int) $code[1];
        $side = self::side($code)?->sign() ?? 0;
        $boom = $rig->cable() !== null;

        return new PlannedLine($code, $rig, [
            0.8 * ($place - 5), $side * (2.8 - 0.2 * $place) + ($side === 0 ? 0.5 * (2 * $place - 3) : 0.0),
            $boom ? -1.0 : -max(1.0, 3.2 - 0.4 * $place),
        ]);
    }

    public static function side(string $code): ?Side
    {
        return match ($code[0]) {
            'P' => Side::Port,
            'S' => Side::Starboard,
            default => null,
        };
    }

    /** What a rod is, as the trade calls it. */
    public static function named(PlannedLine $line): string
    {
        $rig = $line->rig;
        if ($rig->board() !== null) {
            return 'board';
        }
        $presentation = match (true) {
            $rig instanceof Downrigger => Presentation::Rigger,
            $rig instanceof Diver => Presentation::Diver,
            $rig instanceof Leadcore => Presentation::Core,
            $rig instanceof SegmentedCore => Presentation::Segment,
            $rig instanceof Wire => Presentation::Wire,
            $rig instanceof ClipWeight => Presentation::Clip,
            $rig instanceof ThreeWay => Presentation::ThreeWay,
            $rig instanceof Bouncer => Presentation::Bouncer,
            $rig instanceof Dropper => Presentation::Dropper,
            $rig instanceof FlatLine => Presentation::Flat,
            default => throw new LogicException('a rig no drill hangs'),
        };

        return $presentation->entry()->name;
    }

    public static function rigger(float $cable, float $lead, LureKind $lure = LureKind::MediumSpoon): Downrigger
    {
        return new Downrigger(
            new LeadWeight(5.443), LineStock::of(Material::RiggerCable, 150), self::m($cable), self::release(0.0, $lead, $lure),
        );
    }

    /** Clipped so high over the ball of a rigger that has a rod of its own. */
    public static function stacker(float $cable, float $above): Downrigger
    {
        return new Downrigger(
            new LeadWeight(5.443), LineStock::of(Material::RiggerCable, 150), self::m($cable),
            self::release($above, 15.0, LureKind::MediumSpoon), [self::release(0.0, 20.0, LureKind::MediumSpoon)],
        );
    }

    public static function diver(string $code, float $out, float $dial): Diver
    {
        return new Diver(
            DiverPlate::of(DiverSize::Large, false), $dial, self::side($code) ?? Side::Port, self::braid(), self::m($out),
            self::leader(6.0), Lure::ofKind(LureKind::MediumSpoon),
        );
    }

    public static function flat(float $out, LureKind $lure = LureKind::LongMinnow): FlatLine
    {
        return new FlatLine(self::nylon(), self::m($out), self::leader(6.0), Lure::ofKind($lure));
    }

    public static function wash(float $out): FlatLine
    {
        return new FlatLine(self::heavy(), self::m($out), null, Lure::ofKind(LureKind::Bucktail), FlatRun::Wash);
    }

    public static function downRod(float $out): FlatLine
    {
        return new FlatLine(self::heavy(), self::m($out), null, Lure::ofKind(LureKind::BigPlug), FlatRun::DownRod);
    }

    public static function bigPlug(float $out): FlatLine
    {
        return new FlatLine(self::heavy(), self::m($out), null, Lure::ofKind(LureKind::BigPlug));
    }

    public static function core(float $colours, LureKind $lure = LureKind::MediumSpoon): Leadcore
    {
        return new Leadcore(
            LineStock::of(Material::Leadcore, 27), $colours, max(10.0, 2.0 * $colours), self::braid(), 0.0, self::leader(20.0),
            Lure::ofKind($lure),
        );
    }

    public static function wire(float $out): Wire
    {
        return new Wire(
            LineStock::of(Material::Copper, 32), self::m($out), self::m(2.0 * $out), self::braid(), 0.0, self::leader(20.0),
            Lure::ofKind(LureKind::MediumSpoon),
        );
    }

    public static function segment(float $colours, float $out): SegmentedCore
    {
        return new SegmentedCore(
            LineStock::of(Material::Leadcore, 18), $colours, LineStock::of(Material::Nylon, 12), self::m(20.0), self::m($out),
            self::leader(6.0), Lure::ofKind(LureKind::LongMinnow),
        );
    }

    public static function clip(float $out, float $mass): ClipWeight
    {
        return new ClipWeight(
            self::nylon(), new LeadWeight($mass), self::m(40.0), self::m($out), null, Lure::ofKind(LureKind::LongMinnow),
        );
    }

    public static function threeWay(float $out, float $mass): ThreeWay
    {
        return new ThreeWay(
            self::braid(), new LeadWeight($mass), self::m(2.0), self::m($out), self::leader(6.0),
            Lure::ofKind(LureKind::SmallMinnow),
        );
    }

    public static function bouncer(float $out, float $mass): Bouncer
    {
        return new Bouncer(
            LineStock::of(Material::Braid, 10), new LeadWeight($mass), self::m($out), self::leader(4.0),
            Lure::ofKind(LureKind::WormHarness),
        );
    }

    public static function dropper(float $out, float $mass): Dropper
    {
        return new Dropper(
            LineStock::of(Material::Braid, 10), new LeadWeight($mass), self::m(1.5), self::m($out), self::leader(4.0),
            Lure::ofKind(LureKind::WormHarness),
        );
    }

    public static function board(string $code, float $out, TrailingRig $trailing): InlineBoard
    {
        return new InlineBoard(BoardSize::Large->planer(), self::side($code) ?? Side::Port, self::m($out), $trailing);
    }

    private static function release(float $above, float $lead, LureKind $lure): Release
    {
        return new Release(self::m($above), self::m($lead), self::nylon(), self::leader(6.0), Lure::ofKind($lure));
    }

    private static function leader(float $length): Leader
    {
        return new Leader(LineStock::of(Material::Fluorocarbon, 20), self::m($length));
    }

    private static function nylon(): LineStock
    {
        return LineStock::of(Material::Nylon, 20);
    }

    private static function braid(): LineStock
    {
        return LineStock::of(Material::Braid, 30);
    }

    private static function heavy(): LineStock
    {
        return LineStock::of(Material::Braid, 80);
    }

    private static function m(float $feet): float
    {
        return $feet * Units::FOOT;
    }
}
