<?php

declare(strict_types=1);

namespace Tests\Core\Tackle;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Parts\Attractor;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Parts\RatedPoint;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Tackle\Rigs\Diver;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\InlineBoard;
use Admek\Core\Tackle\Rigs\Leadcore;
use Admek\Core\Tackle\Rigs\Release;
use Admek\Core\Towing\Doubt\DepthDoubt;
use Admek\Core\Towing\Doubt\Doubts;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowSolver;
use PHPUnit\Framework\TestCase;
use Tests\Core\Tackle\Support\RigsOfStock;

/** Lures by their rated points, and what flashes before them. */
final class RatedLuresTest extends TestCase
{
    use RigsOfStock;

    public function test_a_rated_point_is_reproduced_and_carries_to_other_leads(): void
    {
        $plug = $this->plug();
        $depth = fn (float $feet, float $speed): float => (new TowSolver)->solve($this->water($speed), null, (new FlatLine(
            LineStock::of(Material::Nylon, 12), $feet * self::FOOT, null, $plug,
        ))->towLine('a', [0.0, 0.0, -1.0]))->bodies['lure'][2] / self::FOOT;

        self::assertEqualsWithDelta(15.0, $depth(100.0, 2.0), 0.03);
        self::assertGreaterThan(8.0, $depth(50.0, 2.0));
        self::assertLessThan(15.0, $depth(50.0, 2.0));
        self::assertGreaterThan(15.0, $depth(150.0, 2.0));
        self::assertSame(Doubts::DIVE_RATED, $plug->diveDoubt);
        $trued = Lure::ofKind(LureKind::DeepPlug)->ratedAt(
            new RatedPoint(15 * self::FOOT, 100 * self::FOOT, 0.00035, 0.89408, trued: true),
        );
        self::assertSame(Doubts::DIVE_TRUED, $trued->diveDoubt);
    }

    public function test_a_rated_point_no_lip_reaches_is_refused_with_what_can_be(): void
    {
        $this->expectException(InvalidValue::class);
        $this->expectExceptionMessage('rated_depth must be a depth this lure can run at');
        Lure::ofKind(LureKind::MagnumSpoon)->ratedAt(new RatedPoint(0.2, 30.0, 0.00035, 0.3));
    }

    public function test_leader_stuff_changes_the_depth_as_it_should(): void
    {
        $depth = fn (Material $material): float => $this->depths(new FlatLine(
            LineStock::of(Material::Nylon, 14), 40.0, new Leader(LineStock::of($material, 20), 10.0),
            Lure::ofKind(LureKind::RiggedBait, weight: 0.05),
        ), 0.8)['lure'][2];

        self::assertGreaterThan($depth(Material::Nylon), $depth(Material::Fluorocarbon), 'fluorocarbon sinks');
    }

    public function test_a_flasher_pulls_the_ball_back_and_holds_the_lure_up(): void
    {
        $rigged = fn (?Attractor $attractor): Downrigger => new Downrigger(
            new LeadWeight(5.443), LineStock::of(Material::RiggerCable, 150), 25.0,
            new Release(
                0.0,
                8.0,
                LineStock::of(Material::Nylon, 20),
                new Leader(LineStock::of(Material::Fluorocarbon, 25), 1.0, $attractor),
                $this->spoon(),
            ),
        );
        [$bare, $dodger, $flasher] = array_map(
            fn (?Attractor $a): array => $this->depths($rigged($a)), [null, Attractor::Dodger, Attractor::LargeFlasher],
        );

        self::assertArrayNotHasKey('attractor', $bare);
        self::assertEqualsWithDelta(
            1.0,
            hypot($flasher['lure'][0] - $flasher['attractor'][0], $flasher['lure'][2] - $flasher['attractor'][2]),
            0.02,
            'a leader behind the flasher',
        );
        foreach ([[$bare, $dodger], [$dodger, $flasher]] as [$less, $more]) {
            self::assertGreaterThan($less['ball'][0], $more['ball'][0]);
            self::assertLessThan($less['lure'][2], $more['lure'][2]);
        }
    }

    public function test_a_flasher_s_drag_is_doubted_like_a_lure_s(): void
    {
        $doubt = fn (?Attractor $attractor): float => DepthDoubt::of($this->water(2.3), (new Diver(
            DiverPlate::of(DiverSize::Large, false), 2.0, Side::Port, LineStock::of(Material::Braid, 30), 40.0,
            new Leader(LineStock::of(Material::Fluorocarbon, 25), 1.8, $attractor), $this->spoon(),
        ))->towLine('a', self::TIP), Lure::BODY, new Doubts)->parts['lure_drag'];

        self::assertGreaterThan(2 * $doubt(null), $doubt(Attractor::SmallFlasher));
    }

    public function test_what_trails_a_board_keeps_its_own_depth(): void
    {
        $flat = $this->flat(30.0);
        $board = new InlineBoard(BoardSize::Large->planer(), Side::Port, 40.0, $flat);
        $alone = (new TowSolver)->solve($this->water(2.3), null, $flat->towLine('a', [0.0, 0.0, 0.0]))->bodies['lure'][2];

        self::assertEqualsWithDelta($alone, $this->depths($board)['lure'][2], 1e-3);
        self::assertSame(ControlKind::LetOut, $board->control()->kind);
        self::assertSame(25.0, $board->withControl(25.0)->trailing->control()->value);
    }

    public function test_with_part_of_the_core_on_the_reel_no_backing_is_out(): void
    {
        $full = new Leadcore(
            LineStock::of(Material::Leadcore, 27), 8.0, 8.0, LineStock::of(Material::Braid, 30), 18.0, null, $this->spoon(),
        );

        self::assertSame(0.0, $full->withControl(6.5)->backing);
        self::assertSame(18.0, $full->withControl(8.0)->backing);
        $this->expectExceptionMessage('backing must be 0');
        new Leadcore(
            LineStock::of(Material::Leadcore, 27), 6.0, 8.0, LineStock::of(Material::Braid, 30), 18.0, null, $this->spoon(),
        );
    }
}
