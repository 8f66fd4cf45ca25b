<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\ClockTime;
use Admek\Core\Units\Compass;
use Admek\Core\Units\Sentence;

/** Which shore is in the lee, and whether it stays so over a trip. */
final class Lee
{
    /**
     * Land to windward shelters the water under it: the shore the wind blows off.
     *
     * @param  list<ForecastHour>  $forecast
     * @param  ?RuleBook  $limits  of {@see GoLimits}; null for the defaults
     */
    public static function of(array $forecast, TripClock $clock, ?RuleBook $limits = null): Sentence
    {
        $limits ??= RuleBook::of(GoLimits::rules());
        $known = array_values(
            array_filter(
                $forecast,
                static fn (ForecastHour $hour): bool => $hour->from !== null
                    && $hour->wind !== null
                    && $hour->at >= $clock->castOff - 60
                    && $hour->at <= $clock->backBy,
            ),
        );
        if ($known === []) {
            return Sentence::of('Which shore is in the lee is not known: no wind direction is entered.');
        }
        $blowing = array_values(
            array_filter($known, static fn (ForecastHour $hour): bool => $hour->wind >= $limits->get('calm')),
        );
        if ($blowing === []) {
            return Sentence::of('No wind to speak of: no shore is in the lee.');
        }
        [$first, $last] = [$blowing[0], $blowing[0]];
        foreach ($blowing as $hour) {
            if (
                Compass::apart((float) $hour->from, (float) $first->from) > Compass::apart(
                    (float) $last->from, (float) $first->from,
                )
            ) {
                $last = $hour;
            }
        }
        $lee = Sentence::of(
            'Wind from the {point}: water under the {shore} shore is in the lee.',
            ['point' => Compass::point((float) $first->from), 'shore' => Compass::side((float) $first->from)],
        );

        return Compass::apart((float) $last->from, (float) $first->from) < $limits->get('swing') ? $lee : $lee->then(Sentence::of(
            'By {at} it has gone to the {thenPoint}: that shore lies open, and the {thenShore} one is in the lee.',
            [
                'at' => new ClockTime($last->at),
                'thenPoint' => Compass::point((float) $last->from),
                'thenShore' => Compass::side((float) $last->from),
            ],
        ));
    }
}
