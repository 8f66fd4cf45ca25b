<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Towing\TowSolver;
use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;
use Tests\Core\Spread\Support\RunsAtOneSpeed;

/** What presentations share, and what nobody can rig. */
final class RiggedTogetherTest extends TestCase
{
    use RunsAtOneSpeed;

    public function test_releases_on_one_cable_share_its_ball_and_its_blow_back(): void
    {
        [$host, $low, $high] = $this->all(
            [Lines::line('P5', 'rigger'), Lines::line('P4', 'stacker'), Lines::line('P3', 'stacker', ['above' => 11.0])],
        );
        [$alone] = $this->all([Lines::line('P5', 'rigger')]);

        self::assertEqualsWithDelta($host->solution->bodies['ball'], $low->solution->bodies['ball'], 1e-6);
        self::assertEqualsWithDelta($host->solution->bodies['ball'], $high->solution->bodies['ball'], 1e-6);
        self::assertGreaterThan(
            $alone->solution->bodies['ball'][0] + 0.1,
            $host->solution->bodies['ball'][0],
            'each line on the cable pulls the ball back',
        );
        self::assertEqualsWithDelta(5.0, $host->depth() - $low->depth(), 0.8);
        self::assertEqualsWithDelta(11.0, $host->depth() - $high->depth(), 1.2);
        foreach ([[$host, 0], [$low, 1], [$high, 2]] as [$line, $branch]) {
            self::assertSame($line->solution->branchPaths[$branch], $line->branches()[0]);
            self::assertEqualsWithDelta(
                $line->lure()[2], $line->branches()[0][0][2], 1e-6, 'its own lead begins at its own lure',
            );
        }
        self::assertSame([], $low->path(), 'the cable is drawn once');
    }

    public function test_a_cable_let_out_carries_the_releases_above_its_ball(): void
    {
        $plan = Lines::plan([Lines::line('P5', 'rigger'), Lines::line('P4', 'stacker')]);
        $before = $this->run1($plan->lines[1])->depth();
        $let = $plan->withControl('P5', 30.0);
        $after = $let->lines;

        self::assertGreaterThan($before + 4.0, $this->run1($after[1])->depth());
        self::assertLessThan($before + 5.0, $this->run1($after[1])->depth(), 'more cable is blown back more');
        self::assertInstanceOf(Downrigger::class, $after[0]->rig);
        self::assertSame(5.0, $after[0]->rig->others[0]->above);
        $raised = $let->withControl('P4', 8.0)->lines;
        self::assertInstanceOf(Downrigger::class, $raised[0]->rig);
        self::assertSame(8.0, $raised[0]->rig->others[0]->above, 'the host hears of a release moved up');
        self::assertEqualsWithDelta($this->run1($after[1])->depth() - 3.0, $this->run1($raised[1])->depth(), 0.4);
    }

    public function test_clips_hang_on_the_straight_tow_line_and_pull_their_board_back(): void
    {
        $clipped = fn (string $code, float $clip, string $kind = 'flat'): array => Lines::line(
            $code, $kind, ['board' => ['name' => 'mast', 'size' => 'mast'], 'board_out' => 45.0, 'clip_out' => $clip],
        );
        $mast = [-4.0, 0.0, -3.0];
        $one = $this->all([$clipped('P1', 40.0)], $mast);
        $three = $this->all([$clipped('P1', 40.0), $clipped('P2', 28.0), $clipped('P3', 16.0, 'core')], $mast);

        foreach ($three as $line) {
            self::assertEqualsWithDelta($three[0]->solution->board, $line->solution->board, 1e-4, 'one board for all');
            $board = $line->solution->board ?? self::fail('no board');
            $clip = $line->solution->clip ?? self::fail('no clip');
            self::assertEqualsWithDelta(
                0.0,
                ($board[0] - $mast[0]) * ($clip[1] - $mast[1]) - ($board[1] - $mast[1]) * ($clip[0] - $mast[0]),
                1e-6,
                'on the tow line',
            );
        }
        $alone = $one[0]->solution->board ?? self::fail('no board');
        $shared = $three[0]->solution->board ?? self::fail('no board');
        self::assertGreaterThan($alone[0], $shared[0]);
        self::assertLessThan(abs($alone[1]), abs($shared[1]));

        // The moments about the mast balance, reckoned here from each chain's own pull.
        $line = $one[0]->planned->towLine();
        $loads = (new TowSolver)->loads((new Conditions(self::SPEED))->water(), null, $line);
        $pull = array_sum(array_map(static fn (object $load): float => $load->force[0], $loads));
        $dynamic = 0.5 * 999.8 * self::SPEED ** 2;
        $slope = ($dynamic * 5e-2 + 40.0 / 45.0 * $pull) / ($dynamic * 1.2e-1);
        self::assertEqualsWithDelta($slope, ($alone[0] - $mast[0]) / abs($alone[1]), 1e-3);
    }

    public function test_lines_on_one_tow_line_must_agree_on_its_length(): void
    {
        $clipped = fn (string $code, float $out): array => Lines::line(
            $code, 'flat', ['board' => ['name' => 'mast', 'size' => 'mast'], 'board_out' => $out, 'clip_out' => 20.0],
        );
        $this->expectExceptionMessage('lines.0.board_out must be 50.00 m as on P2');
        Lines::planned([$clipped('P1', 45.0), $clipped('P2', 50.0)]);
    }

