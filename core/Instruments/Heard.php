<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

/** What one line said. */
final readonly class Heard
{
    /**
     * @param  string  $talker  two letters of who says it; empty where that is not to be told
     * @param  string  $kind  three letters of the sentence
     * @param  array<string, float>  $figures  by their names, in the units of {@see Figure}
     */
    public function __construct(public string $talker, public string $kind, public array $figures, public ?Fault $fault = null)
    {
    }
}
