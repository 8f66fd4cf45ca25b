<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Books\Book;
use Admek\Core\Ground\Course as Ground;
use Admek\Core\Ground\Pass;
use Admek\Core\Ground\Place;
use Admek\Core\InvalidValue;
use Admek\Core\Manoeuvres\Gentlest;
use Admek\Core\Manoeuvres\Manoeuvre;
use Admek\Core\Manoeuvres\ManoeuvreKind;
use Admek\Core\Manoeuvres\OutOfGear;
use Admek\Core\Manoeuvres\PassInTime;
use Admek\Core\Manoeuvres\Sinking;
use Admek\Core\Manoeuvres\SpreadInTime;
use Admek\Core\Manoeuvres\Tried;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Check\Steady;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Motion\Course;
use Admek\Core\Towing\Motion\Mover;
use Admek\Core\Units\Units;
use App\Http\Asked\AskedSpread;
use App\Http\Asked\InTimeResource;
use App\Http\Asked\SinkingResource;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\TripLimits;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A manoeuvre tried with a spread as it stands on a screen, second by second. */
final class ManoeuvreController
{
    /** s between frames; the page draws what lies between. */
    private const EVERY = 1.0;

    public function show(
        ManoeuvreRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver, LeftQuestions $left,
    ): JsonResponse {
        $asked = AskedSpread::of($request, $spread, $boat);
        $rules = $asked->boat->book(Book::Manoeuvres);
        $manoeuvre = self::manoeuvre($request, $rules);
        $conditions = $asked->conditions->turning(null);
        $pass = $manoeuvre->kind === ManoeuvreKind::Pass ? self::pass($asked) : null;
        $course = $pass->course ?? self::inFigures(static fn (): Course => $manoeuvre->course($conditions));
        $lasts = $pass?->lasts() ?? $manoeuvre->lasts($course);
        $until = min($request->until() ?? $lasts, $lasts);
        $times = array_values(array_filter(
            $pass?->times() ?? range(0.0, $lasts, self::EVERY), static fn (float $time): bool => $time <= $until,
        ));
        $lines = Steady::among($asked->plan->lines, $conditions, false, $solver)[0];
        $inTime = SpreadInTime::of(
            $lines, $conditions, $course, $times, $solver, new Mover(isWanted: $request->isWanted($left)),
        );
        $limits = $pass === null ? $asked->limits : TripLimits::of($asked->trip, $asked->boat);
        $whole = $until >= $lasts;
        $units = Units::from($asked->boat->units);

        return new JsonResponse((new InTimeResource(
            $inTime, $whole ? Tried::of($inTime, $lines, $limits, $rules, $pass) : null, $lasts, $units, $pass,
        ))->told() + [
            'rate' => $manoeuvre->rate($conditions->speed),
            'sinking' => $whole && $manoeuvre->kind === ManoeuvreKind::OutOfGear ? array_map(
                static fn (Sinking $sinking): SinkingResource => new SinkingResource($sinking, $units),
                OutOfGear::sinking(
                    $solver->all(array_column($lines, 'planned'), $conditions), $conditions,
                    $asked->limits->bottom?->at(0.0), $rules, $solver,
                ),
            ) : [],
        ]);
    }

    public function gentlest(
        ManoeuvreRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver, LeftQuestions $left,
    ): JsonResponse {
        $asked = AskedSpread::of($request, $spread, $boat);
        $manoeuvre = self::manoeuvre($request, $asked->boat->book(Book::Manoeuvres));
        $conditions = $asked->conditions->turning(null);
        $gentlest = self::inFigures(static fn (): Gentlest => Gentlest::of(
            $manoeuvre, Steady::among($asked->plan->lines, $conditions, false, $solver)[0], $conditions, $asked->limits, $solver,
            $request->isWanted($left),
        ));

        return new JsonResponse([
            'rate' => $gentlest->rate,
            'says' => $gentlest->says()->in(Units::from($asked->boat->units)),
        ]);
    }

    /** The screen no longer waits for what it asked. */
    public function leave(Request $request, LeftQuestions $left): Response
    {
        $left->leave(...$request->validate(ManoeuvreRequest::question()));

        return new Response(status: 204);
    }

    /** @throws InvalidValue where the trip takes none */
    private static function pass(AskedSpread $asked): PassInTime
    {
        $places = $asked->trip->pass['places']
            ?? throw InvalidValue::because('manoeuvre.kind', 'the pass of a trip that takes one');

        return self::inFigures(static fn (): PassInTime => PassInTime::of(Pass::of(
            Ground::of(array_map(static fn (array $place): Place => new Place($place[0], $place[1]), $places)),
            $asked->conditions->speed, rules: $asked->boat->book(Book::Pass),
        )));
    }

    /** @throws InvalidValue naming the figure as it was sent */
    private static function manoeuvre(ManoeuvreRequest $request, RuleBook $rules): Manoeuvre
    {
        return self::inFigures(static fn (): Manoeuvre => $request->manoeuvre($rules));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $make
     * @return T
     *
     * @throws InvalidValue naming the figure as it was sent
     */
    private static function inFigures(callable $make): mixed
    {
        try {
            return $make();
        } catch (InvalidValue $invalid) {
            throw $invalid->within($invalid->field === 'kind' ? 'manoeuvre' : 'manoeuvre.figures');
        }
    }
}
