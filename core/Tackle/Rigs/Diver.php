<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Entry;
use Admek\Core\Tackle\Catalogue\Field;
use Admek\Core\Tackle\Catalogue\Outfitter;
use Admek\Core\Tackle\Catalogue\Part;
use Admek\Core\Tackle\Catalogue\PartSign;
use Admek\Core\Tackle\Catalogue\Pick;
use Admek\Core\Tackle\Catalogue\Prospect;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Catalogue\SettingRank;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Described\Range;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Units\Units;

/** Lure – leader – diver – main line. Let-out is read to the diver; leader and lure trail it. */
final readonly class Diver extends SoleRig
{
    /**
     * @param  float  $letOut  m
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public DiverPlate $plate,
        public float $dial,
        public Side $side,
        public LineStock $main,
        public float $letOut,
        public Leader $leader,
        public Lure $lure,
        public bool $tripped = false,
    ) {
        self::range()->hold(LineFigure::LetOut, $letOut);
        LineFigure::Dial->range()->hold(LineFigure::Dial, $dial);
    }

    public static function entry(): Entry
    {
        return new Entry(
            'diver', 'divers', 'Out to the side and down without a rigger: the dial sets how far aside, the let-out how deep.',
            static fn (Outfitter $outfit): self => new self(
                $outfit->diver(), $outfit->need(LineFigure::Dial), $outfit->dialSide(), $outfit->main(),
                $outfit->need(LineFigure::LetOut),
                $outfit->someLeader('for a diver'), $outfit->lure(),
            ),
            [
                Part::rodTip(),
                Part::line(Field::beside(LineFigure::LetOut, 'Let out to the diver', self::range())),
                Part::of(
                    PartSign::Diver,
                    Field::pick(Pick::Diver, 'Diver'),
                    Field::beside(LineFigure::Dial, 'Dial', before: 'dial'),
                    Field::pick(Pick::DialSide, 'Side the dial works to'),
                ),
                ...Part::tail(),
            ],
            ['let_out' => 120 * Units::FOOT, 'dial' => 2.0],
            reels: [Material::Braid, Material::Nylon, Material::Steel],
            words: ['diver {dial} {dial_side}', 'diver {dial}', 'diver 0'],
            fishes: [6, 36],
            suits: static fn (Prospect $water): array => [
                match (true) {
                    $water->muskie !== null => 0.2,
                    $water->coldShallows => 0.6,
                    default => 0.95,
                }, 'Divers get down and out to the side, over water the boat has not run.',
            ],
        );
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $tip, [
            $this->lure->body(), ...$this->leader->parts(),
            $this->plate->body($this->dial, $this->side, $this->tripped), $this->main->length($this->letOut, letOut: true),
        ]);
    }

    public function control(): Control
    {
        return self::range()->control(ControlKind::LetOut, $this->letOut);
    }

    public function withControl(float $value): self
    {
        return new self($this->plate, $this->dial, $this->side, $this->main, $value, $this->leader, $this->lure, $this->tripped);
    }

    public function otherControl(): Control
    {
        return LineFigure::Dial->range()->control(ControlKind::Dial, $this->dial, deepens: false);
    }

    public function withOtherControl(float $value): self
    {
        return new self(
            $this->plate, $value, $this->side, $this->main, $this->letOut, $this->leader, $this->lure, $this->tripped,
        );
    }

    public function lure(): Lure
    {
        return $this->lure;
    }

    public function rank(): SettingRank
    {
        return SettingRank::Diver;
    }

    public function outside(): float
    {
        return $this->dial;
    }

    public function wouldHelp(): array
    {
        return ['a lower dial', 'a larger or ringed diver', 'a slower speed', 'thinner line'];
    }

    public function ruleOfThumb(?RulesOfThumb $rules = null): RuleOfThumb
    {
        $rules ??= RulesOfThumb::of();
        $share = max(0.0, $rules->diverShare - $rules->diverSharePerMark * $this->dial);

        return new RuleOfThumb($this->letOut * $share, sprintf('dial %g: %d %% of let-out', $this->dial, round(100 * $share)));
    }

    private static function range(): Range
    {
        return LineFigure::LetOut->range()->within(2.0, 120.0);
    }
}
