<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\Files\Internal\CaseReader;
use Admek\Core\Files\Internal\ChainReader;
use Admek\Core\InvalidValue;
use Admek\Core\Towing\Motion\Course;
use Admek\Core\Towing\Motion\MovingWater;
use Admek\Core\Towing\TowLine;

/** A manoeuvre's open file (docs/manoeuvre-case.md): water over the ground, the boat's course, when to report, and lines. */
final readonly class ManoeuvreCase
{
    public const FORMAT = 'admek-manoeuvre';

    public const VERSION = 1;

    /**
     * @param  non-empty-list<float>  $report  s, ascending
     * @param  non-empty-list<TowLine>  $lines
     */
    private function __construct(public MovingWater $water, public Course $course, public array $report, public array $lines)
    {
    }

    /**
     * @param  mixed  $json  as decoded, objects as arrays
     *
     * @throws InvalidValue whose field is the JSON path
     */
    public static function ofJson(mixed $json): self
    {
        $case = CaseReader::root($json)->keys(['format', 'version', 'water', 'course', 'report', 'lines']);
        $case->is('format', self::FORMAT)->is('version', self::VERSION);

        return new self(
            self::water($case->at('water')), self::course($case), self::report($case), ChainReader::lines($case, inMotion: true),
        );
    }

    private static function water(CaseReader $water): MovingWater
    {
        $water->keys(['density', 'current']);
        $layers = [];
        foreach ($water->items('current') as $layer) {
            $layer->keys(['depth', 'north', 'east']);
            $layers[] = [
                'depth' => $layer->number('depth'), 'north' => $layer->number('north'), 'east' => $layer->number('east'),
            ];
        }

        return ChainReader::built(
            $water->path(), static fn (): MovingWater => MovingWater::of($water->number('density'), $layers),
        );
    }

    private static function course(CaseReader $case): Course
    {
        $knots = [];
        foreach ($case->items('course') as $knot) {
            $knot->keys(['t', 'speed', 'heading']);
            $knots[] = ['t' => $knot->number('t'), 'speed' => $knot->number('speed'), 'heading' => $knot->number('heading')];
        }

        return ChainReader::built($case->path('course'), static fn (): Course => Course::of($knots));
    }

    /** @return non-empty-list<float> */
    private static function report(CaseReader $case): array
    {
        $times = [];
        foreach ($case->items('report') as $i => $item) {
            $time = $case->at('report')->number($i);
            [$least, $most] = Course::TIME;
            if ($time < $least || $time > $most) {
                throw InvalidValue::because($item->path(), "between {$least} and {$most} s");
            }
            if ($times !== [] && $time <= $times[$i - 1]) {
                throw InvalidValue::because($item->path(), 'later than the time before it');
            }
            $times[] = $time;
        }

        return $times;
    }
}
