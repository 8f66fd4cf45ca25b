<?php

declare(strict_types=1);

namespace Tests\Feature\Support;

use Illuminate\Testing\TestResponse;

/** The demo's ground. */
trait OnTheGround
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }

    /**
     * Sends a body as it is, and holds the answer to the contract.
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function raw(string $path, string $body, int $expect): TestResponse
    {
        $response = $this->call(
            'PUT',
            "/api{$path}",
            server: ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json'],
            content: $body,
        );
        Contract::assertDescribed('PUT', $path, $response);
        self::assertSame($expect, $response->getStatusCode(), (string) $response->getContent());

        return $response;
    }
}
