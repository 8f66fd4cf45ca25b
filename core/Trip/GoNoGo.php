<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\Rules\RuleBook;

/** Whether a trip is fit to go: every hour of it by every limit, the way out and the way home told apart. */
final readonly class GoNoGo
{
    /** Minutes a line of a forecast speaks for, where none follows it. */
    private const SPEAKS_FOR = 180;

    private const HOURLY = [
        Criterion::Wind, Criterion::Gust, Criterion::Wave, Criterion::Visibility, Criterion::Lightning, Criterion::Front,
    ];

    /**
     * @param  list<array{at: int, phase: string, verdict: Verdict, findings: list<HourFinding>}>  $hours
     * @param  list<HourFinding>  $whole  what holds for the whole trip
     * @param  list<HourFinding>  $worst  the worst of each criterion, the gravest first; none where all is well
     * @param  ?int  $fitUntil  minutes after midnight until which no hour is a no-go, where a later one is; null where the first
     *   is or none is
     */
    private function __construct(
        public Verdict $verdict, public array $hours, public array $whole, public array $worst, public ?int $fitUntil,
    ) {
    }

    /**
     * @param  list<ForecastHour>  $forecast
     * @param  RuleBook  $limits  of {@see GoLimits}
     * @param  ?float  $run  m from port
     * @param  ?float  $water  °C at the surface
     */
    public static function of(array $forecast, RuleBook $limits, TripClock $clock, ?float $run, ?float $water): self
    {
        usort($forecast, static fn (ForecastHour $a, ForecastHour $b): int => $a->at <=> $b->at);
        $whole = array_values(array_filter([
            self::judged(Criterion::Distance, $run, $limits, null, null),
            self::judged(Criterion::WaterTemperature, $water, $limits, null, null),
        ]));
        $hours = [];
        for ($at = 60 * (int) floor($clock->castOff / 60); $at < $clock->backBy; $at += 60) {
            $said = self::saidFor($forecast, $at);
            $from = max($at, $clock->castOff);
            // An hour is of the part of the trip its middle is of.
            $phase = $clock->phase(intdiv($from + min($at + 60, $clock->backBy), 2));
            $findings = [];
            foreach (self::HOURLY as $criterion) {
                $findings[] = $criterion === Criterion::Front
                    ? self::front($forecast, $limits, $said, $from, $phase)
                    : self::judged($criterion, $said?->of($criterion), $limits, $from, $phase);
            }
            $findings = array_values(array_filter($findings));
            $hours[] = ['at' => $from, 'phase' => $phase, 'verdict' => self::worstVerdict($findings), 'findings' => $findings];
        }

        return new self(
            self::worstVerdict([...$whole, ...array_merge(...array_column($hours, 'findings'))]),
            $hours, $whole, self::worst([...$whole, ...array_merge(...array_column($hours, 'findings'))]), self::fitUntil($hours),
        );
    }

    private static function judged(Criterion $criterion, ?float $value, RuleBook $limits, ?int $at, ?string $phase): ?HourFinding
    {
        if ($criterion === Criterion::Lightning) {
            return new HourFinding($criterion, match ($value) {
                null => Verdict::Unknown, 0.0 => Verdict::Go, default => Verdict::NoGo
            }, $at, $phase, $value, null);
        }
        $limit = $limits->find($criterion->value);
        if ($limit === null) {
            return null;
        }
        $close = $limits->get('close');
        $verdict = match (true) {
            $value === null => Verdict::Unknown,
            $criterion->isLeast() => $value < $limit ? Verdict::NoGo : (
                $value < $limit + abs($limit) * (1 / $close - 1) ? Verdict::Caution : Verdict::Go
            ),
            default => $value > $limit ? Verdict::NoGo : ($value > $close * $limit ? Verdict::Caution : Verdict::Go),
        };

        return new HourFinding($criterion, $verdict, $at, $phase, $value, $limit);
    }

    /**
     * A front that passes, or will within the hours the captain wants to be off before it.
     *
     * @param  list<ForecastHour>  $forecast
     */
    private static function front(array $forecast, RuleBook $limits, ?ForecastHour $said, int $at, string $phase): ?HourFinding
    {
        $before = $limits->find('front_hours');
        if ($before === null) {
            return null;
        }
        $due = null;
        foreach ($forecast as $hour) {
            if ($hour->front === true && $hour->at + 60 > $at) {
                $due = $hour->at;
                break;
            }
        }
        $verdict = match (true) {
            $due !== null && $due - $at <= 60 * $before => Verdict::NoGo,
            $said?->front === null => Verdict::Unknown,
            $due !== null => Verdict::Caution,
            default => Verdict::Go,
        };

        return new HourFinding(
            Criterion::Front, $verdict, $at, $phase, $verdict === Verdict::Unknown ? null : (float) ($due ?? INF), null,
        );
    }

    /** @param  list<ForecastHour>  $forecast  in order */
    private static function saidFor(array $forecast, int $at): ?ForecastHour
    {
        $said = null;
        foreach ($forecast as $hour) {
            if ($hour->at <= $at + 30) {
                $said = $hour;
            }
        }

        return $said !== null && $at - $said->at < self::SPEAKS_FOR ? $said : null;
    }

    /** @param  list<HourFinding>  $findings */
    private static function worstVerdict(array $findings): Verdict
    {
        return array_reduce(
            $findings, static fn (Verdict $worst, HourFinding $finding): Verdict => $worst->worse($finding->verdict), Verdict::Go,
        );
    }

    /**
     * @param  list<HourFinding>  $findings
     * @return list<HourFinding>
     */
    private static function worst(array $findings): array
    {
        $worst = [];
        foreach ($findings as $finding) {
            $had = $worst[$finding->criterion->value] ?? null;
            if ($finding->verdict !== Verdict::Go && ($had === null || self::rank($finding) > self::rank($had))) {
                $worst[$finding->criterion->value] = $finding;
            }
        }
        usort($worst, static fn (HourFinding $a, HourFinding $b): int => self::rank($b) <=> self::rank($a));

        return $worst;
    }

    /** @return array{int, float} */
    private static function rank(HourFinding $finding): array
    {
        return [$finding->verdict->weight(), $finding->severity()];
    }

    /** @param  list<array{at: int, phase: string, verdict: Verdict, findings: list<HourFinding>}>  $hours */
    private static function fitUntil(array $hours): ?int
    {
        foreach ($hours as $i => $hour) {
            if ($hour['verdict'] === Verdict::NoGo) {
                return $i === 0 ? null : $hour['at'];
            }
        }

        return null;
    }
}
