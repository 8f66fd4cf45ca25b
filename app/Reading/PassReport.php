<?php

declare(strict_types=1);

namespace App\Reading;

use Admek\Core\Books\Book;
use Admek\Core\Ground\BottomGrid;
use Admek\Core\Ground\Course;
use Admek\Core\Ground\Pass;
use Admek\Core\Ground\PassChoice;
use Admek\Core\Ground\PassWords;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Check\BreachKind;
use Admek\Core\Spread\Check\SafeLimits;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Side;
use Admek\Core\Units\Compass;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\Trip;
use App\Rigging\Locker;
use App\Rigging\TripLimits;

/**
 * A pass with the planned spread out: both ways of running it, its turns against the safe radius, its bottom against the gear.
 */
final class PassReport
{
    /** m a course may be cut off a line by, so that a boat can steer it. */
    public const STRAY = 25.0;

    /**
     * @param  array{set: float, drift: float}|null  $current
     * @return array<string, mixed> with what touches as breaches
     */
    public static function of(
        Course $course, float $speed, ?array $current, ?BottomGrid $grid, Trip $trip, Boat $boat, SpreadSolver $solver,
    ): array {
        $units = Units::from($boat->units);
        $rules = $boat->book(Book::Pass);
        $ways = [
            'drawn' => Pass::of($course, $speed, $current, $rules),
            'reversed' => Pass::of($course->reversed(), $speed, $current, $rules),
        ];
        $choice = PassChoice::of($ways['drawn'], $ways['reversed'], $current, $rules);
        $profile = $grid === null ? [] : $ways['drawn']->bottom($grid);
        $spread = $trip->spreads->first();
        $lines = $spread === null ? [] : Locker::of($boat->asOn($trip), $trip)->plan($spread->rows())->lines;
        $limits = TripLimits::of($trip, $boat);
        $conditions = $trip->conditions($speed);
        $safe = new SafeLimits($lines, $conditions, $limits, $solver);
        $radius = $lines === []
            ? null
            : ['port' => $safe->turn(Side::Port)['radius'], 'starboard' => $safe->turn(Side::Starboard)['radius']];
        $touches = $profile === [] || $lines === [] ? [] : array_values(array_filter(
            Breaches::of(
                $solver->all($lines, $conditions), $limits->over(Bottom::profile($profile)->with($trip->structure ?? 0.0)),
            ),
            static fn (Breach $breach): bool => $breach->kind === BreachKind::Bottom,
        ));

        return [
            'places' => array_map(
                static fn ($place): array => [round($place->latitude, 6), round($place->longitude, 6)], $course->places,
            ),
            'length' => $course->length(),
            'ways' => array_map(static fn (Pass $pass): array => self::way($pass, $radius, $units), $ways),
            'better' => $choice->reversed ? 'reversed' : 'drawn', 'why' => $choice->why->in($units),
            'safe_radius' => $radius,
            'bottom' => $profile,
            'touches' => $touches,
        ];
    }

    /**
     * @param  ?array{port: ?float, starboard: ?float}  $safe
     * @return array<string, mixed>
     */
    private static function way(Pass $pass, ?array $safe, Units $units): array
    {
        return [
            'heading' => $pass->legs[0]['heading'], 'bearing' => $pass->legs[0]['bearing'],
            'point' => Compass::point($pass->legs[0]['bearing']),
            'takes' => $pass->takes(), 'fished' => $pass->fished(), 'slowest' => $pass->slowest(),
            'lift' => PassWords::lift($pass)?->in($units),
            'turns' => array_map(
                static fn (array $turn): array => $turn + ['safe' => PassWords::isSafe($turn, $safe)], $pass->turns,
            ),
            'turns_said' => PassWords::turns($pass->turns, $safe)?->in($units),
        ];
    }
}
