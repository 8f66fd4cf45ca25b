<?php

declare(strict_types=1);

namespace App\Files;

use App\Preparing\Preparation;
use Carbon\CarbonImmutable;
use Sabre\VObject\Component\VCalendar;

/**
 * A trip's timeline as iCalendar (RFC 5545), an event for each chore; moved chores keep their UID, so that importing again
 * re-times them.
 */
final class TimelineCalendar
{
    public static function of(Preparation $preparation, CarbonImmutable $written): string
    {
        $trip = $preparation->trip;
        $midnight = $trip->midnight($preparation->boat);
        // A clock time of that day, also where the clocks change in the night before.
        $at = static fn (int $minutes): CarbonImmutable => $midnight->addDays((int) floor($minutes / 1440))->setTime(
            intdiv((($minutes % 1440) + 1440) % 1440, 60), (($minutes % 60) + 60) % 60,
        )->utc();
        $calendar = new VCalendar(
            [
                'PRODID' => '-//Admek//Timeline 1//EN',
                'METHOD' => 'PUBLISH',
                'X-WR-CALNAME' => implode(', ', array_filter([$preparation->boat->name, $trip->ground])),
            ],
        );
        foreach ($preparation->timeline->entries as ['chore' => $chore, 'said' => $said]) {
            $event = $calendar->createComponent('VEVENT', array_filter([
                'UID' => "{$trip->id}-{$chore->key}@admek.invalid",
                'DTSTAMP' => $written->utc(),
                // RFC 5545 3.8.7.4: of two with one UID the later sequence counts.
                'SEQUENCE' => (string) intdiv($written->getTimestamp(), 60),
                'DTSTART' => $at($chore->at),
                'DTEND' => $at($chore->at + max(1, $chore->minutes)),
                'SUMMARY' => "{$chore->what} ({$chore->owner})",
                'DESCRIPTION' => implode(' ', array_filter([$preparation->boat->say($chore->why), $chore->caution])),
                'STATUS' => $said?->done_at === null ? null : 'CONFIRMED',
                'TRANSP' => 'TRANSPARENT',
            ]));
            $event->add('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $chore->what, 'TRIGGER' => 'PT0S']);
            $calendar->add($event);
        }

        return $calendar->serialize();
    }
}
