<?php

declare(strict_types=1);

namespace Admek\Core\Day;

/** A line as it was set: its parts by the names they had, so that history does not follow the locker. */
final readonly class LineSet
{
    /** @param  array<array-key, mixed>  $setUp  figures and parts, as a spread's line is sent (docs/openapi.yaml, SpreadLine) */
    public function __construct(public string $reel, public string $lure, public string $finish, public array $setUp)
    {
    }

    /** Null where an event tells of none. */
    public static function of(Event $event): ?self
    {
        $setUp = $event->tells['set_up'] ?? null;

        return is_array($setUp) ? new self(
            $event->word('reel') ?? '', $event->word('lure') ?? '', $event->word('finish') ?? '', $setUp,
        ) : null;
    }
}
