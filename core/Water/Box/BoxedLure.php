<?php

declare(strict_types=1);

namespace Admek\Core\Water\Box;

use Admek\Core\Patterns\Rate;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Parts\Forage;

/** A lure in the box, with what is known of it beside how it runs. */
final readonly class BoxedLure
{
    /**
     * @param  ?float  $size  m from nose to tail
     * @param  ?Forage  $imitates  null where nobody has said
     * @param  ?Rate  $record  what the boat's own log says of it; null where it was not fished
     */
    public function __construct(
        public DescribedLure $lure, public ?float $size = null, public ?Forage $imitates = null,
        public ?Rate $record = null,
    ) {
    }
}
