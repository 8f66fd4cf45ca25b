<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Parts\Attractor;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\FigureSheet;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Parts\Planer;
use Admek\Core\Tackle\Parts\RatedPoint;
use Admek\Core\Towing\Lip;
use Admek\Core\Towing\Side;

/** Makes the parts of one line's rig from its description; every figure passes over the sheet, where it can be the captain's own. */
final readonly class Outfitter
{
    public function __construct(private Description $line, private FigureSheet $sheet)
    {
    }

    /** @throws InvalidValue naming the field */
    public function presentation(): Presentation
    {
        return Presentation::tryFrom($this->line->text('presentation'))
            ?? throw InvalidValue::because('presentation', 'one of '.implode(', ', array_column(Presentation::cases(), 'value')));
    }

    /** @throws InvalidValue where the reel cannot run the presentation */
    public function main(): LineStock
    {
        $reel = $this->line->part('reel');
        $material = self::material($reel->text('material'));
        if (! $this->presentation()->takesReel($material)) {
            throw InvalidValue::because('reel_id', "a reel for this presentation, not one spooled with {$material->value}");
        }

        return $this->stock('main', $material, $reel->number('test'));
    }

    /** What is spooled under core or wire, or spliced about a segment; braid of 30 lb where the captain has not said. */
    public function backing(): LineStock
    {
        $reel = $this->line->part('reel');

        return $this->stock('backing', $reel->has('backing_material') ? self::material($reel->text('backing_material')) : Material::Braid, $reel->numberOr('backing_test', 30.0));
    }

    public function cable(): LineStock
    {
        $material = $this->line->has('cable') ? self::material($this->line->text('cable')) : Material::RiggerCable;

        return $this->stock('cable', $material, (float) array_key_first($material->diameters()));
    }

    /** @throws InvalidValue naming the field */
    public function leader(): ?Leader
    {
        if (! $this->line->has('leader_length')) {
            if ($this->line->has('attractor')) {
                throw InvalidValue::because('leader_length', 'given behind a flasher or dodger');
            }

            return null;
        }
        $attractor = $this->line->has('attractor') ? Attractor::tryFrom($this->line->text('attractor')) : null;

        return new Leader(
            $this->stock('leader', self::material($this->line->text('leader_material')), $this->line->number('leader_test')),
            $this->line->number('leader_length'),
            $attractor,
            $attractor === null ? null : $this->sheet->take('attractor.drag_area', $attractor->dragArea(), 'm²', 'default for what flashes'),
        );
    }

    public function lure(): Lure
    {
        $lure = $this->line->part('lure');
        $kind = LureKind::tryFrom($lure->text('kind')) ?? throw InvalidValue::because('lure.kind', 'one of '.implode(', ', array_column(LureKind::cases(), 'value')));
        $words = str_replace('_', ' ', $kind->value);
        $made = Lure::ofKind(
            $kind,
            $this->sheet->take('lure.drag_area', $kind->dragArea(), 'm²', "default for a {$words}"),
            $this->sheet->take('lure.weight', $kind->weight(), 'N', "default for a {$words}"),
        );
        if ($lure->has('rated')) {
            $made = self::rated($made, $lure);
        }
        $lip = $this->sheet->take('lure.down_area', $made->downArea, 'm²', match (true) {
            $made->rated !== null => 'solved from its rated point',
            $kind->dives() => "typical for a {$words}: enter its rated point to know it",
            default => 'it has no lip',
        });

        return $lip === $made->downArea ? $made : $made->diving($lip);
    }

    private static function rated(Lure $lure, Description $description): Lure
    {
        $point = $description->part('rated');
        $rated = new RatedPoint($point->number('depth'), $point->number('lead'), $point->number('line_diameter'), $point->number('speed'), $point->flag('trued'));

        return $description->has('down_area') && $description->has('lip')
            ? $lure->fitted($rated, $description->number('down_area'), Lip::ofList(array_values($description->numbers('lip'))))
            : $lure->ratedAt($rated);
    }

    public function ball(): LeadWeight
    {
        return new LeadWeight($this->line->has('ball_mass') ? $this->line->number('ball_mass') : $this->line->part('ball')->number('mass'));
    }

    public function diver(): DiverPlate
    {
        $diver = $this->line->part('diver');
        $plate = DiverPlate::of(DiverSize::tryFrom($diver->text('size')) ?? throw InvalidValue::because('diver.size', 'small, medium or large'), $diver->flag('ringed'));
        $source = 'default for a '.$diver->text('size').' plate'.($diver->flag('ringed') ? ' with a rim ring' : '');

        return new DiverPlate(
            $this->sheet->take('diver.drag_area', $plate->dragArea, 'm²', $source),
            $this->sheet->take('diver.lift_area', $plate->liftArea, 'm²', $source),
        );
    }

    public function planer(): Planer
    {
        $size = BoardSize::tryFrom($this->line->part('board')->text('size')) ?? throw InvalidValue::because('board.size', 'small, large or mast');
        $default = $size->planer();
        $source = "default for a {$size->value} board";

        return new Planer(
            $this->sheet->take('board.drag_area', $default->dragArea, 'm²', $source),
            $this->sheet->take('board.side_area', $default->sideArea, 'm²', $source),
            $this->sheet->take('board.buoyancy', $default->buoyancy, 'N', $source),
        );
    }

    /** The side a dial or a board works to: the holder's own, or for a diver the one that was chosen. */
    public function side(): Side
    {
        $side = $this->line->has('dial_side') && $this->presentation() === Presentation::Diver ? $this->line->text('dial_side') : $this->line->part('holder')->text('side');

        return Side::tryFrom($side) ?? throw InvalidValue::because(
            $this->presentation() === Presentation::Diver ? 'dial_side' : 'holder_id',
            $this->presentation() === Presentation::Diver ? 'port or starboard in a holder amidships' : 'a holder on the port or starboard side',
        );
    }

    private function stock(string $part, Material $material, float $test): LineStock
    {
        $default = LineStock::of($material, $test);
        $source = sprintf('default for %s %g lb', str_replace('_', ' ', $material->value), $test);

        return LineStock::of(
            $material, $test,
            $this->sheet->take("{$part}.diameter", $default->diameter, 'm', $source),
            $this->sheet->take("{$part}.normal_drag", $default->normalDrag, '', $material === Material::Leadcore ? "{$source}: it strums" : $source),
            $this->sheet->take("{$part}.weight", $default->weight(), 'N/m', $source),
        );
    }

    private static function material(string $material): Material
    {
        return Material::tryFrom($material) ?? throw InvalidValue::because('material', 'one of '.implode(', ', array_column(Material::cases(), 'value')));
    }
}
