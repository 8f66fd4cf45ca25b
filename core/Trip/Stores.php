<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\Rules\Rule;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;

/** What a trip uses up: how much it needs, by the rods that will fish it (docs/rules.md). */
final class Stores
{
    /** Of anything aboard, in what it is counted in: least and most. */
    public const ABOARD = [0, 100_000];

    /**
     * What a day used up of what was counted at its end; more than there was is none of it.
     *
     * @param  array<array-key, float>  $aboard  before
     * @param  array<array-key, float>  $left
     * @return array<array-key, float>
     */
    public static function used(array $aboard, array $left): array
    {
        $used = [];
        foreach ($left as $item => $amount) {
            $used[$item] = max(0.0, ($aboard[$item] ?? 0.0) - $amount);
        }

        return $used;
    }

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rule('bait_life', 'A whole bait fishes', 60, 5, 480, Quantity::Minutes, 'Washed out it catches nothing.'),
            new Rule('strip_life', 'A strip fishes', 20, 5, 240, Quantity::Minutes, 'It goes soft at every check.'),
            new Rule('strips_a_bait', 'Strips from one bait', 2, 1, 8, Quantity::Count, 'One from each side.'),
            new Rule('spare', 'More than reckoned', 0.2, 0, 2, Quantity::Share, 'Short strikes and small fish take their share.'),
            new Rule('check_every', 'Scent renewed every', 20, 5, 120, Quantity::Minutes, 'At every check of a line.'),
            new Rule('dabs', 'Dabs in a bottle of scent', 120, 10, 1000, Quantity::Count, 'Of the size you carry.'),
            new Rule('leader_spare', 'Leaders to spare', 0.5, 0, 3, Quantity::Share, 'Toothed fish, nicks and tangles.'),
            new Rule('ice_guest', 'Ice a guest', 8 * Units::POUND, 0, 50, Quantity::Mass, 'For what each may keep.'),
            new Rule('ice_hour', 'Ice an hour of fishing', 2 * Units::POUND, 0, 20, Quantity::Mass, 'Melts away in an open box.'),
            new Rule('salt_bait', 'Salt a bait', 0.03, 0.005, 0.5, Quantity::Mass, 'Enough to bury it.'),
        ];
    }

    /**
     * @param  RuleBook  $rules  of {@see rules()}
     * @param  array<string, float>  $aboard  by item
     * @return list<StoreItem>
     */
    public static function for(TripNeeds $needs, float $hours, RuleBook $rules, array $aboard = []): array
    {
        $more = 1 + $rules->get('spare');
        $items = [];
        if ($needs->cutBaitRods > 0) {
            $life = $rules->get($needs->strips ? 'strip_life' : 'bait_life');
            $fished = $needs->cutBaitRods * $hours * 60 / $life * $more;
            $figures = [
                'rods' => self::rods($needs->cutBaitRods),
                'hours' => [Quantity::Hours, $hours],
                'life' => [Quantity::Minutes, $life],
                'spare' => [Quantity::Share, $rules->get('spare')],
            ];
            if ($needs->strips) {
                $items[] = [
                    'strips',
                    'Strips',
                    ceil(round($fished, 6)),
                    'strips',
                    Sentence::of('{rods}, {hours}, a strip every {life}, {spare} over.', $figures),
                ];
            }
            $baits = ceil(round($needs->strips ? ceil(round($fished, 6)) / $rules->get('strips_a_bait') : $fished, 6));
            $items[] = ['baits', 'Frozen baits', $baits, 'baits', $needs->strips
                ? Sentence::of('{each} strips from each.', ['each' => [Quantity::Count, $rules->get('strips_a_bait')]])
                : Sentence::of('{rods}, {hours}, a bait every {life}, {spare} over.', $figures)];
            if ($needs->cure !== BaitCure::Fresh) {
                $items[] = [
                    'salt',
                    'Salt',
                    $baits * $rules->get('salt_bait'),
                    'mass',
                    Sentence::of('For {baits} baits in {cure}.', ['baits' => (int) $baits, 'cure' => $needs->cure->value]),
                ];
            }
        }
        if ($needs->liveBaitRods > 0) {
            $items[] = [
                'live_bait',
                'Live baits',
                ceil(round($needs->liveBaitRods * $hours * 60 / $rules->get('bait_life') * $more, 6)),
                'baits',
                Sentence::of(
                    '{rods}, {hours}, a bait every {life}, {spare} over.',
                    [
                        'rods' => self::rods($needs->liveBaitRods),
                        'hours' => [Quantity::Hours, $hours],
                        'life' => [Quantity::Minutes, $rules->get('bait_life')],
                        'spare' => [Quantity::Share, $rules->get('spare')],
                    ],
                ),
            ];
        }
        if ($needs->baitRods() > 0) {
            $items[] = [
                'scent',
                'Scent',
                ceil(round($needs->baitRods() * $hours * 60 / $rules->get('check_every') / $rules->get('dabs'), 6)),
                'bottles',
                Sentence::of(
                    '{rods}, renewed every {every}. Older than a season it is thrown out.',
                    ['rods' => self::rods($needs->baitRods()), 'every' => [Quantity::Minutes, $rules->get('check_every')]],
                ),
            ];
        }
        foreach ($needs->leaders as ['key' => $key, 'leader' => $leader, 'count' => $count]) {
            $items[] = [
                "leader {$key}",
                "Leaders, {$leader}",
                ceil(round($count * (1 + $rules->get('leader_spare')), 6)),
                'leaders',
                Sentence::of(
                    '{lines} planned with it, {spare} over.',
                    [
                        'lines' => $count === 1 ? 'One line' : "{$count} lines",
                        'spare' => [Quantity::Share, $rules->get('leader_spare')],
                    ],
                ),
            ];
        }
        $items[] = [
            'ice',
            'Ice',
            $needs->guests * $rules->get('ice_guest') + $hours * $rules->get('ice_hour'),
            'mass',
            Sentence::of(
                '{guest} a guest and {hour} an hour.',
                ['guest' => [Quantity::Mass, $rules->get('ice_guest')], 'hour' => [Quantity::Mass, $rules->get('ice_hour')]],
            ),
        ];

        return array_map(
            static fn (array $item): StoreItem => new StoreItem(
                $item[0], $item[1], (float) $item[2], $item[3], $aboard[$item[0]] ?? 0.0, $item[4],
            ),
            $items,
        );
    }

    private static function rods(int $rods): string
    {
        return $rods === 1 ? 'One rod' : "{$rods} rods";
    }
}
