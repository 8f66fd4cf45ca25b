<?php

declare(strict_types=1);

namespace Tests\Support;

use Symfony\Component\Yaml\Yaml;

/**
 * Requests nobody means well by, over every operation the contract describes: bodies of its own shape with one or two places
 * spoilt, and paths with what no path should hold. The same seed gives the same ones.
 */
final class HostileRequests
{
    private const PATHS = [
        '%00', '%ff', '%C0%AF', '0', '-1', '1.5', '9223372036854775808', '1e3', '..%2f..', "1'--", '%F0%9F%8E%A3', '1%0a',
    ];

    private const QUERIES = [
        'against=%00', 'now=2026-02-31', 'name[]=x', 'format=%ff', 'now[]=1', 'against=99999999999999999999',
    ];

    /** @var array<string, mixed> */
    private readonly array $document;

    private readonly Chance $chance;

    /** @param  array<string, mixed>  $like  bodies that are well meant, by method and path */
    public function __construct(int $seed, private readonly array $like = [])
    {
        $this->chance = new Chance($seed);
        $this->document = Yaml::parseFile(dirname(__DIR__, 2).'/docs/openapi.yaml');
    }

    /**
     * @param  array<string, int>  $ids  rows there are, by the name a path has for them
     * @return iterable<array{string, string, string, string}> method, path under /api, content type, body
     */
    public function many(int $count, array $ids): iterable
    {
        $operations = [];
        foreach ($this->document['paths'] as $path => $methods) {
            foreach (array_intersect_key($methods, array_flip(['get', 'post', 'put', 'delete'])) as $method => $operation) {
                $operations[] = [strtoupper($method), (string) $path, $operation];
            }
        }
        for ($i = 0; $i < $count; $i++) {
            [$method, $path, $operation] = $operations[$i % count($operations)];
            $described = $path;
            $spoilt = $this->chance->below(8) === 0;
            $path = (string) preg_replace_callback('/\{(\w+)\}/', fn (array $name): string => $spoilt
                ? self::PATHS[$this->chance->below(count(self::PATHS))]
                : (string) ($ids[$name[1]] ?? $this->named($operation, $name[1])), $path);
            if ($this->chance->below(6) === 0) {
                $path .= '?'.self::QUERIES[$this->chance->below(count(self::QUERIES))];
            }
            $like = $this->like["{$method} {$described}"] ?? null;
            yield [$method, $path, ...$this->body($method, $operation, $like)];
        }
    }

    /**
     * A body with each of its places in turn replaced by what no such place holds; of what a list holds the first.
     *
     * @param  array<array-key, mixed>  $body
     * @param  int  $poisons  of nine, at each
     * @return iterable<string, mixed> by the place
     */
    public static function eachPlaceOf(array $body, int $poisons, string $at = ''): iterable
    {
        $all = [[], [[]], 'x', ['a' => 'b'], [['a' => ['b' => 1]]], -1, 1e308, true, null];
        foreach (array_is_list($body) ? array_slice($body, 0, 1) : $body as $key => $value) {
            foreach (array_slice($all, 0, $poisons) as $i => $poison) {
                yield "{$at}/{$key} #{$i}" => array_replace($body, [$key => $poison]);
            }
            foreach (is_array($value) ? self::eachPlaceOf($value, $poisons, "{$at}/{$key}") : [] as $place => $spoilt) {
                yield $place => array_replace($body, [$key => $spoilt]);
            }
        }
    }

    /**
     * @param  array<string, mixed>  $operation
     * @return array{string, string}
     */
    private function body(string $method, array $operation, mixed $like): array
    {
        $content = $operation['requestBody']['content'] ?? [];
        if ($method === 'GET' || $content === []) {
            return $this->chance->below(4) === 0 ? ['application/json', '{"_method":"DELETE"}'] : ['', ''];
        }
        $type = (string) array_key_first($content);
        if (! str_contains($type, 'json')) {
            return [$type, $this->noise()];
        }
        $body = $like !== null && $this->chance->below(4) > 0 ? $like : $this->made($content[$type]['schema'] ?? [], 0);
        for ($i = $this->chance->below(3) - ($like === null ? 0 : 1); $i >= 0; $i--) {
            $body = $this->spoilt($body);
        }
        $text = (string) json_encode(
            $body, JSON_PRESERVE_ZERO_FRACTION | JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_IGNORE,
        );

        return match ($this->chance->below(12)) {
            0 => ['text/plain; x=/json', $text],
            1 => [$type, substr($text, 0, (int) (strlen($text) / 2))],
            2 => [$type, str_replace(['1', '2'], ['1e308', '-2e400'], $text)],
            3 => [$type, str_replace('"', "\"\xB1", $text)],
            default => [$type, $text],
        };
    }

