<?php

declare(strict_types=1);

namespace Admek\Core\Drills\Situations;

use Admek\Core\Drills\Answer;
use Admek\Core\Drills\Chance;
use Admek\Core\Drills\Drill;
use Admek\Core\Drills\DrillKind;
use Admek\Core\Fish\FishCare;
use Admek\Core\Fish\Habits;
use Admek\Core\Fish\Species;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Trip\ChoreRules;
use Admek\Core\Trip\ForecastHour;
use Admek\Core\Trip\GoLimits;
use Admek\Core\Trip\GoNoGo;
use Admek\Core\Trip\HourFinding;
use Admek\Core\Trip\TripClock;
use Admek\Core\Units\ClockTime;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use Admek\Core\Water\Band;
use Admek\Core\Water\ReadingRules;
use Admek\Core\Water\Signs\Mark;
use Admek\Core\Water\Signs\Marks;
use Admek\Core\Water\Signs\Season;
use Admek\Core\Water\Signs\TemperatureProfile;
use Admek\Core\Water\Signs\WaterSigns;
use Admek\Core\Water\TargetBands;

/** Made-up days: where the fish are, whether to go, what goes back. */
final class Waters
{
    /** m from one offered depth to the next, at least. */
    private const APART = 7.0;

    public static function readWater(int $seed, Chance $chance): Drill
    {
        $species = $chance->pick([Species::King, Species::Coho, Species::LakeTrout, Species::Walleye]);
        [$warm, $cold] = [$chance->step(64, 74, 1), $chance->step(42, 48, 1)];
        $from = $chance->step(25, 60, 5);
        $to = $from + $chance->step(15, 40, 5);
        $profile = TemperatureProfile::of(array_map(static fn (array $reading): array => [
            'depth' => $reading[0] * Units::FOOT, 'celsius' => Units::Us->toSi(Quantity::Temperature, $reading[1]),
        ], [[0.0, $warm], [$from, $warm - 2.0], [$to, $cold + 3.0], [$to + 60.0, $cold]]));
        $bottom = ($to + $chance->step(40, 80, 10)) * Units::FOOT;
        $band = self::band($species, new WaterSigns(Season::Summer, $profile, bottom: $bottom));

        return new Drill(DrillKind::ReadWater, $seed, $species, Sentence::of(
            'Summer. The probe reads {warm} down to {from}, then falls to {cold} at {to}, over {bottom}. Where do you run for '
            .'{species}?', [
                'warm' => [Quantity::Temperature, $profile->at(0.0)], 'from' => [Quantity::Depth, $from * Units::FOOT],
                'cold' => [Quantity::Temperature, $profile->at($to * Units::FOOT)], 'to' => [Quantity::Depth, $to * Units::FOOT],
                'bottom' => [Quantity::Depth, $bottom], 'species' => $species->label(),
            ],
        ), self::depths($band, $bottom, $chance), 25.0);
    }

    public static function aimAtMarks(int $seed, Chance $chance): Drill
    {
        $species = $chance->pick([Species::King, Species::LakeTrout, Species::Walleye]);
        $bottom = $chance->step(80, 120, 5);
        $down = $species !== Species::King && $chance->one(2);
        $at = $down ? $bottom - 1.0 : $chance->step(30, $bottom - 30, 5);
        $depth = $at * Units::FOOT;
        $count = (int) $chance->step(3, 9, 1);
        $band = self::band($species, new WaterSigns(
            Season::Summer, null, new Marks([new Mark($depth, $count)]), $bottom * Units::FOOT,
        ));

        return new Drill(DrillKind::AimAtMarks, $seed, $species, Sentence::of(
            'Over {bottom}, {count} {species} marked at {depth}. Where do you run?', [
                'bottom' => [Quantity::Depth, $bottom * Units::FOOT], 'count' => $count, 'species' => $species->label(),
                'depth' => [Quantity::Depth, $depth],
            ],
        ), self::depths($band, $bottom * Units::FOOT, $chance), 20.0);
    }

    private static function band(Species $species, WaterSigns $signs): Band
    {
        $bands = new TargetBands($signs, RuleBook::of(Habits::rules()), RuleBook::of(ReadingRules::rules()));

        return $bands->for([$species])[0] ?? throw new \LogicException("Nothing is known of {$species->value} here.");
    }

