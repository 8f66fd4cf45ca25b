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
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Units\Units;

/** Lure – leader – copper or steel – backing. Wire comes off the reel first. */
final readonly class Wire extends SoleTrailingRig
{
    /** m a reel holds where the captain has not said. */
    private const ON_REEL = 300 * Units::FOOT;

    /**
     * @param  float  $letOut  m of wire in the water
     * @param  float  $onReel  m of wire the reel holds
     * @param  float  $backing  m beyond the wire
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public LineStock $wire,
        public float $letOut,
        public float $onReel,
        public LineStock $backingStock,
        public float $backing,
        public ?Leader $leader,
        public Lure $lure,
    ) {
        if (! $wire->material->isWire()) {
            throw InvalidValue::because('reel', 'one spooled with copper or steel');
        }
        self::range($onReel)->hold(LineFigure::LetOut, $letOut);
        LineFigure::Backing->range()->hold(LineFigure::Backing, $backing);
        if ($backing > 0.0 && $letOut < $onReel) {
            throw InvalidValue::because('backing', '0 while part of the wire is still on the reel');
        }
    }

    public static function entry(): Entry
    {
        return new Entry(
            'wire', 'wire', 'Deep and slow behind the boat, straight down the middle: the heaviest line there is.',
            static fn (Outfitter $outfit): self => new self(
                $outfit->main(), $outfit->need(LineFigure::LetOut), $outfit->line->reel->wireLength ?? self::ON_REEL,
                $outfit->backing(), $outfit->need(LineFigure::Backing),
                $outfit->leader(), $outfit->lure(),
            ),
            [
                Part::rodTip(),
                Part::line(
                    Field::beside(LineFigure::LetOut, 'Let out to the leader', self::range(self::ON_REEL)),
                    Field::figure(LineFigure::Backing, 'backing out'),
                ),
                ...Part::tail(),
            ],
            ['let_out' => 150 * Units::FOOT, 'backing' => 0.0],
            reels: [Material::Copper, Material::Steel],
            takesBoard: true,
            second: ['{backing#} backing', 'no backing'],
            reelHolds: LineFigure::LetOut,
            fishes: [8, 30],
            spools: [LineFigure::Backing, LineFigure::BoardOut],
            suits: static fn (Prospect $water): array => [
                $water->muskie !== null || $water->river ? 0.0 : 0.7, 'Wire goes deep behind the boat without a ball.',
            ],
        );
    }

    public function chain(): array
    {
        return [
            $this->lure->body(), ...($this->leader?->parts() ?? []),
            $this->wire->length($this->letOut, letOut: true), $this->backingStock->length($this->backing),
        ];
    }

    public function control(): Control
    {
        return self::range($this->onReel)->control(ControlKind::LetOut, $this->letOut, emptied: LineFigure::Backing);
    }

    public function withControl(float $value): self
    {
        return new self(
            $this->wire,
            $value,
            $this->onReel,
            $this->backingStock,
            $value < $this->onReel ? 0.0 : $this->backing,
            $this->leader,
            $this->lure,
        );
    }

    public function lure(): Lure
    {
        return $this->lure;
    }

    public function wouldHelp(): array
    {
        return ['more wire', 'a slower speed', 'a diving lure'];
    }

    private static function range(float $onReel): Range
    {
        return new Range(1, $onReel, 10 * Units::FOOT, 2.0);
    }
}
