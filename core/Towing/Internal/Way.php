<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

/**
 * The way of a free end from its straight course into a turn, in four co-ordinates: its place by the circles of the turn,
 * and how much of the turn is made, all in m. Looks ahead along the parabola through the last three points.
 *
 * @phpstan-import-type Point from Shooting
 */
final class Way
{
    /** What is left of a step that did not hold. */
    public const SHORTER = 0.4;

    /** The most a step is longer than the last. */
    private const LONGER = 2.0;

    /** Marches a step is worth: the next is shorter where it took more, longer where it took fewer. */
    private const EFFORT = 4.5;

    /** Halvings by which the end of the way is found. */
    private const HALVINGS = 40;

    /** @var Point|null the point before */
    private ?array $before = null;

    /** m from point to point. */
    private float $length;

    private float $lengthBefore = 0.0;

    /** Length of the next step, in steps as the last. */
    private float $stride = 1.0;

    /**
     * @param  Point  $last
     * @param  Point  $at
     * @param  bool  $round  whether the place along the circle follows by itself
     */
    public function __construct(private array $last, private array $at, private readonly bool $round)
    {
        $this->length = $this->between($last, $at);
    }

    /** @return Point */
    public function at(): array
    {
        return $this->at;
    }

    public function stride(): float
    {
        return $this->stride;
    }

    /** m of the next step. */
    public function step(): float
    {
        return $this->stride * $this->length;
    }

    public function shorten(): void
    {
        $this->stride *= self::SHORTER;
    }

    /**
     * @param  Point  $to
     * @param  int  $effort  marches it took to find
     */
    public function go(array $to, int $effort): void
    {
        [$this->before, $this->last, $this->at] = [$this->last, $this->at, $to];
        $this->lengthBefore = $this->length;
        $this->length = $this->between($this->last, $to);
        $this->stride = max(self::SHORTER, min(self::LONGER, self::EFFORT / $effort));
    }

    /**
     * The next point to look at, and whether the turn is fully made there.
     *
     * @param  float  $whole  m of the whole turn
     * @return array{Point, bool}
     */
    public function ahead(float $whole): array
    {
        $rest = $whole - $this->at[3];
        $sought = $this->after($this->stride * $this->length);
        if ($rest > 0.0 && $sought[3] < $whole) {
            return [$sought, false];
        }
        // Where along the way the turn is whole.
        [$near, $far] = $rest > 0.0 ? [0.0, $this->stride * $this->length] : [-$this->length, 0.0];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = 0.5 * ($near + $far);
            $this->after($middle)[3] < $whole ? $near = $middle : $far = $middle;
        }

        return [$this->after($far), true];
    }

    /** @return Point unit length, along the last step */
    public function direction(): array
    {
        $direction = [0.0, 0.0, 0.0, 0.0];
        foreach ($this->round ? [0, 2, 3] : [0, 1, 2, 3] as $axis) {
            $direction[$axis] = ($this->at[$axis] - $this->last[$axis]) / $this->length;
        }

        return $direction;
    }

    /** @return Point the point so many metres on */
    private function after(float $s): array
    {
        $point = $this->at;
        foreach ([0, 1, 2, 3] as $axis) {
            $slope = ($this->at[$axis] - $this->last[$axis]) / $this->length;
            $bend = 0.0;
            if ($this->before !== null) {
                $slopeBefore = ($this->last[$axis] - $this->before[$axis]) / $this->lengthBefore;
                $bend = ($slope - $slopeBefore) / ($this->length + $this->lengthBefore);
            }
            $point[$axis] += $s * ($slope + ($s + $this->length) * $bend);
        }

        return $point;
    }

    /**
     * @param  Point  $from
     * @param  Point  $to
     */
    private function between(array $from, array $to): float
    {
        $along = $this->round ? 0.0 : $to[1] - $from[1];

        return max(sqrt(($to[0] - $from[0]) ** 2 + $along ** 2 + ($to[2] - $from[2]) ** 2 + ($to[3] - $from[3]) ** 2), 1e-9);
    }
}
