<?php

declare(strict_types=1);

namespace Admek\Core\Water\Signs;

/** Water that cools fast with depth. */
final readonly class Layer
{
    /**
     * @param  float  $top  m
     * @param  float  $bottom  m
     * @param  float  $warm  °C at its top
     * @param  float  $cold  °C at its bottom
     * @param  float  $steepest  °C a metre
     */
    public function __construct(
        public float $top, public float $bottom, public float $warm, public float $cold, public float $steepest,
    ) {
    }
}
