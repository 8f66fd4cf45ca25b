<?php

declare(strict_types=1);

namespace App\Serving;

use App\Files\Days\DayIntake;
use App\Files\Grounds\GeoJsonReader;
use App\Files\Photograph;
use App\Files\Whole\Everything;
use App\Http\Ground\GroundController;
use App\Http\Middleware\ReadableJson;

/** How much a request may bring, bytes: refused before PHP sees any of it. */
final class LargestBodies
{
    public const USUAL = ReadableJson::MOST_BYTES;

    /** @var array<string, int> files, by the address they are sent to */
    public const OF_FILES = [
        '/api/chart' => GeoJsonReader::MOST_BYTES, '/api/structures/file' => GroundController::MOST_GPX,
        '/api/days/file' => DayIntake::MOST_BYTES, '/api/photographs' => Photograph::MOST_BYTES,
        '/api/everything' => Everything::MOST_BYTES,
    ];

    /** Of those, what is soon taken in. */
    public const SOON_TAKEN = ['/api/photographs'];
}
