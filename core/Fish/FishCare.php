<?php

declare(strict_types=1);

namespace Admek\Core\Fish;

use Admek\Core\Rules\Rule;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;

/** How fish that go back are handled in the water of the day, and when not to fish for release at all (docs/rules.md). */
final class FishCare
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        $warm = static fn (string $key, string $what, float $fahrenheit): Rule => new Rule(
            $key,
            "Too warm to release {$what}",
            Units::Us->toSi(Quantity::Temperature, $fahrenheit),
            5,
            35,
            Quantity::Temperature,
            'Warm water holds little air: played out they die after they swim off.',
        );

        return [
            $warm('warm_salmon', 'salmon and trout', 68),
            $warm('warm_walleye', 'walleye', 80),
            $warm('warm_muskie', 'muskie', 78),
            new Rule(
                'deep_release',
                'Deep enough to harm',
                30 * Units::FOOT,
                3,
                60,
                Quantity::Depth,
                'Brought up fast, gas in them swells: walleye and lake trout may not go down again.',
            ),
        ];
    }

    /** The rule that says when water is too warm to release a species in. */
    public static function warmRule(Species $species): string
    {
        return match ($species) {
            Species::Muskie => 'warm_muskie',
            Species::Walleye => 'warm_walleye',
            default => 'warm_salmon',
        };
    }

    /**
     * @param  non-empty-list<Species>  $species  that one warm-water rule holds for
     * @param  RuleBook  $rules  of {@see rules()}
     * @param  ?float  $surface  °C where fish are unhooked
     * @param  array<string, float>  $deepest  m each is caught at, by species
     */
    public static function advice(array $species, RuleBook $rules, ?float $surface, array $deepest): Sentence
    {
        $limit = $rules->get(self::warmRule($species[0]));
        $said = match (true) {
            $surface === null => Sentence::of('Surface water is not known: take its temperature before you fish for release.'),
            $surface > $limit => Sentence::of(
                'Do not fish for {species} to release: surface water of {surface} is over {limit}.',
                [
                    'species' => self::named($species),
                    'surface' => [Quantity::Temperature, $surface],
                    'limit' => [Quantity::Temperature, $limit],
                ],
            ),
            default => Sentence::of(
                'Net it, hook out in the water, belly held, upright until it swims: surface {surface}, limit {limit}.',
                ['surface' => [Quantity::Temperature, $surface], 'limit' => [Quantity::Temperature, $limit]],
            ),
        };
        $harmed = array_values(array_filter(
            $species, static fn (Species $one): bool => self::harmed($one, $deepest[$one->value] ?? 0.0, $rules),
        ));

        return $harmed === []
            ? $said
            : $said->then(Sentence::of('{harmed} from {deep} brought up fast may not survive release: keep what you are '
                .'allowed, or fish shallower.', [
                    'harmed' => ucfirst(self::named($harmed)),
                    'deep' => [
                        Quantity::Depth, max(array_map(static fn (Species $one): float => $deepest[$one->value], $harmed)),
                    ],
                ]));
    }

    /**
     * Whether one brought up fast from so deep may not go down again.
     *
     * @param  float  $deep  m
     * @param  RuleBook  $rules  of {@see rules()}
     */
    public static function harmed(Species $species, float $deep, RuleBook $rules): bool
    {
        return in_array($species, [Species::Walleye, Species::LakeTrout], true) && $deep > $rules->get('deep_release');
    }

    /**
     * Those that one warm-water rule holds for, together.
     *
     * @param  list<Species>  $species
     * @return list<non-empty-list<Species>>
     */
    public static function together(array $species): array
    {
        $groups = [];
        foreach ($species as $one) {
            $groups[self::warmRule($one)][] = $one;
        }

        return array_values($groups);
    }

    /** @param  list<Species>  $species */
    public static function named(array $species): string
    {
        return implode(' and ', array_map(static fn (Species $one): string => $one->label(), $species));
    }
}
