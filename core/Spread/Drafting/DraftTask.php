<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Check\Ticking;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\RiggingRules;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\LeadLengths;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\GearAboard;
use Admek\Core\Tackle\Parts\Material;

/** What a spread is drafted from: the water wanted, the holders, the gear aboard and the limits. */
final readonly class DraftTask
{
    /**
     * @param  non-empty-list<DraftBand>  $bands  in order of priority
     * @param  list<DescribedHolder>  $holders  port bow round the stern
     * @param  int  $mostLines  the entered limit, or what the anglers may fish
     * @param  array{float, float, float}  $mast  m in the towing frame
     * @param  ?float  $leader  m the water asks for; null where it asks for none
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public array $bands,
        public array $holders,
        public GearAboard $gear,
        public Conditions $conditions,
        public SpreadLimits $limits,
        public int $mostLines,
        public array $mast = [0.0, 0.0, -3.0],
        public bool $metric = false,
        public RiggingRules $rigging = new RiggingRules,
        public ?float $leader = null,
        public Material $leaderMaterial = Material::Fluorocarbon,
    ) {
        if (array_sum(array_map(static fn (DraftBand $band): float => $band->weight, $bands)) <= 0.0) {
            throw InvalidValue::because('bands', 'a list in which a band has some weight');
        }
        if ($gear->reels === []) {
            throw InvalidValue::because('gear', 'with a reel aboard');
        }
        if ($gear->lures === []) {
            throw InvalidValue::because('gear', 'with a lure aboard');
        }
    }

    public function ticking(SpreadSolver $solver): Ticking
    {
        return new Ticking($this->conditions, $this->limits, $this->mast, $this->metric, $solver);
    }

    /** How far back the muskie of the first band that is theirs are fished; null where none is. */
    public function muskie(): ?LeadLengths
    {
        foreach ($this->bands as $band) {
            if ($band->prospect?->muskie !== null) {
                return $band->prospect->muskie;
            }
        }

        return null;
    }

    /** Whether the water is such that flat lines are fished with the tip held low. */
    public function coldShallows(): bool
    {
        return array_filter($this->bands, static fn (DraftBand $band): bool => $band->prospect?->coldShallows === true) !== [];
    }
}
