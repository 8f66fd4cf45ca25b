<?php

declare(strict_types=1);

namespace App\Http\Ground;

use Admek\Core\Ground\BottomGrid;
use Admek\Core\Ground\Contours;
use Admek\Core\Ground\Structure as Ground;
use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;
use App\Files\Grounds\GeoJsonReader;
use App\Files\Grounds\GpxReader;
use App\Files\Grounds\GroundWriter;
use App\Files\LongReading;
use App\Models\Boat;
use App\Models\Chart;
use App\Models\Structure;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The chart and what is worth fishing on it: drawn, read from files, and written to them. */
final class GroundController
{
    /** Rows of one statement. */
    private const AT_ONCE = 500;

    /** Bytes of a season's track. */
    public const MOST_GPX = 200_000_000;

    public function show(Boat $boat): JsonResponse
    {
        return self::answer($boat);
    }

    public function store(StructureRequest $request, Boat $boat): JsonResponse
    {
        $structure = $request->structure();
        self::keep($boat, [$structure], 'drawn');

        return self::answer($boat, 201);
    }

    public function destroy(int $structure, Boat $boat): JsonResponse
    {
        $boat->structures()->findOrFail($structure)->delete();

        return self::answer($boat);
    }

    /**
     * A GPX or GeoJSON file as the body of the request: GPX streams, so that a long track takes no more memory than a short one.
     */
    public function read(Request $request, Boat $boat): JsonResponse
    {
        $id = $request->query('reading');
        $reading = LongReading::begin(is_string($id) ? $id : null);
        try {
            $structures = self::structures($request, $reading);
            $reading->mustBeWanted();
        } finally {
            $reading->end();
        }
        // Others may keep what is theirs while a long file is read.
        self::keep($boat, $structures, mb_substr((string) $request->string('name', 'a file'), 0, 120));

        return self::answer($boat, 201);
    }

    /** @return list<Ground> */
    private static function structures(Request $request, LongReading $reading): array
    {
        $stream = $request->getContent(true);
        $start = ltrim(str_replace("\u{FEFF}", '', (string) fread($stream, 512)));
        rewind($stream);

        return match (true) {
            str_starts_with($start, '<') => self::gpx($stream, $reading),
            str_starts_with($start, '{') => GeoJsonReader::read(self::bounded($stream)),
            default => throw InvalidValue::because('file', 'GPX 1.1 or GeoJSON'),
        };
    }

    public function write(string $format, Boat $boat): Response
    {
        $structures = array_values(
            $boat->structures->map(static fn (Structure $structure): Ground => $structure->asGround())->all(),
        );
        [$text, $type] = match ($format) {
            'gpx' => [GroundWriter::gpx($structures), 'application/gpx+xml'],
            'geojson' => [GroundWriter::geoJson($structures), 'application/geo+json'],
            default => throw new NotFoundHttpException('There is no such route or format.'),
        };

        return new Response(
            $text,
            200,
            [
                'Content-Type' => "{$type}; charset=utf-8",
                'Content-Disposition' => "attachment; filename=\"structures.{$format}\"",
            ],
        );
    }

