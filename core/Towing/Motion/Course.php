<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion;

use Admek\Core\InvalidValue;

/**
 * What the boat does: her speed through the surface water and her heading, both linear in time from knot to knot; the last
 * knot holds on.
 *
 * @phpstan-type Knot array{t: float, speed: float, heading: float}
 */
final readonly class Course
{
    /** s: least and most a course, or what is asked of it, may last. */
    public const TIME = [0, 86400];

    /** m/s through the surface water, astern below nought. */
    public const SPEED = [-5, 15];

    /** Radians of a heading: so often round and no more. */
    public const HEADING = [-1000, 1000];

    /** Radians a second no boat turns faster than. */
    public const RUDDER = 2.0;

    /** A panel of the way turns no more than this (radians); four points of Gauss and Legendre hold it to a micrometre. */
    private const PANEL = 0.5;

    private const GAUSS = [
        [-0.8611363115940526, 0.3478548451374538], [-0.3399810435848563, 0.6521451548625461],
        [0.3399810435848563, 0.6521451548625461], [0.8611363115940526, 0.3478548451374538],
    ];

    /**
     * @param  non-empty-list<Knot>  $knots
     * @param  non-empty-list<array{float, float}>  $places  m north and east through the surface water, at each knot
     */
    private function __construct(public array $knots, private array $places)
    {
    }

    /**
     * @param  list<Knot>  $knots  s, m/s and radians clockwise from north; the first at 0
     *
     * @throws InvalidValue naming the knot and the field
     */
    public static function of(array $knots): self
    {
        if ($knots === []) {
            throw InvalidValue::because('', 'a list of at least one knot');
        }
        foreach ($knots as $i => $knot) {
            InvalidValue::unlessBetween("{$i}.t", $knot['t'], ...self::TIME, unit: 's');
            InvalidValue::unlessBetween("{$i}.speed", $knot['speed'], ...self::SPEED, unit: 'm/s');
            InvalidValue::unlessBetween("{$i}.heading", $knot['heading'], ...self::HEADING, unit: 'radians');
            if ($i === 0 && $knot['t'] !== 0.0) {
                throw InvalidValue::because('0.t', '0: a course begins then');
            }
            if ($i > 0 && $knot['t'] <= $knots[$i - 1]['t']) {
                throw InvalidValue::because("{$i}.t", 'later than the knot before it');
            }
            if ($i > 0) {
                $rudder = abs($knot['heading'] - $knots[$i - 1]['heading']) / ($knot['t'] - $knots[$i - 1]['t']);
                if ($rudder > self::RUDDER) {
                    throw InvalidValue::because(
                        "{$i}.heading", 'within '.self::RUDDER.' radians a second of the knot before it: no boat turns faster',
                    );
                }
            }
        }
        $places = [[0.0, 0.0]];
        for ($i = 1; $i < count($knots); $i++) {
            [$north, $east] = self::way($knots[$i - 1], $knots[$i], $knots[$i]['t']);
            $places[] = [$places[$i - 1][0] + $north, $places[$i - 1][1] + $east];
        }

        return new self($knots, $places);
    }

    /** A course that holds on for ever. */
    public static function steady(float $speed, float $heading = 0.0): self
    {
        return self::of([['t' => 0.0, 'speed' => $speed, 'heading' => $heading]]);
    }

    /** @return array{float, float} m/s through the surface water, and radians, at a time in s */
    public function at(float $time): array
    {
        $i = $this->pieceAt($time);
        $next = $this->knots[$i + 1] ?? null;
        $from = $this->knots[$i];

        return $next === null ? [$from['speed'], $from['heading']] : self::between($from, $next, $time);
    }

    /** @return array{float, float} m north and east made through the surface water since the start */
    public function place(float $time): array
    {
        $i = $this->pieceAt($time);
        [$north, $east] = self::way($this->knots[$i], $this->knots[$i + 1] ?? null, $time);

        return [$this->places[$i][0] + $north, $this->places[$i][1] + $east];
    }

    /** The next time (s) after this one at which rudder or throttle change; infinite where none do any more. */
    public function nextKnot(float $time): float
    {
        return $this->knots[$this->pieceAt($time) + 1]['t'] ?? INF;
    }

    /**
     * The same at so many times its speed.
     *
     * @throws InvalidValue where that is faster than any
     */
    public function times(float $factor): self
    {
        return self::of(array_map(static fn (array $knot): array => ['speed' => $factor * $knot['speed']] + $knot, $this->knots));
    }

    /** s of the last knot. */
    public function lasts(): float
    {
        return $this->knots[count($this->knots) - 1]['t'];
    }

    private function pieceAt(float $time): int
    {
        [$low, $high] = [0, count($this->knots) - 1];
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            if ($this->knots[$middle]['t'] <= $time) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }

    /**
     * @param  Knot  $from
     * @param  Knot  $next
     * @return array{float, float}
     */
    private static function between(array $from, array $next, float $time): array
    {
        $part = ($time - $from['t']) / ($next['t'] - $from['t']);

        return [
            $from['speed'] + $part * ($next['speed'] - $from['speed']),
            $from['heading'] + $part * ($next['heading'] - $from['heading']),
        ];
    }

    /**
     * The integral of v·(cos ψ, sin ψ) from a knot on.
     *
     * @param  Knot  $from
     * @param  ?Knot  $next
     * @return array{float, float} m north and east
     */
    private static function way(array $from, ?array $next, float $time): array
    {
        $lasts = $time - $from['t'];
        if ($next === null) {
            return [$from['speed'] * $lasts * cos($from['heading']), $from['speed'] * $lasts * sin($from['heading'])];
        }
        $turned = abs($next['heading'] - $from['heading']) / ($next['t'] - $from['t']) * $lasts;
        $panels = (int) ceil($turned / self::PANEL) ?: 1;
        $half = 0.5 * $lasts / $panels;
        $north = $east = 0.0;
        for ($panel = 0; $panel < $panels; $panel++) {
            foreach (self::GAUSS as [$at, $weight]) {
                [$speed, $heading] = self::between($from, $next, $from['t'] + (2 * $panel + 1 + $at) * $half);
                $north += $half * $weight * $speed * cos($heading);
                $east += $half * $weight * $speed * sin($heading);
            }
        }

        return [$north, $east];
    }
}
