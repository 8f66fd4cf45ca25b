<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\Books\Book;
use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Day\Fish;
use Admek\Core\Fish\Condition;
use Admek\Core\Fish\Species;
use Admek\Core\InvalidValue;
use Admek\Core\Records\Sounding;
use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Towing\Medium\Current;
use Admek\Core\Trip\Stores;
use App\Days\AtTheTime;
use App\Days\EventLog;
use App\Days\Landmark;
use App\Days\LinesAsTold;
use App\Days\StoresUsed;
use App\Http\Asked\LineShape;
use App\Http\Asked\SignsShape;
use App\Http\Asked\SpreadContent;
use App\Http\Within;
use App\Models\Boat;
use App\Models\Trip;
use App\Rigging\LineSnapshot;
use App\Rigging\Locker;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\Validation\Validator;

/** One event as a device tells it, held to what its kind is told with. */
final class NewEvent extends SpreadContent
{
    public const NOTE = 500;

    /** When anybody fished. */
    public const WHEN = ['after_or_equal:2000-01-01', 'before:2100-01-01'];

    /** Events of a day that are moved together. */
    private const MOVED = 2000;

    /** A time of the port's clock. */
    private const BY_THE_PORT = 'Y-m-d\TH:i';

    public const MOMENT = 'date_format:Y-m-d\TH:i:s\Z,Y-m-d\TH:i:s.v\Z';

    public static function of(mixed $told): self
    {
        $event = is_array($told) ? $told : [];
        if (is_string($event['uuid'] ?? null)) {
            // A device's name for it is the same in capitals.
            $event['uuid'] = strtolower($event['uuid']);
        }
        if (is_string($event['of'] ?? null)) {
            $event['of'] = strtolower($event['of']);
        }
        $new = new self([], $event);
        $new->setMethod('POST');

        return $new;
    }

    /** @throws ValidationException naming the fields */
    public function held(Factory $validators): self
    {
        $check = $validators->make($this->all(), $this->rules());
        assert($check instanceof Validator);
        foreach ($this->after() as $more) {
            $check->after($more);
        }
        $check->validate();

        return $this;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $kind = EventKind::tryFrom($this->word('kind'));

        return [
            'uuid' => ['required', 'string', 'uuid'],
            'kind' => ['required', Rule::enum(EventKind::class)],
            'at' => ['bail', 'required', 'string', self::MOMENT, ...self::WHEN],
            'spread_id' => ['nullable', 'integer:strict'],
            'holder_id' => [$kind?->isOfLine() === true ? 'required' : 'prohibited', 'integer:strict'],
            'of' => [$kind?->isOfAnother() === true ? 'required' : 'prohibited', 'string', 'uuid'],
            'note' => ['nullable', 'string', 'max:'.self::NOTE], 'thing' => ['string', 'uuid'],
        ] + match (true) {
            // By what was told of the day, where it does not tell itself what every line did.
            $kind === EventKind::Bite => ($this->tellsOfLines() ? self::spreadRules() : []) + $this->whatIfRules(),
            $kind?->rigs() === true => ['line' => ['required', 'array']],
            $kind?->isOfBite() === true => [
                'species' => ['nullable', Rule::enum(Species::class)],
                'length' => ['nullable', 'numeric:strict', Within::range(Fish::LENGTH)],
                'girth' => ['nullable', 'numeric:strict', Within::range(Fish::GIRTH)],
                'weight' => ['nullable', 'numeric:strict'],
                'in_net' => ['boolean:strict'],
                'condition' => ['nullable', Rule::enum(Condition::class)],
            ],
            $kind === EventKind::Sounding => [
                'depth' => ['required', 'numeric:strict', Within::range(Sounding::DEPTH)],
                'method' => ['nullable', Rule::enum(SoundingMethod::class)], 'sure' => ['boolean:strict'],
            ],
            $kind === EventKind::Speed => ['speed' => self::spreadRules()['speed']],
            $kind?->isOfPlace() === true => [
                'latitude' => ['required_with:longitude', 'numeric:strict', 'between:-90,90'],
                'longitude' => ['required_with:latitude', 'numeric:strict', 'between:-180,180'],
                'from' => ['prohibits:latitude', 'required_with:bearing', 'required_with:distance', 'string', 'max:60'],
                'bearing' => ['required_with:from', 'numeric:strict', Within::range(Current::BEARING)],
                'distance' => ['required_with:from', 'numeric:strict', Within::range(Bottom::ALONG)],
            ],
            $kind === EventKind::Answer => [
                'key' => ['required', 'string', 'max:100'], 'answer' => ['required', 'in:taken,refused'],
            ],
            $kind === EventKind::Moved => [
                'events' => ['required', 'list', 'max:'.self::MOVED], 'events.*' => ['string', 'uuid'],
                'first' => ['bail', 'required', 'string', 'date_format:'.self::BY_THE_PORT, ...self::WHEN],
            ],
            $kind === EventKind::Signs => SignsShape::rules(),
            $kind === EventKind::Ended => [
                'left' => ['array', 'max:100'], 'left.*' => ['numeric:strict', Within::range(Stores::ABOARD)],
            ],
            default => [],
        };
    }

