<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use RuntimeException;

/** A chain that has no steady shape, or none to be relied on in so tight a turn. */
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
            ? self::noTighter($radius, 'no steady shape follows from the straight course')
            : new self('towed straight: in a turn no steady shape follows from the straight course');
    }

    /** @param  float  $radius  m, the tightest turn it was followed into before its end hung still in the middle */
    public static function deadInTurn(float $radius): self
    {
        return self::noTighter($radius, 'its end hangs dead in the middle of the turn');
    }

    /** The same, told with the JSON path it was found at. */
    public function at(string $path): self
    {
        return new self("{$path} must be {$this->getMessage()}.", $this->radius);
    }

    private static function noTighter(float $radius, string $why): self
    {
        return new self(
            sprintf('towed in a turn of no less than %.0f m radius: in a tighter one %s', ceil($radius), $why), $radius,
        );
    }
}
