<?php

declare(strict_types=1);

namespace Tests\Feature\Support;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\Yaml\Yaml;

/** docs/openapi.yaml, read once: which answers an operation may give, and what they look like. */
final class Contract
{
    private const ID = 'https://localhost/openapi.json';

    /** @var array<string, mixed>|null */
    private static ?array $document = null;

    /** @return array<string, mixed> */
    public static function document(): array
    {
        return self::$document ??= Yaml::parseFile(dirname(__DIR__, 3).'/docs/openapi.yaml');
    }

    /** @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $response */
    public static function assertDescribed(string $method, string $path, TestResponse $response): void
    {
        $template = self::template(explode('?', $path)[0]);
        if ($template === null) {
            Assert::assertSame(404, $response->getStatusCode(), "{$path} is not described");

            return;
        }
        $operation = self::document()['paths'][$template][strtolower($method)] ?? null;
        $status = (string) $response->getStatusCode();
        if ($operation === null || in_array($status, ['400', '401', '403', '405', '413', '415', '421'], true)) {
            self::assertMatches('#/components/schemas/Problem', $response);

            return;
        }
        $answer = $operation['responses'][$status] ?? null;
        Assert::assertNotNull(
            $answer, "{$method} {$path} answered {$status}, which the contract does not describe: ".$response->getContent(),
        );
        if (isset($answer['$ref'])) {
            $answer = self::at($answer['$ref']);
        }
        if (! isset($answer['content'])) {
            Assert::assertSame('', (string) $response->getContent());

            return;
        }
        $sent = (string) $response->headers->get('Content-Type');
        $type = current(
            array_filter(
                array_map(strval(...), array_keys($answer['content'])),
                static fn (string $type): bool => str_starts_with($sent, $type),
            ),
        );
        Assert::assertIsString($type, "{$method} {$path} answered {$sent}, which the contract does not describe");
        if (str_ends_with($type, 'json')) {
            self::assertMatches($answer['content'][$type]['schema'], $response);
        }
    }

    /**
     * @param  array<string, mixed>|string  $schema
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $response
     */
    private static function assertMatches(array|string $schema, TestResponse $response): void
    {
        $schema = is_string($schema) ? ['$ref' => self::ID.$schema] : self::absolute($schema);
        $validator = new Validator;
        $validator->resolver()?->registerRaw(json_decode((string) json_encode(self::document())), self::ID);
        $result = $validator->validate(json_decode((string) $response->getContent()), json_decode((string) json_encode($schema)));
        $error = $result->error();
        Assert::assertTrue($result->isValid(), $error === null ? '' : (string) json_encode((new ErrorFormatter)->format($error)));
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function absolute(array $schema): array
    {
        foreach ($schema as $key => $value) {
            $schema[$key] = is_array($value) ? self::absolute($value) : ($key === '$ref' ? self::ID.$value : $value);
        }

        return $schema;
    }

    /** @return array<string, mixed> */
    private static function at(string $pointer): array
    {
        $found = self::document();
        foreach (explode('/', substr($pointer, 2)) as $key) {
            $found = $found[$key];
        }

        return $found;
    }

    private static function template(string $path): ?string
    {
        // A path said in full goes before one with a name to fill in.
        $paths = self::document()['paths'];
        foreach (isset($paths[$path]) ? [$path] : array_map(strval(...), array_keys($paths)) as $template) {
            if (preg_match('#^'.preg_replace('/\{\w+\}/', '[^/]+', $template).'$#', $path) === 1) {
                return $template;
            }
        }

        return null;
    }
}
