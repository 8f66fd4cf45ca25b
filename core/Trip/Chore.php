<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\Units\Sentence;

/** One thing to be done before lines are in. */
final readonly class Chore
{
    /** What one of the captain's own is begun with: a clock time so many days after the trip's. */
    public const FIRST = ['owner' => 'mate', 'clock' => '20:00', 'day' => -1];

    /**
     * @param  string  $key  what tells it from others of the trip
     * @param  int  $at  minutes after midnight of the trip's day it begins; negative the day before
     * @param  int  $minutes  it takes
     * @param  string  $owner  captain, mate, or a name
     * @param  ?string  $caution  where it can hurt somebody
     */
    public function __construct(
        public string $key,
        public string $what,
        public int $at,
        public int $minutes,
        public string $owner,
        public Sentence $why,
        public ?string $caution = null,
    ) {
    }

    /** Where it stands at a minute, if it is not done. */
    public function stateAt(int $now): string
    {
        return match (true) {
            $now >= $this->at + $this->minutes => 'late',
            $now >= $this->at => 'now',
            default => 'coming',
        };
    }

    public function ownedBy(string $owner): self
    {
        return new self($this->key, $this->what, $this->at, $this->minutes, $owner, $this->why, $this->caution);
    }

    public function begunAt(int $at): self
    {
        return new self($this->key, $this->what, $at, $this->minutes, $this->owner, $this->why, $this->caution);
    }
}
