<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\InvalidValue;

/** Fish seen on sonar. */
final readonly class Mark
{
    /**
     * @param  float  $depth  m
     * @param  int  $count  fish, as well as they can be told
     * @param  bool  $tight  in a bunch, not scattered
     * @param  string  $size  small, medium or large
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public float $depth, public int $count = 1, public bool $tight = false, public string $size = 'medium',
    ) {
        InvalidValue::unlessBetween('depth', $depth, 0, 300, 'm');
        InvalidValue::unlessBetween('count', $count, 1, 500);
        if (! in_array($size, ['small', 'medium', 'large'], true)) {
            throw InvalidValue::because('size', 'small, medium or large');
        }
    }
}
