<?php

declare(strict_types=1);

namespace Tests\Core\Tackle;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\Turn;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

/** The weighted three-way, and that on a board it runs as the same gear does towed from where the board floats. */
final class ThreeWayTest extends TestCase
{
    private const BOARD = ['board' => ['size' => 'large'], 'board_out' => 40.0];

    #[TestWith([0.5])]
    #[TestWith([0.9])]
    #[TestWith([1.6])]
    public function test_behind_a_board_it_runs_as_a_dropper_towed_at_the_surface(float $speed): void
    {
        $boarded = $this->run1('three_way', self::BOARD, $speed);
        $towed = $this->run1(
            'dropper', ['tip_height' => 0.0, 'let_out' => 18.288, 'dropper_length' => 0.6096, 'weight_mass' => 0.085049], $speed,
        );

        self::assertEqualsWithDelta($towed->depth(), $boarded->depth(), 0.01);
        self::assertEqualsWithDelta($towed->solution->bodies['weight'][2], $boarded->solution->bodies['weight'][2], 0.01);
        self::assertEqualsWithDelta(
            $towed->lure()[0] - $towed->planned->tip[0],
            $boarded->lure()[0] - ($boarded->solution->board[0] ?? NAN),
            0.02,
            'as far behind',
        );
        self::assertEqualsWithDelta($boarded->solution->board[1] ?? NAN, $boarded->lure()[1], 1e-6, 'straight behind its board');
    }

    public function test_its_weight_hangs_under_the_lure_and_takes_it_down(): void
    {
        $light = $this->run1('three_way', self::BOARD, 0.9);
        $heavy = $this->run1('three_way', ['weight_mass' => 0.17] + self::BOARD, 0.9);

        self::assertGreaterThan($light->depth(), $light->solution->bodies['weight'][2]);
        self::assertGreaterThan($light->depth() + 1.0, $heavy->depth());
        self::assertGreaterThan($light->solution->board[0] ?? NAN, $heavy->solution->board[0] ?? NAN, 'and its board back');
        self::assertContains('a heavier weight', $light->planned->rig->wouldHelp());
        self::assertNull($light->planned->rig->bottom(), 'it does not fish the ground');
        self::assertCount(1, $light->branches(), 'the leader is drawn from its node');
    }

    public function test_inside_a_turn_it_sinks_and_outside_it_rises(): void
    {
        [$inside, $outside] = array_map(
            fn (Side $side): float => $this->run1('three_way', self::BOARD, 0.9, new Turn(80.0, $side))->depth(),
            [Side::Port, Side::Starboard],
        );
        $straight = $this->run1('three_way', self::BOARD, 0.9)->depth();

        self::assertGreaterThan($straight, $inside);
        self::assertLessThan($straight, $outside);
    }

    /** @param  array<string, mixed>  $change */
    private function run1(string $presentation, array $change, float $speed, ?Turn $turn = null): RunningLine
    {
        return (new SpreadSolver)->run(
            Lines::planned([Lines::line('P1', $presentation, $change)])[0], new Conditions($speed, $turn),
        );
    }
}
