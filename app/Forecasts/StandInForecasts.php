<?php

declare(strict_types=1);

namespace App\Forecasts;

/** Stored days of made-up weather, in place of a service that a boat without the internet does not have. */
final readonly class StandInForecasts implements ForecastSource
{
    public function __construct(private string $folder)
    {
    }

    public function offered(): array
    {
        $offered = [];
        foreach (glob("{$this->folder}/*.json") ?: [] as $file) {
            $offered[basename($file, '.json')] = (string) (
                json_decode((string) file_get_contents($file), true)['name'] ?? basename($file, '.json')
            );
        }

        return $offered;
    }

    public function fetch(string $key): ?string
    {
        return array_key_exists($key, $this->offered()) ? (string) file_get_contents("{$this->folder}/{$key}.json") : null;
    }
}
