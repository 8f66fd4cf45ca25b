<?php

declare(strict_types=1);

namespace Tests\Core\Towing\Motion;

use Admek\Core\Files\ManoeuvreCase;
use Admek\Core\Files\ManoeuvreResult;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Motion\Mover;
use Admek\Core\Towing\TowLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Answers of an independent solver, held to 0.25 m or 2 % of what is let out, and 10 % or 1 N of pull. */
final class ReferenceManoeuvresTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function cases(): iterable
    {
        foreach (glob(dirname(__DIR__, 3).'/reference-manoeuvres/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('cases')]
    public function test_it_agrees_with_the_reference(string $file): void
    {
        $reference = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
        $case = ManoeuvreCase::ofJson($reference['case']);
        $answers = array_column(ManoeuvreResult::of($case)['lines'], null, 'id');

        foreach ($case->lines as $line) {
            $expected = $reference['expect']['lines'][$line->id]['times'];
            $answer = $answers[$line->id]['times'];
            self::assertSame(array_column($expected, 't'), array_map(static fn (array $time): int => (int) $time['t'], $answer));
            self::assertNear($expected, $answer, max(0.25, 0.02 * self::letOut($line)), 0.1, $line->id);
        }
    }

    #[DataProvider('cases')]
    public function test_halving_steps_and_links_changes_nothing_that_matters(string $file): void
    {
        $case = ManoeuvreCase::ofJson(json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR)['case']);
        $fine = ManoeuvreResult::of($case, new Mover(2.0))['lines'];
        foreach (ManoeuvreResult::of($case)['lines'] as $i => $working) {
            $tolerance = 0.25 * max(0.25, 0.02 * self::letOut($case->lines[$i]));
            self::assertNear($fine[$i]['times'], $working['times'], $tolerance, 0.05, $working['id']);
        }
    }

    public function test_every_reference_manoeuvre_is_here(): void
    {
        self::assertCount(6, iterator_to_array(self::cases()));
    }

    /**
     * @param  list<array<string, mixed>>  $expected
     * @param  list<array<string, mixed>>  $actual
     * @param  float  $tolerance  m
     * @param  float  $share  of the pull, or of ten newtons if that is more
     */
    private static function assertNear(array $expected, array $actual, float $tolerance, float $share, string $line): void
    {
        foreach ($expected as $i => $moment) {
            $when = "{$line} at {$moment['t']} s";
            $places = (array) $actual[$i]['bodies'];
            foreach ((array) $moment['bodies'] as $name => $place) {
                self::assertLessThan($tolerance, self::distance($place, $places[$name]), "{$name} of {$when}");
            }
            if (isset($moment['board'])) {
                self::assertLessThan($tolerance, self::distance($moment['board'], $actual[$i]['board']), "board of {$when}");
            }
            $pull = $moment['tow_tension'];
            self::assertEqualsWithDelta($pull, $actual[$i]['tow_tension'], $share * max(10.0, $pull), "pull of {$when}");
        }
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     */
    private static function distance(array $a, array $b): float
    {
        return sqrt(($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2);
    }

    /** m of the longest way from a free end to the tow point. */
    private static function letOut(TowLine $line): float
    {
        return self::longest($line->chain) + ($line->board->lineOut ?? 0.0);
    }

    /** @param  list<Element>  $chain */
    private static function longest(array $chain): float
    {
        $out = 0.0;
        foreach ($chain as $part) {
            $out = match (true) {
                $part instanceof Line => $out + $part->length,
                $part instanceof Branch => max($out, self::longest($part->elements)),
                default => $out,
            };
        }

        return $out;
    }
}
