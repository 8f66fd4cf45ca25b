<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Admek\Core\InvalidValue;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Refuses bodies that are too large, no JSON, or nested deeper than anything the API describes. Of what is read, strings are
 * trimmed and empty ones are null: one walk for what the framework's own middleware takes two, a pattern and a list of keys
 * for.
 */
final class ReadableJson
{
    public const MOST_BYTES = 262_144;

    private const DEEPEST = 16;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $body = $request->getContent();
        // A request that brings no body at all asks for nothing in one.
        $bare = $body === '' && (string) $request->headers->get('Content-Type') === '';
        if (! $request->isMethod('GET') && ! $bare) {
            if (strlen($body) > self::MOST_BYTES) {
                throw new HttpException(413, self::tooLarge(self::MOST_BYTES));
            }
            if (! self::isJson($request)) {
                throw new HttpException(415, 'The request must be application/json.');
            }
            $read = json_decode($body, true, self::DEEPEST);
            if (! is_array($read)) {
                throw new HttpException(
                    400, sprintf('The request must be a JSON object, nested at most %d deep.', self::DEEPEST),
                );
            }
            $request->setJson(new InputBag(self::cleaned($read)));
        }

        return $next($request);
    }

    /** In the words it is refused with wherever it is found out. */
    public static function tooLarge(int $most): string
    {
        $size = $most >= 1_000_000 ? sprintf('%d MB', $most / 1e6) : sprintf('%d kB', $most / 1024);

        return "The request must be at most {$size}.";
    }

    /** Said in so many words: a page of somebody else's may send text as what it likes, but not as JSON. */
    private static function isJson(Request $request): bool
    {
        return strtolower(trim(explode(';', (string) $request->headers->get('Content-Type'))[0])) === 'application/json';
    }

    /**
     * JSON has no infinity, but a number too large to hold reads as one.
     *
     * @param  array<array-key, mixed>  $read
     * @return array<array-key, mixed>
     *
     * @throws InvalidValue naming the field
     */
    private static function cleaned(array $read, string $at = ''): array
    {
        foreach ($read as $key => $value) {
            if (is_array($value)) {
                $read[$key] = self::cleaned($value, "{$at}{$key}.");
            } elseif (is_string($value)) {
                // XML and terminals have no letters for them (XML 1.0, 2.2).
                if (preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', $value) === 1) {
                    throw InvalidValue::because("{$at}{$key}", 'text without control characters');
                }
                $trimmed = Str::trim($value);
                $read[$key] = $trimmed === '' ? null : $trimmed;
            } elseif (is_float($value) && ! is_finite($value)) {
                throw InvalidValue::because("{$at}{$key}", 'a finite number');
            }
        }

        return $read;
    }
}
