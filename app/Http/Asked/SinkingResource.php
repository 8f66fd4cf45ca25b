<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\Manoeuvres\Sinking;
use Admek\Core\Units\Units;
use JsonSerializable;

/** What becomes of a line out of gear: seconds and metres, and in words. */
final readonly class SinkingResource implements JsonSerializable
{
    public function __construct(private Sinking $sinking, private Units $units)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $seconds = static fn (?float $at): ?float => $at === null ? null : round($at, 1);

        return [
            'holder' => $this->sinking->holder,
            'seconds' => $seconds($this->sinking->seconds),
            'soonest' => $seconds($this->sinking->soonest),
            'latest' => $seconds($this->sinking->latest),
            'depth' => LineDrawn::round($this->sinking->depth),
            'body' => $this->sinking->body,
            'on_bottom' => $this->sinking->onBottom,
            'brief' => $this->sinking->brief()?->in($this->units),
            'says' => $this->sinking->says()->in($this->units),
        ];
    }
}
