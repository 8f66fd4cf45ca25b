<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

use Admek\Core\InvalidValue;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Compass;

/**
 * A course trolled one way: how long it takes through the water and over the ground, what turns it asks for, and the
 * bottom along it. In a current the boat crabs: the part of it across her way is steered against, the part along it
 * carries her or holds her back.
 */
final readonly class Pass
{
    /** m between soundings of the bottom along it. */
    private const SOUNDED = 15.0;

    /**
     * @param  list<array{along: float, bearing: float, length: float, heading: ?float, ground: ?float}>  $legs  m, degrees, m/s
     *   over ground; null where the current sweeps her off
     * @param  list<array{along: float, angle: float, side: string, radius: float}>  $turns
     */
    private function __construct(
        public Course $course,
        public float $speed,
        public array $legs,
        public array $turns,
        private RuleBook $rules,
    ) {
    }

    /**
     * @param  float  $speed  m/s through the water
     * @param  array{set: float, drift: float}|null  $current  degrees it runs toward, m/s
     * @param  ?RuleBook  $rules  of {@see PassRules}; null for the defaults
     *
     * @throws InvalidValue naming the field
     */
    public static function of(Course $course, float $speed, ?array $current = null, ?RuleBook $rules = null): self
    {
        $rules ??= RuleBook::of(PassRules::rules());
        InvalidValue::unlessBetween('speed', $speed, 0.01, 30, 'm/s');
        $legs = [];
        $along = 0.0;
        for ($i = 1, $n = count($course->places); $i < $n; $i++) {
            [$from, $to] = [$course->places[$i - 1], $course->places[$i]];
            $length = $from->to($to);
            $legs[] = [
                'along' => $along, 'bearing' => $from->bearingTo($to), 'length' => $length,
            ] + self::steered($from->bearingTo($to), $speed, $current);
            $along += $length;
        }

        return new self($course, $speed, $legs, self::turnsOf($legs, $rules->get('corner')), $rules);
    }

    /** s over the ground; null where the current sweeps her off some leg. */
    public function takes(): ?float
    {
        $seconds = 0.0;
        foreach ($this->legs as ['ground' => $ground, 'length' => $length]) {
            if ($ground === null || $ground <= 0.0) {
                return null;
            }
            $seconds += $length / $ground;
        }

        return $seconds;
    }

    /** m of water that passes the gear on the way, which is what it fishes. */
    public function fished(): ?float
    {
        $seconds = $this->takes();

        return $seconds === null ? null : $seconds * $this->speed;
    }

    /** The least made good over ground on any leg, m/s; null where she is swept off one. */
    public function slowest(): ?float
    {
        $slowest = INF;
        foreach ($this->legs as ['ground' => $ground]) {
            if ($ground === null) {
                return null;
            }
            $slowest = min($slowest, $ground);
        }

        return $slowest;
    }

    /** Whether she makes so little good that it is better to lift, run back and troll down with the current. */
    public function shouldLift(): bool
    {
        $slowest = $this->slowest();

        return $slowest === null || $slowest < $this->rules->get('too_slow');
    }

    /** The turn with the least room; null where it goes straight. m */
    public function tightest(): ?float
    {
        return $this->turns === [] ? null : min(array_column($this->turns, 'radius'));
    }

    /**
     * The bottom along it, as the planning table takes it.
     *
     * @return list<array{along: float, depth: float}> m; where the grid ends so does it
     */
    public function bottom(BottomGrid $grid): array
    {
        $profile = [];
        $length = $this->course->length();
        $step = max(self::SOUNDED, $length / 1500);
        for ($along = 0.0; $along < $length + $step; $along += $step) {
            $depth = $grid->at($this->course->at(min($along, $length)));
            if ($depth === null) {
                break;
            }
            $profile[] = ['along' => round(min($along, $length), 2), 'depth' => round($depth, 3)];
        }

        return $profile;
    }

    /**
     * @param  array{set: float, drift: float}|null  $current
     * @return array{heading: ?float, ground: ?float}
     */
    private static function steered(float $bearing, float $speed, ?array $current): array
    {
        if ($current === null) {
            return ['heading' => $bearing, 'ground' => $speed];
        }
        $off = deg2rad($current['set'] - $bearing);
        [$along, $across] = [$current['drift'] * cos($off), $current['drift'] * sin($off)];
        if (abs($across) >= $speed) {
            return ['heading' => null, 'ground' => null];
        }

        return [
            'heading' => fmod($bearing - rad2deg(asin($across / $speed)) + 360.0, 360.0),
            'ground' => sqrt($speed ** 2 - $across ** 2) + $along,
        ];
    }

    /**
     * The largest circle that fits each corner: it may use half of the shorter leg on either side.
     *
     * @param  list<array{along: float, bearing: float, length: float, heading: ?float, ground: ?float}>  $legs
     * @return list<array{along: float, angle: float, side: string, radius: float}>
     */
    private static function turnsOf(array $legs, float $corner): array
    {
        $turns = [];
        for ($i = 1, $n = count($legs); $i < $n; $i++) {
            $angle = Compass::turned($legs[$i - 1]['bearing'], $legs[$i]['bearing']);
            if (abs($angle) >= $corner) {
                $turns[] = [
                    'along' => $legs[$i]['along'], 'angle' => $angle, 'side' => $angle < 0.0 ? 'port' : 'starboard',
                    'radius' => 0.5 * min($legs[$i]['length'], $legs[$i - 1]['length']) / tan(deg2rad(abs($angle)) / 2),
                ];
            }
        }

        return $turns;
    }
}
