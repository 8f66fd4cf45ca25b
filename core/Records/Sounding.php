<?php

declare(strict_types=1);

namespace Admek\Core\Records;

use Admek\Core\InvalidValue;

/** A depth read off the real thing, beside what the model said of that line then. */
final readonly class Sounding
{
    /** m: least and most. */
    public const DEPTH = [0.3, 150];

    /**
     * @param  float  $depth  m read
     * @param  float  $modelDepth  m reckoned for the same let-out, speed and gear
     * @param  float  $speed  m/s it was taken at
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public float $depth, public float $modelDepth, public float $speed)
    {
        InvalidValue::unlessBetween('depth', $depth, ...self::DEPTH, unit: 'm');
        InvalidValue::unlessBetween('model_depth', $modelDepth, 0.05, 200, 'm');
        InvalidValue::unlessBetween('speed', $speed, 0.01, 30, 'm/s');
    }
}
