<?php

declare(strict_types=1);

namespace Database\Seeders;

use Admek\Core\Records\Sounding;
use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Doubt\Doubt;
use Admek\Core\Towing\Doubt\Trued;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\Locker;
use App\Rigging\SoundedGear;

/**
 * What the demo boat has sounded: her gear tows otherwise than the default figures have it, and a reading now and then is a foot
 * off; one was taken over a rise.
 */
final readonly class DemoSoundings
{
    /** What her gear is truly like, in deviations. */
    private const TRULY = [
        Doubt::LineDrag->value => -0.9, Doubt::LetOut->value => 0.4, Doubt::LureDrag->value => -0.5,
        Doubt::LureDive->value => 0.6, Doubt::DiverLift->value => 0.8, Doubt::WeightDrag->value => 0.5,
    ];

    /** Of the latest trips, the last first: rods, ft each reading is off, and how it was read. */
    private const TAKEN = [
        [['S3', 0.6, SoundingMethod::Bottom], ['P2', -0.4, SoundingMethod::Sonar]],
        [['P3', -0.8, SoundingMethod::Bottom], ['C1', 0.3, SoundingMethod::Logger], ['S3', -14.0, SoundingMethod::Bottom]],
        [['P5', 0.5, SoundingMethod::Sonar], ['P3', 0.2, SoundingMethod::Bottom], ['S2', 0.9, SoundingMethod::Sonar]],
    ];

    public static function take(Boat $boat): void
    {
        $trips = $boat->trips()->whereDate('date', '<', today())->orderByDesc('date')->limit(count(self::TAKEN))->get()->all();
        foreach ($trips as $i => $trip) {
            foreach (self::TAKEN[$i] as $j => [$code, $off, $by]) {
                self::one($boat, $trip, $code, $off * Units::FOOT, $by, 60 * ($j + 1));
            }
        }
    }

    private static function one(Boat $boat, Trip $trip, string $code, float $off, SoundingMethod $by, int $minute): void
    {
        $spread = Spread::query()->whereBelongsTo($trip)->with('lines')->firstOrFail();
        $plan = Locker::of($boat)->untaught()->plan($spread->rows());
        $line = $plan->lineOf($code);
        $conditions = new Conditions($spread->speed, density: $trip->density());
        $solver = new SpreadSolver;
        $depth = static fn (?Trued $trued): float => $solver
            ->run($line->withTrued($trued), $conditions, withDoubt: false)->depth();
        SoundedGear::take(
            $boat, $trip, $trip->date->addMinutes(375 + $minute)->format('Y-m-d\TH:i:s\Z'), $by,
            new Sounding($depth(new Trued(self::TRULY)) + $off, $depth(null), $spread->speed),
            Locker::of($boat)->row($plan->describedOf($code)), [], $conditions,
        );
    }
}
