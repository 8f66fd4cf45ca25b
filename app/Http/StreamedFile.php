<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\Debug\ExceptionHandler;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Throwable;

/** A file that is sent as it is made: nothing holds all of it. */
final class StreamedFile extends StreamedResponse
{
    /** @param  iterable<string>  $parts  the last of which shows that it is whole */
    public function __construct(iterable $parts, ExceptionHandler $faults, string $type, string $name)
    {
        parent::__construct(static function () use ($parts, $faults): void {
            set_time_limit(0);
            try {
                foreach ($parts as $part) {
                    echo $part;
                }
            } catch (Throwable $broken) {
                // What was sent is sent: it ends without its last part, and nobody takes it for whole.
                $faults->report($broken);
            }
        }, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }
}
