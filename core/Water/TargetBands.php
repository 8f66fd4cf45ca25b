<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Fish\Habits;
use Admek\Core\Fish\Species;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\Signs\Marks;
use Admek\Core\Water\Signs\TemperatureProfile;
use Admek\Core\Water\Signs\WaterSigns;

/**
 * Which water to fish for a species: the temperature it likes, cut to where it lives; marks in place of that where there
 * are any. Where the column holds neither, the nearest to it, said as such.
 */
final readonly class TargetBands
{
    /** Rules of the weight of the first species, the second…; any after weighs as the last. */
    private const WEIGHTS = ['first', 'second', 'third', 'later'];

    /**
     * @param  RuleBook  $habits  of {@see Habits}
     * @param  RuleBook  $rules  of {@see ReadingRules}
     */
    public function __construct(private WaterSigns $signs, private RuleBook $habits, private RuleBook $rules)
    {
    }

    /**
     * @param  list<Species>  $species  in order of priority
     * @return list<Band> one each, in that order; none for a species nothing is known for
     */
    public function for(array $species): array
    {
        $bands = [];
        foreach ($species as $place => $one) {
            $band = $this->of($one);
            if ($band !== null) {
                $weight = $this->rules->get(self::WEIGHTS[min($place, count(self::WEIGHTS) - 1)]);
                $seen = $band->from === 'marks' || $band->from === 'bottom';
                $bands[] = $band->withWeight($weight * ($seen ? $this->rules->get('seen') : 1.0));
            }
        }

        return $bands;
    }

    private function of(Species $species): ?Band
    {
        return $this->marked($species) ?? $this->tempered($species) ?? $this->byHabit($species);
    }

    /** Marks are fish seen: they count before water they would like. */
    private function marked(Species $species): ?Band
    {
        $bottom = $this->signs->bottom;
        $habits = Habits::of($species, $this->habits);
        $fits = fn (float $depth): bool => $this->signs->profile === null || (
            $this->signs->profile->at($depth) >= $habits->feedsFrom && $this->signs->profile->at($depth) <= $habits->feedsTo
        );
        $habitat = Habitat::of($species, $this->signs, $this->rules);
        [$from, $to] = [$habitat->from, $habitat->to];
        // Fish in water it does not feed in, or where it does not live, are another's.
        $marks = $this->signs->marks->at(
            static fn (float $depth): bool => $fits($depth) && $depth >= $from - 1.0 && $depth <= $to + 1.0,
        );
        [$lifted, $onBottom] = [$marks->lifted($bottom, $this->rules), $marks->onBottom($bottom, $this->rules)];
        // Salmon hold on a river's bed to save their strength.
        $dwells = in_array($species, [Species::LakeTrout, Species::Walleye], true)
            || ($species->runsRivers() && $this->signs->isRiver($this->rules));
        if (
            $dwells
            && $bottom !== null
            && ! $onBottom->none()
            && $this->rules->get('dwells') * $onBottom->fish() >= $lifted->fish()
        ) {
            return new Band($species, max(0.0, $bottom - $this->rules->get('least_band')), $bottom, 1.0, 'bottom', Sentence::of(
                '{fish} marked within {within} of bottom at {bottom}: close to it, simple and slow, little hardware.',
                [
                    'fish' => self::fish($onBottom->fish()),
                    'within' => [Quantity::Depth, $this->rules->get('on_bottom')],
                    'bottom' => [Quantity::Depth, $bottom],
                ],
            ));
        }
        $spread = $lifted->spread();
        if ($spread === null) {
            return null;
        }
        $band = $this->atLeast(
            max(0.0, $spread['top'] - $this->rules->get('aim_above_most')),
            max(0.0, $spread['bottom'] - $this->rules->get('aim_above_least')),
            $bottom,
        );

        return new Band($species, $band['top'], $band['bottom'], 1.0, 'marks', Sentence::of(
            '{fish} marked from {markTop#} to {markBottom}: run {least#} to {most} above them, they look up.',
            [
                'fish' => self::fish($lifted->fish()),
                'markTop' => [Quantity::Depth, $spread['top']],
                'markBottom' => [Quantity::Depth, $spread['bottom']],
                'least' => [Quantity::Depth, $this->rules->get('aim_above_least')],
                'most' => [Quantity::Depth, $this->rules->get('aim_above_most')],
            ],
        ));
    }

    private function tempered(Species $species): ?Band
    {
        $profile = $this->signs->profile;
        if ($profile === null) {
            return null;
        }
        $habits = Habits::of($species, $this->habits);
        $habitat = Habitat::of($species, $this->signs, $this->rules);
        [$from, $to, $where] = [$habitat->from, $habitat->to, $habitat->where];
        $figures = [
            'name' => $species->label(),
            'likesFrom' => [Quantity::Temperature, $habits->likesFrom],
            'likesTo' => [Quantity::Temperature, $habits->likesTo],
            'feedsFrom' => [Quantity::Temperature, $habits->feedsFrom],
            'feedsTo' => [Quantity::Temperature, $habits->feedsTo],
        ];
        foreach ([
            [$habits->likesFrom, $habits->likesTo, 'Water {name} like, {likesFrom#} to {likesTo}, lies from {top#} to {bottom}'],
            [
                $habits->feedsFrom,
                $habits->feedsTo,
                'No water they like; what {name} will feed in, {feedsFrom#} to {feedsTo}, lies from {top#} to {bottom}',
            ],
        ] as [$cold, $warm, $said]) {
            $found = self::thickest($profile->within($cold, $warm, $to), $from, $to);
            if ($found !== null) {
                $band = $this->atLeast($found['top'], $found['bottom'], $to);

                $alike = $profile->warmest() - $profile->coldest() < $this->rules->get('column_alike')
                    && 0.9 * ($to - $from) < $found['bottom'] - $found['top']
                    && $to - $from > $this->rules->get('tall');
                $choice = $alike ? ' The column is all alike: temperature does not choose, marks and structure do.' : '';

                return new Band(
                    $species,
                    $band['top'],
                    $band['bottom'],
                    1.0,
                    'temperature',
                    Sentence::of(
                        "{$said}{$where}.{$choice}{$this->unread($found['bottom'])}",
                        $figures + $this->read() + [
                            'top' => [Quantity::Depth, $found['top']], 'bottom' => [Quantity::Depth, $found['bottom']],
                        ],
                    ),
                );
            }
        }

        return $this->beyond($species, $profile, $habits, $from, $to, $figures);
    }

    /**
     * Where no water a species feeds in lies in its reach: the nearest to it that does.
     *
     * @param  array<string, array{Quantity, float}|string>  $figures
     */
    private function beyond(
        Species $species, TemperatureProfile $profile, Habits $habits, float $from, float $to, array $figures,
    ): Band {
        $cold = $profile->warmest() < $habits->feedsFrom;
        $warm = $profile->coldest() > $habits->feedsTo;
        $best = $cold ? $profile->warmest() : ($warm ? $profile->coldest() : null);
        $asGood = $this->rules->get('as_good');
        $near = $best === null ? null : self::thickest(
            $profile->within($best - ($cold ? $asGood : 0.0), $best + ($cold ? 0.0 : $asGood), $to), $from, $to,
        );
        $band = $this->atLeast($near['top'] ?? $from, $near['bottom'] ?? $to, $to);

        return new Band($species, $band['top'], $band['bottom'], 1.0, 'habit', Sentence::of(match (true) {
            $cold => 'The whole column is colder than {name} feed in ({feedsFrom}): the warmest of it, {best} from {top#} to '
                .'{bottom}; go by structure and marks.',
            $warm => 'The whole column is warmer than {name} feed in ({feedsTo}): the coldest of it, {best} from {top#} to '
                .'{bottom}; go by structure and marks.',
            default => 'Water {name} feed in, {feedsFrom#} to {feedsTo}, lies outside where they live at this season, or in a '
                .'layer too thin to fish: where they live, {top#} to {bottom}; go by structure and marks.',
        }, $figures + [
            'best' => [Quantity::Temperature, $best ?? 0.0], 'top' => [Quantity::Depth, $band['top']],
            'bottom' => [Quantity::Depth, $band['bottom']],
        ]));
    }

    /** Without temperature or marks: where the species is known to live, if that says anything. */
    private function byHabit(Species $species): ?Band
    {
        if ($this->signs->bottom === null) {
            return null;
        }
        $habitat = Habitat::of($species, $this->signs, $this->rules);
        [$from, $to] = [$habitat->from, $habitat->to];

        return new Band(
            $species,
            $from,
            $to,
            1.0,
            'habit',
            Sentence::of(
                'No temperatures and no marks: where {name} live at this season, {top#} to {bottom}, and no more is known.',
                ['name' => $species->label(), 'top' => [Quantity::Depth, $from], 'bottom' => [Quantity::Depth, $to]],
            ),
        );
    }

    /** A warning where a band lies deeper than anyone has measured. */
    private function unread(float $bottom): string
    {
        return $this->signs->profile !== null && $bottom > $this->signs->profile->reaches() + 0.5
            ? ' Below {reaches} nobody has measured.'
            : '';
    }

    /** @return array<string, array{Quantity, float}> */
    private function read(): array
    {
        return $this->signs->profile === null ? [] : ['reaches' => [Quantity::Depth, $this->signs->profile->reaches()]];
    }

    /** @return array{top: float, bottom: float} as high as a band must be, under the surface and above the bottom */
    private function atLeast(float $top, float $bottom, ?float $floor): array
    {
        $height = max($bottom - $top, $this->rules->get('least_band'));
        $top = max(0.0, 0.5 * ($top + $bottom - $height));
        $bottom = min($top + $height, $floor ?? INF);

        return ['top' => max(0.0, $bottom - $height), 'bottom' => $bottom];
    }

    /**
     * @param  list<array{top: float, bottom: float}>  $stretches
     * @return ?array{top: float, bottom: float} the highest of them within reach
     */
    private static function thickest(array $stretches, float $from, float $to): ?array
    {
        $best = null;
        foreach ($stretches as ['top' => $top, 'bottom' => $bottom]) {
            [$top, $bottom] = [max($top, $from), min($bottom, $to)];
            if ($bottom - $top > ($best === null ? 0.3 : $best['bottom'] - $best['top'] + 1e-9)) {
                $best = ['top' => $top, 'bottom' => $bottom];
            }
        }

        return $best;
    }

    private static function fish(int $count): string
    {
        return $count === 1 ? 'One fish' : "{$count} fish";
    }
}
