<?php

declare(strict_types=1);

namespace Tests\Core\Trip;

use Admek\Core\Books\Book;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** docs/rules.md tells every rule with its default, its range and its reason. */
final class RulesDocumentedTest extends TestCase
{
    /** @return iterable<string, array{Book}> */
    public static function books(): iterable
    {
        foreach (Book::cases() as $book) {
            yield $book->value => [$book];
        }
    }

    #[DataProvider('books')]
    public function test_each_rule_stands_in_the_document_as_it_is(Book $book): void
    {
        $document = (string) file_get_contents(dirname(__DIR__, 3).'/docs/rules.md');
        foreach ($book->rules() as $rule) {
            $say = static fn (?float $si): string => $si === null ? 'not judged' : Units::Us->say($rule->quantity, $si);
            self::assertStringContainsString(
                "| {$rule->label} | {$say($rule->default)} | {$say($rule->least)} | {$say($rule->most)} | {$rule->why} |",
                $document,
                "{$book->value}.{$rule->key}",
            );
        }
    }

    #[DataProvider('books')]
    public function test_each_default_lies_in_its_range_and_each_key_once(Book $book): void
    {
        $rules = $book->rules();
        self::assertSame(count($rules), count(array_unique(array_map(static fn ($rule): string => $rule->key, $rules))));
        foreach ($rules as $rule) {
            self::assertTrue(
                $rule->default === null || ($rule->default >= $rule->least && $rule->default <= $rule->most), $rule->key,
            );
        }
    }
}
