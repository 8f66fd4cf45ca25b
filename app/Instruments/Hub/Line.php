<?php

declare(strict_types=1);

namespace App\Instruments\Hub;

/** A way sentences come in by; tells what it hears to whom it was made for. */
interface Line
{
    /** Seen to every other second: begins, or begins again where it ended. */
    public function tend(): void;

    public function close(): void;

    /** In words, for the captain: that it listens, or why not. */
    public function state(): string;
}
