<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Feature\Support\FeatureTestCase;

/** A spread's file with soundings in it, at the launcher. */
final class TrueUpCommandTest extends FeatureTestCase
{
    public function test_it_tells_figures_depths_what_is_false_and_what_to_sound_next(): void
    {
        [$code, $out, $err] = $this->launched(['trip' => 'today', 'soundings' => [
            ['id' => 'a', 'trip' => 'today', 'holder' => 'P3', 'speed' => 1.0, 'depth' => 17.2, 'by' => 'bottom'],
            [
                'trip' => 'today', 'holder' => 'P3', 'set' => ['let_out' => 30.0], 'speed' => 1.0, 'depth' => 11.9,
                'by' => 'logger',
            ],
            ['trip' => 'today', 'holder' => 'P5', 'speed' => 1.0, 'depth' => 9.0, 'by' => 'typed'],
        ]]);
        self::assertSame([0, ''], [$code, $err]);
        $told = json_decode($out, true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(['admek-trueup-result', 1], [$told['format'], $told['version']]);
        self::assertSame(['a' => true, '2' => true, '3' => false], array_column($told['soundings'], 'used', 'id'));
        $lines = array_column($told['lines'], null, 'holder');
        self::assertCount(12, $lines);
        self::assertGreaterThan(abs($lines['P3']['trued']['depth'] - 17.2), abs($lines['P3']['untrued']['depth'] - 17.2));
        self::assertLessThan(0.3 * $lines['P3']['untrued']['deeper'], $lines['P3']['trued']['deeper']);
        self::assertEqualsWithDelta($lines['P5']['untrued'], $lines['P5']['trued'], 1.0, 'a false one teaches nothing');
        $figures = array_column($told['figures'], null, 'figure');
        self::assertLessThan($figures['diver_lift']['prior']['deviation'], $figures['diver_lift']['now']['deviation']);
        self::assertSame('trip today', $figures['current']['of']);
        self::assertLessThan($told['next']['before'], $told['next']['after']);
    }

    public function test_without_soundings_nothing_is_trued(): void
    {
        $told = json_decode($this->launched([])[1], true, flags: JSON_THROW_ON_ERROR);
        self::assertSame([[], []], [$told['figures'], $told['soundings']]);
        self::assertSame(array_column($told['lines'], 'untrued'), array_column($told['lines'], 'trued'));
        self::assertNotNull($told['next']);
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('unusable')]
    public function test_what_is_not_usable_is_named(string $place, array $change): void
    {
        $good = ['trip' => 'today', 'holder' => 'P3', 'speed' => 1.0, 'depth' => 17.2, 'by' => 'bottom'];
        [$code, $out, $err] = $this->launched(['soundings' => [
            $good, array_filter(array_replace($good, $change), static fn (mixed $one): bool => $one !== null),
        ]]);
        self::assertSame([2, ''], [$code, $out]);
        self::assertStringContainsString($place, $err);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function unusable(): iterable
    {
        yield 'no such rod' => ['soundings.1.holder', ['holder' => 'X9']];
        yield 'no depth' => ['soundings.1', ['depth' => null]];
        yield 'too deep for any' => ['soundings.1.depth', ['depth' => 900.0]];
        yield 'a way nobody reads by' => ['soundings.1.by', ['by' => 'guess']];
        yield 'a figure no line has' => ['soundings.1.set', ['set' => ['length' => 3.0]]];
        yield 'a figure out of its range' => ['soundings.1', ['set' => ['let_out' => 9000.0]]];
        yield 'no rod at all' => ['soundings.1', ['holder' => null]];
        yield 'as sure as nothing is' => ['soundings.1.deviation', ['deviation' => 0.0]];
        yield 'what nobody asked for' => ['soundings.1', ['wind' => 3.0]];
    }

    /**
     * @param  array<string, mixed>  $more  in the file of the demo's spread
     * @return array{int, string, string} exit code, what it printed, what it complained
     */
    private function launched(array $more): array
    {
        $this->seedDemo();
        $file = json_decode((string) $this->send('GET', '/spreads/{next}/file', expect: 200)->getContent(), true);
        $process = new Process(
            [dirname(__DIR__, 2).'/admek', 'trueup', '-'],
            input: (string) json_encode($more + $file, JSON_PRESERVE_ZERO_FRACTION),
        );
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
    }
}
