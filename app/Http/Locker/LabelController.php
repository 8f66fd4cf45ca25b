<?php

declare(strict_types=1);

namespace App\Http\Locker;

use App\Models\Boat;
use App\Reading\Labels;
use Illuminate\Http\JsonResponse;

/** What is printed for lure boxes, reels and rods. */
final class LabelController
{
    public function __invoke(Boat $boat): JsonResponse
    {
        return new JsonResponse(Labels::of($boat), options: JSON_PRESERVE_ZERO_FRACTION);
    }
}
