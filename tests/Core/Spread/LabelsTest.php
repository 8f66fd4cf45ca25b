<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Spread\Card\LureRuns;
use Admek\Core\Spread\Card\Tape;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\RiggingRules;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Parts\RatedPoint;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

/** What is penned on lure boxes and taped on reels and rods is what the solver says of that line. */
final class LabelsTest extends TestCase
{
    private const FRESH = 998.2;

    private const SPEEDS = [0.9, 1.05, 1.2];

    public function test_a_lure_runs_behind_each_sort_of_reel_and_deeper_the_slower(): void
    {
        $spoon = new DescribedLure('Spoon', LureKind::MediumSpoon);
        foreach ([
            [Material::Braid, 30.0, null, null, Presentation::Flat], [Material::Leadcore, 27.0, 8.0, null, Presentation::Core],
            [Material::Copper, 32.0, null, 76.0, Presentation::Wire],
        ] as [$material, $test, $colours, $wire, $presentation]) {
            $run = $this->runs()->behind(self::reel($material, $test, $colours, $wire), $spoon);
            self::assertNotNull($run);
            self::assertSame($presentation, $run['presentation']);
            $depths = array_map(static fn ($line): float => $line?->depth() ?? 0.0, $run['runs']);
            self::assertGreaterThan($depths[1], $depths[0]);
            self::assertGreaterThan($depths[2], $depths[1]);
        }
    }

    public function test_what_a_lure_adds_is_against_a_bare_hook_on_the_same_core(): void
    {
        $core = self::reel(Material::Leadcore, 27.0, 8.0);
        $hook = new DescribedLure('Hook', LureKind::SlowSpinHook);
        self::assertEqualsWithDelta([0.0, 0.0], $this->runs()->adds($core, $hook, 5.0), 1e-9);
        $plug = new DescribedLure('Plug', LureKind::DeepPlug, '', RatedPoint::onTheBox(15 * Lines::FOOT));
        [$least, $most] = $this->runs()->adds($core, $plug, 5.0) ?? [0.0, 0.0];
        self::assertGreaterThan(0.3, $least);
        self::assertGreaterThanOrEqual($least, $most);
        $tail = new DescribedLure('Tail', LureKind::Bucktail);
        self::assertLessThan(0.0, ($this->runs()->adds($core, $tail, 5.0) ?? [0.0, 1.0])[1], 'what drags lifts core');
    }

    public function test_a_reel_s_tape_has_every_colour_each_deeper_than_the_last(): void
    {
        $line = $this->runs()->line(self::reel(Material::Leadcore, 27.0, 8.0), new DescribedLure('Spoon', LureKind::MediumSpoon));
        self::assertNotNull($line);
        $marks = Tape::ofColours($line, self::SPEEDS, self::FRESH)->marks;
        self::assertSame(range(1.0, 8.0), array_column($marks, 'out'));
        foreach ([0, 1, 2] as $speed) {
            $depths = array_map(static fn (array $mark): float => $mark['depths'][$speed] ?? 0.0, $marks);
            $rising = $depths;
            sort($rising);
            self::assertSame($rising, $depths);
        }
        $solved = (new SpreadSolver)->run($line->withControl(5.0), new Conditions(1.05, density: self::FRESH))->depth();
        self::assertEqualsWithDelta($solved, $marks[4]['depths'][1], 1e-9);
        self::assertSame([], Tape::ofColours(Lines::planned([Lines::line('P3', 'diver')])[0], self::SPEEDS, self::FRESH)->marks);
    }

    public function test_a_rod_s_tape_lies_about_what_is_planned(): void
    {
        foreach ([
            'P5' => 'rigger', 'P3' => 'diver', 'C1' => 'core', 'P2' => 'flat', 'S3' => 'clip', 'P4' => 'bouncer',
        ] as $code => $kind) {
            $line = Lines::planned([Lines::line($code, $kind)])[0];
            $marks = Tape::ofRod($line, self::SPEEDS, self::FRESH, metric: true)->marks;
            $outs = array_column($marks, 'out');
            self::assertGreaterThanOrEqual(3, count($outs), $kind);
            $planned = $line->rig->control()->settable($line->rig->control()->value, true);
            self::assertContains($planned, $outs, $kind);
            foreach ($marks as $mark) {
                [$slow, , $fast] = $mark['depths'];
                self::assertGreaterThanOrEqual($fast ?? 0.0, ($slow ?? 0.0) + 1e-9, "{$kind} at {$mark['out']}");
            }
        }
    }

    private function runs(): LureRuns
    {
        return new LureRuns(
            new DescribedHolder('C1', null, HolderKind::Rod, 0.3, 0.0, 2.0), self::SPEEDS, self::FRESH, new RiggingRules,
        );
    }

    private static function reel(Material $material, float $test, ?float $colours = null, ?float $wire = null): DescribedReel
    {
        $backed = $colours !== null || $wire !== null;

        return new DescribedReel(
            $material->value, $material, $test, $colours, $wire, $backed ? Material::Braid : null, $backed ? 30.0 : null,
        );
    }
}
