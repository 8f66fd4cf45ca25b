<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\ClockTime;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/**
 * What must be done before lines are in, when it must begin, and why: only what this trip needs. Times follow from what
 * comes after them: bait is cut to be ready at lines-in, brined before it is cut, thawed before it is brined.
 */
final class Chores
{
    /** Minutes after midnight between which nobody is asked to begin what can be done by day. */
    private const NIGHT = [20 * 60, 6 * 60];

    /**
     * @param  RuleBook  $rules  of {@see ChoreRules}
     * @return list<Chore> by the time they begin
     */
    public static function for(TripNeeds $needs, TripClock $clock, RuleBook $rules): array
    {
        $evening = self::byDay($clock->castOff - 480);
        $chores = [
            ...self::bait($needs, $clock, $rules),
            ...self::gear($needs, $evening),
            new Chore(
                'stores',
                'Stores against the list',
                $evening - 120,
                30,
                'captain',
                Sentence::of('Shops are open: what is not aboard can still be bought.'),
            ),
            new Chore(
                'fuel',
                'Fuel, oil, bilge',
                $evening - 90,
                30,
                'captain',
                Sentence::of('The fuel dock is shut before light.'),
                'Blower on before starting; no one smokes at the hose.',
            ),
            new Chore(
                'forecast_evening',
                'Official marine forecast, the evening look',
                $evening,
                10,
                'captain',
                Sentence::of('Go or no-go is decided ashore, while guests can still be told.'),
            ),
            new Chore(
                'forecast_morning',
                'Official marine forecast again',
                $clock->castOff - 45,
                5,
                'captain',
                Sentence::of('Issued anew since the evening.'),
                'Over your limits you stay in. What is not known is not fine.',
            ),
            new Chore(
                'ice',
                'Ice aboard',
                $clock->castOff - 40,
                10,
                'mate',
                Sentence::of('Fish to be kept go on ice as they come aboard.'),
            ),
            new Chore(
                'float_plan',
                'Float plan left ashore',
                $clock->castOff - 30,
                5,
                'captain',
                Sentence::of(
                    'Somebody knows the ground, who is aboard, and that you are back by {back}.',
                    ['back' => new ClockTime($clock->backBy)],
                ),
                'Say when to call for help; call when you are in.',
            ),
            new Chore(
                'radio_check',
                'Radio check',
                $clock->castOff - 20,
                5,
                'captain',
                Sentence::of('The time to find it dead is at the dock.'),
            ),
            new Chore(
                'briefing',
                'Guest briefing',
                $clock->castOff - (int) $rules->get('briefing'),
                (int) $rules->get('briefing'),
                'captain',
                Sentence::of(
                    '{guests} aboard who may not know a boat.',
                    ['guests' => $needs->guests === 1 ? 'One guest' : "{$needs->guests} guests"],
                ),
                'Jackets, the engine cut-off, where to hold on; hands clear of balls, hooks and line under load.',
            ),
            new Chore(
                'dock_lines',
                'Dock lines off',
                $clock->castOff,
                (int) max(5, $clock->linesIn - $clock->castOff),
                'mate',
                Sentence::of(
                    'The run out and stopping to set take {minutes}.',
                    ['minutes' => [Quantity::Minutes, (float) ($clock->linesIn - $clock->castOff)]],
                ),
                'Cut-off clipped on; nothing in the prop wash when lines go in.',
            ),
        ];
        usort($chores, static fn (Chore $a, Chore $b): int => [$a->at, $a->key] <=> [$b->at, $b->key]);

        return $chores;
    }

    /** The same minute, or the evening before the night it falls in. */
    private static function byDay(int $at): int
    {
        $clock = (($at % 1440) + 1440) % 1440;

        return match (true) {
            $clock > self::NIGHT[0] => $at - ($clock - self::NIGHT[0]),
            $clock < self::NIGHT[1] => $at - ($clock + 1440 - self::NIGHT[0]),
            default => $at,
        };
    }

    /** @return list<Chore> */
    private static function bait(TripNeeds $needs, TripClock $clock, RuleBook $rules): array
    {
        $chores = [];
        if ($needs->cutBaitRods > 0) {
            $length = (int) $rules->get('cut');
            $cut = $clock->castOff - (int) $rules->get('briefing') - $length;
            $rods = ['rods' => $needs->cutBaitRods === 1 ? 'one rod' : "{$needs->cutBaitRods} rods"];
            $chores[] = new Chore(
                'cut',
                $needs->strips ? 'Bait cut into strips and rigged' : 'Bait rigged whole',
                $cut,
                $length,
                'mate',
                Sentence::of('For {rods}; half frozen it cuts clean.', $rods),
                'Knife away from you, board on something that does not slide.',
            );
            $start = $cut;
            if ($needs->cure !== BaitCure::Fresh) {
                $length = (int) $rules->get($needs->cure->value);
                $start -= $length;
                $what = $needs->cure === BaitCure::Salt ? 'Bait into salt' : 'Bait into brine';
                $chores[] = new Chore('cure', $what, $start, 15, 'mate', $needs->cure === BaitCure::Salt
                    ? Sentence::of(
                        '{time} in salt toughen it so that it stays on the hook.', ['time' => [Quantity::Hours, $length / 60]],
                    )
                    : Sentence::of('{time} in brine firm it and keep its shine.', ['time' => [Quantity::Hours, $length / 60]]));
            }
            $chores[] = new Chore(
                'thaw',
                'Bait out of the freezer',
                $start - (int) $rules->get('thaw'),
                5,
                'mate',
                Sentence::of(
                    'It takes {time} to thaw as far as it should.', ['time' => [Quantity::Minutes, $rules->get('thaw')]],
                ),
            );
        }
        if ($needs->liveBaitRods > 0) {
            $chores[] = new Chore(
                'live_bait',
                'Live bait fetched and kept cool',
                $clock->castOff - 60,
                15,
                'mate',
                Sentence::of(
                    'For {rods}; warm bait dies.',
                    ['rods' => $needs->liveBaitRods === 1 ? 'one rod' : "{$needs->liveBaitRods} rods"],
                ),
            );
        }
        if ($needs->baitRods() > 0) {
            $chores[] = new Chore(
                'scent',
                'Scent looked over',
                min($clock->castOff - 660, $clock->linesIn - 720),
                5,
                'mate',
                Sentence::of('What is older than a season is thrown out.'),
            );
        }

        return $chores;
    }

    /** @return list<Chore> */
    private static function gear(TripNeeds $needs, int $evening): array
    {
        return [
            new Chore(
                'charge',
                $needs->riggers ? 'Batteries on charge: riggers, radio, phones' : 'Batteries on charge: radio, phones',
                $evening,
                10,
                'mate',
                Sentence::of('A night on the charger lasts the trip.'),
            ),
            ...($needs->lines === 0 ? [] : [
                new Chore(
                    'leaders',
                    'Leaders tied',
                    $evening - 60,
                    5 * (int) ceil($needs->lines / 2),
                    'mate',
                    Sentence::of(
                        '{lines} planned, and half as many to spare.',
                        ['lines' => $needs->lines === 1 ? 'One line' : "{$needs->lines} lines"],
                    ),
                    'Cut tags, not fingers; hooks capped.',
                ),
                new Chore(
                    'reels',
                    'Reels checked: drag, counter, frays, knots',
                    $evening - 30,
                    3 * $needs->lines,
                    'mate',
                    Sentence::of('A knot hung in a guide shows now, not with a fish on.'),
                ),
            ]),
        ];
    }
}
