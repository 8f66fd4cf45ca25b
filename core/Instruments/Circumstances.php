<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\Spread\Plan\Conditions;

/** What was true when a fish bit, and how each of it is known: read then, typed by somebody, planned, or not at all. */
final readonly class Circumstances
{
    /** Read or unknown, as they are named where they are kept. */
    private const READ = [
        'over_ground' => Figure::GroundSpeed, 'course' => Figure::Course, 'heading' => Figure::Heading,
        'turn_rate' => Figure::Turn, 'wind_speed' => Figure::WindSpeed, 'wind_angle' => Figure::WindAngle,
    ];

    /**
     * @param  Motion  $read  at that moment
     * @param  float  $speed  m/s, as who tells of it had it
     * @param  float  $planned  m/s
     * @param  ?float  $bottom  m, as the trip has it
     * @param  ?float  $surface  °C, as it was typed or probed before
     * @param  ?float  $sun  ° above the horizon
     * @param  ?Motion  $straight  as she went before the turn she was in
     */
    public function __construct(
        private Motion $read, private float $speed, private float $planned, private ?float $bottom, private ?float $surface,
        private ?float $sun, private ?Motion $straight = null,
    ) {
    }

    /** What the lines are taken to have run under: in a hard turn as on the straight run before it ({@see Motion::steady}). */
    public function steady(Conditions $told): Conditions
    {
        return $this->read->steady($this->conditions($told), $this->straight);
    }

    /** What she was towing under: as it was read, else as it was told. */
    public function conditions(Conditions $told): Conditions
    {
        [$speed, $by] = $this->speed();
        if (! $by->isRead()) {
            return $told;
        }
        $read = $this->read->conditions($speed, $told->density);
        $turn = $this->read->now(Figure::Turn) === null ? $told->turn : $read->turn;

        return new Conditions($read->speed, $turn, $told->density, $told->current);
    }

    /** m of water she was over, as it was read, else as the trip has it; null where neither. */
    public function bottom(): ?float
    {
        return $this->read->now(Figure::Depth) ?? $this->bottom;
    }

    /** @return array{speed_by: string, known: array<string, array{value: ?float, how: string}>} SI and degrees */
    public function told(): array
    {
        $known = [];
        foreach (self::READ as $name => $figure) {
            $known[$name] = self::one($this->read->now($figure), HowKnown::Read);
        }
        $bottom = $this->read->now(Figure::Depth);
        $surface = $this->read->now(Figure::WaterTemperature);
        $known['bottom'] = $bottom === null ? self::one($this->bottom, HowKnown::Planned) : self::one($bottom, HowKnown::Read);
        $known['surface'] = $surface === null ? self::one($this->surface, HowKnown::Typed) : self::one($surface, HowKnown::Read);
        // By the clock and the place, which were read or entered.
        $known['sun'] = self::one($this->sun, HowKnown::Read);

        return ['speed_by' => $this->speed()[1]->value, 'known' => $known];
    }

    /** @return array{float, SpeedBy} */
    private function speed(): array
    {
        return $this->read->speed(abs($this->speed - $this->planned) > 1e-6 ? $this->speed : null, $this->planned);
    }

    /** @return array{value: ?float, how: string} */
    private static function one(?float $value, HowKnown $how): array
    {
        return $value === null
            ? ['value' => null, 'how' => HowKnown::Unknown->value]
            : ['value' => round($value, 3), 'how' => $how->value];
    }
}
