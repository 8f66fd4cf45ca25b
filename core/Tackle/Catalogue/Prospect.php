<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

/** A band and its water, as far as it matters for what is run there. */
final readonly class Prospect
{
    /**
     * @param  float  $top  m
     * @param  bool  $onBottom  whether the fish lie on the ground
     * @param  bool  $shy  clear water that is not rough: quiet and far off takes them
     * @param  bool  $shallow  whether the band ends within some twelve metres
     * @param  bool  $river  whether there is a current worth the name
     * @param  bool  $coldShallows  whether it is the cold water of spring shallows, all of it within reach of a tip held low
     * @param  ?LeadLengths  $muskie  how far back muskie are fished; null where they are not
     */
    public function __construct(
        public float $top,
        public bool $onBottom = false,
        public bool $shy = false,
        public bool $shallow = false,
        public bool $river = false,
        public bool $coldShallows = false,
        public bool $walleye = false,
        public ?LeadLengths $muskie = null,
    ) {
    }
}
