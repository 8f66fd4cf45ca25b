<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Ground\Pass;
use Admek\Core\InvalidValue;
use Admek\Core\Towing\Motion\Course;
use Admek\Core\Units\Compass;

/** A pass of the ground as she is steered along it: leg by leg, round each corner on as wide a turn as it leaves room for. */
final readonly class PassInTime
{
    /** s between looks where she holds a course, and in a turn and for a while after it. */
    private const HOLDING = 10.0;

    private const TURNING = 2.0;

    private const AFTER = 40.0;

    /** Share of a leg that the turns at its ends may take. */
    private const OF_LEG = 0.8;

    /** s of it that are followed at most. */
    public const LONGEST = 7200.0;

    /**
     * @param  list<array{float, float}>  $made  s, and m along the pass
     * @param  list<array{float, float}>  $turns  s between which she turns
     */
    private function __construct(public Course $course, private array $made, private array $turns)
    {
    }

    /** @throws InvalidValue where a current sweeps her off it */
    public static function of(Pass $pass): self
    {
        $lasts = array_map(static fn (array $leg): float => $leg['length'] / self::ground($leg), $pass->legs);
        $heading = deg2rad($pass->legs[0]['heading'] ?? 0.0);
        $knots = [['t' => 0.0, 'speed' => $pass->speed, 'heading' => $heading]];
        $made = [[0.0, 0.0]];
        $turns = [];
        $time = $turned = 0.0;
        foreach ($pass->legs as $i => $leg) {
            $next = $pass->legs[$i + 1] ?? null;
            $angle = $next === null ? 0.0
                : deg2rad(Compass::turned($leg['heading'] ?? 0.0, $next['heading'] ?? 0.0));
            $turn = $next === null ? 0.0 : min(
                self::takes($pass, $next['along'], $angle), self::OF_LEG * min($lasts[$i], $lasts[$i + 1]),
            );
            $time += max($lasts[$i] - 0.5 * ($turned + $turn), 0.1);
            $knots[] = ['t' => $time, 'speed' => $pass->speed, 'heading' => $heading];
            $turned = $turn;
            if ($next === null) {
                $made[] = [$time, $leg['along'] + $leg['length']];
            } elseif ($turn > 0.0) {
                $turns[] = [$time, $time + $turn];
                $made[] = [$time + 0.5 * $turn, $next['along']];
                $time += $turn;
                $heading += $angle;
                $knots[] = ['t' => $time, 'speed' => $pass->speed, 'heading' => $heading];
            }
        }

        return new self(Course::of($knots), $made, $turns);
    }

    /** m along the pass at a time. */
    public function along(float $time): float
    {
        for ($i = 1, $n = count($this->made); $i < $n; $i++) {
            [$from, $was] = $this->made[$i - 1];
            [$to, $is] = $this->made[$i];
            if ($time <= $to) {
                return $was + ($is - $was) * ($time - $from) / max($to - $from, 1e-9);
            }
        }

        return $this->made[count($this->made) - 1][1];
    }

    /** s of it that are followed. */
    public function lasts(): float
    {
        return min(self::LONGEST, $this->course->lasts());
    }

    /** @return list<float> s at which its lines are worth a look */
    public function times(): array
    {
        $times = [];
        for ($time = 0.0; $time < $this->lasts(); $time += $this->isTurning($time) ? self::TURNING : self::HOLDING) {
            $times[] = $time;
        }

        return [...$times, $this->lasts()];
    }

    private function isTurning(float $time): bool
    {
        foreach ($this->turns as [$from, $to]) {
            if ($time > $from - self::HOLDING && $time < $to + self::AFTER) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  float  $angle  radians
     * @return float s a corner takes: at the usual rate, or as tight as it is
     */
    private static function takes(Pass $pass, float $along, float $angle): float
    {
        $usual = abs($angle) / deg2rad(ManoeuvreKind::RATE);
        foreach ($pass->turns as $turn) {
            if ($turn['along'] === $along) {
                return min($usual, abs($angle) * $turn['radius'] / $pass->speed);
            }
        }

        return $usual;
    }

    /**
     * @param  array{along: float, bearing: float, length: float, heading: ?float, ground: ?float}  $leg
     *
     * @throws InvalidValue
     */
    private static function ground(array $leg): float
    {
        return $leg['ground'] !== null && $leg['ground'] > 0.0
            ? $leg['ground'] : throw InvalidValue::because('kind', 'a pass she is not swept off');
    }
}
