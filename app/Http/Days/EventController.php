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

/** Events of a trip, as devices tell them: each kept once or refused by itself, or all together where they are one thing. */
final class EventController
{
    /** Most events a device sends at once. */
    private const MOST = 50;

    /** s by which a device's clock may differ before its times are put right: less is the network's own delay. */
    private const CLOCK = 2.0;

    public function store(
        Request $request, Trip $trip, Boat $boat, Factory $validators, AtTheTime $then,
    ): JsonResponse {
        $request->validate([
            'sent_at' => ['bail', 'required', 'string', NewEvent::MOMENT, ...NewEvent::WHEN],
            'events' => ['required', 'list', 'max:'.self::MOST], 'events.*' => ['array'], 'whole' => ['boolean:strict'],
        ]);
        $ahead = (float) now()->format('U.v') - Moment::seconds($request->string('sent_at')->value());
        $ahead = abs($ahead) < self::CLOCK ? 0.0 : $ahead;
        $log = EventLog::of($trip);
        $able = $refused = $unkept = [];
        foreach ($request->array('events') as $i => $told) {
            $new = NewEvent::of($told);
            try {
                $new->held($validators);
                if (isset($unkept[$new->string('of')->value()])) {
                    throw InvalidValue::because('of', 'an event that is kept: the one it is of was refused');
                }
                $spread = $trip->ownSpread($new->input('spread_id') === null ? null : $new->integer('spread_id'));
                $event = $new->event($boat, $ahead);
                $able[] = new Telling($event, $new->toldAt(), $spread, $new->tells($boat, $trip, $event, $spread, $then));
            } catch (ValidationException|InvalidValue|CannotTow $refusal) {
                $unkept[$new->string('uuid')->value()] = true;
                $refused[] = ['index' => $i, 'errors' => Problem::faults($refusal)];
            }
        }
        $able = $request->boolean('whole') && $refused !== [] ? [] : $able;
        $log->keep(Who::asks($request), ...$able);
        $kept = array_map(static fn (Telling $telling): string => $telling->event->id, $able);

        return new JsonResponse([
            'kept' => $kept, 'refused' => $refused, 'asked' => self::asked($able, $boat), 'version' => $log->version(),
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
