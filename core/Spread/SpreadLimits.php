<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Rig;

/** What a spread is held to; every threshold can be the boat's own. */
final readonly class SpreadLimits
{
    /**
     * @param  ?int  $lines  as the captain entered it; null where nothing was entered
     * @param  ?float  $bottom  m
     * @param  array<string, array{float, float}>  $bands  top and bottom in m by species
     * @param  float  $tangle  m two lines must keep
     * @param  float  $boards  m neighbouring boards must keep
     * @param  float  $bare  m of band without a lure that are worth a word
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public ?int $lines = null,
        public ?float $bottom = null,
        public array $bands = [],
        public float $tangle = 3 * Rig::FOOT,
        public float $boards = 15 * Rig::FOOT,
        public float $bare = 8 * Rig::FOOT,
    ) {
        InvalidValue::unlessBetween('tangle', $tangle, 0, 50, 'm');
        InvalidValue::unlessBetween('boards', $boards, 0, 100, 'm');
        InvalidValue::unlessBetween('bare', $bare, 0, 100, 'm');
    }
}
