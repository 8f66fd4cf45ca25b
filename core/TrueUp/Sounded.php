<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp;

use Admek\Core\InvalidValue;
use Admek\Core\Records\Sounding;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Towing\Doubt\Doubt;

/** A depth read off a line that was towed: what the line was, how she went, and how well it was read. */
final readonly class Sounded
{
    /** m of deviation a reading may have. */
    public const DEVIATION = [0.01, 10];

    /**
     * @param  string  $id  by which it is told apart
     * @param  PlannedLine  $line  as it was rigged and set, by the default figures
     * @param  array<string, string>  $owners  whose each figure is, by {@see Doubt} ({@see Owners::of()})
     * @param  float  $depth  m
     * @param  float  $deviation  m, one standard deviation of such a reading
     * @param  bool  $confirmed  whether it is held to be true however far off it is
     *
     * @throws InvalidValue naming depth or deviation
     */
    public function __construct(
        public string $id, public PlannedLine $line, public Conditions $conditions, public array $owners, public float $depth,
        public float $deviation, public bool $confirmed = false,
    ) {
        InvalidValue::unlessBetween('depth', $depth, ...Sounding::DEPTH, unit: 'm');
        InvalidValue::unlessBetween('deviation', $deviation, ...self::DEVIATION, unit: 'm');
    }
}
