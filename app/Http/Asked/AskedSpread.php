<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Check\OutOfReach;
use Admek\Core\Spread\Check\Spooled;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Check\Steady;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedLure;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\Locker;
use App\Rigging\TripLimits;

/** A spread as it stands on a screen, saved or not, with the boat, trip and conditions it is looked at under. */
final readonly class AskedSpread
{
    private function __construct(
        public Boat $boat,
        public Trip $trip,
        public Locker $locker,
        public SpreadPlan $plan,
        public Conditions $conditions,
        public SpreadLimits $limits,
    ) {
    }

    /** @throws InvalidValue naming the field */
    public static function of(SpreadContent $request, Spread $spread, Boat $boat): self
    {
        $trip = $spread->trip()->firstOrFail();
        $boat = $boat->asOn($trip);
        $locker = Locker::of($boat, $trip);
        $locker = $request->boolean('what_if.untrued') ? $locker->untaught() : $locker;

        return new self(
            $boat, $trip, $locker, $locker->plan($request->rows()),
            $request->conditions($trip), TripLimits::of($trip, $boat, $request->gone()),
        );
    }

    /** @return array{list<RunningLine>, list<Breach>} the lines that run, and what is to be said of those that do not */
    public function running(SpreadSolver $solver = new SpreadSolver, bool $withDoubt = true): array
    {
        return Steady::among($this->plan->lines, $this->conditions, $withDoubt, $solver);
    }

    /**
     * @param  list<RunningLine>  $running
     * @return list<Breach> all that is to be said of how it runs
     */
    public function breaches(array $running, SpreadSolver $solver): array
    {
        return [
            ...Breaches::of($running, $this->limits, $this->plan->finishes()),
            ...OutOfReach::among($running, $this->conditions, $solver),
            ...Spooled::among($this->plan->described),
        ];
    }

    /** @return list<DescribedLure> lures aboard that no line pulls */
    public function spares(): array
    {
        $pulled = array_map(static fn (DescribedLine $line): string => $line->lure->name, $this->plan->described);

        return array_values(
            array_filter(
                $this->locker->gear()->lures, static fn (DescribedLure $lure): bool => ! in_array($lure->name, $pulled, true),
            ),
        );
    }

    /** @throws InvalidValue when that holder has no line */
    public function lineAt(int $holderId, string $field = 'holder_id'): PlannedLine
    {
        return $this->plan->lineOf($this->codeOf($holderId, $field));
    }

    /** @throws InvalidValue when that holder has no line */
    public function describedAt(int $holderId): DescribedLine
    {
        return $this->plan->describedOf($this->codeOf($holderId, 'holder_id'));
    }

    private function codeOf(int $holderId, string $field): string
    {
        $code = $this->locker->holder($holderId, $field)->code;
        foreach ($this->plan->lines as $line) {
            if ($line->holder === $code) {
                return $code;
            }
        }
        throw InvalidValue::because($field, 'a holder with a line in this spread');
    }

    public function metric(): bool
    {
        return $this->boat->units === 'metric';
    }
}
