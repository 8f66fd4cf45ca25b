<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion;

use RuntimeException;

/** A motion that could not be followed to its end: it says from when on. */
final class CannotMove extends RuntimeException
{
    private function __construct(string $message, public readonly ?float $from = null)
    {
        parent::__construct($message);
    }

    public static function fromTheStart(string $why): self
    {
        return new self("{$why} before the manoeuvre begins", 0.0);
    }

    /** @param  float  $time  s of the course up to which it was followed */
    public static function beyond(float $time, int $steps): self
    {
        return new self(
            sprintf('a line and a course that %d steps can follow: the motion was followed to %.2f s', $steps, $time), $time,
        );
    }

    /** The same, told with the JSON path it was found at. */
    public function at(string $path): self
    {
        return new self("{$path} must be {$this->getMessage()}.", $this->from);
    }
}
