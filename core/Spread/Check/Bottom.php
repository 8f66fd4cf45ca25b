<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\InvalidValue;

/** The bottom under and ahead of the boat, and what stands up from it: one depth, or a profile along her course. */
final readonly class Bottom
{
    /** More places than any run needs, and a bound on what a file can ask for. */
    public const MOST_PLACES = 20000;

    /** m of water, of way along it, and anything stands up from it: least and most. */
    public const DEPTH = [0.5, 400];

    public const ALONG = [0, 200_000];

    public const STANDING = [0, 30];

    /**
     * @param  list<float>  $along  m ahead of where the boat is now, rising
     * @param  list<float>  $depths  m
     * @param  list<float>  $standing  m that wood, rock or wreck stands up from the bottom there
     */
    private function __construct(public array $along, public array $depths, public array $standing)
    {
    }

    /** @throws InvalidValue naming the field */
    public static function flat(float $depth): self
    {
        InvalidValue::unlessBetween('bottom', $depth, ...self::DEPTH, unit: 'm');

        return new self([0.0], [$depth], [0.0]);
    }

    /**
     * @param  list<array{along: float, depth: float, standing?: float}>  $places  in order along the course, straight between
     *
     * @throws InvalidValue naming the place
     */
    public static function profile(array $places): self
    {
        if ($places === [] || count($places) > self::MOST_PLACES) {
            throw InvalidValue::because('profile', 'from 1 to '.self::MOST_PLACES.' places');
        }
        $last = null;
        foreach ($places as $i => $place) {
            ['along' => $along, 'depth' => $depth] = $place;
            InvalidValue::unlessBetween("profile.{$i}.depth", $depth, 0, self::DEPTH[1], 'm');
            InvalidValue::unlessBetween("profile.{$i}.along", $along, ...self::ALONG, unit: 'm');
            InvalidValue::unlessBetween("profile.{$i}.standing", $place['standing'] ?? 0.0, 0, $depth, 'm');
            if ($last !== null && $along <= $last) {
                throw InvalidValue::because("profile.{$i}.along", 'farther along than the place before it');
            }
            $last = $along;
        }

        return new self(
            array_column($places, 'along'),
            array_column($places, 'depth'),
            array_map(static fn (array $place): float => $place['standing'] ?? 0.0, $places),
        );
    }

    /** The same course, the boat having gone so far along it (m); what lies astern is still under the gear for a while. */
    public function from(float $gone): self
    {
        return new self(
            array_map(static fn (float $along): float => $along - $gone, $this->along), $this->depths, $this->standing,
        );
    }

    /**
     * The same bottom with structure at least so high all over it (m), cut off by the surface.
     *
     * @throws InvalidValue naming the field
     */
    public function with(float $standing): self
    {
        InvalidValue::unlessBetween('structure', $standing, ...self::STANDING, unit: 'm');

        return new self(
            $this->along,
            $this->depths,
            array_map(
                static fn (float $here, float $depth): float => min($depth, max($here, $standing)),
                $this->standing,
                $this->depths,
            ),
        );
    }

    /** Depth of the bottom, or of what stands on it, at a place along the course, the ends carried on level; m. */
    public function at(float $along): float
    {
        return $this->between($along, $this->top(...));
    }

    /**
     * Where gear that would run deeper than the ground under it lies on it: nothing runs through the ground.
     *
     * @param  float  $depth  m it would run at
     * @param  float  $lag  m behind the boat
     * @return ?float m of the ground; null where it hangs clear
     */
    public function stops(float $depth, float $lag): ?float
    {
        return self::stopped($depth, $this->at(-$lag));
    }

    /**
     * The same over a ground known at one depth.
     *
     * @param  ?float  $ground  m; null where it is not known
     */
    public static function stopped(float $depth, ?float $ground): ?float
    {
        return $ground !== null && $depth > $ground ? $ground : null;
    }

    private function top(int $place): float
    {
        return $this->depths[$place] - $this->standing[$place];
    }

    /** @param  callable(int): float  $figure of a place; straight between places */
    private function between(float $along, callable $figure): float
    {
        $last = count($this->along) - 1;
        for ($i = 0; $i < $last; $i++) {
            if ($along < $this->along[$i + 1]) {
                $share = ($along - $this->along[$i]) / ($this->along[$i + 1] - $this->along[$i]);

                return $figure($i) + max(0.0, $share) * ($figure($i + 1) - $figure($i));
            }
        }

        return $figure($last);
    }

    /**
     * The least water under gear that runs at a depth so far behind the boat, over the whole course: between two places
     * the bottom and its structure are straight, so the least is at one of them or where the gear is now.
     *
     * @param  float  $depth  m
     * @param  float  $lag  m behind the boat
     * @return array{clearance: float, ahead: float, standing: float}  m; ahead is how far the boat has yet to go when it happens,
     *   standing how high the structure met there is
     */
    public function clearance(float $depth, float $lag): array
    {
        $least = ['clearance' => $this->at(-$lag) - $depth, 'ahead' => 0.0];
        foreach ($this->along as $i => $along) {
            if ($along >= -$lag && $least['clearance'] > $this->top($i) - $depth) {
                $least = ['clearance' => $this->top($i) - $depth, 'ahead' => $along + $lag];
            }
        }

        return $least + ['standing' => $this->standing($least['ahead'] - $lag)];
    }

    /**
     * Where gear first comes as near to the bottom as a clearance: at once, at a place of the course, or between two of them.
     *
     * @param  float  $depth  m
     * @param  float  $lag  m behind the boat
     * @param  float  $clearance  m
     * @return ?float m the boat has yet to go until then; null where it never does
     */
    public function first(float $depth, float $lag, float $clearance): ?float
    {
        $from = -$lag;
        $spare = $this->at($from) - $depth - $clearance;
        if ($spare <= 0.0) {
            return 0.0;
        }
        foreach ($this->along as $i => $along) {
            if ($along <= $from) {
                continue;
            }
            $next = $this->top($i) - $depth - $clearance;
            if ($next <= 0.0) {
                return $from + ($along - $from) * $spare / ($spare - $next) + $lag;
            }
            [$from, $spare] = [$along, $next];
        }

        return null;
    }

    /** What stands up from the bottom at a place along the course, m. */
    public function standing(float $along): float
    {
        return $this->between($along, fn (int $place): float => $this->standing[$place]);
    }
}
