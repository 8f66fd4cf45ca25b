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
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Towing\Branch;
use Admek\Core\Units\Units;

/**
 * A three-way run off the ground, behind a board as a rule: a weight on its dropper holds the node down, a lure swims on a
 * long leader from it. Let-out is read from board (or rod tip) to the node.
 */
final readonly class ThreeWay extends SoleTrailingRig
{
    /**
     * @param  float  $dropper  m from node to weight
     * @param  float  $letOut  m
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public LineStock $main,
        public LeadWeight $weight,
        public float $dropper,
        public float $letOut,
        public Leader $leader,
        public Lure $lure,
    ) {
        LineFigure::DropperLength->range()->hold(LineFigure::DropperLength, $dropper);
        LineFigure::LetOut->range()->hold(LineFigure::LetOut, $letOut);
    }

    public static function entry(): Entry
    {
        return new Entry(
            'weighted three-way', 'weighted three-ways',
            'A minnow or spoon far to the side in mid water, held down by a weight that hangs clear of it.',
            static fn (Outfitter $outfit): self => new self(
                $outfit->main(), $outfit->weight(), $outfit->need(LineFigure::DropperLength), $outfit->need(LineFigure::LetOut),
                $outfit->someLeader('for a three-way'), $outfit->lure(),
            ),
            [
                Part::rodTip(),
                Part::line(Field::beside(LineFigure::LetOut, 'Let out to the node')),
                Part::weight(Field::figure(LineFigure::WeightMass, 'weight')),
                Part::span(Field::figure(LineFigure::DropperLength, 'dropper, node to weight')),
                ...Part::tail(),
            ],
            ['let_out' => 60 * Units::FOOT, 'weight_mass' => LeadWeight::THREE_OUNCES, 'dropper_length' => 2 * Units::FOOT],
            lures: [LureKind::LongMinnow, LureKind::SmallMinnow, LureKind::MediumSpoon],
            takesBoard: true,
            boardWord: 'board, 3-way',
            second: ['{weight_mass}'],
            fishes: [2, 12],
            suits: static fn (Prospect $water): array => [
                $water->walleye ? 0.95 : 0.5, 'A three-way behind a board takes a minnow down far from the boat.',
            ],
        );
    }

    public function chain(): array
    {
        return [
            $this->weight->body(BottomRig::WEIGHT), $this->main->length($this->dropper),
            new Branch([$this->lure->body(), ...$this->leader->parts()]),
            $this->main->length($this->letOut, letOut: true),
        ];
    }

    public function control(): Control
    {
        return LineFigure::LetOut->range()->control(ControlKind::LetOut, $this->letOut);
    }

    public function withControl(float $value): self
    {
        return new self($this->main, $this->weight, $this->dropper, $value, $this->leader, $this->lure);
    }

    public function otherControl(): Control
    {
        return $this->weight->asControl();
    }

    public function withOtherControl(float $value): self
    {
        return new self($this->main, new LeadWeight($value), $this->dropper, $this->letOut, $this->leader, $this->lure);
    }

    public function lure(): Lure
    {
        return $this->lure;
    }

    public function wouldHelp(): array
    {
        return LeadWeight::WOULD_HELP;
    }
}
