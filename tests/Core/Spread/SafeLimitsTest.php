<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Check\BreachKind;
use Admek\Core\Spread\Check\SafeLimits;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Check\Steady;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\Turn;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

final class SafeLimitsTest extends TestCase
{
    private const SPEED = 2.3 * Lines::MPH;

    public function test_the_tightest_safe_turn_is_safe_and_a_little_tighter_is_not(): void
    {
        $lines = $this->planned();
        $limits = new SpreadLimits(bottom: Bottom::flat(35.0));
        foreach (Side::cases() as $side) {
            ['radius' => $radius, 'first' => $first] = (
                new SafeLimits($lines, new Conditions(self::SPEED), $limits)
            )->turn($side);
            self::assertNotNull($radius);
            self::assertInstanceOf(Breach::class, $first);
            self::assertSame(
                [],
                $this->newly($lines, $limits, new Conditions(self::SPEED, new Turn($radius, $side))),
                "{$radius} m to {$side->value}",
            );
            self::assertContains(
                $first->name(), $this->newly($lines, $limits, new Conditions(self::SPEED, new Turn(0.97 * $radius, $side))),
            );
        }
    }

    public function test_every_wider_turn_of_a_scan_is_safe_too(): void
    {
        $lines = $this->planned();
        $limits = new SpreadLimits(bottom: Bottom::flat(35.0));
        $radius = (new SafeLimits($lines, new Conditions(self::SPEED), $limits))->turn(Side::Port)['radius'] ?? 0.0;
        for ($wider = $radius; $wider < SafeLimits::WIDEST; $wider *= 1.15) {
            self::assertSame(
                [], $this->newly($lines, $limits, new Conditions(self::SPEED, new Turn($wider, Side::Port))), "{$wider} m",
            );
        }
    }

    public function test_with_nothing_to_foul_a_turn_may_be_as_tight_as_any(): void
    {
        $limit = (
            new SafeLimits(
                Lines::planned([Lines::line('P5', 'rigger', ['let_out' => 8.0])]), new Conditions(self::SPEED), new SpreadLimits,
            )
        )->turn(Side::Port);

        self::assertSame(['radius' => SafeLimits::TIGHTEST, 'first' => null], $limit);
    }

    public function test_the_slowest_safe_speed_is_that_at_which_the_first_line_finds_bottom(): void
    {
        $lines = Lines::planned([Lines::line('C1', 'core'), Lines::line('P5', 'rigger', ['let_out' => 10.0])]);
        $limits = new SpreadLimits(bottom: Bottom::flat(16.0));
        ['speed' => $speed, 'first' => $first] = (new SafeLimits($lines, new Conditions(self::SPEED), $limits))->slowest();

        self::assertSame([BreachKind::Bottom, ['C1']], [$first?->kind, $first?->holders]);
        self::assertSame([], $this->newly($lines, $limits, new Conditions((float) $speed)));
        self::assertNotSame([], $this->newly($lines, $limits, new Conditions($speed - 0.02)));
        self::assertNull(
            (new SafeLimits($lines, new Conditions(self::SPEED), new SpreadLimits))->slowest()['first'],
            'without a bottom there is none to find',
        );
    }

    public function test_a_turn_too_tight_for_a_line_is_said_and_is_no_safe_turn(): void
    {
        $lines = Lines::planned(
            [
                Lines::line('P1', 'flat', ['board' => ['size' => 'large'], 'board_out' => 40.0]),
                Lines::line('P5', 'rigger', ['let_out' => 8.0]),
            ],
        );
        ['radius' => $radius, 'first' => $first] = (
            new SafeLimits($lines, new Conditions(self::SPEED), new SpreadLimits)
        )->turn(Side::Port);
        self::assertSame(
            [BreachKind::Unsteady, ['P1']],
            [$first?->kind, $first?->holders],
            'a board 40 m out cannot go round a circle of that radius',
        );
        self::assertGreaterThan(38.0, $radius);

        [$running, $unsteady] = Steady::among($lines, new Conditions(self::SPEED, new Turn(25.0, Side::Port)));
        self::assertSame(
            ['P5'], array_map(static fn (RunningLine $line): string => $line->planned->holder, $running), 'the others run on',
        );
        self::assertSame(['P1'], $unsteady[0]->holders);
        self::assertEqualsWithDelta(40.0, (float) $unsteady[0]->amount, 4.0, 'as tight as it follows');
    }

    /** @return list<PlannedLine> */
    private function planned(): array
    {
        return Lines::planned([
            Lines::line('P1', 'flat', ['board' => ['size' => 'large'], 'board_out' => 40.0]),
            Lines::line('P3', 'diver', ['dial' => 3.0, 'let_out' => 46.0]), Lines::line('P5', 'rigger'),
            Lines::line('C1', 'core'),
            Lines::line('S5', 'rigger', ['let_out' => 14.0, 'lead' => 25.0]),
            Lines::line('S3', 'diver', ['dial' => 1.5, 'let_out' => 55.0]),
        ]);
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @return list<string> grave breaches that the straight course at speed does not have, its doubts held
     */
    private function newly(array $lines, SpreadLimits $limits, Conditions $conditions): array
    {
        $solver = new SpreadSolver;
        $straight = $solver->all($lines, new Conditions(self::SPEED));
        $doubts = array_column(
            array_map(static fn (RunningLine $line): array => [$line->planned->holder, $line->doubt], $straight), 1, 0,
        );
        [$running, $unsteady] = Steady::among($lines, $conditions, false);
        $now = array_map(
            static fn (RunningLine $line): RunningLine => new RunningLine(
                $line->planned, $line->solution, $doubts[$line->planned->holder],
            ),
            $running,
        );

        return [
            ...array_map(static fn (Breach $b): string => $b->name(), $unsteady),
            ...array_values(array_diff(self::grave($now, $limits), self::grave($straight, $limits))),
        ];
    }

    /**
     * @param  list<RunningLine>  $running
     * @return list<string>
     */
    private static function grave(array $running, SpreadLimits $limits): array
    {
        return array_values(array_map(
            static fn (Breach $b): string => $b->name(),
            array_filter(Breaches::of($running, $limits), static fn (Breach $b): bool => $b->kind->isGrave()),
        ));
    }
}
