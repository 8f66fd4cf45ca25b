<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\Books\Book;
use Admek\Core\Day\SoundingAsked;
use Admek\Core\InvalidValue;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Units\Units;
use App\Days\AtTheTime;
use App\Days\EventLog;
use App\Days\Telling;
use App\Http\Problem;
use App\Models\Boat;
use App\Models\Trip;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Events of a trip, as devices tell them: each kept once or refused by itself; those that are one thing are kept together, or
 * none of them. What they are kept with is worked out before the data is held for them.
 */
final class EventController
{
    /** Most events a device sends at once. */
    private const MOST = 100;

    /** s by which a device's clock may differ before its times are put right: less is the network's own delay. */
    private const CLOCK = 2.0;

    /** Of a trip that was deleted since: told to whoever still has something to tell of it. */
    public static function gone(): never
    {
        throw new HttpException(410, 'That trip was deleted. Bring it back under Trips, and send this again; or throw it away.');
    }

    public function store(
        Request $request, Trip $trip, Boat $boat, Factory $validators, AtTheTime $then,
    ): JsonResponse {
        $request->validate([
            'sent_at' => ['bail', 'required', 'string', NewEvent::MOMENT, ...NewEvent::WHEN],
            'events' => ['required', 'list', 'max:'.self::MOST], 'events.*' => ['array'],
        ]);
        $ahead = (float) now()->format('U.v') - Moment::seconds($request->string('sent_at')->value());
        $ahead = abs($ahead) < self::CLOCK ? 0.0 : $ahead;
        $able = $refused = $unkept = $things = $before = [];
        foreach ($request->array('events') as $i => $told) {
            $new = NewEvent::of($told);
            $things[$i] = $new->thing() ?? "{$i}";
            try {
                $new->held($validators);
                if (isset($unkept[$new->word('of')])) {
                    throw InvalidValue::because('of', 'an event that is kept: the one it is of was refused');
                }
                $spread = $trip->ownSpread($new->input('spread_id') === null ? null : $new->integer('spread_id'));
                $event = $new->event($boat, $ahead);
                $tells = $new->tells($boat, $trip, $event, $spread, $then, $before);
                $able[$i] = new Telling($event, $new->toldAt(), $spread, $tells);
                $before[] = $able[$i]->told();
            } catch (ValidationException|InvalidValue|CannotTow $refusal) {
                $unkept[$new->word('uuid')] = true;
                $refused[$i] = Problem::faults($refusal);
            }
        }
        $broken = array_flip(array_intersect_key($things, $refused));
        foreach (array_intersect(array_intersect_key($things, $able), array_keys($broken)) as $i => $thing) {
            unset($able[$i]);
            $refused[$i] = Problem::faults(InvalidValue::because('thing', 'told with events that can be kept: one was refused'));
        }
        ksort($refused);
        $able = array_values($able);
        $log = EventLog::of($trip);
        $log->keep(Who::asks($request), ...$able);
        $kept = array_map(static fn (Telling $telling): string => $telling->event->id, $able);

        return new JsonResponse([
            'kept' => $kept, 'asked' => self::asked($able, $boat), 'version' => $log->version(),
            'refused' => array_map(
                static fn (int $i, array $errors): array => ['index' => $i, 'errors' => $errors], array_keys($refused), $refused,
            ),
        ]);
    }

    /**
     * What is asked of soundings that are kept, and teach nothing yet.
     *
     * @param  list<Telling>  $able
     * @return list<array{uuid: string, words: string}>
     */
    private static function asked(array $able, Boat $boat): array
    {
        $asked = [];
        foreach ($able as $telling) {
            $words = SoundingAsked::of($telling->told(), $boat->book(Book::Day));
            if ($words !== null) {
                $asked[] = ['uuid' => $telling->event->id, 'words' => $words->in(Units::from($boat->units))];
            }
        }

        return $asked;
    }
}
