<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\Units\ClockTime;
use Admek\Core\Units\Sentence;

/** What one criterion says of one hour of a trip. */
final readonly class HourFinding
{
    /**
     * @param  ?int  $at  minutes after midnight; null for what holds for the whole trip
     * @param  ?string  $phase  way_out, fishing or way_home
     * @param  ?float  $value  SI; null where it is not known; of a front the minute it is due, INF where none is
     * @param  ?float  $limit  SI
     */
    public function __construct(
        public Criterion $criterion,
        public Verdict $verdict,
        public ?int $at,
        public ?string $phase,
        public ?float $value,
        public ?float $limit,
    ) {
    }

    /** How bad, to tell the worst of a kind: the share of the limit that is used up. */
    public function severity(): float
    {
        if ($this->value === null || $this->limit === null || $this->limit <= 0.0 || $this->value <= 0.0) {
            return $this->verdict === Verdict::NoGo ? 10.0 : 1.0;
        }

        return $this->criterion->isLeast() ? $this->limit / $this->value : $this->value / $this->limit;
    }

    public function sentence(): Sentence
    {
        $when = match (true) {
            $this->at === null => '',
            $this->phase === 'way_out' => ' at {at} on the way out',
            $this->phase === 'way_home' => ' at {at} on the way home',
            default => ' at {at} on the ground',
        };
        $quantity = $this->criterion->quantity();
        $front = $this->criterion === Criterion::Front && $this->value !== null && is_finite($this->value);
        $figures = (
            $front ? ['due' => new ClockTime((int) $this->value)] : []
        ) + ['what' => ucfirst($this->criterion->label())] + ($this->at === null ? [] : ['at' => new ClockTime($this->at)])
            + ($quantity === null || $this->value === null ? [] : ['value' => [$quantity, $this->value]])
            + ($quantity === null || $this->limit === null ? [] : ['limit' => [$quantity, $this->limit]]);
        $beyond = $this->criterion->isLeast() ? 'under' : 'over';

        return Sentence::of(match (true) {
            $this->value === null => "{what}{$when} is not known.",
            $this->criterion === Criterion::Lightning => "Lightning is forecast{$when}.",
            $this->criterion === Criterion::Front => match ($this->verdict) {
                Verdict::NoGo => "A front is due at {due}: you would meet it{$when}.",
                Verdict::Caution => 'A front is due at {due}, and may come early.',
                default => 'No front is forecast.',
            },
            $this->verdict === Verdict::NoGo => "{what} {value}{$when} is {$beyond} your limit of {limit}.",
            $this->verdict === Verdict::Caution => "{what} {value}{$when} is close to your limit of {limit}.",
            default => "{what} {value}{$when}, your limit {limit}.",
        }, $figures);
    }
}
