<?php

declare(strict_types=1);

namespace Tests\Support\Running;

/** One of the two ways Admek is served, for a database of its own. */
interface Serving
{
    public function database(): string;

    public function port(): int;

    /**
     * Starts it (again) and returns once it answers.
     *
     * @param  array<string, string>  $otherwise  of its environment
     */
    public function start(array $otherwise = []): void;

    /** Returns once it answers no more. */
    public function stop(): void;

    /** @return list<int> groups of its processes */
    public function groups(): array;

    /** Leaves nothing behind. */
    public function end(): void;
}
