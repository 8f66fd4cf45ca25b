<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Entry;
use Admek\Core\Tackle\Catalogue\Field;
use Admek\Core\Tackle\Catalogue\Outfitter;
use Admek\Core\Tackle\Catalogue\Part;
use Admek\Core\Tackle\Catalogue\Prospect;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Described\Range;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Units\Units;

/**
 * Lure – leader – lighter line – a few colours of core – main line: the core is a sinking middle, all of it out, and
 * what is let out behind it sets the depth.
 */
final readonly class SegmentedCore extends SoleTrailingRig
{
    /**
     * @param  float  $ahead  m of lighter line between leader and core
     * @param  float  $colours  in the segment
     * @param  float  $letOut  m of main line behind the core
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public LineStock $core,
        public float $colours,
        public LineStock $main,
        public float $ahead,
        public float $letOut,
        public ?Leader $leader,
        public Lure $lure,
    ) {
        if ($core->material !== Material::Leadcore) {
            throw InvalidValue::because('reel', 'one with a segment of leadcore');
        }
        self::colours()->hold(LineFigure::Colours, $colours);
        self::ahead()->hold(LineFigure::Lead, $ahead);
        self::range()->hold(LineFigure::LetOut, $letOut);
    }

    public static function entry(): Entry
    {
        return new Entry(
            'segmented core', 'segmented core',
            'A few colours far back on lighter line: core’s depth with the reach and feel of a thin line.',
            static fn (Outfitter $outfit): self => new self(
                $outfit->main(), $outfit->need(LineFigure::Colours), $outfit->backing(), $outfit->need(LineFigure::Lead),
                $outfit->need(LineFigure::LetOut),
                $outfit->leader(), $outfit->lure(),
            ),
            [
                Part::rodTip(),
                Part::line(
                    Field::beside(LineFigure::LetOut, 'Let out to the core', self::range()),
                    Field::figure(LineFigure::Colours, 'core spliced in', self::colours()),
                ),
                Part::span(Field::figure(LineFigure::Lead, 'lighter line, core to leader', self::ahead())),
                ...Part::tail(),
            ],
            ['let_out' => 60 * Units::FOOT, 'colours' => 3.0, 'lead' => 30 * Units::FOOT],
            reels: [Material::Leadcore],
            takesBoard: true,
            setting: '{let_out#} + {colours#} col',
            second: ['{lead} ahead'],
            more: ['{colours} spliced in'],
            reelHolds: LineFigure::Colours,
            fishes: [3, 12],
            suits: static fn (Prospect $water): array => [
                $water->muskie !== null ? 0.0 : ($water->walleye ? 0.9 : 0.6),
                'A short core behind a board fishes the middle water far out.',
            ],
        );
    }

    public function chain(): array
    {
        return [
            $this->lure->body(), ...($this->leader?->parts() ?? []), $this->main->length($this->ahead),
            $this->core->length($this->colours * Leadcore::COLOUR), $this->main->length($this->letOut, letOut: true),
        ];
    }

    public function control(): Control
    {
        return self::range()->control(ControlKind::LetOut, $this->letOut);
    }

    public function withControl(float $value): self
    {
        return new self($this->core, $this->colours, $this->main, $this->ahead, $value, $this->leader, $this->lure);
    }

    public function lure(): Lure
    {
        return $this->lure;
    }

    public function ruleOfThumb(?RulesOfThumb $rules = null): RuleOfThumb
    {
        return Leadcore::perColour($rules, $this->colours, $this->lure);
    }

    public function wouldHelp(): array
    {
        return ['more colours in the segment', 'a slower speed', 'a diving lure'];
    }

    private static function range(): Range
    {
        return LineFigure::LetOut->range()->within(0.0);
    }

    private static function colours(): Range
    {
        return LineFigure::Colours->range()->within(0.1, 10.0);
    }

    private static function ahead(): Range
    {
        return LineFigure::Lead->range()->within(0.0, 60.0);
    }
}
