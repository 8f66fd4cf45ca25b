<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Line-hours and bites, at the launcher. */
final class PatternsCommandTest extends TestCase
{
    private const ROW = ['hours' => 2.0, 'bites' => 1, 'lure' => 'A', 'depth' => 20.0, 'clock' => 6.2, 'sun' => 4.0];

    public function test_it_tells_rates_multipliers_and_windows(): void
    {
        $rows = [];
        foreach ([['A', 20.0, 3], ['B', 20.0, 1], ['A', 5.0, 0], ['B', 5.0, 1]] as $i => [$lure, $depth, $bites]) {
            $rows[] = ['hours' => 4.0, 'bites' => $bites, 'lure' => $lure, 'depth' => $depth, 'clock' => 6.0 + $i] + self::ROW;
        }
        [$code, $out, $err] = self::launched(['bands' => ['depth' => 5.0], 'rows' => $rows]);
        self::assertSame([0, ''], [$code, $err]);
        $told = json_decode($out, true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(['admek-patterns-result', 1], [$told['format'], $told['version']]);
        self::assertEqualsWithDelta([16.0, 5.0], [$told['hours'], $told['bites']], 1e-9);
        $lures = array_column($told['factors']['lure'], null, 'level');
        self::assertEqualsWithDelta([8.0, 3], [$lures['A']['hours'], $lures['A']['bites']], 1e-9);
        self::assertTrue($lures['A']['low'] < $lures['A']['rate'] && $lures['A']['rate'] < $lures['A']['high']);
        self::assertTrue($lures['A']['times'] > $lures['B']['times']);
        self::assertSame([false, true], [$lures['A']['early'], $lures['B']['early']]);
        $deep = array_column($told['factors']['depth'], null, 'level')['4'];
        self::assertEqualsWithDelta([20.0, 25.0], [$deep['from'], $deep['to']], 1e-9);
        self::assertCount(7, $told['windows']['clock']);
        self::assertCount(1, $told['windows']['sun']);
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('unusable')]
    public function test_what_is_not_usable_is_named(string $place, array $change, bool $ofRow = true): void
    {
        $row = array_filter($ofRow ? $change + self::ROW : self::ROW, static fn (mixed $one): bool => $one !== null);
        [$code, $out, $err] = self::launched(($ofRow ? [] : $change) + ['rows' => [self::ROW, $row]]);
        self::assertSame([2, ''], [$code, $out]);
        self::assertStringContainsString($place, $err);
    }

    /** @return iterable<string, array{0: string, 1: array<string, mixed>, 2?: bool}> */
    public static function unusable(): iterable
    {
        yield 'no hours' => ['rows.1.hours', ['hours' => null]];
        yield 'hours before nought' => ['rows.1.hours', ['hours' => -1.0]];
        yield 'half a bite' => ['rows.1.bites', ['bites' => 0.5]];
        yield 'bites in no time' => ['rows.1.hours', ['hours' => 0]];
        yield 'no word for a lure' => ['rows.1.lure', ['lure' => '']];
        yield 'a lure that is a number' => ['rows.1.lure', ['lure' => 7]];
        yield 'a depth of no water' => ['rows.1.depth', ['depth' => 1e6]];
        yield 'an hour of no day' => ['rows.1.clock', ['clock' => 25.0]];
        yield 'a row that is none' => ['rows', ['rows' => 'none'], false];
        yield 'bands nobody knows' => ['bands', ['bands' => ['lure' => 3.0]], false];
        yield 'a band of no width' => ['bands.depth', ['bands' => ['depth' => 0]], false];
        yield 'another format' => ['format', ['format' => 'admek-spread'], false];
    }

    public function test_a_season_of_nothing_and_what_is_no_json(): void
    {
        $told = json_decode(self::launched(['rows' => []])[1], true, flags: JSON_THROW_ON_ERROR);
        self::assertSame([0, []], [$told['bites'], $told['factors']]);
        $process = new Process([dirname(__DIR__, 2).'/admek', 'patterns', '-'], input: '{"format"');
        self::assertSame(2, $process->run());
        self::assertStringContainsString('JSON', $process->getErrorOutput());
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array{int, string, string} exit code, what it printed, what it complained
     */
    private static function launched(array $file): array
    {
        $process = new Process(
            [dirname(__DIR__, 2).'/admek', 'patterns', '-'],
            input: (string) json_encode($file + ['format' => 'admek-exposures', 'version' => 1], JSON_PRESERVE_ZERO_FRACTION),
        );
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
    }
}
