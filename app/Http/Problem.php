<?php

declare(strict_types=1);

namespace App\Http;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Motion\NotWanted;
use App\Access\PairingCodes;
use App\Access\TooManyTries;
use App\Access\WrongCode;
use App\Models\Conflict;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Config;
use Illuminate\Validation\ValidationException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Problem details for HTTP APIs (RFC 9457), with a JSON pointer (RFC 6901) to each field at fault. */
final class Problem
{
    /** Of SQLite's result codes. */
    private const DISK_FAULT = 10;

    private const DISK_FULL = 13;

    /** Bytes with less than which nothing can be kept. */
    private const ROOM = 262_144;

    public static function from(Throwable $error): JsonResponse
    {
        return match (true) {
            $error instanceof ValidationException, $error instanceof InvalidValue, $error instanceof CannotTow => self::invalid(
                self::faults($error),
            ),
            $error instanceof Conflict => self::respond(
                409, 'Saved elsewhere', $error->getMessage(), ['current_version' => $error->currentVersion],
            ),
            $error instanceof NotWanted => self::respond(409, 'No longer waited for', $error->getMessage()),
            $error instanceof WrongCode => self::invalid([[
                'pointer' => '/code',
                'detail' => sprintf(
                    'Must be the code the captain’s screen shows now; each is good once, for %d minutes.',
                    PairingCodes::GOOD_FOR / 60,
                ),
            ]]),
            $error instanceof TooManyTries => self::respond(
                429, 'Too many tries', "Too many wrong codes: try again in {$error->wait} s.",
                headers: ['Retry-After' => (string) $error->wait],
            ),
            $error instanceof HttpExceptionInterface && $error->getStatusCode() === 404 && (
                $error->getPrevious() instanceof ModelNotFoundException || str_contains($error->getMessage(), 'route')
            ) => self::respond(404, 'Not found', 'There is no such record or address.'),
            $error instanceof HttpExceptionInterface => self::respond(
                $error->getStatusCode(),
                self::title($error->getStatusCode()),
                $error->getMessage() ?: self::title($error->getStatusCode()),
                headers: array_intersect_key($error->getHeaders(), ['WWW-Authenticate' => true]),
            ),
            $error instanceof PDOException => self::unkept($error),
            default => self::respond(
                500, 'Something broke', 'The server could not finish this. Nothing was saved; the reason is in its log.',
            ),
        };
    }

    /** @return list<array{pointer: string, detail: string, least?: float, most?: float}> each at its field */
    public static function faults(ValidationException|InvalidValue|CannotTow $error): array
    {
        return match (true) {
            $error instanceof ValidationException => self::pointed($error),
            $error instanceof InvalidValue => [[
                'pointer' => self::pointer($error->field), 'detail' => "Must be {$error->allowed}.",
            ] + self::range($error->least, $error->most)],
            default => [['pointer' => '/lines', 'detail' => "Must be {$error->getMessage()}."]],
        };
    }

    private static function isFull(): bool
    {
        $free = @disk_free_space(dirname(Config::string('database.connections.sqlite.database')));

        return $free !== false && $free < self::ROOM;
    }

    /** What SQLite could not do, by its result code (SQLite's documentation, "Result and Error Codes"). */
    private static function unkept(PDOException $error): JsonResponse
    {
        $code = (int) ($error->errorInfo[1] ?? $error->getCode());
        // Where its index of writes finds no room SQLite tells of a fault of the disk.
        [$status, $title, $detail] = match ($code === self::DISK_FAULT && self::isFull() ? self::DISK_FULL : $code) {
            5, 6 => [503, 'Busy', 'Another change is being kept just now. Nothing was saved; try again.'],
            self::DISK_FULL => [507, 'Disk full', 'The disk the data is on is full. Nothing was saved; make room and try again.'],
            8, 14 => [
                507, 'Not to be written', 'The data, or its folder, may not be written. Nothing was saved; see who owns it.',
            ],
            default => [
                500, 'Something broke', 'The data could not be read or written. Nothing was saved; the reason is in the log.',
            ],
        };

        return self::respond($status, $title, $detail);
    }

    /** @param  list<array{pointer: string, detail: string}>  $errors */
    private static function invalid(array $errors): JsonResponse
    {
        return self::respond(
            422, 'Not usable as entered', $errors[0]['detail'] ?? 'Something entered is not usable.', ['errors' => $errors],
        );
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  array<string, string>  $headers
     */
    private static function respond(
        int $status, string $title, string $detail, array $more = [], array $headers = [],
    ): JsonResponse {
        return new JsonResponse(
            ['type' => 'about:blank', 'title' => $title, 'status' => $status, 'detail' => $detail] + $more,
            $status,
            ['Content-Type' => 'application/problem+json'] + $headers,
            JSON_PRESERVE_ZERO_FRACTION | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    /** @return list<array{pointer: string, detail: string, least?: float, most?: float}> */
    private static function pointed(ValidationException $error): array
    {
        $failed = $error->validator->failed();
        $errors = [];
        foreach ($error->errors() as $field => $texts) {
            $between = $failed[$field]['Between'] ?? null;
            $range = is_array($between) ? self::range((float) $between[0], (float) $between[1]) : [];
            foreach ($texts as $text) {
                $errors[] = ['pointer' => self::pointer($field), 'detail' => $text] + $range;
            }
        }

        return $errors;
    }

    /** @return array{least?: float, most?: float} */
    private static function range(?float $least, ?float $most): array
    {
        return $least === null || $most === null ? [] : ['least' => $least, 'most' => $most];
    }

    private static function pointer(string $field): string
    {
        return $field === '' ? '' : '/'.str_replace(['~', '/', '.'], ['~0', '~1', '/'], $field);
    }

    public static function title(int $status): string
    {
        return match ($status) {
            400 => 'Not readable',
            401 => 'Not let in',
            404 => 'Not found',
            405 => 'Not done here',
            408, 504 => 'Too slow',
            410 => 'Gone',
            413, 414 => 'Too large',
            415 => 'Not JSON',
            429 => 'Too many at once',
            500 => 'Something broke',
            502, 503 => 'Not ready',
            507 => 'Disk full',
            421 => 'Somebody else’s name',
            default => 'Refused',
        };
    }
}
