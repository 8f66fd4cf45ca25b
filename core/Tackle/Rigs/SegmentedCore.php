<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Towing\TowLine;
use Admek\Core\Units\Units;

/**
 * Lure – leader – lighter line – a few colours of core – main line: the core is a sinking middle, all of it out, and
 * what is let out behind it sets the depth.
 */
final readonly class SegmentedCore implements TrailingRig
{
    public const MOST_OUT = 150.0;

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
        InvalidValue::unlessBetween('colours', $colours, 0.1, 10, 'colours');
        InvalidValue::unlessBetween('lead', $ahead, 0, 60, 'm');
        InvalidValue::unlessBetween('let_out', $letOut, 0, self::MOST_OUT, 'm');
    }

    public function chain(): array
    {
        return [
            $this->lure->body(), ...($this->leader?->parts() ?? []), $this->main->length($this->ahead),
            $this->core->length($this->colours * Leadcore::COLOUR), $this->main->length($this->letOut, letOut: true),
        ];
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $tip, $this->chain());
    }

    public function control(): Control
    {
        return new Control(ControlKind::LetOut, $this->letOut, 0, self::MOST_OUT, 5 * Units::FOOT, 1.0);
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
}
