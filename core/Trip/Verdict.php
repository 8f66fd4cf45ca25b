<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

/** Whether it is fit to go. What nobody knows is not fine: it ranks between caution and no. */
enum Verdict: string
{
    case Go = 'go';
    case Caution = 'caution';
    case Unknown = 'unknown';
    case NoGo = 'no_go';

    public function weight(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function worse(self $other): self
    {
        return $other->weight() > $this->weight() ? $other : $this;
    }
}
