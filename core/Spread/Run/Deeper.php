<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Run;

use Admek\Core\Tackle\Rigs\BottomRig;
use Admek\Core\Tackle\Rigs\Diver;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\InlineBoard;
use Admek\Core\Tackle\Rigs\Leadcore;
use Admek\Core\Tackle\Rigs\MastBoard;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Tackle\Rigs\SegmentedCore;
use Admek\Core\Tackle\Rigs\Wire;

/** What would take a rig deeper than the deepest its let-out alone reaches (docs/towing-model.md, Inverse). */
final class Deeper
{
    /** @return list<string> in order of promise */
    public static function than(Rig $rig): array
    {
        $what = $rig instanceof InlineBoard || $rig instanceof MastBoard ? $rig->trailing : $rig;

        return match (true) {
            $what instanceof Downrigger && ! $what->stacked() => ['a heavier ball', 'a slower speed', 'thinner cable'],
            $what instanceof Diver => ['a lower dial', 'a larger or ringed diver', 'a slower speed', 'thinner line'],
            $what instanceof Downrigger => ['a lower release', 'more cable', 'a slower speed'],
            $what instanceof Leadcore => ['more colours', 'a slower speed', 'a diving lure'],
            $what instanceof SegmentedCore => ['more colours in the segment', 'a slower speed', 'a diving lure'],
            $what instanceof Wire => ['more wire', 'a slower speed', 'a diving lure'],
            $what instanceof BottomRig => ['a heavier weight', 'a slower speed', 'thinner line'],
            default => ['a deeper diving lure', 'a weight ahead of it', 'a slower speed', 'thinner line'],
        };
    }
}
