<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Day\Event;

/** An event as it came in. */
final readonly class Telling
{
    /**
     * @param  float  $toldAt  s since 1970 UTC by the clock of the device
     * @param  ?int  $spread  id
     * @param  array<string, mixed>  $tells
     * @param  ?string  $who  told it, where that is not who sends it
     */
    public function __construct(
        public Event $event, public float $toldAt, public ?int $spread, public array $tells, public ?string $who = null,
    ) {
    }

    /** The event with what it is told with, as it is read again. */
    public function told(): Event
    {
        $event = $this->event;

        return new Event($event->id, $event->kind, $event->at, $event->holder, $event->of, $this->tells);
    }
}
