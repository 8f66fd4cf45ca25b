<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\InvalidValue;
use App\Files\Days\DayIntake;
use App\Files\Days\DaysPacked;
use App\Files\Days\DayWritten;
use App\Http\StreamedFile;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Trip;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A day out as files, and back in. */
final class DayFileController
{
    public function show(Trip $trip, string $format, Boat $boat, Track $track): Response
    {
        $type = DayWritten::TYPES[$format] ?? throw new NotFoundHttpException('There is no such route or format.');

        return new Response(DayWritten::of($trip, $boat, $track, $format), 200, [
            'Content-Type' => "{$type}; charset=utf-8",
            'Content-Disposition' => "attachment; filename=\"day-{$trip->date->format('Y-m-d')}.{$format}\"",
        ]);
    }

    /** Every day that was fished, packed into one file. */
    public function all(string $format, Boat $boat, Track $track, ExceptionHandler $faults): StreamedFile
    {
        if ($format !== 'csv' && $format !== 'gpx') {
            throw new NotFoundHttpException('There is no such route or format.');
        }

        return new StreamedFile(DaysPacked::of($format, $boat, $track), $faults, 'application/zip', "days-{$format}.zip");
    }

    public function update(Request $request, Boat $boat, Track $track): JsonResponse
    {
        $trip = Trip::query()->findOrFail((int) $request->query('trip'));
        $text = (string) stream_get_contents($request->getContent(true), DayIntake::MOST_BYTES + 1);
        if (strlen($text) > DayIntake::MOST_BYTES) {
            throw InvalidValue::because('file', sprintf('at most %d MB', DayIntake::MOST_BYTES / 1e6));
        }

        return new JsonResponse((new DayIntake($trip, $boat))->take($text, $track));
    }
}
