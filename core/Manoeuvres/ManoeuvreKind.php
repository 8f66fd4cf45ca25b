<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** What a boat does with lines out, and what is to be said of it. */
enum ManoeuvreKind: string
{
    /** Degrees a second she is usually turned at. */
    public const RATE = 3.0;

    case Turn = 'turn';
    case SCurve = 's_curve';
    case Zigzag = 'zigzag';
    case Speed = 'speed';
    case OutOfGear = 'out_of_gear';
    case Gust = 'gust';
    case Pass = 'pass';

    public function title(): string
    {
        return match ($this) {
            self::Turn => 'Turn',
            self::SCurve => 'S-curve',
            self::Zigzag => 'Zigzag',
            self::Speed => 'Change of speed',
            self::OutOfGear => 'Out of gear',
            self::Gust => 'Gust',
            self::Pass => 'The pass',
        };
    }

    /** What it is for. */
    public function job(): string
    {
        return match ($this) {
            self::Turn => 'Round to a new heading and on.',
            self::SCurve => 'Along an edge: to one side, across, and back on the old heading.',
            self::Zigzag => 'Legs to either side: lures rise and fall.',
            self::Speed => 'Slower for a fish, or faster to keep a board tight.',
            self::OutOfGear => 'A fish is on: she loses her way, and gets it back.',
            self::Gust => 'It takes her speed and pushes her bow off.',
            self::Pass => 'The whole pass this trip takes, over its own bottom.',
        };
    }

    /** Whether it goes to a side. */
    public function hasSide(): bool
    {
        return ! in_array($this, [self::Speed, self::OutOfGear, self::Pass], true);
    }

    /** Whether it is a turn of the wheel, which can be made more gently. */
    public function turns(): bool
    {
        return $this->figure('rate') !== null;
    }

    public function figure(string $key): ?ManoeuvreFigure
    {
        foreach ($this->figures() as $figure) {
            if ($figure->key === $key) {
                return $figure;
            }
        }

        return null;
    }

    /** @return list<ManoeuvreFigure> */
    public function figures(): array
    {
        $rate = new ManoeuvreFigure('rate', 'at', Quantity::Turning, 0.3, 15.0, self::RATE, 0.5);
        $radius = new ManoeuvreFigure('radius', 'or on a radius of', Quantity::Length, 3.0, 2000.0, null, 5.0 * Units::FOOT);

        return match ($this) {
            self::Turn => [new ManoeuvreFigure('by', 'by', Quantity::Angle, 5.0, 360.0, 90.0, 15.0), $rate, $radius],
            self::SCurve => [new ManoeuvreFigure('by', 'by', Quantity::Angle, 5.0, 120.0, 45.0, 5.0), $rate, $radius],
            self::Zigzag => [
                new ManoeuvreFigure('by', 'by', Quantity::Angle, 5.0, 120.0, 35.0, 5.0), $rate, $radius,
                new ManoeuvreFigure('leg', 'a leg lasts', Quantity::Seconds, 2.0, 300.0, 15.0, 5.0),
            ],
            self::Speed => [
                new ManoeuvreFigure(
                    'to', 'to', Quantity::Speed, Conditions::SLOWEST, Conditions::FASTEST, 1.5 * Units::MPH, 0.1 * Units::MPH,
                ),
                new ManoeuvreFigure('within', 'within', Quantity::Seconds, 1.0, 120.0, 5.0, 1.0),
            ],
            self::OutOfGear => [new ManoeuvreFigure('for', 'for', Quantity::Seconds, 2.0, 300.0, 30.0, 5.0)],
            self::Gust => [
                new ManoeuvreFigure('slows', 'takes', Quantity::Speed, 0.0, 2.0, 0.5 * Units::MPH, 0.1 * Units::MPH),
                new ManoeuvreFigure('by', 'pushes her off by', Quantity::Angle, 0.0, 60.0, 15.0, 5.0),
                new ManoeuvreFigure('lasts', 'for', Quantity::Seconds, 2.0, 120.0, 15.0, 5.0),
            ],
            self::Pass => [],
        };
    }
}
