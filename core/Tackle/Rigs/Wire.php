<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\TowLine;
use Admek\Core\Units\Units;

/** Lure – leader – copper or steel – backing. Wire comes off the reel first. */
final readonly class Wire implements TrailingRig
{
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
        InvalidValue::unlessBetween('let_out', $letOut, 1, $onReel, 'm');
        InvalidValue::unlessBetween('backing', $backing, 0, 200, 'm');
        if ($backing > 0.0 && $letOut < $onReel) {
            throw InvalidValue::because('backing', '0 while part of the wire is still on the reel');
        }
    }

    public function chain(): array
    {
        return [
            $this->lure->body(), ...($this->leader?->parts() ?? []),
            $this->wire->length($this->letOut, letOut: true), $this->backingStock->length($this->backing),
        ];
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $tip, $this->chain());
    }

    public function control(): Control
    {
        return new Control(ControlKind::LetOut, $this->letOut, 1, $this->onReel, 10 * Units::FOOT, 2.0, emptied: 'backing');
    }

    public function withControl(float $value): self
    {
        return new self($this->wire, $value, $this->onReel, $this->backingStock, $value < $this->onReel ? 0.0 : $this->backing, $this->leader, $this->lure);
    }

    public function lure(): Lure
    {
        return $this->lure;
    }

    public function ruleOfThumb(?RulesOfThumb $rules = null): ?RuleOfThumb
    {
        return null;
    }
}
