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
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\TowLine;
use Admek\Core\Units\Units;

/** Lure – snell – bottom bouncer – main line. Let-out is read from rod tip to the weight. */
final readonly class Bouncer extends BottomRig
{
    /** m², what the bouncer's wire adds to its weight's drag (docs/towing-model.md, Figures). */
    private const WIRE = 3e-4;

    /**
     * @param  Leader  $snell  what trails the weight
     * @param  float  $letOut  m
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        LineStock $main,
        LeadWeight $weight,
        float $letOut,
        public Leader $snell,
        Lure $lure,
    ) {
        self::range()->hold(LineFigure::LetOut, $letOut);
        parent::__construct($main, $weight, $letOut, $lure);
    }

    public static function entry(): Entry
    {
        return new Entry(
            'bouncer', 'bouncers', 'A harness or hook just over the bottom at a crawl: the weight ticks, the bait follows.',
            static fn (Outfitter $outfit): self => new self(
                $outfit->main(), $outfit->weight(), $outfit->need(LineFigure::LetOut),
                $outfit->someLeader('for a bouncer’s snell'), $outfit->lure(),
            ),
            [
                Part::rodTip(),
                Part::line(Field::beside(LineFigure::LetOut, 'Let out to the weight', self::range())),
                Part::weight(Field::figure(LineFigure::WeightMass, 'bouncer')),
                ...Part::tail('Snell'),
            ],
            [
                'let_out' => 40 * Units::FOOT, 'weight_mass' => LeadWeight::TWO_OUNCES, 'leader_length' => 3.5 * Units::FOOT,
            ],
            lures: [LureKind::WormHarness, LureKind::SlowSpinHook],
            second: ['{weight_mass}'],
            fishes: [2, 20],
            suits: static fn (Prospect $water): array => [
                $water->walleye && $water->onBottom ? 1.4 : 0.0, 'A bouncer ticks along where they lie.',
            ],
        );
    }

    public function towLine(string $id, array $tip): TowLine
    {
        $sphere = $this->weight->body(self::WEIGHT);

        return new TowLine($id, $tip, [
            $this->lure->body(), ...$this->snell->parts(),
            new Body(
                self::WEIGHT,
                $sphere->weight,
                $sphere->dragArea + self::WIRE,
                role: $sphere->role,
                displacement: $sphere->displacement,
                mass: $sphere->mass,
            ),
            $this->main->length($this->letOut, letOut: true),
        ]);
    }

    public function control(): Control
    {
        return self::range()->control(ControlKind::LetOut, $this->letOut);
    }

    public function withControl(float $value): self
    {
        return new self($this->main, $this->weight, $value, $this->snell, $this->lure);
    }

    public function withWeight(float $mass): static
    {
        return new self($this->main, new LeadWeight($mass), $this->letOut, $this->snell, $this->lure);
    }

    public function ruleOfThumb(?RulesOfThumb $rules = null): RuleOfThumb
    {
        $rules ??= RulesOfThumb::of();

        return new RuleOfThumb($this->letOut / $rules->bouncerScope, sprintf('scope %g to 1', $rules->bouncerScope));
    }

    private static function range(): Range
    {
        return LineFigure::LetOut->range()->within(most: 100.0);
    }
}
