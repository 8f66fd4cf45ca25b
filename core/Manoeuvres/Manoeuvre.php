<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\InvalidValue;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Towing\Motion\Course;
use Admek\Core\Towing\Side;

/** Something a boat is to do, as a course she would steer. */
final readonly class Manoeuvre
{
    /** s on the old course first, so that one sees what changes. */
    public const BEFORE = 3.0;

    /** s the wheel, or a gust, takes to bite. */
    private const BITES = 1.0;

    /** s between knots while she loses way. */
    private const COASTS = 1.0;

    /**
     * @param  array<string, ?float>  $values  by key, all of the kind's
     */
    private function __construct(
        public ManoeuvreKind $kind, public Side $side, private array $values, private RuleBook $rules,
    ) {
    }

    /**
     * @param  array<string, ?float>  $values  by key of {@see ManoeuvreKind::figures()}; what is not given is as usual
     * @param  ?RuleBook  $rules  of {@see ManoeuvreRules}
     *
     * @throws InvalidValue naming the figure
     */
    public static function of(
        ManoeuvreKind $kind, Side $side = Side::Starboard, array $values = [], ?RuleBook $rules = null,
    ): self {
        $held = [];
        foreach ($kind->figures() as $figure) {
            $value = $values[$figure->key] ?? $figure->default;
            if ($value !== null) {
                InvalidValue::unlessBetween($figure->key, $value, $figure->least, $figure->most);
            }
            $held[$figure->key] = $value;
            unset($values[$figure->key]);
        }
        foreach (array_keys($values) as $key) {
            throw InvalidValue::because((string) $key, 'absent: known here are '.implode(', ', array_keys($held)));
        }

        return new self($kind, $side, $held, $rules ?? RuleBook::of(ManoeuvreRules::rules()));
    }

    /** The same at another rate of turn (degrees a second). */
    public function turningAt(float $rate): self
    {
        return self::of($this->kind, $this->side, ['rate' => $rate, 'radius' => null] + $this->values, $this->rules);
    }

    /**
     * Degrees a second, by the radius where one is told; null where it is no turn of the wheel.
     *
     * @param  float  $speed  m/s
     *
     * @throws InvalidValue naming the figure
     */
    public function rate(float $speed): ?float
    {
        if (! $this->kind->turns()) {
            return null;
        }
        $radius = $this->values['radius'] ?? null;
        if ($radius === null) {
            return $this->get('rate');
        }
        $rate = rad2deg($speed / $radius);
        $range = $this->kind->figure('rate');
        if ($range !== null && ($rate < $range->least || $rate > $range->most)) {
            [$least, $most] = [$speed / deg2rad($range->most), $speed / deg2rad($range->least)];
            throw InvalidValue::because('radius', sprintf('between %.1f and %.0f m at this speed', $least, $most));
        }

        return $rate;
    }

    /** @throws InvalidValue naming the figure */
    public function course(Conditions $conditions): Course
    {
        $speed = $conditions->speed;
        $heading = $conditions->heading();
        $by = $this->side->sign() * deg2rad($this->values['by'] ?? 0.0);
        $rate = deg2rad($this->rate($speed) ?? 1.0);
        $knots = [[0.0, $speed, $heading], [self::BEFORE, $speed, $heading]];
        $go = static function (float $lasts, float $speed, float $heading) use (&$knots): void {
            $knots[] = [$knots[count($knots) - 1][0] + $lasts, $speed, $heading];
        };
        switch ($this->kind) {
            case ManoeuvreKind::Turn:
                $go(abs($by) / $rate, $speed, $heading + $by);
                break;
            case ManoeuvreKind::SCurve:
                $go(abs($by) / $rate, $speed, $heading + $by);
                $go(2.0 * abs($by) / $rate, $speed, $heading - $by);
                $go(abs($by) / $rate, $speed, $heading);
                break;
            case ManoeuvreKind::Zigzag:
                $go(abs($by) / $rate, $speed, $heading + $by);
                $go($this->get('leg'), $speed, $heading + $by);
                $go(2.0 * abs($by) / $rate, $speed, $heading - $by);
                $go($this->get('leg'), $speed, $heading - $by);
                $go(abs($by) / $rate, $speed, $heading);
                break;
            case ManoeuvreKind::Speed:
                $go($this->get('within'), $this->get('to'), $heading);
                break;
            case ManoeuvreKind::OutOfGear:
                $coasting = self::coasting($speed, $heading, $this->get('for'), $this->rules)->knots;
                foreach (array_slice($coasting, 1) as $knot) {
                    $knots[] = [self::BEFORE + $knot['t'], $knot['speed'], $knot['heading']];
                }
                $go($this->rules->get('back_in_gear'), $speed, $heading);
                break;
            case ManoeuvreKind::Pass:
                throw InvalidValue::because('kind', 'the pass of a trip that takes one');
            case ManoeuvreKind::Gust:
                $slower = max(Conditions::SLOWEST, $speed - $this->get('slows'));
                $go(self::BITES, $slower, $heading + $by);
                $go($this->get('lasts'), $slower, $heading + $by);
                $go(self::BITES + abs($by) / deg2rad(6.0), $speed, $heading);
                break;
        }

        return Course::of(array_map(
            static fn (array $knot): array => ['t' => $knot[0], 'speed' => $knot[1], 'heading' => $knot[2]], $knots,
        ));
    }

    /** s it is looked at for: until it is over, and the lines have come round. */
    public function lasts(Course $course): float
    {
        return ceil($course->lasts() + $this->rules->get('watched'));
    }

    /**
     * A boat out of gear, losing her way.
     *
     * @param  float  $for  s
     */
    public static function coasting(float $speed, float $heading, float $for, RuleBook $rules): Course
    {
        $knots = [['t' => 0.0, 'speed' => $speed, 'heading' => $heading]];
        for ($t = self::COASTS; $t - self::COASTS < $for; $t += self::COASTS) {
            $at = min($t, $for);
            $knots[] = ['t' => $at, 'speed' => self::left($speed, $at, $rules), 'heading' => $heading];
        }

        return Course::of($knots);
    }

    /** m/s that are left of a speed after so many seconds out of gear: it falls off as what drags her does. */
    private static function left(float $speed, float $seconds, RuleBook $rules): float
    {
        return $speed * exp(-$seconds / $rules->get('coasting'));
    }

    private function get(string $key): float
    {
        return $this->values[$key] ?? throw new \LogicException("{$this->kind->value} has no {$key}.");
    }
}
