<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Rigs\BottomRig;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Load;
use Admek\Core\Towing\Reach;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/**
 * How a bottom rig stands. Its weight should tick bottom, not drag: let-out within one and a half times the depth and the line
 * at the water at 45° or steeper, at the fastest speed that will be run (docs/towing-model.md, Bottom rigs).
 */
final readonly class BottomFishing
{
    /**
     * @param  float  $angle  of the line at the weight below the horizontal, degrees
     * @param  float  $waterAngle  of the line at the water, degrees
     * @param  float  $scope  let-out over depth
     * @param  ?float  $lightest  kg of the lightest stock weight that ticks at this depth; null where none does
     * @param  float  $fastest  m/s it is held to
     */
    private function __construct(
        public float $angle,
        public float $waterAngle,
        public float $scope,
        public ?float $lightest,
        private float $weight,
        private float $fastest,
        private SpreadLimits $limits,
    ) {
    }

    /**
     * Null for a rig that does not fish bottom by a weight.
     *
     * @throws CannotTow
     */
    public static function of(RunningLine $line, Conditions $conditions, SpreadLimits $limits = new SpreadLimits): ?self
    {
        $rig = $line->planned->rig->bottom();
        if ($rig === null) {
            return null;
        }
        $loads = self::loads($line->planned, $conditions);
        // Scope is reckoned to the ground: a weight goes no deeper.
        $weight = $line->solution->bodies[BottomRig::WEIGHT];
        $depth = max(0.1, min($weight[2], $limits->bottom?->at(-$weight[0]) ?? INF));
        $fastest = self::fastest($conditions, $limits);
        $lightest = self::lightest($line->planned, $depth, $conditions, $limits);

        return new self(
            // What lies below the chain's last part, its main line, pulls at that line's lower end.
            $loads[count($loads) - 2]->angle, $loads[count($loads) - 1]->angle, $rig->letOut / $depth, $lightest,
            $rig->weight->mass, $fastest->speed, $limits,
        );
    }

    /**
     * The lightest stock weight with which a bottom rig ticks at a depth.
     *
     * @param  float  $depth  m
     * @return ?float kg; null where none does, or it fishes no bottom
     */
    public static function lightest(PlannedLine $line, float $depth, Conditions $conditions, SpreadLimits $limits): ?float
    {
        $rig = $line->rig->bottom();
        if ($rig === null) {
            return null;
        }
        $fastest = self::fastest($conditions, $limits);
        // The heavier, the steeper it stands: between one that drags and one that ticks lies the lightest.
        [$drags, $ticks] = [-1, count(LeadWeight::STOCK)];
        while ($ticks - $drags > 1) {
            $middle = intdiv($drags + $ticks, 2);
            self::ticks($line->withRig($rig->withWeight(LeadWeight::STOCK[$middle])), $depth, $fastest, $limits)
                ? $ticks = $middle : $drags = $middle;
        }

        return LeadWeight::STOCK[$ticks] ?? null;
    }

    /** At the fastest speed that will be run. */
    private static function fastest(Conditions $conditions, SpreadLimits $limits): Conditions
    {
        return $conditions->at(min(Conditions::FASTEST, $conditions->speed + $limits->wander));
    }

    /** Whether the weight it has is one that ticks. */
    public function isHeavyEnough(): bool
    {
        return $this->lightest !== null && $this->weight >= $this->lightest - 1e-6;
    }

    /** Whether it is the lightest that does. */
    public function isLightest(): bool
    {
        return $this->lightest !== null && abs($this->weight - $this->lightest) < 1e-6;
    }

    public function advice(): Sentence
    {
        return Sentence::of(match (true) {
            $this->lightest
                === null => 'No weight in the box keeps let-out within {scope} times the depth and the line at {steep} at '
                .'{fastest}: slow down, or thinner line.',
            $this->isLightest() => 'The lightest weight that keeps let-out within {scope} times the depth and the line at '
                .'{steep} at {fastest}.',
            $this->isHeavyEnough() => '{lightest} would be enough to keep let-out within {scope} times the depth and the line '
                .'at {steep} at {fastest}.',
            default => 'Too light: at {fastest} it drags. {lightest} keeps let-out within {scope} times the depth and the line '
                .'at {steep}.',
        }, [
            'scope' => [Quantity::Count, $this->limits->mostScope], 'steep' => [Quantity::Angle, $this->limits->steepEnough],
            'fastest' => [Quantity::Speed, $this->fastest], 'lightest' => [Quantity::SmallMass, $this->lightest ?? 0.0],
        ]);
    }

    /** Whether a rig reaches a depth (m) with so little out, and stands so steep at the water. */
    private static function ticks(PlannedLine $line, float $depth, Conditions $conditions, SpreadLimits $limits): bool
    {
        $control = $line->rig->control();
        [$least, $most] = [max($control->least, $depth), min($control->most, $limits->mostScope * $depth)];
        if ($least >= $most) {
            return false;
        }
        $solver = new TowSolver;
        try {
            $reach = Reach::find(static fn (float $out): float => $solver->solve(
                $conditions->water(), $conditions->turn, $line->withControl($out)->towLine($conditions->density),
            )->bodies[BottomRig::WEIGHT][2], $depth, $least, $most);
            $loads = self::loads($line->withControl($reach->control), $conditions);
        } catch (CannotTow) {
            return false;
        }

        return $reach->reached && $loads[count($loads) - 1]->angle >= $limits->steepEnough;
    }

    /** @return list<Load> */
    private static function loads(PlannedLine $line, Conditions $conditions): array
    {
        return (new TowSolver)->loads($conditions->water(), $conditions->turn, $line->towLine($conditions->density));
    }
}
