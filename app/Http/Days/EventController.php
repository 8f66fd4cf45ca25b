<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\CannotTow;
use App\Days\EventLog;
use App\Http\Problem;
use App\Models\Boat;
use App\Models\Trip;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Events of a trip, as devices tell them: each kept once or refused by itself, whatever becomes of the others. */
final class EventController
{
    /** Most events a device sends at once. */
    private const MOST = 50;

    /** s by which a device's clock may differ before its times are put right: less is the network's own delay. */
    private const CLOCK = 2.0;

    public function store(Request $request, Trip $trip, Boat $boat, Factory $validators): JsonResponse
    {
        $request->validate([
            'sent_at' => ['required', 'string', NewEvent::MOMENT, ...NewEvent::WHEN],
            'events' => ['required', 'list', 'max:'.self::MOST], 'events.*' => ['array'],
        ]);
        $ahead = (float) now()->format('U.v') - Moment::seconds($request->string('sent_at')->value());
        $ahead = abs($ahead) < self::CLOCK ? 0.0 : $ahead;
        $who = Who::asks($request);
        $log = EventLog::of($trip);
        $kept = $refused = [];
        foreach ($request->array('events') as $i => $told) {
            $new = NewEvent::of($told);
            try {
                $new->held($validators);
                $spread = $new->input('spread_id') === null ? null : $new->integer('spread_id');
                if ($spread !== null && ! $trip->spreads()->whereKey($spread)->exists()) {
                    throw InvalidValue::because('spread_id', 'the id of a spread of this trip');
                }
                $log->keep($new->event($boat, $ahead), $new->toldAt(), $who, $spread, $new->tells($boat, $trip));
                $kept[] = $new->string('uuid')->value();
            } catch (ValidationException|InvalidValue|CannotTow $refusal) {
                $refused[] = ['index' => $i, 'errors' => Problem::faults($refusal)];
            }
        }

        return new JsonResponse(['kept' => $kept, 'refused' => $refused, 'version' => $log->version()]);
    }
}
