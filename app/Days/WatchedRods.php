<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Boat\Hull;
use Admek\Core\Books\Book;
use Admek\Core\Day\Checks;
use Admek\Core\Day\Day;
use Admek\Core\Day\LineState;
use Admek\Core\Spread\Check\FishOn;
use Admek\Core\Spread\Check\Steady;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SettingOrder;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Catalogue\CraftPart;
use Admek\Core\Tackle\Described\DescribedLine;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\ControlTold;
use App\Rigging\Locker;
use App\Rigging\OrderOf;
use App\Rigging\TripLimits;

/** The rods as they stand: lines in the water as they were set, the others as they are planned. */
final readonly class WatchedRods
{
    private function __construct(private Day $day, private Spread $spread, private Boat $boat, private Locker $locker)
    {
    }

    /**
     * @param  Conditions  $conditions  they run under
     * @return array{list<array<string, mixed>>, list<RunningLine>} port bow round the stern, since and due in s since 1970 UTC;
     *                                                            and the lines in the water
     */
    public static function of(UnderWay $now, Conditions $conditions, Locker $locker): array
    {
        return (new self($now->day, $now->spread, $now->boat, $locker))->told($now->trip, $conditions);
    }

    /** @return array{list<array<string, mixed>>, list<RunningLine>} */
    private function told(Trip $trip, Conditions $conditions): array
    {
        $told = LinesAsTold::of($this->spread, $this->day, $this->locker);
        $rows = array_values($told->rows);
        // What was set in one order and planned in another need not go together: the day goes on all the same.
        $plan = $this->locker->ablePlan($rows);
        $runs = self::running($plan->lines, $conditions, withDoubt: true);
        // Most days most rods are as planned.
        $planned = $told->otherwise === [] && $rows === array_values($told->planned)
            ? $plan : $this->locker->ablePlan($this->spread->rows());
        $meant = self::running(
            $planned->lines, $conditions->turning(null)->at($this->spread->speed),
            withDoubt: false,
        );
        $out = array_values(array_filter(
            $runs, fn (RunningLine $line): bool => $this->state($line->planned->holder)->isOut(),
        ));
        $clearing = FishOn::clearing($out, TripLimits::of($trip, $this->boat));
        $due = Checks::of($this->day, $this->boat->book(Book::Day));
        $turns = $this->turns($plan->lines);
        $rods = [];
        foreach ($this->locker->lines($rows) as $i => $line) {
            $code = $line->holder->code;
            $now = $this->day->lines[$code] ?? null;
            $run = $runs[$code] ?? null;
            $rods[] = [
                'holder_id' => $rows[$i]['holder_id'], 'holder' => $code, 'side' => $line->holder->side->value ?? Hull::AMIDSHIPS,
                'state' => $this->state($code)->value, 'since' => $now?->since, 'due' => $due[$code] ?? null,
                'bite' => $now?->bite, 'line' => $rows[$i], 'lure' => $line->lure->name,
                'turn' => $turns[$code] ?? count($turns), 'counter' => self::counter($run),
                'counter_factor' => $run?->planned->isCounted() === true ? $run->planned->counterFactor : null,
                'control' => $run === null ? null : ControlTold::of($run->planned->rig->control()),
                'depth' => $run?->depth(), 'on_bottom' => false, 'lag' => $run?->lure()[0], 'doubt' => $run?->doubt?->told(),
                'trued' => $run?->planned->trued !== null,
                'as_planned' => in_array($code, $told->otherwise, true) ? $told->planned[$code] ?? null : null,
                'planned' => self::otherwise($run, $meant[$code] ?? null),
                'clear_first' => $clearing[$code] ?? [], 'taken' => $this->taken($line),
            ];
        }

        return [$rods, $out];
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @return array<array-key, RunningLine> by holder
     */
    private static function running(array $lines, Conditions $conditions, bool $withDoubt): array
    {
        $running = [];
        foreach (Steady::among($lines, $conditions, $withDoubt)[0] as $line) {
            $running[$line->planned->holder] = $line;
        }

        return $running;
    }

    /**
     * Which is set first, second and so on.
     *
     * @param  list<PlannedLine>  $lines
     * @return array<array-key, int> by holder
     */
    private function turns(array $lines): array
    {
        $order = OrderOf::kept($this->spread, $this->locker);

        return array_flip(array_map(
            static fn (PlannedLine $line): string => $line->holder, SettingOrder::of($lines, $order->school, $order->holders),
        ));
    }

    /** How the bite of a line is taken, and what the board it is behind changes. */
    private function taken(DescribedLine $line): string
    {
        $said = array_map(
            fn (array $craft): string => $craft[CraftPart::Taken->value],
            [$this->boat->craft($line->presentation), ...($line->board === null ? [] : [$this->boat->craft(null)])],
        );

        return implode(' ', array_unique($said));
    }

    /** m its counter shows when it is set, where that is known to be off. */
    private static function counter(?RunningLine $run): ?float
    {
        $planned = $run?->planned;

        return $planned?->isCounted() === true && $planned->counterFactor !== 1.0
            ? $planned->counterShows($planned->rig->control()->value) : null;
    }

    private function state(string $code): LineState
    {
        return $this->day->lines[$code]->state ?? LineState::InBoat;
    }

    /** m it was meant to run at, where it runs elsewhere by more than its doubt. */
    private static function otherwise(?RunningLine $run, ?RunningLine $meant): ?float
    {
        if ($run === null || $meant === null || $run->doubt === null) {
            return null;
        }
        $off = $meant->depth() - $run->depth();
        $doubt = $run->doubt->told();

        return $off > $doubt['deeper'] || -$off > $doubt['shallower'] ? $meant->depth() : null;
    }
}
