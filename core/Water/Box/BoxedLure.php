<?php

declare(strict_types=1);

namespace Admek\Core\Water\Box;

use Admek\Core\Records\OwnRecord;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Parts\Forage;

/** A lure in the box, with what is known of it beside how it runs. */
final readonly class BoxedLure
{
    /**
     * @param  ?float  $size  m from nose to tail
     * @param  ?Forage  $imitates  null where nobody has said
     */
    public function __construct(
        public DescribedLure $lure, public ?float $size = null, public ?Forage $imitates = null,
        public OwnRecord $record = new OwnRecord(0, 0),
    ) {
    }
}
