<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

/** One rod of a draft, and why it is rigged so. */
final readonly class DraftedLine
{
    /**
     * @param  array<string, mixed>  $line  its description
     * @param  float  $depth  m it runs at
     * @param  string  $role  what it does in the spread, as {@see Option} names it
     * @param  string  $reason  first, second or above: the first lure on its feet of the band, a further one, or as near as it comes
     * @param  ?DraftBand  $band  it serves
     */
    public function __construct(public array $line, public float $depth, public string $role, public string $reason, public ?DraftBand $band)
    {
    }
}
