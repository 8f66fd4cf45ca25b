<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Rules\Rule;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** Thresholds the water is read by (docs/rules.md). */
final class ReadingRules
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        $foot = Units::FOOT;
        $depth = static fn (string $key, string $label, float $feet, string $why): Rule => new Rule(
            $key, $label, $feet * $foot, 0, 120, Quantity::Depth, $why,
        );
        $leader = static fn (string $key, string $label, float $feet, string $why): Rule => new Rule(
            $key, $label, $feet * $foot, 0.1, 15, Quantity::Leader, $why,
        );
        $weight = static fn (string $key, string $label, float $weight, string $why): Rule => new Rule(
            $key, $label, $weight, 0.1, 10, Quantity::Count, $why,
        );

        return [
            new Rule(
                'thermocline_gradient', 'Cooling that makes a thermocline', 0.5 / 1.8 / $foot, 0.2, 10, Quantity::Gradient,
                'Slower cooling holds no fish to it.',
            ),
            $depth('thermocline_thickness', 'over at least', 3, 'Thinner it is one odd reading.'),
            new Rule(
                'full_sun', 'Sun up at which the band is at its full depth', 35, 10, 80, Quantity::Angle,
                'Fish sink with light, until it falls steep enough.',
            ),
            new Rule(
                'cloud_share', 'Of that shift, under cloud', 0.5, 0, 1, Quantity::Share,
                'Under cloud they go half as deep for it.',
            ),
            new Rule(
                'window', 'Share of the band fished at one time', 0.5, 0.2, 1, Quantity::Share,
                'The rest is where they are not now.',
            ),
            $weight('first', 'The first species weighs', 2, 'The day is for it.'),
            $weight('second', 'the second', 1, 'A rod or two beside.'),
            $weight('third', 'the third', 0.6, 'If it costs the others little.'),
            $weight('later', 'any after', 0.4, 'What comes is welcome.'),
            $weight('seen', 'and a band marked, times', 1.5, 'Fish seen count before water they would like.'),
            $depth('least_band', 'Least height of a band', 8, 'No one knows it closer than that.'),
            $depth('aim_above_least', 'Run above marks by at least', 2, 'They look up, and come up; seldom down.'),
            $depth('aim_above_most', 'and at most', 4, 'Farther they may not see it.'),
            $depth('on_bottom', 'Marks this near bottom are on it', 1, 'They eat what is on the ground.'),
            $depth('steelhead_deepest', 'Steelhead at most', 40, 'They live at the top, along breaks and slicks.'),
            $depth('coho_deepest', 'Coho at most', 70, 'Upper water, covering ground.'),
            $depth('brown_deepest', 'Brown trout in spring at most', 25, 'Near shore, in the warmed shallows.'),
            $depth('lake_trout_off_bottom', 'Lake trout in summer above bottom at most', 20, 'They lie on the cold ground.'),
            $depth(
                'lake_trout_spring',
                'Lake trout in cold spring at most',
                30,
                'They come inshore while the shallows are the warmest water.',
            ),
            new Rule(
                'upwelled', 'A surface so much colder has come up from below', 5.0, 1, 20, Quantity::TemperatureStep,
                'Nights do not cool it so: wind off the shore does.',
            ),
            new Rule(
                'bounce_slowest', 'Bouncing bottom, slowest', 0.2 * Units::MPH, 0, 2, Quantity::Speed,
                'Walleye on bottom are not chased.',
            ),
            new Rule(
                'bounce_fastest', 'Bouncing bottom, fastest', 0.8 * Units::MPH, 0.05, 2, Quantity::Speed,
                'Faster the weight lifts off.',
            ),
            $leader('leader_stained', 'Leader in stained water', 2.5, 'They must find it, not fear it.'),
            $leader('leader_tinted', 'Leader in tinted water', 4, 'Between the two.'),
            $leader('leader_clear', 'Leader in clear water', 6.5, 'They see hardware from afar.'),
            new Rule(
                'lit', 'Sun up over which both sides are lit', 55.0, 20, 90, Quantity::Angle,
                'So high it casts no shade to fish.',
            ),
            new Rule(
                'shallow', 'A band is shallow down to', 36 * Units::FOOT, 1, 40, Quantity::Depth,
                'There a ball is over the heads of walleye.',
            ),
            new Rule(
                'bare_bait', 'On a river bed, bait alone below', (48 - 32) / 1.8, 0, 20, Quantity::Temperature,
                'The colder, the less they follow what flashes.',
            ),
            new Rule(
                'cold_shallows', 'Spring shallows are cold below', (50 - 32) / 1.8, 0, 20, Quantity::Temperature,
                'Then small and near is enough.',
            ),
            new Rule(
                'river', 'Current that makes a river of it', 0.5, 0.05, 3, Quantity::Speed,
                'From there a weight is held by the water, not the boat.',
            ),
            new Rule(
                'within_reach', 'A presentation reaches of a band at least', 0.25, 0.05, 1, Quantity::Share,
                'With less it fishes beside it.',
            ),
            new Rule(
                'moved', 'A thermocline has moved when by more than', 5 * $foot, 0.3, 10, Quantity::Depth,
                'Less is the cast, not the water.',
            ),
            new Rule(
                'as_before', 'A surface within this is as it was', 1 / 1.8, 1 / 1.8, 3, Quantity::TemperatureStep,
                'No one reads it closer.',
            ),
            new Rule(
                'high', 'Marks this far off bottom want a test line below', 20 * $foot, 1, 40, Quantity::Depth,
                'High fish are often not the ones that feed.',
            ),
            new Rule(
                'dark', 'Little colour is left below', 80 * $foot, 5, 80, Quantity::Depth,
                'Water takes red first, then all but blue.',
            ),
            new Rule(
                'warm_wash', 'Muskie are short in the wash above', (70 - 32) / 1.8, 5, 30, Quantity::Temperature,
                'Warm water makes them bold.',
            ),
            new Rule(
                'muskie_short_from', 'Short muskie leads, from', 10 * $foot, 1, 30, Quantity::Length,
                'In the wash, where the hook sets at once.',
            ),
            new Rule(
                'muskie_short_to', 'Short muskie leads, up to', 20 * $foot, 1, 60, Quantity::Length,
                'Farther it is out of the wash.',
            ),
            new Rule(
                'muskie_long_from', 'Long muskie leads, from', 60 * $foot, 3, 60, Quantity::Length,
                'Away from the boat they have forgotten it.',
            ),
            new Rule(
                'muskie_long_to', 'Long muskie leads, up to', 100 * $foot, 5, 120, Quantity::Length, 'Farther it only sags.',
            ),
            new Rule(
                'alike',
                'Currents this near are alike',
                0.2 * Units::MPH,
                0.1 * Units::MPH,
                1,
                Quantity::Speed,
                'No log shows less.',
            ),
            new Rule(
                'cold_spring', 'Spring is cold under', (48 - 32) / 1.8, 1, 20, Quantity::Temperature,
                'Till then the shallows are the warmest water there is.',
            ),
            new Rule(
                'muskie_share', 'Muskie keep to this share of the water', 2 / 3, 0.1, 1, Quantity::Share,
                'Middle and upper water, over what is below.',
            ),
            new Rule(
                'dwells', 'Lake trout, walleye, salmon in a river: on bottom until so many times as many are off it', 3, 1, 20,
                Quantity::Count,
                'The ground is theirs, unless most have left it.',
            ),
            new Rule(
                'column_alike', 'A column is all alike within', 4 / 1.8, 1 / 1.8, 8, Quantity::TemperatureStep,
                'Then temperature does not choose.',
            ),
            new Rule(
                'tall', 'where it is at least so high', 50 * $foot, 2, 100, Quantity::Depth,
                'A shallow one is searched in one go.',
            ),
            new Rule(
                'as_good', 'Water is as good as the best within', 2 / 1.8, 1 / 1.8, 5, Quantity::TemperatureStep,
                'Fish do not tell it closer.',
            ),
        ];
    }
}
