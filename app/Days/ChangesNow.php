<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Books\Book;
use Admek\Core\Day\Changes\Bitten;
use Admek\Core\Day\Changes\Change;
use Admek\Core\Day\Changes\Changes;
use Admek\Core\Day\Changes\Facts;
use Admek\Core\Day\Changes\FinishRates;
use Admek\Core\Day\Changes\Rod;
use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Ground\Place;
use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\MadeGood;
use Admek\Core\Records\Outcome;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Towing\Side;
use App\Instruments\Track;
use App\Models\Bite;
use App\Models\Boat;
use App\Models\Trip;
use App\Reading\TripWater;
use Illuminate\Support\Facades\DB;

/** What is to be changed now, from what is kept of the day, what is read and what the water says. */
final readonly class ChangesNow
{
    private RuleBook $rules;

    private Trip $trip;

    private Boat $boat;

    public function __construct(private UnderWay $now, private Track $track)
    {
        [$this->trip, $this->boat] = [$now->trip, $now->boat];
        $this->rules = $now->boat->book(Book::Changes);
    }

    /**
     * @param  list<RunningLine>  $out  lines in the water
     * @param  list<DescribedLine>  $lines  as they are rigged, of every rod
     * @return list<Change>
     */
    public function told(array $out, array $lines, float $now): array
    {
        [$day, $motion] = [$this->now->day, $this->now->motion];
        $while = 60.0 * $this->rules->get('headway_for');
        $followed = $day->last(EventKind::Followed);
        $facts = new Facts(
            $now, ($day->all(EventKind::Out)[0] ?? null)?->at, $this->bites(),
            self::rods($out, $lines, AheadOfHer::of($this->now, $out)), $this->trip->species,
            $this->bands((int) $now),
            MadeGood::average($this->track->between($now - $while, $now), $while), $motion->now(Figure::WaterSpeed),
            $motion->now(Figure::Heading),
            $this->now->surface, $motion->place(), $followed === null ? null : ['id' => $followed->id, 'at' => $followed->at],
            count($day->all(EventKind::GearLost)), FinishRates::hours($day, $now),
        );
        $answered = array_map(static fn (Event $event): string => (string) $event->word('key'), $day->all(EventKind::Answer));

        return (new Changes($this->rules, $this->boat->book(Book::Care), $this->boat->book(Book::Pass)->get('too_slow')))
            ->of($facts, $answered);
    }

    /** @return list<Bitten> */
    private function bites(): array
    {
        $kinds = DB::table('lures')->pluck('kind', 'id');
        $sides = DB::table('holders')->pluck('side', 'code');

        return array_values(array_reverse($this->trip->bites()->get()->map(
            static function (Bite $bite) use ($kinds, $sides): Bitten {
                $line = array_column($bite->snapshot['lines'], null, 'holder')[$bite->holder] ?? null;
                $kind = $kinds[$line['set_up']['lure_id'] ?? 0] ?? null;

                return new Bitten(
                    $bite->uuid, (float) $bite->bitten_at->format('U'), $bite->holder,
                    Side::tryFrom((string) ($sides[$bite->holder] ?? '')), Outcome::from($bite->outcome), $bite->species,
                    $line['finish'] ?? '', is_string($kind) && LureKind::from($kind)->isBaited(),
                    Side::tryFrom($bite->snapshot['turn']['side'] ?? ''), $line['depth'] ?? null,
                    $bite->snapshot['known']['heading']['value'] ?? null,
                    $bite->latitude === null || $bite->longitude === null ? null : new Place($bite->latitude, $bite->longitude),
                    self::through($bite->snapshot['turned'] ?? null),
                );
            },
        )->all()));
    }

    /**
     * @param  ?array<string, float>  $turned
     * @return ?array{float, float, float, float}
     */
    private static function through(?array $turned): ?array
    {
        return $turned === null ? null : [$turned['top'], $turned['bottom'], $turned['slowest'], $turned['fastest']];
    }

    /**
     * @param  list<RunningLine>  $out
     * @param  list<DescribedLine>  $lines
     * @return list<Rod>
     */
    private static function rods(array $out, array $lines, ?AheadOfHer $ahead): array
    {
        $byHolder = array_combine(
            array_map(static fn (DescribedLine $line): string => $line->holder->code, $lines), $lines,
        );

        return array_map(static fn (RunningLine $run): Rod => new Rod(
            $run->planned->holder, $byHolder[$run->planned->holder]->lure->finish,
            $byHolder[$run->planned->holder]->lure->kind->isBaited(), $run->depth(),
            $run->doubt === null ? 0.0 : max($run->doubt->told()['deeper'], $run->doubt->told()['shallower']),
            $byHolder[$run->planned->holder]->holder->side, $ahead?->under($run), $run->planned->rig->bottom() !== null,
        ), $out);
    }

    /** @return list<array{species: string, top: float, bottom: float, was: array{float, float}}> */
    private function bands(int $now): array
    {
        $schedule = TripWater::of($this->trip, $this->boat)->schedule;
        $gone = array_values(array_filter($schedule, static fn (array $row): bool => $row['time'] <= $now));
        $bands = [];
        foreach ($gone === [] ? [] : end($gone)['bands'] as $i => ['band' => $band, 'top' => $top, 'bottom' => $bottom]) {
            $was = $gone[0]['bands'][$i];
            $bands[] = [
                'species' => $band->species->value, 'top' => $top, 'bottom' => $bottom, 'was' => [$was['top'], $was['bottom']],
            ];
        }

        return $bands;
    }
}
