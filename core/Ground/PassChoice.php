<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Compass;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** Which way to run a pass in a current, and whether to lift and run back for another. */
final readonly class PassChoice
{
    private function __construct(public bool $reversed, public Sentence $why)
    {
    }

    /**
     * @param  array{set: float, drift: float}|null  $current
     * @param  ?RuleBook  $rules  of {@see PassRules}; null for the defaults
     */
    public static function of(Pass $drawn, Pass $reversed, ?array $current, ?RuleBook $rules = null): self
    {
        if ($current === null || $current['drift'] < ($rules ?? RuleBook::of(PassRules::rules()))->get('still')) {
            return new self(false, Sentence::of('Without current both ways are alike: take the one with the wind on your bow.'));
        }
        $turned = ($reversed->slowest() ?? -INF) > ($drawn->slowest() ?? -INF);
        [$with, $against] = $turned ? [$reversed, $drawn] : [$drawn, $reversed];
        $seconds = $with->takes();
        if ($seconds === null) {
            return new self(
                $turned,
                Sentence::of('The current is stronger than the boat: at this speed the course cannot be held, either way.'),
            );
        }
        $figures = ['point' => Compass::point($with->legs[0]['bearing']), 'minutes' => [Quantity::Minutes, $seconds / 60]];

        return new self($turned, $against->shouldLift()
            ? Sentence::of(
                'Run it {point}, with the current, in {minutes}. Against it she makes too little good: lift at the end and run '
                    .'back.',
                $figures,
            )
            : Sentence::of('Run it {point}, with the current, in {minutes}. Against it the gear fishes more water over each '
                .'yard of ground, for who would go slow over fish.', $figures));
    }
}
