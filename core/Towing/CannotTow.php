<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use RuntimeException;

/** A chain that has no steady shape: nothing on it weighs, floats or drags. */
final class CannotTow extends RuntimeException
{
    public static function noForce(): self
    {
        return new self('a chain that floats, sinks or drags: nothing pulls its line straight');
    }

    public static function noBalance(): self
    {
        return new self('a chain with a steady shape: none was found');
    }

    /** The same, told with the JSON path it was found at. */
    public function at(string $path): self
    {
        return new self("{$path} must be {$this->getMessage()}.");
    }
}
