<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\Files\LineFile;
use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Described\DescribedLine;

/**
 * A spread as an open file that stands alone: every line with the holder and the gear it is rigged with
 * (docs/spread.schema.json).
 */
final class SpreadFile
{
    public const FORMAT = 'admek-spread';

    public const VERSION = 1;

    private const SCHEMA = 'docs/spread.schema.json';

    /**
     * @param  array<string, mixed>  $head  name, boat and mast of the spread
     * @param  list<DescribedLine>  $lines
     * @return array<string, mixed>
     *
     * @throws InvalidValue when it would not be a file that can be read back
     */
    public static function of(array $head, float $speed, array $lines): array
    {
        return self::checked(
            ['format' => self::FORMAT, 'version' => self::VERSION] + $head + [
                'speed' => $speed, 'lines' => array_map(LineFile::written(...), $lines),
            ],
        );
    }

    /**
     * @return array{
     *     name: string, mast: array{float, float, float}, speed: float, density: ?float, lines: list<DescribedLine>,
     *     trip: string, soundings: list<array<string, mixed>>,
     * }
     *
     * @throws InvalidValue naming the place in the file
     */
    public static function read(string $text): array
    {
        $json = json_decode($text, true, 64);
        if (! is_array($json)) {
            throw InvalidValue::because('', 'a spread file in JSON: '.json_last_error_msg());
        }
        if (($json['format'] ?? null) !== self::FORMAT) {
            throw InvalidValue::because('format', '"'.self::FORMAT.'"');
        }
        if (($json['version'] ?? null) !== self::VERSION) {
            throw InvalidValue::because('version', self::VERSION.': this file comes from a newer Admek, or is none of its own');
        }

        $file = self::checked($json);
        $lines = [];
        foreach ($file['lines'] as $i => $line) {
            try {
                $lines[] = LineFile::read($line);
            } catch (InvalidValue $invalid) {
                throw $invalid->within("lines.{$i}");
            }
        }

        return [
            'name' => (string) $file['name'],
            'mast' => [(float) $file['mast'][0], (float) $file['mast'][1], (float) $file['mast'][2]],
            'speed' => (float) $file['speed'],
            'density' => isset($file['density']) ? (float) $file['density'] : null, 'lines' => $lines,
            'trip' => (string) ($file['trip'] ?? ''), 'soundings' => $file['soundings'] ?? [],
        ];
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, mixed>
     */
    private static function checked(array $file): array
    {
        Schema::hold($file, self::SCHEMA);

        return $file;
    }
}