    /** @param  array<string, mixed>  $schema */
    private function made(array $schema, int $depth): mixed
    {
        while (isset($schema['$ref'])) {
            $found = $this->document;
            foreach (explode('/', substr($schema['$ref'], 2)) as $key) {
                $found = $found[$key];
            }
            $schema = $found;
        }
        foreach (['oneOf', 'anyOf', 'allOf'] as $of) {
            if (isset($schema[$of])) {
                return $this->made($schema[$of][$this->chance->below(count($schema[$of]))], $depth);
            }
        }
        if (isset($schema['enum'])) {
            return $schema['enum'][$this->chance->below(count($schema['enum']))];
        }
        $types = (array) ($schema['type'] ?? 'object');

        return match ($types[$this->chance->below(count($types))]) {
            'object' => $depth > 6 ? [] : array_map(
                fn (array $property): mixed => $this->made($property, $depth + 1), $schema['properties'] ?? [],
            ),
            'array' => $depth > 6 ? [] : array_map(
                fn (): mixed => $this->made($schema['items'] ?? [], $depth + 1), range(1, 1 + $this->chance->below(3)),
            ),
            'integer' => $this->chance->below(5),
            'number' => $this->chance->below(4000) / 100,
            'boolean' => $this->chance->below(2) === 0,
            'string' => [
                '2026-11-27', '06:30', 'Borrowed', '2026-11-27T09:00:00Z',
                '018f0000-0000-7000-8000-00000000000'.$this->chance->below(10),
            ][$this->chance->below(5)],
            default => null,
        };
    }

    /** One place of a body replaced by what nobody expects there. */
    private function spoilt(mixed $body): mixed
    {
        if (! is_array($body) || $body === [] || $this->chance->below(4) === 0) {
            return $this->poison();
        }
        $keys = array_keys($body);
        $key = $keys[$this->chance->below(count($keys))];
        match ($this->chance->below(6)) {
            0 => $body[$key] = $this->poison(),
            1 => $body["{$key}\0"] = $body[$key],
            2 => $body = array_diff_key($body, [$key => true]),
            default => $body[$key] = $this->spoilt($body[$key]),
        };

        return $body;
    }

    private function poison(): mixed
    {
        $all = [
            null, true, -1, 0, 1e308, -1e308, 9007199254740993, PHP_INT_MAX, 0.1 + 0.2, '', "\0", "a\u{0007}b", '=cmd|x',
            '2026-02-31', '25:99', '0001-01-01', '0001-01-01T00:00:00Z', str_repeat('9', 400), str_repeat('x', 5000), "\u{202E}",
            [], [[]], [[[[]]]], ['a' => ['b' => ['c' => 1]]], array_fill(0, 300, 1), ['length' => 3], '1', 'NaN', '99999-01-01',
            "'; drop table boats; --", '018F0000-0000-7000-8000-000000000001',
        ];

        return $all[$this->chance->below(count($all))];
    }

    /** @param  array<string, mixed>  $operation */
    private function named(array $operation, string $name): string
    {
        foreach ($operation['parameters'] ?? [] as $parameter) {
            if (($parameter['name'] ?? '') === $name && isset($parameter['schema']['enum'])) {
                return (string) $parameter['schema']['enum'][$this->chance->below(count($parameter['schema']['enum']))];
            }
        }

        return 'x'.$this->chance->below(9);
    }

    private function noise(): string
    {
        $text = '';
        for ($i = $this->chance->below(400); $i > 0; $i--) {
            $text .= $this->chance->below(3) === 0
                ? chr($this->chance->below(256))
                : '0123456789.,;-eE{}[]"<>lat on'[$this->chance->below(29)];
        }

        return $text;
    }
}
