<?php

declare(strict_types=1);

namespace Admek\Core\Drills\Situations;

use Admek\Core\Day\BottomAhead;
use Admek\Core\Day\Contact;
use Admek\Core\Day\DayRules;
use Admek\Core\Drills\Answer;
use Admek\Core\Drills\Chance;
use Admek\Core\Drills\Drill;
use Admek\Core\Drills\DrillKind;
use Admek\Core\Drills\Gear;
use Admek\Core\Drills\InMotion;
use Admek\Core\Fish\Species;
use Admek\Core\Manoeuvres\Manoeuvre;
use Admek\Core\Manoeuvres\ManoeuvreKind;
use Admek\Core\Manoeuvres\ManoeuvreRules;
use Admek\Core\Manoeuvres\OutOfGear;
use Admek\Core\Manoeuvres\Sinking;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\BottomFishing;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Rigs\Bouncer;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;

/** What comes near the bottom, and when. */
final class OnBottom
{
    /** m the made-up bottom is looked for in. */
    private const CLEAR = [0.5, 6.0];

    /** s she is looked at slowing down. */
    private const SLOWING = 40.0;

    public static function firstToClear(int $seed, Chance $chance): Drill
    {
        $rules = RuleBook::of(ManoeuvreRules::rules());
        do {
            $lines = [
                Gear::in('P5', Gear::rigger($chance->step(50, 90, 4), $chance->step(15, 60, 5))),
                Gear::in('S5', Gear::stacker($chance->step(60, 95, 5), $chance->step(10, 25, 5))),
                Gear::in('P3', Gear::diver('P3', $chance->step(120, 190, 10), $chance->pick([1.0, 2.0, 3.0]))),
                Gear::in('C1', $chance->one(2) ? Gear::wire($chance->step(120, 220, 10)) : Gear::core($chance->step(5, 9, 1))),
            ];
            $conditions = new Conditions($chance->step(1.9, 2.6, 0.1) * Units::MPH);
            $running = (new SpreadSolver)->all($lines, $conditions);
            $bottom = self::deepest($running) + $chance->step(...self::CLEAR, step: 0.5);
            $sinking = OutOfGear::sinking($running, $conditions, $bottom, $rules);
        } while ($sinking[0]->soonest === null);
        $first = $sinking[0]->holder;
        $for = $rules->get('out_of_gear');

        return new Drill(
            DrillKind::FirstToClear, $seed, $chance->pick([Species::King, Species::LakeTrout]), Sentence::of(
                'A fish takes the board rod and she is taken out of gear over {bottom}. The others are where you see them. Which '
                .'one is cleared first?', ['bottom' => [Quantity::Depth, $bottom]],
            ),
            array_map(static fn (PlannedLine $line): Answer => self::cleared($line->holder, $first, $sinking), $lines), 25.0,
            new InMotion($lines, $conditions, Manoeuvre::coasting($conditions->speed, 0.0, $for, $rules), $for, $bottom),
        );
    }

    /**
     * @param  list<RunningLine>  $running
     * @return float m down, of all that hangs on them
     */
    private static function deepest(array $running): float
    {
        return max(0.0, ...array_merge(...array_map(
            static fn (RunningLine $line): array => array_column($line->solution->bodies, 2), $running,
        )));
    }

    /** @param  list<Sinking>  $sinking */
    private static function cleared(string $holder, string $first, array $sinking): Answer
    {
        $own = array_values(array_filter($sinking, static fn (Sinking $one): bool => $one->holder === $holder))[0] ?? null;

        return new Answer(
            $holder, Sentence::of('{holder}', ['holder' => $holder]), $holder === $first ? 1.0 : 0.0, Sentence::all([
                Sentence::of('{holder}:', ['holder' => $holder]), $own?->says() ?? Sentence::of('it cannot be followed'),
            ]),
        );
    }