    /** The boat's own bottom, docs/grounds.md, in place of any she has. */
    public function chart(Request $request, Boat $boat): JsonResponse
    {
        $file = json_decode(self::bounded($request->getContent(true)), true, 8);
        if (! is_array($file) || ($file['format'] ?? null) !== 'admek-bottom' || ($file['version'] ?? null) !== 1) {
            throw InvalidValue::because('file', 'a bottom grid, format admek-bottom, version 1');
        }
        foreach (['south', 'west', 'step'] as $figure) {
            if (! is_int($file[$figure] ?? null) && ! is_float($file[$figure] ?? null)) {
                throw InvalidValue::because("file {$figure}", 'a number of degrees');
            }
        }
        $rows = $file['rows'] ?? null;
        foreach (is_array($rows) ? $rows : [null] as $i => $row) {
            if (
                ! is_array($row)
                || array_filter($row, static fn (mixed $depth): bool => ! is_int($depth) && ! is_float($depth)) !== []
            ) {
                throw InvalidValue::because("file rows.{$i}", 'a list of depths, m');
            }
        }
        $rows = array_map(static fn (array $row): array => array_map(floatval(...), array_values($row)), array_values($rows));
        try {
            $grid = BottomGrid::of((float) $file['south'], (float) $file['west'], (float) $file['step'], $rows);
            (new Contours($grid, Units::from($boat->units)))->mustBeDrawable();
        } catch (InvalidValue $invalid) {
            throw $invalid->named("file {$invalid->field}");
        }
        $chart = [
            'name' => mb_substr(is_string($file['name'] ?? null) ? $file['name'] : 'The bottom', 0, 60),
            'source' => is_string($file['source'] ?? null) ? mb_substr($file['source'], 0, 120) : null,
            'grid' => [
                'south' => (float) $file['south'],
                'west' => (float) $file['west'],
                'step' => (float) $file['step'],
                'rows' => $rows,
            ],
            'drawn' => Chart::drawn($grid, Units::from($boat->units)),
        ];
        // All that takes its time is done, down to how it is written: others have kept what is theirs meanwhile.
        $row = $boat->chart()->make($chart)->getAttributes();
        DB::transaction(static fn () => $boat->chart()->toBase()->updateOrInsert(['boat_id' => $boat->id], $row));

        return self::answer($boat);
    }

    /** @param  list<Ground>  $structures */
    private static function keep(Boat $boat, array $structures, string $source): void
    {
        $now = CarbonImmutable::now()->format('Y-m-d H:i:s');
        $rows = array_map(static fn (Ground $structure): array => [
            // No letter that a GPX file could not hold.
            'boat_id' => $boat->id, 'name' => preg_replace('/[\x00-\x1F\x7F]/', ' ', $structure->name),
            'kind' => $structure->kind->value, 'source' => $source, 'made_at' => $now,
            'places' => json_encode(array_map(
                static fn ($place): array => [round($place->latitude, 7), round($place->longitude, 7)], $structure->places,
            ), JSON_THROW_ON_ERROR),
        ], $structures);
        DB::transaction(static function () use ($boat, $rows): void {
            foreach (array_chunk($rows, self::AT_ONCE) as $some) {
                $boat->structures()->insert($some);
            }
        });
    }

    /**
     * @param  resource  $stream
     * @return list<Ground>
     */
    private static function gpx($stream, LongReading $reading): array
    {
        $file = tempnam(sys_get_temp_dir(), 'admek-gpx-');
        try {
            $to = fopen($file, 'wb') ?: throw new RuntimeException("{$file} cannot be written.");
            $bytes = $points = 0;
            while (! feof($stream)) {
                $part = (string) fread($stream, 1 << 20);
                $bytes += (int) fwrite($to, $part);
                // As many as are likely: it is only told how far the reading has come.
                $points += substr_count($part, 'pt ');
                if ($bytes > self::MOST_GPX) {
                    throw InvalidValue::because('file', sprintf('at most %d MB of GPX', self::MOST_GPX / 1e6));
                }
            }
            fclose($to);

            return GpxReader::read($file, static fn (int $read) => $reading->at($read / max(1, $points)));
        } finally {
            unlink($file);
        }
    }

    /** @param  resource  $stream */
    private static function bounded($stream): string
    {
        $text = (string) stream_get_contents($stream, GeoJsonReader::MOST_BYTES + 1);

        return strlen($text) > GeoJsonReader::MOST_BYTES
            ? throw InvalidValue::because(
                'file', sprintf('at most %d MB of GeoJSON; a longer track comes as GPX', GeoJsonReader::MOST_BYTES / 1e6),
            )
            : $text;
    }

    private static function answer(Boat $boat, int $status = 200): JsonResponse
    {
        return new JsonResponse(ChartResource::of($boat->unsetRelations()), $status, options: JSON_PRESERVE_ZERO_FRACTION);
    }
}