    /** @return list<Closure(Validator): void> */
    public function after(): array
    {
        return [...parent::after(), function (Validator $validator): void {
            if (is_array($this->input('line'))) {
                LineShape::check($validator, $this->input('line'), 'line');
            }
        }];
    }

    /** Whether it tells what every line did, as one does that is told at the rods. */
    private function tellsOfLines(): bool
    {
        return $this->input('lines') !== null || $this->input('speed') !== null;
    }

    /** What stands there, where that is text. */
    public function word(string $name): string
    {
        $told = $this->input($name);

        return is_string($told) ? $told : '';
    }

    /** What it was told as part of, where others were told with it. */
    public function thing(): ?string
    {
        return strtolower($this->word('thing')) ?: null;
    }

    /** s since 1970 UTC by the clock of the device. */
    public function toldAt(): float
    {
        return Moment::seconds($this->string('at')->value());
    }

    /**
     * @param  float  $ahead  s the hub's clock is ahead of the device's
     *
     * @throws InvalidValue naming the field
     */
    public function event(Boat $boat, float $ahead): Event
    {
        return new Event(
            $this->word('uuid'), EventKind::from($this->word('kind')), $this->toldAt() + $ahead,
            $this->input('holder_id') === null ? null : Locker::ever($boat)->holder($this->input('holder_id'))->code,
            $this->input('of') === null ? null : $this->word('of'),
        );
    }

    /**
     * What it is kept with: of a bite what every line did, of a line as it was set its parts by their names too.
     *
     * @param  Event  $event  as it is kept
     * @param  ?int  $spread  id of the one it is of
     * @param  list<Event>  $with  told with it before it, and not kept yet
     * @return array<string, mixed>
     *
     * @throws InvalidValue naming the field
     */
    public function tells(Boat $boat, Trip $trip, Event $event, ?int $spread, AtTheTime $then, array $with = []): array
    {
        $kind = $event->kind;
        if ($kind === EventKind::Bite) {
            if (! $this->tellsOfLines()) {
                $planned = $trip->spreads()->with('lines');
                $planned = $spread === null ? $planned->firstOrFail() : $planned->findOrFail($spread);
                $this->merge(LinesAsTold::bittenAt(
                    $trip, $planned, $boat, $event->at, (string) $event->holder, $with,
                ));
            }

            return $then->bite(
                $boat, $trip, $this->rows(), $this->conditions($trip), $this->integer('holder_id'), $event->at,
                $spread,
            );
        }
        if ($kind->rigs()) {
            /** @var array<string, mixed> $line */
            $line = $this->array('line');

            return LineSnapshot::line($boat, ['holder_id' => $this->integer('holder_id')] + $line);
        }
        if ($kind === EventKind::Sounding) {
            $speed = $then->speed($event->at, $boat);

            return ['depth' => $this->float('depth')] + array_filter([
                'method' => $this->input('method'), 'speed' => $speed, 'sure' => $this->boolean('sure') ?: null,
            ] + ($then->bottom($event->at, $boat) ?? []), static fn (mixed $told): bool => $told !== null);
        }
        if ($kind === EventKind::Moved) {
            return $this->moved($trip, $boat);
        }
        if ($kind === EventKind::Ended) {
            return StoresUsed::of($boat, array_map(floatval(...), $this->array('left')));
        }
        if ($kind->isOfPlace() && $this->input('latitude') === null) {
            $this->merge($this->input('from') === null ? $then->place($event->at, $boat) ?? [] : Landmark::of(
                $trip, $boat, $this->string('from')->value(),
            )->seen($this->float('bearing'), $this->float('distance')));
        }
        $asked = array_diff_key(
            $this->rules(), array_flip(['uuid', 'kind', 'at', 'spread_id', 'holder_id', 'of', 'thing', 'in_net']),
        );
        $told = array_filter(
            array_intersect_key($this->all(), $asked),
            // A sign that is taken back is told as not known.
            static fn (mixed $told): bool => $told !== null || $kind === EventKind::Signs,
        );
        if (isset($told['weight'])) {
            $net = $this->boolean('in_net') ? ['net' => $boat->book(Book::Day)->get('net_weight')] : [];
            Fish::weighable((float) $told['weight'], $net['net'] ?? 0.0);
            $told += $net;
        }

        return $told;
    }

    /**
     * By how much the events that are named are moved, so that the first of them is when it is said to have been.
     *
     * @return array{by: float, events: list<string>}
     *
     * @throws InvalidValue naming events
     */
    private function moved(Trip $trip, Boat $boat): array
    {
        $named = array_flip(array_map(static fn (mixed $id): string => strtolower((string) $id), $this->array('events')));
        $moved = array_filter(
            EventLog::of($trip)->day()->log,
            static fn (Event $event): bool => isset($named[$event->id]) && $event->kind->isMovable(),
        );
        if ($moved === [] || count($moved) !== count($named)) {
            throw InvalidValue::because('events', 'events that are told of this trip, and count');
        }
        $first = CarbonImmutable::createFromFormat('!'.self::BY_THE_PORT, $this->string('first')->value(), $boat->timezone);
        assert($first !== null);
        $was = min(array_map(static fn (Event $event): float => $event->at, $moved));

        return ['by' => (float) $first->format('U') - $was, 'events' => array_column($moved, 'id')];
    }
}
