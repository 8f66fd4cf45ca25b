<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Units\Sentence;

/** One thing the water says to do: the answer in a few words, and why in a sentence. */
final readonly class Advice
{
    /**
     * @param  string  $key  what tells it from others of the reading
     * @param  string  $topic  record, speed, presentation, leader, finish, distance, marks, sides, test, temperature, current or
     *                         care
     * @param  list<array{key: string, label: string, why: string, chosen: bool}>  $schools  where experienced people differ
     */
    public function __construct(
        public string $key,
        public string $topic,
        public Sentence $answer,
        public Sentence $why,
        public array $schools = [],
    ) {
    }
}
