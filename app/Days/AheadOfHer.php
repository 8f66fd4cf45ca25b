<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Books\Book;
use Admek\Core\Day\BottomAhead;
use Admek\Core\Day\Contact;
use Admek\Core\Ground\Ahead;
use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\Motion;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Check\Steady;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\Trip;

/** The bottom coming, the lines over it, and what meets it when. */
final readonly class AheadOfHer
{
    private RuleBook $rules;

    private Trip $trip;

    private Boat $boat;

    private Motion $motion;

    public function __construct(private UnderWay $now)
    {
        [$this->trip, $this->boat, $this->motion] = [$now->trip, $now->boat, $now->motion];
        $this->rules = $now->boat->book(Book::Day);
    }

    /**
     * @param  list<RunningLine>  $lines  in the water, as they run now
     * @return ?array<string, mixed> null where nothing tells of the bottom
     */
    public function told(array $lines): ?array
    {
        $now = $this->now->conditions;
        $ground = $this->motion->now(Figure::GroundSpeed) ?? $now->speed;
        $ahead = Ahead::of(
            $this->boat->chart()->first(['grid'])?->bottom(), $this->motion->place(),
            $this->motion->now(Figure::Course) ?? $this->motion->now(Figure::Heading), $this->motion->now(Figure::Depth),
            $this->trip->bottom, max(0.0, 0.0, ...array_map(static fn (RunningLine $line): float => $line->lure()[0], $lines)),
            $ground * 60.0 * $this->rules->get('ahead_for'),
        );
        if ($ahead === null) {
            return null;
        }
        $bottom = Bottom::profile($ahead->profile)->from($ahead->behind)->with($this->trip->structure ?? 0.0);
        $limits = new SpreadLimits(null, $bottom, [], $this->trip->clearance ?? 0.0, $this->boat->book(Book::Spread));
        $share = $this->rules->get('slowed_to');
        $slowed = $now->turning(null)->at(max(Conditions::SLOWEST, $share * $now->speed));
        $contacts = $lines === [] ? [] : BottomAhead::contacts(
            $lines, Steady::among(array_column($lines, 'planned'), $slowed, withDoubt: false)[0], $limits, $ground,
            $ground - $now->speed + $slowed->speed,
        );

        return [
            'by' => $ahead->by, 'ground' => $ground, 'least' => round($ahead->least(), 2),
            'alarm' => BottomAhead::isSoon($contacts, 60.0 * $this->rules->get('bottom_alarm')),
            'way' => BottomAhead::way($contacts)->in(Units::from($this->boat->units)),
            'profile' => array_map(static fn (array $place): array => [
                'along' => $place['along'] - $ahead->behind, 'depth' => round($place['depth'], 2),
            ], $ahead->profile),
            'contacts' => array_map(fn (Contact $contact): array => [
                'holder' => $contact->holder, 'seconds' => $contact->seconds, 'slowed' => $contact->slowed,
                'words' => $contact->words()->in(Units::from($this->boat->units)),
            ], $contacts),
        ];
    }
}
