<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\InvalidValue;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** Files held to the schema they are documented by. */
final class Schema
{
    /**
     * @param  string  $schema  path in the program
     *
     * @throws InvalidValue naming the place in the file
     */
    public static function hold(mixed $file, string $schema): void
    {
        $result = (new Validator)->validate(
            json_decode((string) json_encode($file, JSON_PRESERVE_ZERO_FRACTION)),
            json_decode((string) file_get_contents(base_path($schema))),
        );
        $error = $result->error();
        if ($error !== null) {
            $found = (new ErrorFormatter)->format($error, false);
            $pointer = (string) array_key_first($found);
            throw InvalidValue::because(str_replace('/', '.', trim($pointer, '/')), lcfirst((string) $found[$pointer]));
        }
    }
}
