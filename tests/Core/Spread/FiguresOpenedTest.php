<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Files\LineFile;
use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\Shared;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\Figure;
use Admek\Core\Tackle\Parts\FigureSheet;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\MastBoard;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Line;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

final class FiguresOpenedTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, list<string>}> */
    public static function rigs(): iterable
    {
        $line = ['.diameter', '.normal_drag', '.weight'];
        $of = static fn (string ...$parts): array => array_merge(
            ...array_map(
                static fn (string $part): array => array_map(static fn (string $figure): string => $part.$figure, $line), $parts,
            ),
        );
        $lure = ['lure.drag_area', 'lure.weight', 'lure.mass', 'lure.down_area'];
        yield 'flat' => ['flat', [], [...$of('main', 'leader'), ...$lure]];
        yield 'flat with a dodger' => [
            'flat', ['attractor' => 'dodger'], [...$of('main', 'leader'), 'attractor.drag_area', 'attractor.mass', ...$lure],
        ];
        yield 'flat behind a board' => [
            'flat',
            ['board' => ['size' => 'small'], 'board_out' => 20.0],
            [...$of('main', 'leader'), ...$lure, 'board.drag_area', 'board.side_area', 'board.buoyancy', 'board.mass'],
        ];
        yield 'diver' => ['diver', [], ['diver.drag_area', 'diver.lift_area', 'diver.mass', ...$of('main', 'leader'), ...$lure]];
        yield 'core' => ['core', [], [...$of('main', 'leader'), ...$lure, ...$of('backing')]];
        yield 'rigger' => ['rigger', [], [...$of('cable', 'main', 'leader'), ...$lure]];
    }

    /**
     * @param  array<string, mixed>  $change
     * @param  list<string>  $keys
     */
    #[DataProvider('rigs')]
    public function test_every_figure_of_a_rig_can_be_opened_and_each_moves_its_chain(
        string $kind, array $change, array $keys,
    ): void {
        $plain = Lines::planned([Lines::line('P5', $kind, $change)])[0];
        self::assertEqualsCanonicalizing($keys, array_map(static fn (Figure $figure): string => $figure->key, $plain->figures));
        foreach ($plain->figures as $figure) {
            self::assertNotSame('', $figure->source, $figure->key);
            $own = Lines::planned(
                [
                    Lines::line(
                        'P5',
                        $kind,
                        $change + ['overrides' => [$figure->key => $figure->value === 0.0 ? 2e-4 : 1.1 * $figure->value]],
                    ),
                ],
            )[0];
            self::assertNotEquals($plain->towLine(), $own->towLine(), "{$figure->key} does nothing");
            self::assertEquals(
                $plain->towLine(),
                Lines::planned(
                    [Lines::line('P5', $kind, $change + ['overrides' => [$figure->key => $figure->default]])],
                )[0]->towLine(),
            );
        }
    }

    public function test_a_sheet_hands_out_the_captain_s_own_and_refuses_what_was_not_asked_for(): void
    {
        $sheet = new FigureSheet(['lure.weight' => 0.3]);
        self::assertSame(
            [0.3, 5e-4],
            [$sheet->take('lure.weight', 0.1, 'N', 'default'), $sheet->take('lure.drag_area', 5e-4, 'm²', 'default')],
        );
        self::assertSame([true, false], array_map(static fn (Figure $figure): bool => $figure->own, $sheet->figures()));
        $this->expectExceptionMessage('overrides.hull.length must be a figure of this rig: none');
        $other = new FigureSheet(['hull.length' => 9.0]);
        $other->take('none', 1.0, '', '');
        $other->figures();
    }

    public function test_a_filed_line_is_told_where_it_cannot_be_read(): void
    {
        $line = Lines::line('P5', 'rigger', ['overrides' => ['lure.weight' => 0.3], 'aim' => 20]);
        $described = LineFile::read($line);
        self::assertSame(
            [20.0, 0.3, 'finish of P5', 5.443],
            [
                $described->figure(LineFigure::Aim),
                $described->overrides['lure.weight'],
                $described->lure->finish,
                $described->ball?->mass,
            ],
        );
        self::assertEquals($described, LineFile::read(LineFile::written($described)), 'out and in again');
        foreach ([
            'presentation' => 'kite',
            'reel.material' => 'horsehair',
            'lure.kind' => 7,
            'ball.mass' => 'heavy',
            'holder.side' => 'aloft',
            'let_out' => 'far',
            'overrides.lure.weight' => true,
            'attractor' => 'bell',
        ] as $field => $wrong) {
            [$part, $key] = [...explode('.', $field, 2), null];
            try {
                LineFile::read(
                    $key === null ? [$part => $wrong] + $line : array_replace_recursive($line, [$part => [$key => $wrong]]),
                );
                self::fail("{$field} was read.");
            } catch (InvalidValue $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }

    public function test_a_typed_ball_and_a_dial_to_the_other_side(): void
    {
        $heavy = Lines::planned([Lines::line('P5', 'rigger', ['ball_mass' => 9.0])])[0]->towLine()->chain[0];
        self::assertInstanceOf(Body::class, $heavy);
        self::assertGreaterThan(70.0, $heavy->weight);
        $aside = fn (array $change): float => (new SpreadSolver)->run(
            Lines::planned([Lines::line('P3', 'diver', $change)])[0], new Conditions(1.028),
        )->lure()[1];
        self::assertLessThan(-4.0, $aside([]));
        self::assertGreaterThan(0.0, $aside(['dial_side' => 'starboard']));
        self::assertGreaterThan(
            5.0,
            (new SpreadSolver)->run(
                Lines::planned([Lines::line('C1', 'diver', ['dial_side' => 'starboard'])])[0], new Conditions(1.028),
            )->lure()[1],
            'a holder amidships chooses its side',
        );
        $braid = Lines::planned([Lines::line('P5', 'rigger', ['cable' => 'rigger_braid'])])[0]->towLine()->chain[3];
        self::assertInstanceOf(Line::class, $braid);
        self::assertSame(0.00055, $braid->diameter);
    }

    public function test_lines_that_share_learn_of_each_other_and_forget_what_is_gone(): void
    {
        $lines = Lines::planned(
            [Lines::line('P5', 'rigger'), Lines::line('P4', 'stacker'), Lines::line('S5', 'rigger', ['let_out' => 12.0])],
        );
        $others = static fn (PlannedLine $line): int => $line->rig instanceof Downrigger ? count($line->rig->others) : -1;
        self::assertSame([1, 1, 0], array_map($others, $lines));
        self::assertSame([0, 0], array_map($others, Shared::introduced([$lines[0], $lines[2]])));
        self::assertTrue(Shared::together($lines[0], $lines[1]));
        self::assertFalse(Shared::together($lines[0], $lines[2]));

        $clip = static fn (string $code, float $out): array => Lines::line(
            $code, 'flat', ['board' => ['size' => 'mast'], 'board_out' => 45.0, 'clip_out' => $out],
        );
        $mast = Lines::plan([$clip('P1', 40.0), $clip('P2', 25.0), $clip('S1', 40.0)]);
        self::assertSame(
            [1, 1, 0],
            array_map(
                static fn (PlannedLine $line): int => $line->rig instanceof MastBoard ? count($line->rig->others) : -1,
                $mast->lines,
            ),
        );
        $shorter = $mast->withControl('P2', 15.0)->lineOf('P1')->rig;
        self::assertInstanceOf(MastBoard::class, $shorter);
        self::assertSame(15.0, $shorter->others[0]->control()->value, 'P1 knows what P2 now trails');
    }
}
