<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp;

use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\Doubt\Doubt;

/**
 * Whose each figure behind a line's depth is: what is learnt on one rod speaks for every rod with the same gear, and what is
 * learnt of the water for every line of the same trip.
 */
final class Owners
{
    private const TRIP = 'trip ';

    private const WEIGHT = '/^weight of ([\d.]+) kg$/';

    /**
     * @param  Rig  $rig  the same line, rigged
     * @param  string  $trip  whose water and speed it was, or is, towed in
     * @return array<string, string> by {@see Doubt}
     */
    public static function of(DescribedLine $line, Rig $rig, string $trip): array
    {
        $owners = [
            Doubt::LineDrag->value => self::piece(GearForm::Reels, $line->reel->name),
            Doubt::LetOut->value => PlannedLine::isReadAtHolder($rig)
                ? "counter at {$line->holder->code}" : self::counter($line->reel->name),
            Doubt::LureDrag->value => self::piece(GearForm::Lures, $line->lure->name),
            Doubt::LureDive->value => self::piece(GearForm::Lures, $line->lure->name),
            Doubt::Speed->value => self::trip($trip),
            Doubt::Current->value => self::trip($trip),
        ];
        if ($line->diver !== null) {
            $owners[Doubt::DiverLift->value] = self::piece(GearForm::Divers, $line->diver->name);
        }
        $mass = $line->figure(LineFigure::WeightMass);
        if ($line->ball !== null) {
            $owners[Doubt::WeightDrag->value] = self::piece(GearForm::Balls, $line->ball->name);
        } elseif ($mass !== null) {
            $owners[Doubt::WeightDrag->value] = self::weight($mass);
        }

        return $owners;
    }

    /** A reel's line, a lure, a ball or a diver. */
    public static function piece(GearForm $form, string $name): string
    {
        return "{$form->one()} {$name}";
    }

    public static function counter(string $reel): string
    {
        return "counter of {$reel}";
    }

    /** @param  float  $mass  kg: whatever hangs as heavy is taken to be alike */
    public static function weight(float $mass): string
    {
        return sprintf('weight of %.3f kg', $mass);
    }

    public static function trip(string $trip): string
    {
        return self::TRIP.$trip;
    }

    /** @return ?string whose trip it is; null of gear */
    public static function tripOf(string $owner): ?string
    {
        return str_starts_with($owner, self::TRIP) ? substr($owner, strlen(self::TRIP)) : null;
    }

    /** @return ?float kg; null of anything but a weight */
    public static function massOf(string $owner): ?float
    {
        return preg_match(self::WEIGHT, $owner, $match) === 1 ? (float) $match[1] : null;
    }

    /**
     * Whether two lines share a piece of gear.
     *
     * @param  array<string, string>  $one  owners of its figures
     * @param  array<string, string>  $other
     */
    public static function meet(array $one, array $other): bool
    {
        return array_filter(
            array_intersect($one, $other), static fn (string $owner): bool => self::tripOf($owner) === null,
        ) !== [];
    }
}
