<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Run\RunningLine;

/** A drafted spread as it runs. */
final readonly class Draft
{
    /**
     * @param  list<DraftedLine>  $lines
     * @param  list<RunningLine>  $running  the same lines
     * @param  float  $covered  share of the bands by weight that has a lure
     * @param  array<array-key, LeftOut>  $leftOut  why a holder has no line, by holder
     */
    public function __construct(public array $lines, public array $running, public float $covered, public array $leftOut)
    {
    }

    /** @return list<Breach> that could cost gear; a draft is made to have none */
    public function grave(DraftTask $task): array
    {
        return Breaches::grave($this->running, $task->limits);
    }
}
