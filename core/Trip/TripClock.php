<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\InvalidValue;
use Admek\Core\Rules\RuleBook;

/** A trip's day in minutes after midnight of its date: lines off the dock, lines in, leaving the ground, back. */
final readonly class TripClock
{
    private function __construct(public int $castOff, public int $linesIn, public int $leave, public int $backBy)
    {
    }

    /**
     * @param  string  $linesIn  HH:MM by the port's clock
     * @param  string  $backBy  HH:MM; earlier than lines-in it is the next day's
     * @param  ?float  $run  m from port to ground; null where it is not known, then only the dock counts
     * @param  RuleBook  $rules  of {@see Chores}
     *
     * @throws InvalidValue naming the field
     */
    public static function of(string $linesIn, string $backBy, ?float $run, RuleBook $rules): self
    {
        [$in, $back] = [self::minutes('lines_in', $linesIn), self::minutes('back_by', $backBy)];
        $back += $back <= $in ? 1440 : 0;
        $under = (int) round(($run ?? 0.0) / $rules->get('cruise') / 60 + $rules->get('harbour'));

        return new self($in - $under - (int) round($rules->get('setting')), $in, max($in, $back - $under), $back);
    }

    /** Hours lines are in the water. */
    public function hoursFished(): float
    {
        return ($this->leave - $this->linesIn) / 60;
    }

    /** Whether she is off the dock at a minute after midnight of its date. */
    public function isOut(float $at): bool
    {
        return $at >= $this->castOff && $at < $this->backBy;
    }

    /** Where in the trip a minute lies. */
    public function phase(int $at): string
    {
        return match (true) {
            $at < $this->linesIn => 'way_out',
            $at < $this->leave => 'fishing',
            default => 'way_home',
        };
    }

    /** HH:MM of a minute after midnight, on whatever day it falls. */
    public static function clock(int $at): string
    {
        $at = (($at % 1440) + 1440) % 1440;

        return sprintf('%02d:%02d', intdiv($at, 60), $at % 60);
    }

    private static function minutes(string $field, string $clock): int
    {
        if (preg_match('/^([01]\d|2[0-3]):([0-5]\d)$/', $clock, $match) !== 1) {
            throw InvalidValue::because($field, 'a clock time, HH:MM');
        }

        return 60 * (int) $match[1] + (int) $match[2];
    }
}
