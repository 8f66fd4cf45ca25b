<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\TowLine;
use Admek\Core\Units\Units;

/**
 * A ball on a cable with one or more rods' lines held by releases on it. The counter is zeroed with the ball at the
 * surface, so the cable out is the reading plus the boom's height (docs/towing-model.md, Riggers). Each rod has a Downrigger of its own, which
 * knows what else rides the cable: one pulls the ball back for all.
 */
final readonly class Downrigger implements Rig
{
    public const BALL = 'ball';

    public const MOST_READING = 150.0;

    /** Releases on one cable keep at least this far apart, m. */
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
        InvalidValue::unlessBetween('let_out', $reading, 1, self::MOST_READING, 'm');
        if ($own->above > 0.0) {
            InvalidValue::unlessBetween('above', $own->above, self::APART, $reading, 'm');
        }
        foreach ($others as $other) {
            if (abs($other->above - $own->above) < self::APART) {
                throw InvalidValue::because('above', 'at least 0.3 m from the next release on the cable');
            }
        }
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
            ? new Control(ControlKind::Above, $this->own->above, self::APART, max(self::APART, $this->reading), Units::FOOT, 0.5, deepens: false)
            : new Control(ControlKind::Cable, $this->reading, 1, self::MOST_READING, Units::FOOT, 0.5);
    }

    public function withControl(float $value): self
    {
        return $this->stacked()
            ? new self($this->ball, $this->cable, $this->reading, $this->own->at($this->clearOfOthers($value)), $this->others, $this->cableOf)
            : $this->withReading($value);
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

    public function withReading(float $reading): self
    {
        return new self($this->ball, $this->cable, $reading, $this->own, $this->others, $this->cableOf);
    }

    /**
     * @param  list<Release>  $others
     *
     * @throws InvalidValue where two releases stand too close
     */
    public function sharedWith(array $others): self
    {
        return new self($this->ball, $this->cable, $this->reading, $this->own, $others, $this->cableOf);
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
}
