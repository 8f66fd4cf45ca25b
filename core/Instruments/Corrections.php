<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\Boat\Hull;
use Admek\Core\InvalidValue;

/** What the captain put right of her instruments. */
final readonly class Corrections
{
    /** m of a transducer below the surface. */
    public const TRANSDUCER = [0, 10];

    /**
     * @param  float  $logFactor  true speed through the water for each that the log shows
     * @param  ?float  $transducer  m below the surface; null where it was not entered
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public float $logFactor = 1.0, public ?float $transducer = null)
    {
        InvalidValue::unlessBetween('log_factor', $logFactor, ...Hull::LOG_FACTOR);
        if ($transducer !== null) {
            InvalidValue::unlessBetween('transducer', $transducer, ...self::TRANSDUCER, unit: 'm');
        }
    }
}
