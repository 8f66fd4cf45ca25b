<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Gear\Lure;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\FeatureTestCase;

final class UnreadableRequestsTest extends FeatureTestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function bodies(): iterable
    {
        yield 'not a number' => ['{"speed": NaN, "lines": []}', 400];
        yield 'cut off' => ['{"speed": 1.0, "lin', 400];
        yield 'empty' => ['', 400];
        yield 'a bare word' => ['"speed"', 400];
        yield 'nested without end' => [str_repeat('{"lines":[', 60).str_repeat(']}', 60), 400];
        yield 'broken letters' => ["{\"speed\": 1.0, \"lines\": [], \"x\": \"\xB1\x31\"}", 400];
        yield 'a megabyte' => ['{"speed": 1.0, "x": "'.str_repeat('x', 1_048_576).'"}', 413];
        yield 'a letter no file may hold' => ['{"speed": 1.0, "lines": [], "x": "\\u0007"}', 422];
        yield 'a number too large' => ['{"speed": 1e999, "lines": []}', 422];
    }

    #[DataProvider('bodies')]
    public function test_a_body_that_cannot_be_read_is_a_problem_never_a_trace(string $body, int $status): void
    {
        $this->seedDemo();
        $response = $this->call(
            'POST',
            '/api/spreads/{next}/preview',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            $body,
        );

        self::assertSame($status, $response->getStatusCode(), (string) $response->getContent());
        self::assertSame('application/problem+json', $response->headers->get('Content-Type'));
        self::assertSame($status, $response->json('status'));
        self::assertStringNotContainsString('.php', (string) $response->getContent());
    }

    public function test_a_moment_that_is_a_number_is_no_moment(): void
    {
        $this->seedDemo();
        foreach ([-1.0e+308, 1.7e9, 7, true, ['now']] as $moment) {
            $this->assertRefusedAt(
                ['/events', '/sent_at'], 'POST', '/trips/{next}/events', ['sent_at' => $moment, 'events' => []],
            );
        }
    }

    public function test_what_stands_around_a_name_is_not_kept_and_blanks_are_nothing(): void
    {
        $this->seedDemo();
        $spoon = ['name' => "\u{a0} Borrowed spoon \n", 'kind' => 'medium_spoon', 'finish' => "copper\t"];
        $id = $this->send('POST', '/locker/lures', $spoon, 201)->json('id');

        $kept = Lure::query()->whereKey($id)->firstOrFail();
        self::assertSame(['Borrowed spoon', 'copper'], [$kept->name, $kept->finish]);
        foreach (['name', 'finish'] as $field) {
            $blank = [$field => " \u{a0}"] + ['name' => 'Another'] + $spoon;
            $this->assertRefusedAt(["/{$field}"], 'POST', '/locker/lures', $blank);
        }
    }

    public function test_a_form_is_not_json(): void
    {
        $this->seedDemo();
        $this->call('POST', '/api/trips', ['date' => '2031-01-01'])->assertStatus(415);
        foreach (['text/plain; x=/json', 'application/x-www-form-urlencoded', 'application/jsonp', ''] as $type) {
            $server = ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => $type];
            $this->call('PUT', '/api/trips/{next}/bands', server: $server, content: '{"bands":[]}')->assertStatus(415);
        }
        self::assertNotSame(0, $this->demoTrip()->bands()->count(), 'nothing is emptied so');
    }

    public function test_the_wrong_method_is_refused(): void
    {
        $this->json('DELETE', '/api/boat')->assertStatus(405)->assertHeader('Content-Type', 'application/problem+json');
    }

    public function test_the_page_loads_nothing_from_elsewhere(): void
    {
        $page = (string) $this->get('/')->assertOk()->getContent();

        self::assertDoesNotMatchRegularExpression('#(src|href)="(https?:)?//(?!localhost)#', $page);
        self::assertStringContainsString('id="app"', $page);
    }
}
