<?php

declare(strict_types=1);

namespace Tests\Core\Towing\Motion;

use Admek\Core\Files\ManoeuvreCase;
use Admek\Core\InvalidValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ManoeuvreCaseTest extends TestCase
{
    /** @return iterable<string, array{string, callable(array<string, mixed>): array<string, mixed>}> */
    public static function unusable(): iterable
    {
        $at = static fn (string $path, mixed $value): callable => static function (array $case) use ($path, $value): array {
            $spot = &$case;
            foreach (explode('.', $path) as $key) {
                $spot = &$spot[$key];
            }
            $spot = $value;

            return $case;
        };
        yield 'a tow case' => ['$.format', $at('format', 'admek-tow')];
        yield 'another version' => ['$.version', $at('version', 2)];
        yield 'no course' => ['$.course', $at('course', [])];
        yield 'time going back' => ['$.course[2].t', $at('course.2.t', 4)];
        yield 'a step of no time' => ['$.course[2].t', $at('course.2.t', 5)];
        yield 'a jump in heading' => ['$.course[2].heading', $at('course.2.heading', 90)];
        yield 'a speed of 40' => ['$.course[1].speed', $at('course.1.speed', 40)];
        yield 'a speed that is text' => ['$.course[1].speed', $at('course.1.speed', '1')];
        yield 'a report before the start' => ['$.report[0]', $at('report.0', -1)];
        yield 'a report in another week' => ['$.report[20]', $at('report.20', 1e6)];
        yield 'a report going back' => ['$.report[3]', $at('report.3', 2)];
        $massless = ['weight' => 1, 'drag_area' => 1, 'down_area' => 0, 'side_area' => 0];
        yield 'no mass' => ['$.lines[0].chain[0].body.mass', $at('lines.0.chain.0.body', $massless)];
        yield 'less than no mass' => ['$.lines[0].chain[0].body.mass', $at('lines.0.chain.0.body.mass', -1)];
        yield 'no density' => ['$.water.density', $at('water', ['current' => [['depth' => 0, 'north' => 0, 'east' => 0]]])];
        yield 'no current' => ['$.water.current', $at('water.current', [])];
        yield 'a current upside down' => [
            '$.water.current[1].depth', $at('water.current.1', ['depth' => 0, 'north' => 0, 'east' => 0]),
        ];
        yield 'a current of nothing' => ['$.water.current[0].north', $at('water.current.0.north', NAN)];
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $spoil */
    #[DataProvider('unusable')]
    public function test_what_is_not_usable_is_named_by_its_path(string $path, callable $spoil): void
    {
        $file = dirname(__DIR__, 3).'/reference-manoeuvres/bouncer-slowed.json';
        $case = json_decode((string) file_get_contents($file), true)['case'];
        self::assertCount(1, ManoeuvreCase::ofJson($case)->lines, 'it is good until it is spoilt');
        try {
            ManoeuvreCase::ofJson($spoil($case));
            self::fail('It was taken.');
        } catch (InvalidValue $invalid) {
            self::assertSame($path, $invalid->field);
        }
    }
}
