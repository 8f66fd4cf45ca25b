<?php

declare(strict_types=1);

namespace App\Instruments\Hub;

use Admek\Core\Instruments\TrackPoint;

/** Points of the track that could not be kept yet, in a file beside the data, so that they outlive who holds them. */
final class HeldPoints
{
    private int $written = 0;

    public function __construct(private readonly string $path)
    {
    }

    /** @return list<TrackPoint> what another left */
    public function read(): array
    {
        $told = json_decode((string) @file_get_contents($this->path), true);
        $points = [];
        foreach (is_array($told) ? $told : [] as $one) {
            if (is_array($one) && is_numeric($one['at'] ?? null) && is_array($one['figures'] ?? null)) {
                $points[] = new TrackPoint((float) $one['at'], array_map(floatval(...), $one['figures']));
            }
        }

        $this->written = count($points);

        return $points;
    }

    /** @param  list<TrackPoint>  $held  none once all is kept */
    public function write(array $held): void
    {
        if (count($held) === $this->written) {
            return;
        }
        $this->written = count($held);
        if ($held === []) {
            @unlink($this->path);

            return;
        }
        $told = (string) json_encode($held, JSON_PRESERVE_ZERO_FRACTION);
        // On a full disk what is there stays.
        if (@file_put_contents("{$this->path}.part", $told) === strlen($told)) {
            @rename("{$this->path}.part", $this->path);
        }
    }
}
