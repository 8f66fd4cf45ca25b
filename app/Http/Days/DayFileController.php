<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\InvalidValue;
use App\Files\Days\DayFile;
use App\Files\Days\DayIntake;
use App\Files\Days\DayTable;
use App\Files\Days\DayTold;
use App\Files\Days\DayTrack;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Trip;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A day out as files, and back in. */
final class DayFileController
{
    public function show(Trip $trip, string $format, Boat $boat, Track $track): Response
    {
        $from = $trip->midnight($boat);
        $points = $track->between((float) $from->format('U'), (float) $from->addDay()->format('U'));
        $day = DayTold::of($trip, $points);
        [$text, $type] = match ($format) {
            'gpx' => [DayTrack::write($day), 'application/gpx+xml'],
            'csv' => [DayTable::write($day, $boat), 'text/csv'],
            'json' => [DayFile::write($day), 'application/json'],
            default => throw new NotFoundHttpException('There is no such route or format.'),
        };

        return new Response($text, 200, [
            'Content-Type' => "{$type}; charset=utf-8",
            'Content-Disposition' => "attachment; filename=\"day-{$trip->date->format('Y-m-d')}.{$format}\"",
        ]);
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
