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
use Admek\Core\Tackle\Described\Range;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\TowLine;
use Admek\Core\Units\Units;

/**
 * A three-way: a weight on its dropper and a lure on its leader meet at the node, then the main line. River work:
 * what holds it is the current past the gear plus the boat's own way. Let-out is read from rod tip to the node.
 */
final readonly class Dropper extends BottomRig
{
    /**
     * @param  float  $dropper  m from node to weight
     * @param  float  $letOut  m
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        LineStock $main,
        LeadWeight $weight,
        public float $dropper,
        float $letOut,
        public Leader $leader,
        Lure $lure,
    ) {
        LineFigure::DropperLength->range()->hold(LineFigure::DropperLength, $dropper);
        self::range()->hold(LineFigure::LetOut, $letOut);
        parent::__construct($main, $weight, $letOut, $lure);
    }

    public static function entry(): Entry
    {
        return new Entry(
            'dropper', 'droppers', 'A minnow or bait held off the bottom of a river, weight down, against what current there is.',
            static fn (Outfitter $outfit): self => new self(
                $outfit->main(), $outfit->weight(), $outfit->need(LineFigure::DropperLength), $outfit->need(LineFigure::LetOut),
                $outfit->someLeader('for a three-way'), $outfit->lure(),
            ),
            [
                Part::rodTip(),
                Part::line(Field::beside(LineFigure::LetOut, 'Let out to the node', self::range())),
                Part::weight(Field::figure(LineFigure::WeightMass, 'weight')),
                Part::span(Field::figure(LineFigure::DropperLength, 'dropper, node to weight')),
                ...Part::tail(),
            ],
            ['let_out' => 40 * Units::FOOT, 'weight_mass' => LeadWeight::THREE_OUNCES, 'dropper_length' => 1.5 * Units::FOOT],
            lures: [LureKind::LongMinnow, LureKind::RiggedBait, LureKind::SmallMinnow],
            second: ['{weight_mass}'],
            fishes: [2, 12],
            suits: static fn (Prospect $water): array => [
                $water->river && ($water->walleye || $water->onBottom) ? 1.3 : 0.0,
                'In current a dropper holds bottom and keeps the bait off it.',
            ],
        );
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $tip, [
            $this->weight->body(self::WEIGHT), $this->main->length($this->dropper),
            new Branch([$this->lure->body(), ...$this->leader->parts()]),
            $this->main->length($this->letOut, letOut: true),
        ]);
    }

    public function control(): Control
    {
        return self::range()->control(ControlKind::LetOut, $this->letOut);
    }

    public function withControl(float $value): self
    {
        return new self($this->main, $this->weight, $this->dropper, $value, $this->leader, $this->lure);
    }

    public function withWeight(float $mass): static
    {
        return new self($this->main, new LeadWeight($mass), $this->dropper, $this->letOut, $this->leader, $this->lure);
    }

    private static function range(): Range
    {
        return new Range(1, 100, 2 * Units::FOOT, 0.5);
    }
}
