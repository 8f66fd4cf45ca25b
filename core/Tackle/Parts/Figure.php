<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

/** One figure of a rig as the model used it, with where it comes from. */
final readonly class Figure
{
    /**
     * @param  string  $key  part and figure: main.diameter
     * @param  string  $unit  SI
     * @param  string  $source  of the default, in words
     * @param  bool  $own  whether the captain entered it
     */
    public function __construct(
        public string $key,
        public float $value,
        public float $default,
        public string $unit,
        public string $source,
        public bool $own,
    ) {
    }
}
