<?php

declare(strict_types=1);

namespace Tests\Core\Towing;

use Admek\Core\Files\TowCase;
use Admek\Core\Files\TowResult;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Answers of an independent adaptive solver, held to 0.02 m or 0.2 %, whichever is larger. */
final class ReferenceCasesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function cases(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/reference-cases/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('cases')]
    public function test_it_agrees_with_the_reference(string $file): void
    {
        $reference = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
        $answers = array_column(TowResult::of(TowCase::ofJson($reference['case']))['lines'], null, 'id');

        foreach ($reference['expect']['lines'] as $id => $expected) {
            $answer = $answers[$id];
            $bodies = (array) $answer['bodies'];
            foreach ($expected['bodies'] as $name => $place) {
                self::assertPlace($place, $bodies[$name], "{$id}.{$name}");
            }
            if (isset($expected['board'])) {
                self::assertPlace($expected['board'], $answer['board'] ?? self::fail("{$id} has no board"), "{$id}.board");
            }
            if (isset($expected['board_load_down'])) {
                $load = $answer['board_load_down'] ?? self::fail("{$id} has no board");
                self::assertClose($expected['board_load_down'], $load, "{$id}.board_load_down");
            }
            self::assertClose($expected['tow_tension'], $answer['tow_tension'], "{$id}.tow_tension");
            self::assertEqualsWithDelta($expected['speed_factor'], $answer['speed_factor'], 0.002);
        }
    }

    public function test_every_reference_case_is_here(): void
    {
        self::assertCount(10, iterator_to_array(self::cases()));
    }

    /**
     * @param  list<float>  $expected
     * @param  list<float>  $actual
     */
    private static function assertPlace(array $expected, array $actual, string $what): void
    {
        foreach ($expected as $axis => $value) {
            self::assertClose($value, $actual[$axis], "{$what}[{$axis}]");
        }
    }

    private static function assertClose(float $expected, float $actual, string $what): void
    {
        self::assertEqualsWithDelta($expected, $actual, max(0.02, 0.002 * abs($expected)), $what);
    }
}
