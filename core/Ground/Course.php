<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;

/** A way over the ground: places one after another, straight between. */
final readonly class Course
{
    /** m a bottom depth is followed for: least and most. */
    public const FOLLOWED_FOR = [200, 30_000];

    /** m of bottom a captain is offered to follow first, and for how long. */
    public const FOLLOWED = ['depth' => 80 * Units::FOOT, 'longest' => 2 * Units::MILE];

    /** @param  non-empty-list<Place>  $places */
    private function __construct(public array $places)
    {
    }

    /**
     * @param  list<Place>  $places
     *
     * @throws InvalidValue when it is no way at all
     */
    public static function of(array $places): self
    {
        $kept = [];
        foreach ($places as $place) {
            if ($kept === [] || $place->to($kept[count($kept) - 1]) > 0.5) {
                $kept[] = $place;
            }
        }
        if (count($kept) < 2) {
            throw InvalidValue::because('places', 'at least two places apart from each other');
        }

        return new self($kept);
    }

    /** m */
    public function length(): float
    {
        $length = 0.0;
        for ($i = 1, $n = count($this->places); $i < $n; $i++) {
            $length += $this->places[$i - 1]->to($this->places[$i]);
        }

        return $length;
    }

    public function reversed(): self
    {
        return new self(array_reverse($this->places));
    }

    /** The place so far along it, m. */
    public function at(float $along): Place
    {
        for ($i = 1, $n = count($this->places); $i < $n; $i++) {
            $leg = $this->places[$i - 1]->to($this->places[$i]);
            if ($along <= $leg || $i === $n - 1) {
                [$east, $north] = $this->places[$i]->from($this->places[$i - 1]);
                $share = min(1.0, max(0.0, $along / $leg));

                return $this->places[$i - 1]->moved($share * $east, $share * $north);
            }
            $along -= $leg;
        }

        return $this->places[0];
    }

    /**
     * The stretch of it that is nearest a place, so long at most.
     *
     * @param  float  $longest  m
     */
    public function about(Place $near, float $longest): self
    {
        $length = $this->length();
        $best = ['along' => 0.0, 'away' => INF];
        for ($along = 0.0; $along <= $length; $along += max(5.0, $length / 2000)) {
            $away = $this->at($along)->to($near);
            $best = $away < $best['away'] ? ['along' => $along, 'away' => $away] : $best;
        }
        $from = max(0.0, min($best['along'] - 0.5 * $longest, $length - $longest));

        return $this->between($from, min($length, $from + $longest));
    }

    /** m from a place to the nearest of it. */
    public function away(Place $near): float
    {
        $nearest = INF;
        for ($i = 1, $n = count($this->places); $i < $n; $i++) {
            [$ax, $ay] = $this->places[$i - 1]->from($near);
            [$bx, $by] = $this->places[$i]->from($near);
            [$dx, $dy] = [$bx - $ax, $by - $ay];
            $share = max(0.0, min(1.0, -($ax * $dx + $ay * $dy) / max(1e-9, $dx * $dx + $dy * $dy)));
            $nearest = min($nearest, hypot($ax + $share * $dx, $ay + $share * $dy));
        }

        return $nearest;
    }

    private function between(float $from, float $to): self
    {
        $places = [$this->at($from)];
        $along = 0.0;
        for ($i = 1, $n = count($this->places); $i < $n; $i++) {
            $along += $this->places[$i - 1]->to($this->places[$i]);
            if ($along > $from && $along < $to) {
                $places[] = $this->places[$i];
            }
        }

        return self::of([...$places, $this->at($to)]);
    }

    /**
     * The same way with corners a boat can steer: places that stray less than so far from a straight line are left out
     * (Douglas and Peucker 1973).
     *
     * @param  float  $stray  m
     */
    public function simplified(float $stray): self
    {
        $keep = [0 => true, count($this->places) - 1 => true];
        $stack = [[0, count($this->places) - 1]];
        while (($piece = array_pop($stack)) !== null) {
            [$from, $to] = $piece;
            $worst = ['at' => 0, 'away' => $stray];
            for ($i = $from + 1; $i < $to; $i++) {
                $away = (new self([$this->places[$from], $this->places[$to]]))->away($this->places[$i]);
                $worst = $away > $worst['away'] ? ['at' => $i, 'away' => $away] : $worst;
            }
            if ($worst['at'] > 0) {
                $keep[$worst['at']] = true;
                array_push($stack, [$from, $worst['at']], [$worst['at'], $to]);
            }
        }
        ksort($keep);

        return self::of(array_values(array_intersect_key($this->places, $keep)));
    }
}
