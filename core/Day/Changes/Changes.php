<?php

declare(strict_types=1);

namespace Admek\Core\Day\Changes;

use Admek\Core\Fish\FishCare;
use Admek\Core\Fish\Species;
use Admek\Core\Records\Outcome;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Towing\Side;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** What to change, as it comes true, the most pressing first (docs/rules.md, What to change). */
final readonly class Changes
{
    /** m told as miles or kilometres rather than feet or metres. */
    private const FAR = 800.0;

    /**
     * @param  RuleBook  $rules  of {@see ChangeRules}
     * @param  RuleBook  $care  of {@see FishCare}
     * @param  float  $tooSlow  m/s made good under which she fishes the same water
     */
    public function __construct(private RuleBook $rules, private RuleBook $care, private float $tooSlow)
    {
    }

    /**
     * @param  list<string>  $answered  keys of those that were taken or refused
     * @return list<Change>
     */
    public function of(Facts $facts, array $answered): array
    {
        $mishaps = new Mishaps($this->rules);
        $all = [
            $mishaps->followed($facts), ...$this->warm($facts), $mishaps->gear($facts), $this->nuisance($facts),
            $this->headway($facts), $this->back($facts),
            InTurns::told($facts, $this->rules, inside: true), InTurns::told($facts, $this->rules, inside: false),
            ...$this->finishes($facts), ...$this->light($facts), $this->slack($facts),
        ];

        return array_values(array_filter(
            $all, static fn (?Change $change): bool => $change !== null && ! in_array($change->key, $answered, true),
        ));
    }

    /** @return list<Change> */
    private function warm(Facts $facts): array
    {
        $changes = [];
        foreach ($facts->species as $species) {
            $limit = $this->care->get(FishCare::warmRule(Species::from($species)));
            if ($facts->surface !== null && $facts->surface > $limit) {
                $changes[] = new Change("warm-{$species}", Sentence::of('Do not fish for {species} to release.', [
                    'species' => Species::from($species)->label(),
                ]), Sentence::of('The surface has warmed to {surface}, over {limit}: played out they die after they swim off.', [
                    'surface' => [Quantity::Temperature, $facts->surface], 'limit' => [Quantity::Temperature, $limit],
                ]));
            }
        }

        return $changes;
    }

    /** Small or unwanted fish take bait before what is fished for comes to it. */
    private function nuisance(Facts $facts): ?Change
    {
        $within = 60.0 * $this->rules->get('nuisance_within');
        $unwanted = array_filter($facts->bites, static fn (Bitten $bite): bool => $bite->bait
            && $facts->now - $bite->at <= $within && ($bite->outcome === Outcome::Missed
            || ($bite->species !== null && ! in_array($bite->species, $facts->species, true))));
        $baits = array_values(array_filter($facts->rods, static fn (Rod $rod): bool => $rod->bait));
        if (count($unwanted) < $this->rules->get('nuisance_bites') || $baits === []) {
            return null;
        }

        return new Change('nuisance', Sentence::of('Bait off, bare hardware on: {rods}.', [
            'rods' => implode(', ', array_column($baits, 'holder')),
        ]), Sentence::of('{count} small or unwanted fish have taken bait within {within}.', [
            'count' => count($unwanted), 'within' => [Quantity::Minutes, $within / 60.0],
        ]));
    }

    private function headway(Facts $facts): ?Change
    {
        if ($facts->made === null || $facts->speed === null || $facts->heading === null || $facts->made >= $this->tooSlow
            || $facts->speed <= $this->tooSlow) {
            return null;
        }
        $over = $this->rules->get('headway_for');
        // As far as she will troll down again in as long, the current with her: twice her speed less what she makes against it.
        $run = 60.0 * $over * (2.0 * $facts->speed - $facts->made);

        return new Change(
            sprintf('headway-%d', intdiv((int) $facts->now, 3600)),
            Sentence::of('Lift, run {run} on {heading}, and troll back down with the current.', [
                'run' => [Quantity::Distance, $run], 'heading' => [Quantity::Angle, $facts->heading],
            ]),
            Sentence::of('{made} over the ground for {over} at {speed} through the water: she fishes the same water.', [
                'made' => [Quantity::Speed, $facts->made], 'over' => [Quantity::Minutes, $over],
                'speed' => [Quantity::Speed, $facts->speed],
            ]),
        );
    }

    private function back(Facts $facts): ?Change
    {
        $bite = $facts->bites === [] ? null : $facts->bites[count($facts->bites) - 1];
        if ($bite === null || $bite->place === null || $facts->place === null || $bite->outcome === Outcome::Missed) {
            return null;
        }
        $away = $facts->place->to($bite->place);
        $minutes = ($facts->now - $bite->at) / 60.0;
        if ($away < $this->rules->get('back_from') || $minutes > $this->rules->get('back_within')) {
            return null;
        }

        return new Change("back-{$bite->id}", Sentence::of('Go back over the bite: {away} on {bearing}'.(
            $bite->heading === null ? '' : ', and over it heading {heading}'
        ).'.', [
            'away' => [$away < self::FAR ? Quantity::Length : Quantity::Distance, $away],
            'bearing' => [Quantity::Angle, $facts->place->bearingTo($bite->place)],
            'heading' => [Quantity::Angle, $bite->heading ?? 0.0],
        ]), Sentence::of($bite->depth === null ? '{holder} was bitten {minutes} ago: the same depths again.'
            : '{holder} was bitten {minutes} ago at {depth}: the same depths again.', [
                'holder' => $bite->holder, 'minutes' => [Quantity::Minutes, $minutes],
                'depth' => [Quantity::Depth, $bite->depth ?? 0.0],
            ]));
    }

    /** @return list<Change> */
    private function finishes(Facts $facts): array
    {
        $bitten = array_count_values(array_filter(array_column($facts->bites, 'finish')));
        arsort($bitten);
        $changes = [];
        foreach ($bitten as $finish => $bites) {
            $others = array_values(array_filter(
                $facts->rods, static fn (Rod $rod): bool => ! $rod->bait && $rod->finish !== (string) $finish,
            ));
            if ($bites >= $this->rules->get('finish_bites') && count($others) > 1) {
                $swap = array_slice($others, 0, intdiv(count($others), 2));
                $changes[] = new Change("finish-{$finish}", Sentence::of('{finish} on about half of the like rods: {rods}.', [
                    'finish' => (string) $finish, 'rods' => implode(', ', array_column($swap, 'holder')),
                ]), FinishRates::why((string) $finish, $facts));
            }
        }

        return $changes;
    }

    /**
     * The light has moved the band under lines that were in it.
     *
     * @return list<Change>
     */
    private function light(Facts $facts): array
    {
        $changes = [];
        foreach ($facts->bands as ['species' => $species, 'top' => $top, 'bottom' => $bottom, 'was' => [$wasTop, $wasBottom]]) {
            if (max(abs($top - $wasTop), abs($bottom - $wasBottom)) < $this->rules->get('light_moved')) {
                continue;
            }
            $move = [];
            foreach ($facts->rods as $rod) {
                $was = $rod->depth >= $wasTop - $rod->doubt && $rod->depth <= $wasBottom + $rod->doubt;
                if ($was && ($rod->depth < $top - $rod->doubt || $rod->depth > $bottom + $rod->doubt)) {
                    $move[$rod->holder] = $rod->depth < $top ? $top : $bottom;
                }
            }
            foreach ($this->together($move) as [$rods, $to]) {
                $changes[] = new Change(
                    sprintf('light-%s-%d-%d', $species, (int) round($top), (int) round($bottom)).($to === $top ? '' : '-up'),
                    Sentence::of('{rods} to {to}.', ['rods' => implode(', ', $rods), 'to' => [Quantity::Depth, $to]]),
                    Sentence::of('The sun has moved {species} from {wasTop#}–{wasBottom} to {top#}–{bottom}.', [
                        'species' => Species::from($species)->label(), 'wasTop' => [Quantity::Depth, $wasTop],
                        'wasBottom' => [Quantity::Depth, $wasBottom], 'top' => [Quantity::Depth, $top],
                        'bottom' => [Quantity::Depth, $bottom],
                    ]),
                );
            }
        }

        return $changes;
    }

    /**
     * Those that go to one depth, together.
     *
     * @param  array<array-key, float>  $move  m, by holder
     * @return list<array{list<string>, float}>
     */
    private function together(array $move): array
    {
        $together = [];
        foreach (array_unique($move) as $to) {
            $together[] = [array_map(strval(...), array_keys($move, $to, true)), $to];
        }

        return $together;
    }

    /** Depth first, then speed, then lure; one thing on one side, so that it is known what did it. */
    private function slack(Facts $facts): ?Change
    {
        $quiet = $facts->quiet();
        $after = 60.0 * $this->rules->get('slack_after');
        if ($quiet === null || $quiet < $after || $facts->rods === []) {
            return null;
        }
        $deeper = self::deeper($facts, $this->rules->get('slack_depth'));
        // What cannot be run at another depth is begun with the next thing.
        $stage = min(2, (int) floor(($quiet - $after) / (60.0 * $this->rules->get('slack_step'))) + ($deeper === null ? 1 : 0));
        $last = $facts->bites === [] ? 'none' : $facts->bites[count($facts->bites) - 1]->id;
        [$rods, $way] = $deeper ?? [[], ''];

        return new Change("slack-{$last}-{$stage}", Sentence::of([
            'Change depth on one side: {rods} {way} by {step}; leave the others as they are.',
            'Change speed by {speed}, up first, then down.',
            'Change lures on the {starboard} side; leave the other as it is.',
        ][$stage], [
            'rods' => implode(', ', $rods), 'way' => $way, 'starboard' => Side::Starboard->value,
            'step' => [Quantity::Depth, $this->rules->get('slack_depth')],
            'speed' => [Quantity::Speed, $this->rules->get('slack_speed')],
        ]), Sentence::of('No bite for {quiet}. One thing at a time, on one side, and it is known what did it.', [
            'quiet' => [Quantity::Minutes, $quiet / 60.0],
        ]));
    }

    /**
     * The rods of one side that can be run so much deeper over the bottom under them, or else so much shallower.
     *
     * @param  float  $by  m
     * @return ?array{list<string>, string} and which way; null where none can be run otherwise
     */
    private static function deeper(Facts $facts, float $by): ?array
    {
        $free = array_filter($facts->rods, static fn (Rod $rod): bool => ! $rod->onBottom);
        foreach ([Side::Port, Side::Starboard, null] as $side) {
            $there = array_filter($free, static fn (Rod $rod): bool => $rod->side === $side);
            foreach ([
                'deeper' => static fn (Rod $rod): bool => $rod->depth + $by + $rod->doubt < ($rod->under ?? INF),
                'shallower' => static fn (Rod $rod): bool => $rod->depth - $by > 0.0,
            ] as $way => $can) {
                $rods = array_filter($there, $can);
                if ($rods !== []) {
                    return [array_values(array_map(static fn (Rod $rod): string => $rod->holder, $rods)), $way];
                }
            }
        }

        return null;
    }
}
