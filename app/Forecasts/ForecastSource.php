<?php

declare(strict_types=1);

namespace App\Forecasts;

/** Where a forecast is fetched from: answers with the text of a forecast file (docs/forecast-file.md). */
interface ForecastSource
{
    /** @return array<string, string> what it can be asked for, and how that is called */
    public function offered(): array;

    /** The file; null where it is not offered. */
    public function fetch(string $key): ?string;
}
