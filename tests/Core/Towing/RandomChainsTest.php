<?php

declare(strict_types=1);

namespace Tests\Core\Towing;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chains nobody would rig, over the whole working range: the working step against one ten times finer. */
final class RandomChainsTest extends TestCase
{
    private const CHAINS = 250;

    private const SHEARED = 334;

    private Randomizer $random;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([7, 42, 1911] as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_the_working_step_is_within_tolerance(int $seed): void
    {
        $this->random = new Randomizer(new Mt19937($seed));
        for ($i = 0; $i < self::CHAINS; $i++) {
            [$water, $line] = [$this->water(), $this->line()];
            $working = (new TowSolver)->solve($water, null, $line);
            $fine = (new TowSolver(10.0))->solve($water, null, $line);
            foreach ($fine->bodies as $name => $place) {
                foreach ($place as $axis => $value) {
                    self::assertEqualsWithDelta(
                        $value, $working->bodies[$name][$axis], max(0.02, 0.002 * abs($value)), "chain {$i}, {$name}[{$axis}]",
                    );
                }
            }
            self::assertEqualsWithDelta(
                $line->towPoint, $working->path[count($working->path) - 1], 0.02, "chain {$i} ends on its tow point",
            );
        }
    }

    #[DataProvider('seeds')]
    public function test_so_it_is_where_the_water_turns_and_runs_back_at_depth(int $seed): void
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $refused = 0;
        for ($i = 0; $i < self::SHEARED; $i++) {
            [$water, $line] = [$this->shearedWater(), $this->line()];
            try {
                $working = (new TowSolver)->solve($water, null, $line);
            } catch (CannotTow) {
                // Its top leaps past the tow point as its end goes down through water that turns: said, not guessed.
                $refused++;

                continue;
            }
            foreach ((new TowSolver(10.0))->solve($water, null, $line)->bodies as $name => $place) {
                foreach ($place as $axis => $value) {
                    self::assertEqualsWithDelta(
                        $value, $working->bodies[$name][$axis], max(0.02, 0.002 * abs($value)), "chain {$i}, {$name}[{$axis}]",
                    );
                }
            }
        }
        self::assertLessThanOrEqual(1, $refused);
    }

    /** From two to five depths; at the deepest the water may run the other way, and everywhere it may run across. */
    private function shearedWater(): Water
    {
        $speed = $this->spread(0.15, 3.5);
        $layers = [];
        $depth = 0.0;
        for ($left = $this->random->getInt(2, 5); $left > 0; $left--) {
            $back = $left < 3 && $this->one(2) ? -1 : 1;
            $layers[] = [
                'depth' => $depth,
                'aft' => $back * $speed * $this->spread(0.1, 1.3),
                'starboard' => $speed * $this->random->getInt(-100, 100) / 150,
            ];
            $depth += $this->spread(0.5, 25.0);
        }

        return new Water(999.8, Flow::ofLayers($layers));
    }

    private function water(): Water
    {
        $speed = $this->spread(0.15, 3.5);
        if ($this->one(3)) {
            return new Water(999.8, Flow::ofLayers([
                ['depth' => 0.0, 'aft' => $speed, 'starboard' => 0.0],
                ['depth' => $this->spread(3.0, 40.0), 'aft' => $speed * $this->spread(0.5, 1.3), 'starboard' => 0.1 * $speed],
            ]));
        }

        return new Water(999.8, Flow::uniform($speed));
    }

    private function line(): TowLine
    {
        $chain = [$this->body('lure')];
        for ($part = $this->random->getInt(1, 3); $part > 0; $part--) {
            $chain[] = $this->length();
            if ($this->one(3)) {
                $chain[] = new Branch([$this->body("branch {$part}"), $this->length()]);
            } elseif ($this->one(3)) {
                $chain[] = $this->body("body {$part}");
            }
            $chain[] = $this->length();
        }

        return new TowLine('a', [0.0, 0.0, [-3.0, -1.0, 0.0][$this->random->getInt(0, 2)]], $chain);
    }

    private function body(string $name): Body
    {
        return new Body(
            $name,
            [0.01, 0.05, 0.3, 2.0, 40.0][$this->random->getInt(0, 4)],
            $this->spread(2e-4, 2e-2),
            $this->one(2) ? $this->spread(1e-4, 5e-3) : 0.0,
            $this->one(3) ? $this->spread(1e-4, 5e-3) : 0.0,
        );
    }

    private function length(): Element
    {
        return new Line(
            $this->spread(0.5, 80.0),
            $this->spread(0.00015, 0.0012),
            [-1e-5, 1e-4, 1e-3, 0.02, 0.035][$this->random->getInt(0, 4)],
            [1.2, 1.7][$this->random->getInt(0, 1)],
        );
    }

    /** @phpstan-impure */
    private function one(int $in): bool
    {
        return $this->random->getInt(1, $in) === 1;
    }

    /** Evenly spread over the orders of magnitude. */
    private function spread(float $least, float $most): float
    {
        return $least * ($most / $least) ** ($this->random->getInt(0, 1_000_000) / 1e6);
    }
}
