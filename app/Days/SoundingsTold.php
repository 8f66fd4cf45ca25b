<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Books\Book;
use Admek\Core\Day\Day;
use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Day\SoundingAsked;
use Admek\Core\InvalidValue;
use Admek\Core\Records\Sounding;
use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Plan\Shared;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Towing\CannotTow;
use App\Models\Boat;
use App\Models\KeptEvents;
use App\Models\Trip;
use App\Rigging\Locker;
use App\Rigging\SoundedGear;
use Illuminate\Support\Facades\DB;

/**
 * Depths that were told on the water, kept as soundings of the line as it was out then; one that is taken back is gone, and one
 * that the bottom contradicts is not taken before it is told to be so all the same. Of a line
 * that was not out, or cannot be rigged as it is told, nothing is learnt: the log has it all the same.
 */
final readonly class SoundingsTold
{
    private Day $day;

    private Locker $locker;

    private function __construct(private Trip $trip, private Boat $boat)
    {
        $this->day = Day::of(KeptEvents::of($trip));
        $this->locker = Locker::ever($boat, $trip)->untaught();
    }

    public static function write(Trip $trip): void
    {
        (new self($trip, Boat::query()->findOrFail($trip->boat_id)))->kept();
    }

    private function kept(): void
    {
        $told = [];
        $rules = $this->boat->book(Book::Day);
        foreach ($this->day->all(EventKind::Sounding) as $event) {
            if (SoundingAsked::of($event, $rules) === null) {
                $told[$event->id] = $event;
            }
        }
        $kept = DB::table('soundings')->where('trip_id', $this->trip->id)->whereNotNull('event')->pluck('event')->all();
        DB::table('soundings')->whereIn('event', array_diff($kept, array_keys($told)))->delete();
        foreach (array_diff_key($told, array_flip($kept)) as $event) {
            try {
                $this->keep($event);
            } catch (InvalidValue|CannotTow) {
                continue;
            }
        }
    }

    /**
     * @throws InvalidValue
     * @throws CannotTow
     */
    private function keep(Event $event): void
    {
        $plan = $this->locker->ablePlan($this->rows($event->at));
        $line = $plan->lineOf((string) $event->holder);
        $speed = $event->figure('speed') ?? $this->day->speedAt($event->at)
            ?? $this->trip->spreads()->value('speed') ?? throw InvalidValue::because('speed', 'known');
        $conditions = $this->trip->conditions((float) $speed);
        $model = (new SpreadSolver)->run($line, $conditions, withDoubt: false)->depth();
        $beside = array_filter($plan->described, static fn (DescribedLine $other): bool => $other->holder->code !== $line->holder
            && Shared::together($line, $plan->lineOf($other->holder->code)));
        SoundedGear::take(
            $this->boat, $this->trip, gmdate('Y-m-d\TH:i:s\Z', (int) $event->at),
            SoundingMethod::tryFrom($event->word('method') ?? '') ?? SoundingMethod::Typed,
            new Sounding($event->figure('depth') ?? 0.0, $model, $conditions->speed),
            $this->locker->row($plan->describedOf($line->holder)), $this->locker->rows(array_values($beside)), $conditions,
            $event->id,
        );
    }

    /** @return list<array<string, mixed>> of the lines that were out then, as they were set */
    private function rows(float $at): array
    {
        $rows = [];
        foreach ($this->day->spells as $spell) {
            if ($spell->line !== null && $spell->from <= $at && $at <= ($spell->until ?? INF)) {
                $rows[$spell->holder] = $spell->line->setUp;
            }
        }

        /** @var list<array<string, mixed>> */
        return array_values($rows);
    }
}
