<?php

declare(strict_types=1);

namespace Tests\Endurance\Support;

/** Tells its figures beside PHPUnit's own. */
trait Says
{
    private function say(string $what): void
    {
        fwrite(STDERR, "\n{$what}\n");
    }
}
