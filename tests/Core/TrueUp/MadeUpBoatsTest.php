<?php

declare(strict_types=1);

namespace Tests\Core\TrueUp;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Doubt\Axes;
use Admek\Core\Towing\Doubt\DepthDoubt;
use Admek\Core\Towing\Doubt\Trued;
use Admek\Core\TrueUp\Owners;
use Admek\Core\TrueUp\Sounded;
use Admek\Core\TrueUp\TrueUp;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;
use Tests\Support\Drawn;

/** Boats whose gear is drawn from what it is said to be like: after three soundings of a line its depth elsewhere is known. */
#[Group('slow')]
final class MadeUpBoatsTest extends TestCase
{
    private const BOATS = 200;

    private const RIGS = ['rigger', 'diver', 'core', 'flat', 'rated plug', 'clip', 'wire', 'segment'];

    private Drawn $drawn;

    public function test_after_three_soundings_a_line_s_depth_is_known_at_other_lengths_and_speeds(): void
    {
        [$off, $inside, $abroad] = $this->boats(3, 0);
        self::assertLessThanOrEqual(0.05, self::median($off));
        self::assertEqualsWithDelta(0.68, self::share($inside), 0.04);
        self::assertEqualsWithDelta(0.68, self::share($abroad), 0.04);
    }

    public function test_one_of_five_that_is_false_pulls_little(): void
    {
        [$off] = $this->boats(5, 1);

        self::assertLessThanOrEqual(0.07, self::median($off));
    }

    /**
     * @return array{list<float>, list<bool>, list<bool>} shares of the depth it is off, whether inside ±, and on another
     * trip
     */
    private function boats(int $soundings, int $false): array
    {
        $this->drawn = new Drawn(20261127);
        $off = $inside = $abroad = [];
        for ($boat = 0; $boat < self::BOATS; $boat++) {
            $rig = self::RIGS[$boat % count(self::RIGS)];
            $described = Lines::described(self::line($rig));
            $planned = Lines::plan([self::line($rig)])->lines[0];
            $true = $this->gear($planned);
            $speed = (1.6 + 1.4 * $this->drawn->even()) * Lines::MPH;
            $owners = Owners::of($described, $planned->rig, 'today');
            $seen = [];
            for ($i = 0; $i < $soundings; $i++) {
                $line = $planned->withControl($this->within($planned, 0.8 + 0.2 * $i));
                $depth = $this->depth($line, $speed, $true);
                if ($depth === null) {
                    continue 2;
                }
                $depth += 0.3048 * $this->drawn->normal() + ($i < $false ? 3.048 : 0.0);
                if ($depth < 0.3) {
                    continue 2;
                }
                $seen[] = new Sounded("{$i}", $line, new Conditions($speed), $owners, $depth, 0.3048);
            }
            $trueUp = TrueUp::of($seen);
            foreach ([[0.5, 0.0], [2.0, 0.3], [1.4, -0.5], [0.7, 0.5]] as [$times, $faster]) {
                $line = $planned->withControl($this->within($planned, $times));
                $at = max(0.4, $speed + $faster * Lines::MPH);
                $depth = $this->depth($line, $at, $true);
                [$told, $doubt] = self::told($trueUp, $owners, $line, $at);
                if ($depth === null || $told === null || $doubt === null || $depth < 0.5) {
                    continue;
                }
                $off[] = abs($told - $depth) / $depth;
                $inside[] = $depth >= $told - $doubt->shallower && $depth <= $told + $doubt->deeper;
                $other = $this->gear($planned, $true);
                $depth = $this->depth($line, $at, $other);
                [$told, $doubt] = self::told($trueUp, ['speed' => 'trip other', 'current' => 'trip other'] + $owners, $line, $at);
                if ($depth !== null && $told !== null && $doubt !== null) {
                    $abroad[] = $depth >= $told - $doubt->shallower && $depth <= $told + $doubt->deeper;
                }
            }
        }

        return [$off, $inside, $abroad];
    }

    /**
     * @param  array<string, string>  $owners
     * @return array{?float, ?DepthDoubt}
     */
    private static function told(TrueUp $trueUp, array $owners, PlannedLine $line, float $speed): array
    {
        try {
            $run = (new SpreadSolver)->run(
                $line->withTrued($trueUp->trued($owners) ?? self::fail('nothing learnt')), new Conditions($speed),
            );

            return [$run->depth(), $run->doubt];
        } catch (CannotTow) {
            return [null, null];
        }
    }

    /** @param  array<string, float>  $true */
    private function depth(PlannedLine $line, float $speed, array $true): ?float
    {
        try {
            return (new SpreadSolver)->run($line->withTrued(new Trued($true)), new Conditions($speed), withDoubt: false)->depth();
        } catch (CannotTow) {
            return null;
        }
    }

    /**
     * @param  array<string, float>  $as  on another trip: the gear as it was
     * @return array<string, float>
     */
    private function gear(PlannedLine $line, array $as = []): array
    {
        $drawn = [];
        foreach (Axes::about($line->towLine(), $line->doubts()) as $doubt) {
            $drawn[$doubt->value] = in_array($doubt->value, ['speed', 'current'], true)
                ? $this->drawn->normal() : $as[$doubt->value] ?? $this->drawn->normal();
        }

        return $drawn;
    }

    private function within(PlannedLine $line, float $times): float
    {
        $control = $line->rig->control();

        return max($control->least, min($control->most, $times * $control->value));
    }

    /** @return array<string, mixed> */
    private static function line(string $rig): array
    {
        return match ($rig) {
            'rated plug' => Lines::line('C1', 'flat', ['lure' => [
                'name' => 'plug', 'kind' => 'deep_plug', 'finish' => 'perch', 'rated' => [
                    'depth' => 15 * Lines::FOOT, 'lead' => 100 * Lines::FOOT, 'line_diameter' => 0.00035,
                    'speed' => 2 * Lines::MPH,
                ],
            ]]),
            default => Lines::line('P5', $rig),
        };
    }

    /** @param  list<bool>  $all */
    private static function share(array $all): float
    {
        return array_sum(array_map(intval(...), $all)) / count($all);
    }

    /** @param  list<float>  $all */
    private static function median(array $all): float
    {
        sort($all);

        return $all[intdiv(count($all), 2)];
    }
}
