<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Books\Book;
use Admek\Core\Day\BottomAhead;
use Admek\Core\Day\Contact;
use Admek\Core\Ground\Ahead;
use Admek\Core\Instruments\Figure;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Check\Steady;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Units\Units;

/** The bottom coming, the lines over it, and what meets it when. */
final readonly class AheadOfHer
{
    private Bottom $bottom;

    /** @param  list<RunningLine>  $lines  in the water, as they run now */
    private function __construct(private UnderWay $now, private array $lines, private Ahead $ahead, private float $ground)
    {
        $this->bottom = Bottom::profile($ahead->profile)->from($ahead->behind);
    }

    /**
     * @param  list<RunningLine>  $lines  in the water, as they run now
     * @return ?self null where nothing tells of the bottom
     */
    public static function of(UnderWay $now, array $lines): ?self
    {
        $motion = $now->motion;
        $ground = $motion->now(Figure::GroundSpeed) ?? $now->conditions->speed;
        $ahead = Ahead::of(
            $now->boat->chart()->first(['grid'])?->bottom(), $motion->place(),
            $motion->now(Figure::Course) ?? $motion->now(Figure::Heading), $motion->now(Figure::Depth),
            $now->trip->bottom, max(0.0, 0.0, ...array_map(static fn (RunningLine $line): float => $line->lure()[0], $lines)),
            $ground * 60.0 * $now->boat->book(Book::Day)->get('ahead_for'),
        );

        return $ahead === null ? null : new self($now, $lines, $ahead, $ground);
    }

    /** @return array<string, mixed> */
    public function told(): array
    {
        $now = $this->now->conditions;
        [$boat, $trip] = [$this->now->boat, $this->now->trip];
        $rules = $boat->book(Book::Day);
        $limits = new SpreadLimits(
            null, $this->bottom->with($trip->structure ?? 0.0), [], $trip->clearance ?? 0.0, $boat->book(Book::Spread),
        );
        $slowed = $now->turning(null)->at(max(Conditions::SLOWEST, $rules->get('slowed_to') * $now->speed));
        $contacts = $this->lines === [] ? [] : BottomAhead::contacts(
            $this->lines, Steady::among(array_column($this->lines, 'planned'), $slowed, withDoubt: false)[0], $limits,
            $this->ground, $this->ground - $now->speed + $slowed->speed,
        );

        return [
            'by' => $this->ahead->by, 'ground' => $this->ground, 'least' => round($this->ahead->least(), 2),
            // In a turn the way ahead is not the one she will go.
            'alarm' => ! $this->now->motion->turnsHard()
                && BottomAhead::isSoon($contacts, 60.0 * $rules->get('bottom_alarm')),
            'way' => BottomAhead::way($contacts)->in(Units::from($boat->units)),
            'profile' => array_map(fn (array $place): array => [
                'along' => $place['along'] - $this->ahead->behind, 'depth' => round($place['depth'], 2),
            ], $this->ahead->profile),
            'contacts' => array_map(fn (Contact $contact): array => [
                'holder' => $contact->holder, 'seconds' => $contact->seconds, 'slowed' => $contact->slowed,
                'words' => $contact->words()->in(Units::from($boat->units)),
            ], $contacts),
        ];
    }

    /**
     * Rods as they run over the bottom that is there: what would run deeper lies on it.
     *
     * @param  list<array<string, mixed>>  $rods  with depth and lag, m
     * @return list<array<string, mixed>>
     */
    public function onBottom(array $rods): array
    {
        return array_map(function (array $rod): array {
            $lies = $rod['depth'] === null ? null : $this->bottom->stops($rod['depth'], $rod['lag']);

            return $lies === null ? $rod : ['depth' => $lies, 'doubt' => null, 'on_bottom' => true] + $rod;
        }, $rods);
    }

    /** m of water where a line's lure is. */
    public function under(RunningLine $line): float
    {
        return $this->bottom->at(-$line->lure()[0]);
    }
}
