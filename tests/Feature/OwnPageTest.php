<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Gear\Lure;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\FeatureTestCase;

/** What a page of somebody else's, open in a browser on the boat, can do here: nothing. */
final class OwnPageTest extends FeatureTestCase
{
    private const SPOON = '{"name":"Theirs","kind":"medium_spoon","finish":"copper"}';

    /** @return iterable<string, array{array<string, ?string>}> */
    public static function foreign(): iterable
    {
        yield 'another site' => [['HTTP_ORIGIN' => 'http://elsewhere.example']];
        yield 'another port of this machine' => [['HTTP_ORIGIN' => 'http://localhost:3000']];
        yield 'another scheme' => [['HTTP_ORIGIN' => 'https://localhost']];
        yield 'a page without a place' => [['HTTP_ORIGIN' => 'null']];
        yield 'none told' => [['HTTP_ORIGIN' => null]];
        yield 'none told, but whose it is' => [['HTTP_ORIGIN' => null, 'HTTP_SEC_FETCH_SITE' => 'cross-site']];
        yield 'a name like ours' => [['HTTP_ORIGIN' => 'http://localhost.elsewhere.example']];
    }

    /** @param  array<string, ?string>  $told */
    #[DataProvider('foreign')]
    public function test_nothing_is_changed_from_elsewhere(array $told): void
    {
        $this->seedDemo();
        $sent = $this->call(
            'POST', '/api/locker/lures', server: $told + ['CONTENT_TYPE' => 'application/json'], content: self::SPOON,
        );

        $sent->assertStatus(403)->assertHeader('Content-Type', 'application/problem+json');
        $sent->assertHeader('X-Content-Type-Options', 'nosniff');
        self::assertFalse(Lure::query()->where('name', 'Theirs')->exists());
    }

    public function test_the_page_itself_and_a_browser_that_only_says_it_is_may_change_things(): void
    {
        $this->seedDemo();
        $json = ['CONTENT_TYPE' => 'application/json'];
        $this->call('POST', '/api/locker/lures', server: $json, content: self::SPOON)->assertStatus(201);
        $this->call(
            'POST', '/api/locker/lures', server: $json + ['HTTP_ORIGIN' => null, 'HTTP_SEC_FETCH_SITE' => 'same-origin'],
            content: str_replace('Theirs', 'Ours', self::SPOON),
        )->assertStatus(201);
    }

    public function test_a_machine_answers_only_to_its_own_names(): void
    {
        $asked = function (string $host): int {
            $request = Request::create('/api/catalogue');
            $request->headers->set('Host', $host);

            return $this->app->make(Kernel::class)->handle($request)->getStatusCode();
        };
        foreach (['localhost', '127.0.0.1:8000', '[::1]:8000', 'LOCALHOST'] as $own) {
            self::assertSame(200, $asked($own), $own);
        }
        foreach ([
            'elsewhere.example', 'localhost.elsewhere.example', '10.0.0.9', '', 'localhost:80:80', '127.0.0.1.',
            "local\0host", 'a@localhost',
        ] as $other) {
            self::assertSame(421, $asked($other), $other);
        }
    }

    public function test_a_request_is_of_the_method_it_was_sent_by(): void
    {
        $this->seedDemo();
        $lures = Lure::query()->count();
        $json = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'];
        $this->call('POST', '/api/trips/{next}?_method=DELETE', server: $json, content: '{}')->assertStatus(400);
        $this->call(
            'POST', '/api/trips/{next}', server: $json + ['HTTP_X_HTTP_METHOD_OVERRIDE' => 'PUT'], content: '{}',
        )->assertStatus(400);
        $this->call('POST', '/api/locker/lures', server: $json, content: '{"_method":"DELETE"}')->assertStatus(400);

        self::assertSame($lures, Lure::query()->count());
    }

    public function test_every_answer_says_what_may_run_in_it_and_that_nobody_may_look_in(): void
    {
        $answers = [
            '/' => 200, '/api/boat' => 404, '/api/nothing' => 404, '/nothing' => 404, '/api/trips/%ff' => 400,
            '/api/trips?a=%ff' => 400,
        ];
        foreach ($answers as $path => $status) {
            $answer = $this->get($path)->assertStatus($status);
            $policy = (string) $answer->headers->get('Content-Security-Policy');
            self::assertStringContainsString("script-src 'self';", $policy, $path);
            self::assertStringContainsString("frame-ancestors 'none'", $policy, $path);
            self::assertSame(['nosniff', 'no-referrer'], [
                $answer->headers->get('X-Content-Type-Options'), $answer->headers->get('Referrer-Policy'),
            ], $path);
        }
        self::assertDoesNotMatchRegularExpression('/<script(?![^>]*\ssrc=)|\son\w+=/', (string) $this->get('/')->getContent());
    }
}
