<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\Day\Fish;
use Admek\Core\InvalidValue;
use App\Days\EventLog;
use App\Files\DayFile;
use App\Files\DayTrack;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Trip;
use App\Rigging\Locker;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A day out as files, and back in. */
final class DayFileController
{
    public function show(Trip $trip, string $format, Boat $boat, Track $track): Response
    {
        $from = CarbonImmutable::parse($trip->date->format('Y-m-d'), $boat->timezone);
        $points = $track->between((float) $from->format('U'), (float) $from->addDay()->format('U'));
        $log = EventLog::of($trip);
        [$text, $type] = match ($format) {
            'gpx' => [DayTrack::gpx($trip, $log->day(), $points), 'application/gpx+xml'],
            'csv' => [self::csv($log, $boat), 'text/csv'],
            'json' => [DayFile::write($trip, $points), 'application/json'],
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
        $text = (string) stream_get_contents($request->getContent(true), DayFile::MOST_BYTES + 1);
        if (strlen($text) > DayFile::MOST_BYTES) {
            throw InvalidValue::because('file', sprintf('at most %d MB', DayFile::MOST_BYTES / 1e6));
        }

        return new JsonResponse(DayFile::read($text, $trip, $track, Locker::ever($boat)));
    }

    /** What counts of the log, earlier first, by the port's clock. */
    private static function csv(EventLog $log, Boat $boat): string
    {
        $who = $log->told();
        $rows = [['time', 'rod', 'what', 'lure', 'species', 'length_m', 'girth_m', 'weight_kg', 'note', 'who']];
        foreach ($log->day()->log as $event) {
            $fish = (new Fish)->after($event);
            $rows[] = [
                CarbonImmutable::createFromTimestamp($event->at, $boat->timezone)->format('Y-m-d H:i:s'), $event->holder ?? '',
                $event->words(), $event->word('lure') ?? '', $event->word('species') ?? '', self::plain($fish->length),
                self::plain($fish->girth), self::plain($fish->weight), $event->word('note') ?? '', $who[$event->id] ?? '',
            ];
        }
        $stream = fopen('php://memory', 'w+');
        assert($stream !== false);
        foreach ($rows as $row) {
            // What a spreadsheet would reckon with is text.
            fputcsv($stream, array_map(
                static fn (string $cell): string => preg_match('/^[=+\-@\t\r]/', $cell) === 1 ? "'{$cell}" : $cell, $row,
            ), escape: '');
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    private static function plain(?float $value): string
    {
        return $value === null ? '' : (string) round($value, 3);
    }
}
