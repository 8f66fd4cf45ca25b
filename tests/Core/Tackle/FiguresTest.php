<?php

declare(strict_types=1);

namespace Tests\Core\Tackle;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Pick;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\TrailingRig;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

/**
 * The catalogue's default figures, against weights worked out independently and the sanity checks of docs/towing-model.md,
 * Figures.
 */
final class FiguresTest extends TestCase
{
    /** @return iterable<string, array{Material, float, float, float}> material, test lb, mm, N per metre in water */
    public static function lines(): iterable
    {
        yield 'nylon' => [Material::Nylon, 14, 0.37, 1.4783e-4];
        yield 'fluorocarbon' => [Material::Fluorocarbon, 25, 0.50, 1.50244e-3];
        yield 'braid floats' => [Material::Braid, 30, 0.28, -1.7995e-5];
        yield 'leadcore' => [Material::Leadcore, 27, 0.89, 2.00648e-2];
        yield 'copper' => [Material::Copper, 45, 0.94, 40.5e-3];
        yield 'steel' => [Material::Steel, 30, 0.38, 7.6187e-3];
        yield 'rigger cable, six tenths solid' => [Material::RiggerCable, 150, 0.81, 2.07699e-2];
        yield 'rigger braid' => [Material::RiggerBraid, 200, 0.55, -6.943e-5];
    }

    #[DataProvider('lines')]
    public function test_a_line_weighs_what_its_material_does(
        Material $material, float $test, float $millimetres, float $weight,
    ): void {
        $line = LineStock::of($material, $test)->length(10.0);

        self::assertEqualsWithDelta($millimetres * 1e-3, $line->diameter, 1e-12);
        self::assertEqualsWithDelta($weight, $line->weight, abs($weight) * 1e-3);
    }

    public function test_a_test_nobody_sells_is_refused_with_those_there_are(): void
    {
        foreach ([13.0, 8.5] as $test) {
            try {
                LineStock::of(Material::Nylon, $test);
                self::fail('It was taken.');
            } catch (InvalidValue $invalid) {
                self::assertSame('test', $invalid->field);
                self::assertStringContainsString('8, 10, 12, 14, 17, 20, 25, 30 lb', $invalid->allowed);
            }
        }
    }

    public function test_a_twelve_pound_ball_is_the_reference_s(): void
    {
        $ball = (new LeadWeight(12 * 0.45359237))->body('ball');

        self::assertEqualsWithDelta(48.6725, $ball->weight, 1e-3);
        self::assertEqualsWithDelta(3.70581e-3, $ball->dragArea, 1e-7);
    }

    public function test_a_large_diver_pulls_a_pound_and_a_half_to_two_at_trolling_speed(): void
    {
        $diver = DiverPlate::of(DiverSize::Large, false)->body(0.0, Side::Port);
        $chain = [$diver, LineStock::of(Material::Braid, 30)->length(45.0)];
        $tension = (new TowSolver)->solve(
            new Water(999.8, Flow::uniform(1.028192)), null, new TowLine('a', [0.0, 0.0, -1.0], $chain),
        )->towTension;

        self::assertGreaterThan(1.3, $tension / 4.4482);
        self::assertLessThan(2.0, $tension / 4.4482);
        self::assertEqualsWithDelta(0.0, $diver->sideArea, 0.0);
    }

    public function test_the_dial_turns_the_pull_aside_without_adding_to_it(): void
    {
        $plate = DiverPlate::of(DiverSize::Large, true);
        foreach ([0.5, 1.0, 2.0, 3.0] as $dial) {
            $body = $plate->body($dial, Side::Starboard);
            self::assertEqualsWithDelta(1.35 * 7.5e-3, hypot($body->downArea, $body->sideArea), 1e-12);
            self::assertEqualsWithDelta(deg2rad(13 * $dial), atan2($body->sideArea, $body->downArea), 1e-12);
        }
        self::assertLessThan(0.0, $plate->body(2.0, Side::Port)->sideArea);
        self::assertSame(0.0, $plate->body(2.0, Side::Port, tripped: true)->downArea);
        $this->expectExceptionMessage('dial must be a number from 0 to 4');
        $plate->body(5.0, Side::Port);
    }

    public function test_a_board_pulls_outward_more_than_it_drags(): void
    {
        foreach (BoardSize::cases() as $board) {
            self::assertGreaterThan(1.5 * $board->planer()->dragArea, $board->planer()->sideArea);
        }
        self::assertGreaterThan(BoardSize::Small->planer()->buoyancy, BoardSize::Large->planer()->buoyancy);
    }

    public function test_every_kind_of_lure_makes_a_towable_body(): void
    {
        foreach (LureKind::cases() as $kind) {
            $body = Lure::ofKind($kind)->body();
            self::assertGreaterThan(0.0, $body->dragArea, $kind->value);
            self::assertSame($kind->dives(), $body->downArea > 0.0, $kind->value);
        }
        self::assertLessThan(0.0, Lure::ofKind(LureKind::BigPlug)->weight);
    }

    public function test_only_lines_that_trail_may_run_behind_a_board(): void
    {
        foreach (Presentation::cases() as $presentation) {
            $entry = $presentation->entry();
            try {
                $rig = Lines::planned([
                    Lines::line('P5', 'rigger'),
                    Lines::line(
                        $entry->picks(Pick::Ball) ? 'P6' : 'P3',
                        $presentation->value,
                        ['board' => ['size' => 'large'], 'board_out' => 30.0],
                    ),
                ])[1]->rig;
                self::assertSame(
                    [true, true], [$entry->takesBoard, $rig->board()?->trailing instanceof TrailingRig], $presentation->value,
                );
            } catch (InvalidValue $refused) {
                self::assertSame([false, 'lines.1.board_id'], [$entry->takesBoard, $refused->field], $presentation->value);
            }
        }
    }
}
