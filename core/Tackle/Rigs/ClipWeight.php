<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Entry;
use Admek\Core\Tackle\Catalogue\Field;
use Admek\Core\Tackle\Catalogue\Outfitter;
use Admek\Core\Tackle\Catalogue\Part;
use Admek\Core\Tackle\Catalogue\Prospect;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Units\Units;

/** Lure – lead ahead – weight – main line. Let-out is read from rod tip (or board) to the weight. */
final readonly class ClipWeight extends SoleTrailingRig
{
    /**
     * @param  float  $lead  m from weight to lure, leader within
     * @param  float  $letOut  m
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public LineStock $main,
        public LeadWeight $weight,
        public float $lead,
        public float $letOut,
        public ?Leader $leader,
        public Lure $lure,
    ) {
        LineFigure::Lead->range()->within($leader->length ?? LineFigure::Lead->range()->least)->hold(LineFigure::Lead, $lead);
        LineFigure::LetOut->range()->hold(LineFigure::LetOut, $letOut);
    }

    public static function entry(): Entry
    {
        return new Entry(
            'clip weight', 'clip weights',
            'A spoon or minnow taken down a little more than it goes by itself, a board’s length from the boat.',
            static fn (Outfitter $outfit): self => new self(
                $outfit->main(), $outfit->weight(), $outfit->need(LineFigure::Lead), $outfit->need(LineFigure::LetOut),
                $outfit->leader(), $outfit->lure(),
            ),
            [
                Part::rodTip(),
                Part::line(Field::beside(LineFigure::LetOut, 'Let out to the weight')),
                Part::weight(Field::figure(LineFigure::WeightMass, 'clip weight')),
                Part::span(Field::figure(LineFigure::Lead, 'lead, weight to lure')),
                ...Part::tail(),
            ],
            ['let_out' => 60 * Units::FOOT, 'lead' => 30 * Units::FOOT, 'weight_mass' => LeadWeight::TWO_OUNCES],
            takesBoard: true,
            second: ['{weight_mass}, {lead#} lead'],
            fishes: [3, 12],
            suits: static fn (Prospect $water): array => [
                match (true) {
                    $water->muskie !== null => 0.1,
                    $water->walleye => 1.0,
                    default => 0.5,
                }, 'A clip weight takes a plain lure to mid water.',
            ],
        );
    }

    public function chain(): array
    {
        $leader = $this->leader?->parts() ?? [];

        return [
            $this->lure->body(), ...$leader, $this->main->length($this->lead - ($this->leader->length ?? 0.0)),
            $this->weight->body('weight'), $this->main->length($this->letOut, letOut: true),
        ];
    }

    public function control(): Control
    {
        return LineFigure::LetOut->range()->control(ControlKind::LetOut, $this->letOut);
    }

    public function withControl(float $value): self
    {
        return new self($this->main, $this->weight, $this->lead, $value, $this->leader, $this->lure);
    }

    public function otherControl(): Control
    {
        return $this->weight->asControl();
    }

    public function withOtherControl(float $value): self
    {
        return new self($this->main, new LeadWeight($value), $this->lead, $this->letOut, $this->leader, $this->lure);
    }

    public function lure(): Lure
    {
        return $this->lure;
    }
}
