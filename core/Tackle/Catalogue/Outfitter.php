<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\FigureSheet;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Parts\Planer;
use Admek\Core\Tackle\Rigs\InlineBoard;
use Admek\Core\Tackle\Rigs\MastBoard;
use Admek\Core\Tackle\Rigs\Release;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Tackle\Rigs\TrailingRig;
use Admek\Core\Towing\Side;

/**
 * Makes the parts of one line's rig from its description; every figure passes over the sheet, where it can be the captain's own.
 */
final readonly class Outfitter
{
    /** lb of braid under core and wire, or about a segment, where the captain has not said. */
    private const BACKING_TEST = 30.0;

    /**
     * @param  ?DescribedLine  $host  whose cable it rides; null on its own
     * @param  array{float, float, float}  $mast  where a mast board's tow line leaves the boat, m in the towing frame
     */
    public function __construct(
        public DescribedLine $line,
        private FigureSheet $sheet = new FigureSheet,
        private ?DescribedLine $host = null,
        private array $mast = [0.0, 0.0, -3.0],
    ) {
    }

    /**
     * The rig, behind its board where it has one.
     *
     * @throws InvalidValue naming the field
     */
    public function rig(): Rig
    {
        $entry = $this->line->presentation->entry();
        if ($entry->holder !== $this->line->holder->kind) {
            throw InvalidValue::because('holder_id', $entry->holder->said());
        }
        $rig = ($entry->rig)($this);
        $board = $this->line->board;
        if ($board === null) {
            return $rig;
        }
        if (! $entry->takesBoard || ! $rig instanceof TrailingRig) {
            throw InvalidValue::because('board_id', 'none for this presentation');
        }
        $out = $this->line->need(LineFigure::BoardOut);

        return $board->size === BoardSize::Mast
            ? new MastBoard(
                $this->planer($board->size), $this->side(), $this->mast, $out, $this->line->need(LineFigure::ClipOut), $rig,
            )
            : new InlineBoard($this->planer($board->size), $this->side(), $out, $rig);
    }

    /** @throws InvalidValue when it is not given */
    public function need(LineFigure $figure): float
    {
        return $this->line->need($figure);
    }

    /** @throws InvalidValue where the reel cannot run the presentation */
    public function main(): LineStock
    {
        $reel = $this->line->reel;
        if (! in_array($reel->material, $this->line->presentation->entry()->reels, true)) {
            throw InvalidValue::because('reel_id', "a reel for this presentation, not one spooled with {$reel->material->value}");
        }

        return $this->stock('main', $reel->material, $reel->test);
    }

    /** What is spooled under core or wire, or spliced about a segment. */
    public function backing(): LineStock
    {
        $reel = $this->line->reel;

        return $this->stock('backing', $reel->backingMaterial ?? Material::Braid, $reel->backingTest ?? self::BACKING_TEST);
    }

    public function cable(): LineStock
    {
        $material = $this->line->cable ?? Material::RiggerCable;

        return $this->stock('cable', $material, (float) array_key_first($material->diameters()));
    }

    /** @throws InvalidValue naming the field */
    public function leader(): ?Leader
    {
        $length = $this->line->figure(LineFigure::LeaderLength);
        $attractor = $this->line->attractor?->kind;
        if ($length === null) {
            return $attractor === null ? null : throw InvalidValue::because('leader_length', 'given behind a flasher or dodger');
        }

        return new Leader(
            $this->stock(
                'leader',
                $this->line->leaderMaterial ?? throw InvalidValue::because('leader_material', 'given'),
                $this->need(LineFigure::LeaderTest),
            ),
            $length,
            $attractor,
            $attractor === null
                ? null
                : $this->sheet->take('attractor.drag_area', $attractor->dragArea(), 'm²', 'default for what flashes'),
            $attractor === null
                ? null
                : $this->sheet->take('attractor.mass', $attractor->mass(), 'kg', 'default for what flashes'),
        );
    }

    /**
     * @param  string  $for  what asks for one
     *
     * @throws InvalidValue when there is none
     */
    public function someLeader(string $for): Leader
    {
        return $this->leader() ?? throw InvalidValue::because('leader_length', "given {$for}");
    }

    /** @throws InvalidValue naming the figure */
    public function lure(): Lure
    {
        return $this->line->lure->lure($this->sheet);
    }

    /** @throws InvalidValue where there is none, or its mass is out of its range */
    public function ball(): LeadWeight
    {
        $mass = $this->line->figure(LineFigure::BallMass);
        if ($mass !== null) {
            LineFigure::BallMass->range()->hold(LineFigure::BallMass, $mass);
        }

        return new LeadWeight(
            $mass ?? $this->line->ball->mass ?? throw InvalidValue::because('ball', 'given for this presentation'),
        );
    }

    /** @throws InvalidValue where there is none, or it is out of its range */
    public function weight(): LeadWeight
    {
        $mass = $this->need(LineFigure::WeightMass);
        LineFigure::WeightMass->range()->hold(LineFigure::WeightMass, $mass);

        return new LeadWeight($mass);
    }

    public function diver(): DiverPlate
    {
        $diver = $this->line->diver ?? throw InvalidValue::because('diver', 'given for this presentation');
        $plate = DiverPlate::of($diver->size, $diver->ringed);
        $source = "default for a {$diver->size->value} plate".($diver->ringed ? ' with a rim ring' : '');

        return new DiverPlate(
            $this->sheet->take('diver.drag_area', $plate->dragArea, 'm²', $source),
            $this->sheet->take('diver.lift_area', $plate->liftArea, 'm²', $source),
            $this->sheet->take('diver.mass', $plate->mass, 'kg', $source),
        );
    }

    /** The side a board works to: the holder's own. */
    public function side(): Side
    {
        return $this->line->holder->side ?? throw InvalidValue::because('holder_id', 'a holder on the port or starboard side');
    }

    /** The side a dial works to: the one that was chosen, or the holder's own. */
    public function dialSide(): Side
    {
        return $this->line->dialSide ?? $this->line->holder->side ?? throw InvalidValue::because(
            'dial_side', 'port or starboard in a holder amidships',
        );
    }

    /** This rod's line on a cable. */
    public function release(float $above): Release
    {
        return new Release($above, $this->need(LineFigure::Lead), $this->main(), $this->leader(), $this->lure());
    }

    /**
     * What makes the rig whose cable this one rides.
     *
     * @throws InvalidValue when it is not in the spread
     */
    public function host(): self
    {
        return $this->host === null
            ? throw InvalidValue::because('rides_on', 'a boom with a rigger’s ball down in this spread')
            : new self($this->host, new FigureSheet($this->host->overrides));
    }

    private function planer(BoardSize $size): Planer
    {
        $default = $size->planer();
        $source = "default for a {$size->value} board";

        return new Planer(
            $this->sheet->take('board.drag_area', $default->dragArea, 'm²', $source),
            $this->sheet->take('board.side_area', $default->sideArea, 'm²', $source),
            $this->sheet->take('board.buoyancy', $default->buoyancy, 'N', $source),
            $this->sheet->take('board.mass', $default->mass, 'kg', $source),
        );
    }

    private function stock(string $part, Material $material, float $test): LineStock
    {
        $default = LineStock::of($material, $test);
        $source = sprintf('default for %s %g lb', str_replace('_', ' ', $material->value), $test);

        return LineStock::of(
            $material, $test,
            $this->sheet->take("{$part}.diameter", $default->diameter, 'm', $source),
            $this->sheet->take(
                "{$part}.normal_drag",
                $default->normalDrag,
                '',
                $material === Material::Leadcore ? "{$source}: it strums" : $source,
            ),
            $this->sheet->take("{$part}.weight", $default->weight(), 'N/m', $source),
        );
    }
}
