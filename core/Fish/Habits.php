<?php

declare(strict_types=1);

namespace Admek\Core\Fish;

use Admek\Core\Rules\Rule;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** What a species likes, in what it will feed, and how fast it is trolled (docs/rules.md). */
final readonly class Habits
{
    /** °F from, to; °F from, to; mph from, to. */
    private const TABLE = [
        'king' => [48, 54, 42, 58, 2.0, 2.8],
        'coho' => [52, 58, 44, 62, 2.3, 3.2],
        'steelhead' => [49, 58, 42, 63, 2.8, 3.6],
        'lake_trout' => [44, 52, 38, 55, 1.6, 2.8],
        'brown_trout' => [52, 60, 44, 65, 2.0, 2.8],
        'walleye' => [62, 72, 40, 78, 1.0, 2.4],
        'muskie' => [62, 74, 50, 79, 3.0, 4.5],
    ];

    private const FIGURES = ['likes_from', 'likes_to', 'feeds_from', 'feeds_to', 'speed_from', 'speed_to'];

    private function __construct(
        public Species $species,
        public float $likesFrom,
        public float $likesTo,
        public float $feedsFrom,
        public float $feedsTo,
        public float $speedFrom,
        public float $speedTo,
    ) {
    }

    /** @param  RuleBook  $book  of {@see rules()} */
    public static function of(Species $species, RuleBook $book): self
    {
        return new self(
            $species, ...array_map(static fn (string $figure): float => $book->get("{$species->value}_{$figure}"), self::FIGURES),
        );
    }

    /** @return list<Rule> */
    public static function rules(): array
    {
        $rules = [];
        foreach (self::TABLE as $name => $figures) {
            $species = ucfirst(Species::from($name)->label());
            foreach (self::FIGURES as $i => $figure) {
                $speed = $i > 3;
                [$label, $why] = [
                    ["{$species}: likes water from", 'Below it they are fewer and slower.'],
                    ["{$species}: likes water to", 'Above it they go deeper.'],
                    ["{$species}: feeds from", 'Colder they hardly take.'], ["{$species}: feeds to", 'Warmer they hardly take.'],
                    ["{$species}: slowest", 'Through the water, at the gear.'],
                    ["{$species}: fastest", 'Through the water, at the gear.'],
                ][$i];
                $units = Units::Us;
                $quantity = $speed ? Quantity::Speed : Quantity::Temperature;
                $rules[] = new Rule(
                    "{$name}_{$figure}",
                    $label,
                    $units->toSi($quantity, (float) $figures[$i]),
                    $speed ? 0.05 : -2.0,
                    $speed ? 4.0 : 35.0,
                    $quantity,
                    $why,
                );
            }
        }

        return $rules;
    }
}
