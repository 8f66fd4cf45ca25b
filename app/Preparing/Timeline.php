<?php

declare(strict_types=1);

namespace App\Preparing;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Trip\Chore;
use Admek\Core\Trip\Chores;
use Admek\Core\Trip\TripClock;
use Admek\Core\Trip\TripNeeds;
use Admek\Core\Units\Sentence;
use App\Models\Chore as Said;
use App\Models\Trip;
use Illuminate\Support\Collection;

/** A trip's chores as the captain has them: those it needs, with what he has said of each, and his own. */
final readonly class Timeline
{
    /**
     * @param  list<array{chore: Chore, said: ?Said}>  $entries  by the time they begin
     * @param  list<array{chore: Chore, said: ?Said}>  $dropped
     */
    private function __construct(public array $entries, public array $dropped)
    {
    }

    public static function of(Trip $trip, TripNeeds $needs, TripClock $clock, RuleBook $rules): self
    {
        /** @var Collection<string, Said> $said */
        $said = $trip->chores->keyBy('key');
        $entries = [];
        foreach (Chores::for($needs, $clock, $rules) as $chore) {
            $of = $said->pull($chore->key);
            $entries[] = ['chore' => self::asSaid($chore, $of), 'said' => $of];
        }
        foreach ($said as $own) {
            // What was said of a chore the trip no longer needs waits for it to be needed again.
            if ($own->what !== null) {
                $entries[] = [
                    'chore' => new Chore(
                        $own->key,
                        $own->what,
                        $own->at ?? $clock->castOff,
                        $own->minutes ?? 10,
                        $own->owner ?? 'captain',
                        Sentence::of('Your own.'),
                    ),
                    'said' => $own,
                ];
            }
        }
        usort(
            $entries,
            static fn (array $a, array $b): int => [$a['chore']->at, $a['chore']->key] <=> [$b['chore']->at, $b['chore']->key],
        );
        $isDropped = static fn (array $entry): bool => $entry['said']->dropped ?? false;

        return new self(
            array_values(array_filter($entries, static fn (array $entry): bool => ! $isDropped($entry))),
            array_values(array_filter($entries, $isDropped)),
        );
    }

    private static function asSaid(Chore $chore, ?Said $said): Chore
    {
        $chore = $said?->owner === null ? $chore : $chore->ownedBy($said->owner);

        return $said?->at === null ? $chore : $chore->begunAt($said->at);
    }
}