    /** @return iterable<string, array{string, Closure(): list<array<string, mixed>>}> */
    public static function unusable(): iterable
    {
        yield 'a stacker with no cable' => ['lines.0.rides_on', static fn (): array => [Lines::line('P4', 'stacker')]];
        yield 'a stacker above the boom' => [
            'lines.0.above',
            static fn (): array => [Lines::line('P4', 'stacker', ['above' => 26.0]), Lines::line('P5', 'rigger')],
        ];
        yield 'two releases at one place' => [
            'lines.0.above',
            static fn (): array => [Lines::line('P4', 'stacker'), Lines::line('P3', 'stacker'), Lines::line('P5', 'rigger')],
        ];
        yield 'a rigger off a rod holder' => [
            'lines.0.holder_id',
            static fn (): array => [array_replace_recursive(Lines::line('P5', 'rigger'), ['holder' => ['kind' => 'rod']])],
        ];
        yield 'a rod in a boom' => [
            'lines.0.holder_id',
            static fn (): array => [array_replace_recursive(Lines::line('P5', 'flat'), ['holder' => ['kind' => 'boom']])],
        ];
        yield 'core off a braid reel' => [
            'lines.0.reel_id',
            static fn (): array => [Lines::line('P1', 'core', ['reel' => ['material' => 'braid', 'test' => 30]])],
        ];
        yield 'copper on a diver' => [
            'lines.0.reel_id',
            static fn (): array => [Lines::line('P1', 'diver', ['reel' => ['material' => 'copper', 'test' => 32]])],
        ];
        yield 'a diver behind a board' => ['lines.0.dial_side', static fn (): array => [Lines::line('C1', 'diver')]];
        yield 'a bouncer behind a board is no bouncer' => [
            'lines.0.leader_length', static fn (): array => [Lines::line('P3', 'bouncer', ['leader_length' => null])],
        ];
        yield 'a clip off its tow line' => [
            'lines.0.clip_out',
            static fn (): array => [
                Lines::line('P1', 'flat', ['board' => ['size' => 'mast'], 'board_out' => 30.0, 'clip_out' => 31.0]),
            ],
        ];
        yield 'a wash line too long' => [
            'lines.0.let_out', static fn (): array => [Lines::line('C1', 'wash', ['let_out' => 30.0])],
        ];
        yield 'a rod tip in the clouds' => [
            'lines.0.tip_height', static fn (): array => [Lines::line('C1', 'flat', ['tip_height' => 11.0])],
        ];
        yield 'more wire than the reel holds' => [
            'lines.0.let_out', static fn (): array => [Lines::line('C1', 'wire', ['let_out' => 95.0])],
        ];
        yield 'backing over wire on the reel' => [
            'lines.0.backing', static fn (): array => [Lines::line('C1', 'wire', ['backing' => 5.0])],
        ];
        yield 'an override that is no line' => [
            'lines.0.diameter', static fn (): array => [Lines::line('C1', 'flat', ['overrides' => ['main.diameter' => 0.5]])],
        ];
    }

    /** @param  Closure(): list<array<string, mixed>>  $make */
    #[DataProvider('unusable')]
    public function test_what_nobody_can_rig_is_refused_at_its_line_and_field(string $field, Closure $make): void
    {
        try {
            Lines::planned($make());
        } catch (InvalidValue $invalid) {
            self::assertSame($field, $invalid->field, $invalid->getMessage());

            return;
        }
        self::fail('It was taken.');
    }

    /** @return iterable<string, array{array<string, mixed>, float, string}> */
    public static function otherControls(): iterable
    {
        yield 'a diver is dialled steeper' => [Lines::line('P3', 'diver', ['dial' => 3.0]), 60 * Lines::FOOT, 'dial'];
        yield 'a clip weight out of the box' => [Lines::line('P3', 'clip'), 22 * Lines::FOOT, 'weight'];
        yield 'the same behind a board' => [
            Lines::line('P3', 'clip', ['board' => ['size' => 'large'], 'board_out' => 40.0]), 22 * Lines::FOOT, 'weight',
        ];
        yield 'a bouncer' => [Lines::line('P3', 'bouncer', ['weight_mass' => 0.0142]), 14 * Lines::FOOT, 'weight'];
        yield 'a three-way’s weight' => [Lines::line('P3', 'dropper', ['weight_mass' => 0.0142]), 14 * Lines::FOOT, 'weight'];
    }

    /** @param  array<string, mixed>  $line */
    #[DataProvider('otherControls')]
    public function test_a_depth_is_reached_by_dial_or_weight_what_is_out_staying_out(
        array $line, float $depth, string $kind,
    ): void {
        $solver = new SpreadSolver;
        $conditions = new Conditions(2.0 * Lines::MPH);
        $planned = Lines::planned([$line])[0];
        $control = $planned->rig->otherControl() ?? self::fail('nothing but its let-out sets its depth');
        $reach = $solver->reach($planned, $conditions, $depth, byOther: true);
        $set = $planned->withOtherControl($reach->control);

        self::assertSame($kind, $control->kind->value);
        self::assertTrue($reach->reached);
        self::assertEqualsWithDelta($depth, $solver->run($set, $conditions, withDoubt: false)->depth(), 0.01);
        self::assertSame($planned->rig->control()->value, $set->rig->control()->value);
        $settable = $control->settable($reach->control, false);
        self::assertContains($settable, $kind === 'weight' ? LeadWeight::STOCK : range(0.0, 4.0, 0.5), 'one the mate has');
    }

    public function test_what_has_no_dial_or_weight_says_so(): void
    {
        $this->expectExceptionMessage('by must be what is let out');
        (new SpreadSolver)->reach(Lines::planned([Lines::line('P1', 'core')])[0], new Conditions(1.0), 5.0, byOther: true);
    }
}
