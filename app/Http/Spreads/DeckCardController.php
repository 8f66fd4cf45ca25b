<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Books\Book;
use Admek\Core\Manoeuvres\OutOfGear;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Card\DeckCard;
use Admek\Core\Spread\Card\DeckCardRow;
use Admek\Core\Spread\Check\FishOn;
use Admek\Core\Spread\Check\Setting;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Units\Units;
use App\Days\EventLog;
use App\Days\LinesAsTold;
use App\Http\Asked\BreachResource;
use App\Http\Asked\OutOfGearTold;
use App\Http\Asked\RunningLineResource;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\CardShelf;
use App\Rigging\Locker;
use App\Rigging\OrderOf;
use App\Rigging\TripLimits;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class DeckCardController
{
    public function __invoke(
        Request $request, Spread $spread, Boat $boat, SpreadSolver $solver, CardShelf $cards,
    ): JsonResponse {
        $trip = $spread->trip()->firstOrFail();
        $conditions = $trip->conditions($spread->speed);
        $locker = Locker::of($boat->asOn($trip), $trip);
        $locker = $request->query('untrued') === '1' ? $locker->untaught() : $locker;
        $order = OrderOf::kept($spread, $locker);
        // What was told of a line on the water is what the mate sets from; of lines that do not go together so, those that do.
        $told = LinesAsTold::of($spread, EventLog::of($trip)->day(), $locker);
        $rows = array_values($told->rows);
        $plan = $told->rows === $told->planned ? $locker->plan($rows) : $locker->ablePlan($rows);
        $of = [
            $plan->lines, $told, $conditions, $order, TripLimits::of($trip, $boat), $boat->rulesOfThumb(),
            $boat->book(Book::Manoeuvres), Units::from($boat->units),
        ];

        return JsonResponse::fromJsonString($cards->card($of, static fn (): string => self::made($solver, ...$of)));
    }

    /** @param  list<PlannedLine>  $lines */
    private static function made(
        SpreadSolver $solver, array $lines, LinesAsTold $told, Conditions $conditions, OrderOf $order, SpreadLimits $limits,
        RulesOfThumb $rules,
        RuleBook $handles, Units $units,
    ): string {
        $card = DeckCard::of($lines, $conditions, $order->school, $order->holders, $limits, $solver);
        $running = array_map(static fn (DeckCardRow $row): RunningLine => $row->running, $card->rows);
        $planned = array_map(static fn (RunningLine $line): PlannedLine => $line->planned, $running);
        $clearing = FishOn::clearing($running, $limits);
        $bottom = $limits->bottom?->at(0.0);
        $sinking = OutOfGear::sinking($running, $conditions, $bottom, $handles, $solver);

        return (string) json_encode([
            'speeds' => $card->speeds,
            'rows' => array_map(static fn (DeckCardRow $row): array => [
                'settings' => $row->settings,
                'counter' => $row->counter(),
                'clear_first' => $clearing[$row->running->planned->holder],
                'line' => $told->rows[$row->running->planned->holder],
                'otherwise' => in_array($row->running->planned->holder, $told->otherwise, true),
                'running' => new RunningLineResource($row->running, $rules, $limits->bottom),
            ], $card->rows),
            'crossings' => BreachResource::collection((new Setting($conditions, $limits))->crossings($planned)),
            'school' => $order->school->value,
            'out_of_gear' => OutOfGearTold::of($sinking, $bottom, $handles, $units),
        ]);
    }
}
