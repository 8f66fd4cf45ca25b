<?php

declare(strict_types=1);

namespace Tests\Core\Manoeuvres;

use Admek\Core\Manoeuvres\TurnRead;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\Turn;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

final class TurnReadTest extends TestCase
{
    private const SPEED = 1.03;

    public function test_inside_a_turn_a_lure_slows_and_sinks_outside_it_speeds_up_and_rises(): void
    {
        $straight = $this->straight();
        $inside = $this->read('P3', -1.5);
        self::assertGreaterThan($straight + 0.3, $inside->depth);
        self::assertLessThan(self::SPEED, $inside->speed);
        self::assertTrue($inside->top <= $inside->depth && $inside->depth <= $inside->bottom);
        $outside = $this->read('P3', 1.5);
        self::assertLessThan($straight, $outside->depth);
        self::assertGreaterThan(self::SPEED, $outside->speed);
        self::assertTrue($outside->slowest <= $outside->speed && $outside->speed <= $outside->fastest);
    }

    public function test_long_in_a_turn_it_is_where_a_steady_one_has_it(): void
    {
        $line = $this->line('P3');
        $radius = self::SPEED / deg2rad(0.8);
        $steady = (new SpreadSolver)->run($line, new Conditions(self::SPEED, new Turn($radius, Side::Starboard)));
        $way = array_map(
            static fn (int $i): array => [
                'at' => 1.8e9 + 5.0 * $i, 'speed' => self::SPEED, 'heading' => fmod(350.0 + 4.0 * $i, 360.0),
            ],
            range(0, 100),
        );
        self::assertEqualsWithDelta($steady->depth(), TurnRead::of($line, new Conditions(self::SPEED), $way)?->depth, 0.15);
    }

    public function test_of_too_little_or_of_what_no_boat_does_nothing_is_said(): void
    {
        $line = $this->line('P3');
        $point = static fn (float $at, float $heading): array => ['at' => $at, 'speed' => self::SPEED, 'heading' => $heading];
        self::assertNull(TurnRead::of($line, new Conditions(self::SPEED), []));
        self::assertNull(TurnRead::of($line, new Conditions(self::SPEED), [$point(0.0, 0.0), $point(5.0, 15.0)]));
        // A compass that swings round in a moment is a reading gone wrong, and the rest tells of it.
        $way = [$point(0.0, 0.0), $point(5.0, 0.0), $point(5.2, 180.0), $point(10.0, 0.0), $point(30.0, 0.0)];
        self::assertEqualsWithDelta($this->straight(), TurnRead::of($line, new Conditions(self::SPEED), $way)?->depth, 0.1);
    }

    /** Half a minute straight, then so many degrees a second to starboard. */
    private function read(string $holder, float $rate): TurnRead
    {
        $way = [];
        for ($t = 0; $t <= 60; $t += 5) {
            $heading = fmod(90.0 + $rate * max(0, $t - 30) + 360.0, 360.0);
            $way[] = ['at' => 1.8e9 + $t, 'speed' => self::SPEED, 'heading' => $heading];
        }

        return TurnRead::of($this->line($holder), new Conditions(self::SPEED), $way) ?? self::fail('Nothing was read.');
    }

    private function straight(): float
    {
        return (new SpreadSolver)->run($this->line('P3'), new Conditions(self::SPEED))->depth();
    }

    private function line(string $holder): PlannedLine
    {
        return Lines::planned([Lines::line($holder, 'core', ['board' => ['size' => 'large'], 'board_out' => 40.0])])[0];
    }
}
