<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Units\Quantity;

/** A figure a manoeuvre is told by. */
final readonly class ManoeuvreFigure
{
    /**
     * @param  string  $label  as it stands before its field, of a sentence that begins with the manoeuvre
     * @param  float  $least  SI, but degrees
     * @param  ?float  $default  null where it may be left out
     * @param  float  $step  a natural one
     */
    public function __construct(
        public string $key, public string $label, public Quantity $quantity, public float $least, public float $most,
        public ?float $default, public float $step,
    ) {
    }
}
