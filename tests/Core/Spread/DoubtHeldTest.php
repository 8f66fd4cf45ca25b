<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Parts\LipFit;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Doubt\Doubts;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;
use Tests\Support\Drawn;

/** The ± is right: of spreads drawn with every figure as unsure as it is said to be, about two in three run inside it. */
#[Group('slow')]
final class DoubtHeldTest extends TestCase
{
    private const DRAWS = 1500;

    /** @return iterable<string, array{string, float}> */
    public static function lines(): iterable
    {
        foreach ([...array_column(Presentation::cases(), 'value'), 'rated plug', 'plug on a board'] as $rig) {
            foreach ([0.8, 1.5, 2.3, 3.5] as $mph) {
                yield "{$rig} at {$mph} mph" => [$rig, $mph * Lines::MPH];
            }
        }
    }

    #[DataProvider('lines')]
    public function test_two_of_three_draws_lie_inside(string $rig, float $speed): void
    {
        $planned = $this->rigged($rig);
        $running = (new SpreadSolver)->run($planned, new Conditions($speed));
        $doubt = $running->doubt;
        self::assertNotNull($doubt);
        [$least, $most] = [$running->depth() - $doubt->shallower, $running->depth() + $doubt->deeper];
        $random = new Drawn(crc32($rig));
        $inside = $drawn = 0;
        for ($i = 0; $i < self::DRAWS; $i++) {
            $depth = $this->drawn($planned, $speed, $running->depth(), $random);
            if ($depth !== null) {
                $drawn++;
                $inside += $depth >= $least && $depth <= $most ? 1 : 0;
            }
        }
        $share = $inside / $drawn;
        self::assertGreaterThan(0.98 * self::DRAWS, $drawn);
        self::assertGreaterThanOrEqual(
            0.64,
            $share,
            sprintf('%.1f %% inside −%.2f +%.2f m of %.2f', 100 * $share, $doubt->shallower, $doubt->deeper, $running->depth()),
        );
        self::assertLessThanOrEqual(
            0.72,
            $share,
            sprintf('%.1f %% inside −%.2f +%.2f m of %.2f', 100 * $share, $doubt->shallower, $doubt->deeper, $running->depth()),
        );
    }

    /** The lure's depth with every figure drawn at once; null where that line has no steady run. */
    private function drawn(PlannedLine $planned, float $speed, float $nominal, Drawn $random): ?float
    {
        $normal = $random->normal(...);
        $lure = $planned->rig->lure();
        $draw = [
            'line' => 1 + 0.15 * $normal(), 'lure' => max(0.02, 1 + 0.35 * $normal()), 'diver' => 1 + 0.20 * $normal(),
            'weight' => 1 + 0.15 * $normal(),
            'out' => 1 + 0.03 * $normal(), 'dive' => $normal(), 'speed' => 0.1 * Lines::MPH * $normal(),
            'current' => 0.15 * Lines::MPH * $normal(),
        ];
        // The lip of a rated lure reaches its point on the line and with the drag that are drawn.
        $lip = $lure->rated === null
            ? $lure->downArea * max(0.0, 1 + Doubts::DIVE_GUESSED * $draw['dive'])
            : (
                new LipFit(
                    $lure->rated->withLineDrag($draw['line'])->atDepth($lure->rated->depth * (1 + 0.10 * $draw['dive'])),
                    $lure->dragArea * $draw['lure'],
                    $lure->weight,
                )
            )->nearest();
        $towLine = $planned->towLine();
        $flow = Flow::ofLayers([
            ['depth' => 0.0, 'aft' => $speed + $draw['speed'], 'starboard' => 0.0],
            ['depth' => max($nominal, 0.1), 'aft' => $speed + $draw['speed'] + $draw['current'], 'starboard' => 0.0],
        ]);
        try {
            return (new TowSolver)->solve(
                new Water(999.8, $flow),
                null,
                new TowLine('a', $towLine->towPoint, $this->redrawn($towLine->chain, $draw, $lip), $towLine->board),
            )->bodies['lure'][2];
        } catch (CannotTow) {
            return null;
        }
    }

    /**
     * @param  list<Element>  $chain
     * @param  array<string, float>  $draw
     * @return list<Element>
     */
    private function redrawn(array $chain, array $draw, float $lip): array
    {
        return array_map(fn (Element $e): Element => match (true) {
            $e instanceof Line => new Line(
                $e->length * ($e->letOut ? $draw['out'] : 1.0),
                $e->diameter,
                $e->weight,
                $e->normalDrag * $draw['line'],
                $e->skinFriction,
            ),
            $e instanceof Branch => new Branch($this->redrawn($e->elements, $draw, $lip)),
            $e instanceof Body => match ($e->role) {
                BodyRole::Lure => new Body($e->name, $e->weight, $e->dragArea * $draw['lure'], $e->downArea > 0.0 ? $lip : 0.0),
                BodyRole::Diver => new Body(
                    $e->name, $e->weight, $e->dragArea, $e->downArea * $draw['diver'], $e->sideArea * $draw['diver'],
                ),
                BodyRole::Weight => new Body($e->name, $e->weight, $e->dragArea * $draw['weight'], $e->downArea, $e->sideArea),
                BodyRole::Other => $e,
            },
            default => $e,
        }, $chain);
    }

    private function rigged(string $rig): PlannedLine
    {
        $plug = [
            'lure' => [
                'name' => 'plug',
                'kind' => LureKind::DeepPlug->value,
                'finish' => 'perch',
                'rated' => [
                    'depth' => 15 * Lines::FOOT,
                    'lead' => 100 * Lines::FOOT,
                    'line_diameter' => 0.00035,
                    'speed' => 2 * Lines::MPH,
                ],
            ],
        ];
        $lines = match ($rig) {
            'stacker' => [Lines::line('P5', 'rigger'), Lines::line('P4', 'stacker')],
            'rated plug' => [Lines::line('C1', 'flat', $plug)],
            'plug on a board' => [Lines::line('P1', 'flat', ['board' => ['size' => 'large'], 'board_out' => 30.0] + $plug)],
            'wash', 'down_rod' => [
                Lines::line('P5', $rig, ['lure' => ['name' => 'plug', 'kind' => LureKind::DeepPlug->value, 'finish' => 'white']]),
            ],
            'flat' => [
                Lines::line(
                    'C1', 'flat', ['lure' => ['name' => 'minnow', 'kind' => LureKind::LongMinnow->value, 'finish' => 'gold']],
                ),
            ],
            default => [Lines::line('P5', $rig)],
        };
        $planned = Lines::planned($lines);

        return $planned[count($planned) - 1];
    }
}
