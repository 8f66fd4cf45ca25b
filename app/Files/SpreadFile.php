<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\InvalidValue;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** A spread as an open file that stands alone: every line with the holder and the gear it is rigged with (docs/spread.schema.json). */
final class SpreadFile
{
    public const FORMAT = 'admek-spread';

    public const VERSION = 1;

    private const SCHEMA = 'docs/spread.schema.json';

    /**
     * @param  array<string, mixed>  $head  name, boat and mast of the spread
     * @param  list<array<string, mixed>>  $lines  described
     * @return array<string, mixed>
     *
     * @throws InvalidValue when it would not be a file that can be read back
     */
    public static function of(array $head, float $speed, array $lines): array
    {
        return self::checked(['format' => self::FORMAT, 'version' => self::VERSION] + $head + ['speed' => $speed, 'lines' => array_map(self::stripped(...), $lines)]);
    }

    /**
     * @return array<string, mixed> the file, checked
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

        return self::checked($json);
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, mixed>
     */
    private static function checked(array $file): array
    {
        $validator = new Validator;
        $schema = json_decode((string) file_get_contents(base_path(self::SCHEMA)));
        $result = $validator->validate(json_decode((string) json_encode($file, JSON_PRESERVE_ZERO_FRACTION)), $schema);
        $error = $result->error();
        if ($error !== null) {
            $found = (new ErrorFormatter)->format($error, false);
            $pointer = (string) array_key_first($found);
            throw InvalidValue::because(str_replace('/', '.', trim($pointer, '/')), lcfirst((string) $found[$pointer]));
        }

        return $file;
    }

    /**
     * @param  array<string, mixed>  $line
     * @return array<string, mixed> without what is not there, and without what is solved from the rest
     */
    private static function stripped(array $line): array
    {
        return array_map(
            static fn (mixed $part): mixed => is_array($part) && ! array_is_list($part) ? self::stripped($part) : $part,
            array_filter($line, static fn (mixed $part, string $key): bool => $part !== null && $part !== [] && $key !== 'lip', ARRAY_FILTER_USE_BOTH),
        );
    }
}
