<?php

declare(strict_types=1);

namespace Admek\Core\Fish;

use Admek\Core\Units\Units;

/**
 * Weight by length and girth: length × girth² over a number of its species, in inches and pounds. Such a fish fills about four
 * tenths of the cylinder round its girth, between a spindle (a third) and an egg (two thirds); single fish lie off it by the
 * error.
 */
final readonly class GirthWeight
{
    /** Of the weight, a standard deviation. */
    public const ERROR = 0.12;

    /** @param  float  $weight  kg */
    private function __construct(public float $weight, public string $by)
    {
    }

    /**
     * @param  float  $length  m
     * @param  float  $girth  m
     */
    public static function of(?Species $species, float $length, float $girth): self
    {
        // A walleye is the slenderer.
        $over = $species === Species::Walleye ? 900 : 800;
        $inch = Units::FOOT / 12.0;

        return new self(
            Units::POUND * ($length / $inch) * ($girth / $inch) ** 2 / $over, "length × girth² ÷ {$over}, inches and pounds",
        );
    }
}
