<?php

declare(strict_types=1);

namespace App\Http\Ground;

use App\Files\LongReading;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A long file that is being read. */
final class ReadingController
{
    public function show(string $reading): JsonResponse
    {
        $part = LongReading::part($reading) ?? throw new NotFoundHttpException('There is no such route or reading.');

        return new JsonResponse(['part' => $part], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    public function destroy(string $reading): Response
    {
        LongReading::giveUp($reading);

        return new Response(status: 204);
    }
}