    public static function keepWay(int $seed, Chance $chance): Drill
    {
        $lines = [
            Gear::in('P5', Gear::rigger($chance->step(60, 100, 5), 20.0)),
            Gear::in('S5', Gear::rigger($chance->step(60, 100, 5), 40.0)),
            Gear::in('C1', Gear::wire($chance->step(150, 300, 25))),
            Gear::in('S3', Gear::diver('S3', $chance->step(110, 180, 10), 1.5)),
        ];
        $conditions = new Conditions($chance->step(1.8, 2.4, 0.1) * Units::MPH);
        $slow = $conditions->at(RuleBook::of(DayRules::rules())->get('slowed_to') * $conditions->speed);
        $solver = new SpreadSolver;
        $now = $solver->all($lines, $conditions);
        $slowed = $solver->all($lines, $slow, withDoubt: false);
        $bottom = $chance->one(2)
            ? self::deepest($slowed) + $chance->step(4, 8, 0.5) : self::deepest($now) + $chance->step(...self::CLEAR, step: 0.5);
        $contacts = BottomAhead::contacts(
            $now, $slowed, new SpreadLimits(bottom: Bottom::flat($bottom)), $conditions->speed, $slow->speed,
        );
        $touches = array_filter($contacts, static fn (Contact $contact): bool => $contact->slowed !== null) !== [];
        $why = BottomAhead::way($contacts);
        $course = Manoeuvre::of(ManoeuvreKind::Speed, values: ['to' => $slow->speed])->course($conditions);

        return new Drill(
            DrillKind::KeepWay, $seed, Species::LakeTrout, Sentence::of(
                'A good fish is on, over {bottom}, at {speed}. The crew asks to slow to {slow}.', [
                    'bottom' => [Quantity::Depth, $bottom], 'speed' => [Quantity::Speed, $conditions->speed],
                    'slow' => [Quantity::Speed, $slow->speed],
                ],
            ), [
                new Answer('slow', Sentence::of('Slow her: nothing will touch'), $touches ? 0.0 : 1.0, $why),
                new Answer('keep', Sentence::of('Keep way on: something may touch'), $touches ? 1.0 : 0.0, $why),
            ], 20.0, new InMotion($lines, $conditions, $course, self::SLOWING, $bottom),
        );
    }

    public static function ticks(int $seed, Chance $chance): Drill
    {
        $limits = new SpreadLimits;
        do {
            $depth = $chance->step(12, 34, 1) * Units::FOOT;
            $conditions = new Conditions($chance->step(0.6, 1.4, 0.1) * Units::MPH);
            $out = 1.3 * $depth / Units::FOOT;
            $rig = $chance->one(2) ? Gear::bouncer($out, LeadWeight::TWO_OUNCES) : Gear::dropper($out, LeadWeight::TWO_OUNCES);
            $lightest = BottomFishing::lightest(Gear::in('P4', $rig), $depth, $conditions, $limits);
        } while ($lightest === null);
        $at = (int) array_search($lightest, LeadWeight::STOCK, true);
        $from = max(0, min(count(LeadWeight::STOCK) - 4, $at - $chance->pick([0, 1, 2, 3])));
        $answers = [];
        foreach (array_slice(LeadWeight::STOCK, $from, 4) as $mass) {
            $answers[] = new Answer(
                sprintf('%.6f', $mass), Sentence::of('{mass}', ['mass' => [Quantity::SmallMass, $mass]]),
                abs($mass - $lightest) < 1e-6 ? 1.0 : ($mass > $lightest ? 0.3 : 0.0),
                Sentence::of($mass < $lightest
                    ? '{mass} drags: its line lies flatter than {steep} at the water, or takes more than {scope} times the depth.'
                    : ($mass > $lightest ? '{mass} ticks, but {lightest} would do: lighter is felt better.'
                        : '{mass} is the lightest that ticks there even a little faster.'), [
                            'mass' => [Quantity::SmallMass, $mass], 'lightest' => [Quantity::SmallMass, $lightest],
                            'steep' => [Quantity::Angle, $limits->steepEnough], 'scope' => [Quantity::Count, $limits->mostScope],
                        ]),
            );
        }

        return new Drill(DrillKind::Ticks, $seed, Species::Walleye, Sentence::of(
            'A {rig} over {depth} at {speed}. Which weight ticks and does not drag, and is no heavier than it need be?', [
                'rig' => $rig instanceof Bouncer ? 'bouncer' : 'dropper',
                'depth' => [Quantity::Depth, $depth], 'speed' => [Quantity::Speed, $conditions->speed],
            ],
        ), $answers, 30.0);
    }
}
