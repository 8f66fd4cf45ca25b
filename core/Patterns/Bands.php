<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Units;

/** Figures as the bands they are counted in, each as wide as the captain has them, from nought on. */
final readonly class Bands
{
    /** @param  RuleBook  $rules  of {@see PatternRules} */
    public function __construct(private RuleBook $rules)
    {
    }

    /** The band a figure falls into; SI. */
    public function level(Factor $factor, float $figure): string
    {
        return (string) (int) floor($figure / $this->rules->get($factor->value) + 1e-9);
    }

    /** @return array{float, float} SI, where a band begins and ends */
    public function ends(Factor $factor, string $level): array
    {
        $wide = $this->rules->get($factor->value);
        $from = (int) $level * $wide;

        return [$from, $from + $wide];
    }

    /** "50–60 ft"; a word stays as it is. */
    public function words(Factor $factor, string $level, Units $units): string
    {
        $quantity = $factor->quantity();
        if ($quantity === null) {
            return $level;
        }
        [$from, $to] = $this->ends($factor, $level);

        return "{$units->figure($quantity, $from)}–{$units->say($quantity, $to)}";
    }
}
