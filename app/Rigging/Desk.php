<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Cure\SpareLure;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use App\Http\Spreads\SpreadContent;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;

/** A spread as it stands on a screen, saved or not, with the boat, trip and conditions it is looked at under. */
final readonly class Desk
{
    /**
     * @param  list<array<string, mixed>>  $rows  as sent
     * @param  list<PlannedLine>  $lines
     */
    private function __construct(
        public Boat $boat,
        public Trip $trip,
        public Locker $locker,
        public array $rows,
        public array $lines,
        public Conditions $conditions,
        public SpreadLimits $limits,
    ) {
    }

    /** @throws InvalidValue naming the field */
    public static function of(SpreadContent $request, Spread $spread, Boat $boat): self
    {
        $locker = Locker::of($boat);
        $trip = $spread->trip()->with('bands')->firstOrFail();

        return new self(
            $boat, $trip, $locker, $request->lines(), (new RigBuilder($boat, $locker))->all($request->lines()),
            $request->conditions($trip->density()), TripLimits::of($trip, $boat, $request->gone()),
        );
    }

    /** @return array{list<RunningLine>, list<Breach>} the lines that run, and what is to be said of those that do not */
    public function running(SpreadSolver $solver = new SpreadSolver, bool $withDoubt = true): array
    {
        return $solver->able($this->lines, $this->conditions, $withDoubt);
    }

    /** @return array<string, string> finish of the lure by holder */
    public function finishes(): array
    {
        $finishes = [];
        foreach ($this->lines as $i => $line) {
            $finishes[$line->holder] = $this->locker->lureRecord($this->rows[$i]['lure_id'] ?? null)->finish;
        }

        return $finishes;
    }

    /** @return list<SpareLure> */
    public function spares(): array
    {
        $used = array_column($this->rows, 'lure_id');
        $spares = [];
        foreach ($this->locker->lures as $lure) {
            if (! in_array($lure->id, $used, true)) {
                $spares[] = new SpareLure($lure->id, $lure->finish, Locker::bait($lure));
            }
        }

        return $spares;
    }

    /** @throws InvalidValue when that holder has no line */
    public function lineAt(int $holderId, string $field = 'holder_id'): PlannedLine
    {
        return $this->lines[$this->indexAt($holderId, $field)];
    }

    /**
     * The line of a holder as it was sent.
     *
     * @return array<string, mixed>
     *
     * @throws InvalidValue when that holder has no line
     */
    public function rowAt(int $holderId): array
    {
        return $this->rows[$this->indexAt($holderId, 'holder_id')];
    }

    private function indexAt(int $holderId, string $field): int
    {
        $index = array_search($holderId, array_column($this->rows, 'holder_id'), true);

        return $index === false ? throw InvalidValue::because($field, 'a holder with a line in this spread') : (int) $index;
    }

    public function metric(): bool
    {
        return $this->boat->units === 'metric';
    }
}
