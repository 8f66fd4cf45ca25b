<?php

declare(strict_types=1);

namespace Tests\Core\Instruments;

use Admek\Core\Instruments\Fault;
use Admek\Core\Instruments\Heard;
use Admek\Core\Instruments\Live;
use PHPUnit\Framework\TestCase;

final class LiveTest extends TestCase
{
    public function test_the_captain_s_order_decides_and_the_next_takes_over_when_the_first_is_silent(): void
    {
        $live = new Live(['plotter', 'sounder']);
        for ($t = 0; $t <= 10; $t++) {
            $live->take('sounder', self::depth(30.0), $t);
            if ($t <= 2) {
                $live->take('plotter', self::depth(31.0), $t);
            }
        }
        self::assertSame(['plotter', true], self::of($live, 7.0));
        self::assertSame(['sounder', true], self::of($live, 7.1));
        self::assertSame(['sounder', true], self::of($live, 15.0));
        // When all are silent it is the one heard last, and not live.
        self::assertSame(['sounder', false], self::of($live, 15.1));
        self::assertEqualsWithDelta(5.1, $live->at(15.1)['depth']->age, 1e-9);
        $live->take('plotter', self::depth(29.0), 16.0);
        self::assertSame(['plotter', true], self::of($live, 16.0), 'the first comes back');
    }

    public function test_a_figure_that_jumps_is_not_believed_until_it_is_told_again(): void
    {
        $live = new Live;
        $depth = static fn (float $at): float => $live->at($at)['depth']->value;
        $live->take('sounder', self::depth(30.0), 0.0);
        $live->take('sounder', self::depth(2.0), 1.0);
        self::assertSame(30.0, $depth(1.0));
        $live->take('sounder', self::depth(31.0), 2.0);
        self::assertSame(31.0, $depth(2.0), 'a single spike is nothing');
        $live->take('sounder', self::depth(60.0), 3.0);
        $live->take('sounder', self::depth(61.0), 4.0);
        self::assertSame(61.0, $depth(4.0), 'over an edge it is so');
        $live->take('sounder', self::depth(20.0), 60.0);
        self::assertSame(20.0, $depth(60.0), 'in a minute it may have become so');
        self::assertSame(['jumped' => 2], $live->sources()['sounder']['faults'], 'and it is said');
    }

    public function test_a_clock_set_back_does_not_stop_it(): void
    {
        $live = new Live;
        $live->take('sounder', self::depth(30.0), 1000.0);
        $live->take('sounder', self::depth(31.0), 10.0);
        self::assertSame(31.0, $live->at(10.0)['depth']->value);
    }

    public function test_what_is_not_used_is_counted_by_its_source_and_reason(): void
    {
        $live = new Live(['plotter']);
        $live->take('gateway', new Heard('', '', [], Fault::Broken), 0.0);
        $live->take('gateway', new Heard('', '', [], Fault::Broken), 1.0);
        $live->take('gateway', new Heard('GP', 'XYZ', [], Fault::Unknown), 1.0);
        $live->take('gateway', self::depth(30.0), 1.0);
        self::assertSame([
            'plotter' => ['used' => 0, 'faults' => []],
            'gateway' => ['used' => 1, 'faults' => ['broken' => 2, 'unknown' => 1]],
        ], $live->sources());
        self::assertSame([], (new Live)->at(0.0));
    }

    private static function depth(float $depth): Heard
    {
        return new Heard('SD', 'DPT', ['depth' => $depth]);
    }

    /** @return array{string, bool} */
    private static function of(Live $live, float $now): array
    {
        return [$live->at($now)['depth']->source, $live->at($now)['depth']->live];
    }
}
