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

/** Lure – leader – colours of core – backing. A colour is ten yards; part colours are allowed. */
final readonly class Leadcore extends SoleTrailingRig
{
    /** Ten yards, m. */
    public const COLOUR = 9.144;

    /** Colours a reel holds where the captain has not said. */
    private const ON_REEL = 10.0;

    /**
     * @param  float  $colours  let out
     * @param  float  $backing  m beyond the core
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public LineStock $core,
        public float $colours,
        public float $coloursOnReel,
        public LineStock $backingStock,
        public float $backing,
        public ?Leader $leader,
        public Lure $lure,
    ) {
        if ($core->material !== Material::Leadcore) {
            throw InvalidValue::because('reel', 'one spooled with leadcore');
        }
        self::range($coloursOnReel)->hold(LineFigure::Colours, $colours);
        LineFigure::Backing->range()->hold(LineFigure::Backing, $backing);
        if ($backing > 0.0 && $colours < $coloursOnReel) {
            throw InvalidValue::because(
                'backing', sprintf('0 while part of the %g colours is still on the reel', $coloursOnReel),
            );
        }
    }

    public static function entry(): Entry
    {
        return new Entry(
            'core', 'leadcore', 'Deep without a ball, far behind or far aside: so much depth a colour, less as you go faster.',
            static fn (Outfitter $outfit): self => new self(
                $outfit->main(), $outfit->need(LineFigure::Colours), $outfit->line->reel->colours ?? self::ON_REEL,
                $outfit->backing(), $outfit->need(LineFigure::Backing),
                $outfit->leader(), $outfit->lure(),
            ),
            [
                Part::rodTip(),
                Part::line(
                    Field::beside(LineFigure::Colours, 'Colours let out'), Field::figure(LineFigure::Backing, 'backing out'),
                ),
                ...Part::tail(),
            ],
            ['colours' => 5.0, 'backing' => 0.0],
            reels: [Material::Leadcore],
            takesBoard: true,
            setting: '{colours}',
            second: ['{backing#} backing', 'no backing'],
            reelHolds: LineFigure::Colours,
            fishes: [3, 17],
            spools: [LineFigure::Backing, LineFigure::BoardOut],
            suits: static fn (Prospect $water): array => [
                $water->muskie !== null || $water->river ? 0.1 : ($water->shy ? 1.1 : 0.9),
                $water->shy
                    ? 'Core behind boards is far and quiet, which clear water asks for.'
                    : 'Core rises and sinks with speed, and calls fish in turns.',
            ],
        );
    }

    public function chain(): array
    {
        $leader = $this->leader?->parts() ?? [];

        return [
            $this->lure->body(), ...$leader,
            $this->core->length($this->colours * self::COLOUR, letOut: true), $this->backingStock->length($this->backing),
        ];
    }

    public function control(): Control
    {
        return self::range($this->coloursOnReel)->within(0.1)->control(
            ControlKind::Colours, $this->colours, emptied: LineFigure::Backing,
        );
    }

    /** Core comes off first: with part of it on the reel there is no backing out. */
    public function withControl(float $value): self
    {
        return new self(
            $this->core,
            $value,
            $this->coloursOnReel,
            $this->backingStock,
            $value < $this->coloursOnReel ? 0.0 : $this->backing,
            $this->leader,
            $this->lure,
        );
    }

    public function lure(): Lure
    {
        return $this->lure;
    }

    public function ruleOfThumb(?RulesOfThumb $rules = null): RuleOfThumb
    {
        return self::perColour($rules, $this->colours, $this->lure);
    }

    public static function perColour(?RulesOfThumb $rules, float $colours, Lure $lure): RuleOfThumb
    {
        $rules ??= RulesOfThumb::of();

        return new RuleOfThumb(
            $colours * $rules->perColour + ($lure->rated->depth ?? 0.0),
            'so much a colour'.($lure->rated === null ? '' : ', plus the lure’s own figure'),
            $rules->coreSpeed,
        );
    }

    public function wouldHelp(): array
    {
        return ['more colours', 'a slower speed', 'a diving lure'];
    }

    private static function range(float $onReel): Range
    {
        return LineFigure::Colours->range()->within(most: min($onReel, LineFigure::Colours->range()->most));
    }
}