    /**
     * @param  float  $floor  m
     * @return list<Answer> up to three depths, the shallowest first; one lies in the band
     */
    private static function depths(Band $band, float $floor, Chance $chance): array
    {
        $height = $band->bottom - $band->top;
        $middle = 0.5 * ($band->top + $band->bottom);
        $apart = max(self::APART, $height);
        $deeper = (int) floor(($floor - $middle) / $apart);
        $above = min((int) floor(($middle - 1.0) / $apart), max($chance->pick([0, 1, 2]), 2 - $deeper));
        $answers = [];
        for ($i = -$above; $i < 3 - $above; $i++) {
            $depth = $middle + $i * $apart;
            if ($depth > $floor) {
                break;
            }
            $answers[] = new Answer(
                sprintf('%d', $i + $above), Sentence::of('{depth}', ['depth' => [Quantity::Depth, $depth]]), $i === 0 ? 1.0 : 0.0,
                $band->why,
            );
        }

        return $answers;
    }

    public static function frontComes(int $seed, Chance $chance): Drill
    {
        $clock = TripClock::of('06:30', '13:00', 6 * Units::MILE, RuleBook::of(ChoreRules::rules()));
        $front = 60 * (int) $chance->step(10, 15, 1);
        $calm = $chance->step(6, 14, 1) * Units::MPH;
        $forecast = [];
        for ($at = 300; $at <= max($front, $clock->backBy); $at += 60) {
            $blows = $at < $front ? $calm : 2.0 * $calm;
            $forecast[] = new ForecastHour(
                $at, $blows, 1.2 * $blows, $at < $front ? 220.0 : 310.0, 0.5, 9000.0, false, $at === $front,
            );
        }
        $limits = RuleBook::of(GoLimits::rules());
        $go = GoNoGo::of($forecast, $limits, $clock, 6 * Units::MILE, 14.0);
        $right = $go->fitUntil ?? $clock->backBy;
        $why = Sentence::all([
            Sentence::of('Off the water {hours} before a front, by the limits every boat begins with.', [
                'hours' => [Quantity::Hours, $limits->get('front_hours')],
            ]),
            ...array_map(static fn (HourFinding $finding): Sentence => $finding->sentence(), array_slice($go->worst, 0, 2)),
        ]);
        // So many hours after the right one that its place among the four says nothing.
        $after = min((int) $chance->step(0, 3, 1), intdiv($clock->backBy - $right, 60));
        $times = array_map(static fn (int $hours): int => $right + 60 * $hours, range($after - 3, $after));

        return new Drill(DrillKind::FrontComes, $seed, $chance->pick([Species::Coho, Species::Walleye]), Sentence::of(
            'Cast off {off}, back by {back}, six miles out. Wind {wind}; a front is due at {front}. Until '
            .'when is it fit to be out?', [
                'off' => new ClockTime($clock->castOff), 'back' => new ClockTime($clock->backBy),
                'wind' => [Quantity::Wind, $calm], 'front' => new ClockTime($front),
            ],
        ), array_map(static fn (int $time): Answer => new Answer(
            (string) $time,
            Sentence::of($time >= $clock->backBy ? 'The whole trip' : '{time}', ['time' => new ClockTime($time)]),
            $time === $right ? 1.0 : ($time === $right - 60 ? 0.3 : 0.0), $why,
        ), $times), 25.0);
    }

    public static function goesBack(int $seed, Chance $chance): Drill
    {
        $species = $chance->pick([Species::Muskie, Species::Walleye, Species::LakeTrout, Species::King, Species::Coho]);
        $rules = RuleBook::of(FishCare::rules());
        $limit = $rules->get(FishCare::warmRule($species));
        $surface = $limit + $chance->pick([-9.0, -6.0, -4.0, 1.0, 2.0, 3.0]);
        $deep = $chance->step(10, 90, 5) * Units::FOOT;
        $why = FishCare::advice([$species], $rules, $surface, [$species->value => $deep]);
        $right = match (true) {
            $surface > $limit => 'not',
            FishCare::harmed($species, $deep, $rules) => 'keep',
            default => 'back',
        };
        $answers = [];
        foreach ([
            'back' => 'It can go back: handled in the water', 'keep' => 'Up from so deep it may not live: fish shallower',
            'not' => 'Too warm: do not fish for release',
        ] as $key => $words) {
            $answers[] = new Answer($key, Sentence::of($words), $key === $right ? 1.0 : 0.0, $why);
        }

        return new Drill(DrillKind::GoesBack, $seed, $species, Sentence::of(
            'The surface is {surface}. A {species} comes up fast from {deep}; your guests fish to release. What holds?', [
                'surface' => [Quantity::Temperature, $surface], 'species' => $species->label(),
                'deep' => [Quantity::Depth, $deep],
            ],
        ), $answers, 20.0);
    }
}
