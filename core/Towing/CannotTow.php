<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use RuntimeException;

/** A chain that has no steady shape: nothing on it weighs, floats or drags. */
final class CannotTow extends RuntimeException
{
    /** @param  ?float  $radius  m of the tightest turn it was followed into, where it is a turn that it cannot be towed in */
    private function __construct(string $message, public readonly ?float $radius = null)
    {
        parent::__construct($message);
    }

    public static function noForce(): self
    {
        return new self('a chain that floats, sinks or drags: nothing pulls its line straight');
    }

    public static function noBalance(): self
    {
        return new self('a chain with a steady shape: none was found');
    }

    /** @param  float  $radius  m, the tightest turn it was followed into */
    public static function inTurn(float $radius): self
    {
        return is_finite($radius)
            ? new self(
                sprintf(
                    'towed in a turn of no less than %.0f m radius: in a tighter one no steady shape follows from the straight '
                        .'course',
                    ceil($radius),
                ),
                $radius,
            )
            : new self('towed straight: in a turn no steady shape follows from the straight course');
    }

    /** The same, told with the JSON path it was found at. */
    public function at(string $path): self
    {
        return new self("{$path} must be {$this->getMessage()}.", $this->radius);
    }
}
