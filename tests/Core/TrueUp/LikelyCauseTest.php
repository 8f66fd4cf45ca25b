<?php

declare(strict_types=1);

namespace Tests\Core\TrueUp;

use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\TrueUp\LikelyCause;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

/** Why a reading is likely false. */
final class LikelyCauseTest extends TestCase
{
    public function test_each_likely_cause_is_found_by_making_it_so(): void
    {
        $pulled = static fn (string $kind): PlannedLine => Lines::plan(
            [Lines::line('P3', 'flat', ['lure' => ['name' => $kind, 'kind' => $kind, 'finish' => 'plain']])],
        )->lines[0];
        [$line, $plug] = [$pulled('medium_spoon'), $pulled('deep_plug')];
        $conditions = new Conditions(1.03);
        $at = static fn (PlannedLine $line): float => (new SpreadSolver)->run($line, $conditions, withDoubt: false)->depth();
        $runs = $at($line);
        $says = static fn (float $depth, SoundingMethod $by, array $others = []): string => (new LikelyCause)
            ->of($line, $conditions, $depth, $by->deviation(), $by, $others)->in(Units::Us);

        self::assertStringStartsWith(
            'Another lure? With Plug on it', $says($at($plug), SoundingMethod::Sonar, ['Plug' => $plug]),
        );
        $more = $line->withControl($line->rig->control()->value * 1.25);
        self::assertMatchesRegularExpression(
            '/^Was the counter set to nought\? With \d+ ft more out it runs at \d+ ft, not at \d+ ft\.$/',
            $says($at($more), SoundingMethod::Sonar),
        );
        self::assertStringStartsWith('Was bottom there?', $says(0.7 * $runs, SoundingMethod::Bottom));
        self::assertStringContainsString('less out', $says(0.7 * $runs, SoundingMethod::Sonar));
        self::assertStringStartsWith('Was it this rod?', $says(140.0, SoundingMethod::Sonar));
    }
}
