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
        $trails = array_map(static fn (RunningLine $line): float => $line->lure()[0], $lines);
        $behind = (ceil(max(0.0, 0.0, ...$trails) / Ahead::STEP) + 1.0) * Ahead::STEP;
        $reach = $ground * 60.0 * $this->rules->get('ahead_for');
        [$profile, $by] = $this->profile($behind, $reach);
        if ($profile === []) {
            return null;
        }
        $limits = new SpreadLimits(
            null, Bottom::profile($profile)->from($behind)->with($this->trip->structure ?? 0.0), [],
            $this->trip->clearance ?? 0.0, $this->boat->book(Book::Spread),
        );
        $share = $this->rules->get('slowed_to');
        $slowed = $now->turning(null)->at(max(Conditions::SLOWEST, $share * $now->speed));
        $contacts = $lines === [] ? [] : BottomAhead::contacts(
            $lines, Steady::among(array_column($lines, 'planned'), $slowed, withDoubt: false)[0], $limits, $ground,
            $ground - $now->speed + $slowed->speed,
        );

        return [
            'by' => $by, 'ground' => $ground, 'alarm' => $this->alarm($contacts),
            'way' => BottomAhead::way($contacts)->in(Units::from($this->boat->units)),
            'profile' => array_map(static fn (array $place): array => [
                'along' => $place['along'] - $behind, 'depth' => round($place['depth'], 2),
            ], $profile),
            'contacts' => array_map(fn (Contact $contact): array => [
                'holder' => $contact->holder, 'seconds' => $contact->seconds, 'slowed' => $contact->slowed,
                'words' => $contact->words()->in(Units::from($this->boat->units)),
            ], $contacts),
        ];
    }

    /**
     * Along her course on the chart, put right by what the sounder reads where she is; else as deep as it reads, else as planned.
     *
     * @return array{list<array{along: float, depth: float}>, string} m, along from so far behind her; what it is known by
     */
    private function profile(float $behind, float $reach): array
    {
        $depth = $this->motion->now(Figure::Depth);
        $course = $this->motion->now(Figure::Course) ?? $this->motion->now(Figure::Heading);
        $here = $this->motion->place();
        $grid = $course === null || $here === null ? null : $this->boat->chart()->first(['grid'])?->bottom();
        if ($grid !== null) {
            $profile = Ahead::profile($grid, $here, $course, $behind, $reach);
            if ($profile !== []) {
                $off = $depth === null ? 0.0 : $depth - (float) $grid->at($here);

                return [
                    array_map(static fn (array $place): array => [
                        'along' => $place['along'], 'depth' => max(0.0, $place['depth'] + $off),
                    ], $profile),
                    $depth === null ? 'chart' : 'chart, by the sounder',
                ];
            }
        }
        $flat = $depth ?? $this->trip->bottom;

        return $flat === null ? [[], ''] : [
            [['along' => 0.0, 'depth' => $flat], ['along' => $behind + $reach, 'depth' => $flat]],
            $depth === null ? 'as planned' : 'if it stays so',
        ];
    }

    /** @param  list<Contact>  $contacts */
    private function alarm(array $contacts): bool
    {
        $soonest = $contacts[0]->seconds ?? null;

        return $soonest !== null && $soonest <= 60.0 * $this->rules->get('bottom_alarm');
    }
}
