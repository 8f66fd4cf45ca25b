<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

/** One part of a chain in steady tow: what it adds, and how the line pulls at its upper end. */
final readonly class Load
{
    /**
     * @param  string  $part  body, line or branch
     * @param  ?string  $name  of a body
     * @param  float  $length  m of a line, else 0
     * @param  array{float, float, float}  $force  N it adds: aft, starboard, down
     * @param  float  $tension  N at its upper end
     * @param  float  $angle  of the line there below the horizontal, degrees
     * @param  float  $depth  of its upper end, m
     */
    public function __construct(
        public string $part,
        public ?string $name,
        public float $length,
        public array $force,
        public float $tension,
        public float $angle,
        public float $depth,
    ) {
    }
}
