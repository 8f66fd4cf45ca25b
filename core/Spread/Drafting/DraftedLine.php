<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Units\Sentence;

/** One rod of a draft, and why it is rigged so. */
final readonly class DraftedLine
{
    /**
     * @param  float  $depth  m it runs at
     * @param  Role  $role  what it does in the spread
     * @param  bool  $first  whether it is the first lure on its feet of the band
     * @param  ?DraftBand  $band  it serves; null where it runs as near one as it comes
     */
    public function __construct(
        public DescribedLine $line, public float $depth, public Role $role, public bool $first, public ?DraftBand $band,
    ) {
    }

    public function reason(): Sentence
    {
        return Sentence::of('{role}: '.match (true) {
            $this->band === null => 'as near the band as its gear comes, for fish that look up.',
            $this->first => 'the first lure on its feet of the {species} band.',
            default => 'a second lure where the {species} band weighs most.',
        }, ['role' => $this->role->words(), 'species' => $this->band?->species->label() ?? '']);
    }
}
