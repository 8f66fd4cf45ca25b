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
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Described\Range;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\TowLine;
use Admek\Core\Units\Units;

/**
 * A ball on a cable with one or more rods' lines held by releases on it. The counter is zeroed with the ball at the
 * surface, so the cable out is the reading plus the boom's height (docs/towing-model.md, Riggers). Each rod has a Downrigger
 * of its own, which knows what else rides the cable: one pulls the ball back for all.
 */
final readonly class Downrigger extends SoleRig
{
    public const BALL = 'ball';

    /** m releases are usually set apart on one cable. */
    public const RELEASES_APART = 10 * Units::FOOT;

    /** m they must keep. */
    private const APART = 0.3;

    /**
     * @param  float  $reading  m on the counter
     * @param  Release  $own  this rod's
     * @param  list<Release>  $others  of other rods on the same cable
     * @param  string  $cableOf  the holder the cable hangs from; rods that name the same one share it
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public LeadWeight $ball,
        public LineStock $cable,
        public float $reading,
        public Release $own,
        public array $others = [],
        public string $cableOf = '',
    ) {
        self::cableOut()->hold(LineFigure::LetOut, $reading);
        if ($own->above > 0.0) {
            LineFigure::Above->range()->within(most: $reading)->hold(LineFigure::Above, $own->above);
        }
        foreach ($others as $other) {
            if (abs($other->above - $own->above) < self::APART) {
                throw InvalidValue::because('above', 'at least 0.3 m from the next release on the cable');
            }
        }
    }

    /** A rod at the ball itself. */
    public static function atTheBall(): Entry
    {
        return new Entry(
            'rigger', 'riggers',
            'A lure at the depth you ask for, near the boat: what the counter says, less a little blow-back.',
            static fn (Outfitter $outfit): self => new self(
                $outfit->ball(), $outfit->cable(), $outfit->need(LineFigure::LetOut), $outfit->release(0.0),
                cableOf: $outfit->line->holder->code,
            ),
            [
                Part::of(PartSign::Tip, Field::pick(Pick::Boom, 'boom end')),
                Part::line(),
                Part::weight(
                    Field::pick(Pick::Ball, 'Ball'), Field::beside(LineFigure::LetOut, 'Cable on the counter', self::cableOut()),
                ),
                Part::span(Field::figure(LineFigure::Lead, 'lead, release to lure')),
                ...Part::tail(),
            ],
            ['let_out' => 50 * Units::FOOT, 'lead' => 20 * Units::FOOT],
            holder: HolderKind::Boom,
            setting: '{let_out#} cable',
            second: ['{lead} lead'],
            fishes: [4, 90], spools: [LineFigure::LetOut, LineFigure::Lead],
            suits: static fn (Prospect $water): array => [
                $water->muskie !== null ? 0.2
                    : ($water->shallow && ($water->walleye || $water->river) ? 0.3 : ($water->onBottom ? 1.1 : 1.0)),
                $water->onBottom ? 'A ball holds just off bottom, foot by foot.'
                    : 'A ball goes down steepest of all; faster, it swings back and up like everything else.',
            ],
        );
    }

    /** Another rod's line, clipped to the cable above the ball. */
    public static function stackedAbove(): Entry
    {
        return new Entry(
            'stacker', 'stacked releases', 'A second lure on a rigger’s cable, higher in the water, without a second ball.',
            static function (Outfitter $outfit): self {
                $host = $outfit->host();
                $above = $outfit->need(LineFigure::Above);
                $reading = $host->need(LineFigure::LetOut);
                LineFigure::Above->range()->within(most: $reading)->hold(LineFigure::Above, $above);

                return new self(
                    $host->ball(), $host->cable(), $reading, $outfit->release($above), cableOf: $host->line->holder->code,
                );
            },
            [
                Part::of(PartSign::Tip, Field::pick(Pick::RidesOn, 'Rigger it rides on')),
                Part::line(),
                Part::weight(Field::figure(LineFigure::Above, 'release above the ball')),
                Part::span(Field::figure(LineFigure::Lead, 'lead, release to lure')),
                ...Part::tail(),
            ],
            ['above' => 15 * Units::FOOT, 'lead' => 15 * Units::FOOT],
            setting: '{above} up',
            second: ['{lead} lead'],
            fishes: [10, 80], spools: [LineFigure::Lead],
            suits: static fn (Prospect $water): array => [
                $water->muskie !== null || $water->walleye ? 0.0 : 0.7, 'A second lure on the cable covers more of the band.',
            ],
        );
    }

    /** Whether its release rides above the ball, on a cable another rod's release is at the foot of. */
    public function stacked(): bool
    {
        return $this->own->above > 0.0;
    }

    public function towLine(string $id, array $tip): TowLine
    {
        $releases = [$this->own, ...$this->others];
        usort($releases, static fn (Release $a, Release $b): int => $a->above <=> $b->above);
        $chain = [$this->ball->body(self::BALL)];
        $up = 0.0;
        foreach ($releases as $release) {
            if ($release->above > $up) {
                $chain[] = $this->cable->length($release->above - $up, letOut: true);
                $up = $release->above;
            }
            array_push($chain, $release->branch($release === $this->own), $release->standing($this->reading - $release->above));
        }
        $chain[] = $this->cable->length(max(0.0, $this->reading - $up - $tip[2]), letOut: true);

        return new TowLine($id, $tip, $chain);
    }

    /** Which of the cable's branches, from the ball up, is this rod's. */
    public function ownBranch(): int
    {
        return count(array_filter($this->others, fn (Release $other): bool => $other->above < $this->own->above));
    }

    public function control(): Control
    {
        return $this->stacked()
            ? LineFigure::Above->range()->within(self::APART, max(self::APART, $this->reading))->control(
                ControlKind::Above, $this->own->above, deepens: false,
            )
            : self::cableOut()->control(ControlKind::Cable, $this->reading);
    }

    public function withControl(float $value): self
    {
        return $this->stacked()
            ? $this->withRelease($this->own->at($this->clearOfOthers($value)))
            : new self($this->ball, $this->cable, $value, $this->own, $this->others, $this->cableOf);
    }

    /** As high above the ball, or as little higher as no other release is clipped. */
    private function clearOfOthers(float $above): float
    {
        $taken = array_map(static fn (Release $other): float => $other->above, $this->others);
        sort($taken);
        foreach ($taken as $other) {
            if (abs($other - $above) < self::APART) {
                $above = $other + self::APART + 1e-9;
            }
        }

        return min($above, $this->reading);
    }

    private function withRelease(Release $own): self
    {
        return new self($this->ball, $this->cable, $this->reading, $own, $this->others, $this->cableOf);
    }

    public function hangsOn(): ?string
    {
        return $this->cableOf === '' ? null : "cable of {$this->cableOf}";
    }

    public function hungWith(array $others): self
    {
        $cables = array_filter(array_map(static fn (Rig $other): ?self => $other->cable(), $others));
        $releases = array_values(array_map(static fn (self $cable): Release => $cable->own, $cables));

        return new self($this->ball, $this->cable, $this->reading, $this->own, $releases, $this->cableOf);
    }

    public function cable(): self
    {
        return $this;
    }

    public function rank(): SettingRank
    {
        return SettingRank::Rigger;
    }

    public function outside(): float
    {
        return $this->reading - $this->own->above;
    }

    public function wouldHelp(): array
    {
        return $this->stacked()
            ? ['a lower release', 'more cable', 'a slower speed']
            : ['a heavier ball', 'a slower speed', 'thinner cable'];
    }

    public function lure(): Lure
    {
        return $this->own->lure;
    }

    public function ruleOfThumb(?RulesOfThumb $rules = null): RuleOfThumb
    {
        return new RuleOfThumb(
            $this->reading - $this->own->above,
            $this->stacked() ? 'counter less its height above the ball' : 'counter is depth',
        );
    }

    private static function cableOut(): Range
    {
        return new Range(1, 150, Units::FOOT, 0.5);
    }
}
