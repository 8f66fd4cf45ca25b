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

/** Lure – leader – colours of core – backing. A colour is ten yards; part colours are allowed. */
final readonly class Leadcore implements TrailingRig
{
    /** Ten yards, m. */
    public const COLOUR = 9.144;

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
        InvalidValue::unlessBetween('colours', $colours, 0, min($coloursOnReel, 20), 'colours');
        InvalidValue::unlessBetween('backing', $backing, 0, 200, 'm');
        if ($backing > 0.0 && $colours < $coloursOnReel) {
            throw InvalidValue::because('backing', sprintf('0 while part of the %g colours is still on the reel', $coloursOnReel));
        }
    }

    public function chain(): array
    {
        $leader = $this->leader?->parts() ?? [];

        return [
            $this->lure->body(), ...$leader,
            $this->core->length($this->colours * self::COLOUR, letOut: true), $this->backingStock->length($this->backing),
        ];
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $tip, $this->chain());
    }

    public function control(): Control
    {
        return new Control(ControlKind::Colours, $this->colours, 0.1, min($this->coloursOnReel, 20), 0.5, 0.5, emptied: 'backing');
    }

    /** Core comes off first: with part of it on the reel there is no backing out. */
    public function withControl(float $value): self
    {
        return new self($this->core, $value, $this->coloursOnReel, $this->backingStock, $value < $this->coloursOnReel ? 0.0 : $this->backing, $this->leader, $this->lure);
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
}
