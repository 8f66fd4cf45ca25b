<?php

declare(strict_types=1);

namespace Admek\Core\Day;

use Admek\Core\InvalidValue;

/** Something that happened, as it was told; it is never changed. */
final readonly class Event
{
    /**
     * @param  string  $id  which the device that told it made
     * @param  float  $at  s since 1970 UTC, by the hub's clock
     * @param  ?string  $holder  code of the rod's holder
     * @param  ?string  $of  id of the bite it tells the end of, or of the event it takes back
     * @param  array<string, mixed>  $tells  what it is told with, SI; of each kind other things
     *
     * @throws InvalidValue naming holder or of, where the kind wants one
     */
    public function __construct(
        public string $id,
        public EventKind $kind,
        public float $at,
        public ?string $holder = null,
        public ?string $of = null,
        public array $tells = [],
    ) {
        if ($kind->isOfLine() && $holder === null) {
            throw InvalidValue::because('holder', 'the rod it is of');
        }
        if ($kind->isOfAnother() && $of === null) {
            throw InvalidValue::because('of', 'the event it is of');
        }
    }

    /** The same, so many s later. */
    public function later(float $by): self
    {
        return new self($this->id, $this->kind, $this->at + $by, $this->holder, $this->of, $this->tells);
    }

    /** @return list<string> ids of those it moves */
    public function moves(): array
    {
        $events = $this->kind === EventKind::Moved ? $this->tells['events'] ?? [] : [];

        return is_array($events) ? array_values(array_filter($events, is_string(...))) : [];
    }

    /** What happened, with what is seen of the water where it is that; a place that nobody knew is told to be none. */
    public function words(): string
    {
        if ($this->kind->isOfPlace() && $this->figure('latitude') === null) {
            return "{$this->kind->words()}, place not known";
        }
        $signs = $this->kind === EventKind::Signs ? ['clarity' => 'water', 'sky' => 'sky', 'surface' => 'surface'] : [];
        $seen = [];
        foreach ($signs as $sign => $of) {
            if (array_key_exists($sign, $this->tells)) {
                $seen[] = "{$of} ".($this->word($sign) ?? 'not known');
            }
        }

        return $this->kind->words().($seen === [] ? '' : ': '.implode(', ', $seen));
    }

    /** A word it is told with; null where it is not. */
    public function word(string $name): ?string
    {
        $told = $this->tells[$name] ?? null;

        return is_string($told) ? $told : null;
    }

    /** A figure it is told with, SI; null where it is not. */
    public function figure(string $name): ?float
    {
        $told = $this->tells[$name] ?? null;

        return is_float($told) || is_int($told) ? (float) $told : null;
    }
}
