<?php

declare(strict_types=1);

namespace Admek\Core\Rules;

use Admek\Core\Units\Quantity;

/** A threshold Admek judges by, with its reason; each boat may have its own. */
final readonly class Rule
{
    /**
     * @param  string  $key  its name in its book
     * @param  string  $label  as a captain reads it
     * @param  ?float  $default  SI; null where it is not judged unless the captain gives a figure
     * @param  float  $least  SI
     * @param  float  $most  SI
     * @param  string  $why  in a sentence
     */
    public function __construct(
        public string $key,
        public string $label,
        public ?float $default,
        public float $least,
        public float $most,
        public Quantity $quantity,
        public string $why,
        public bool $optional = false,
    ) {
    }
}
