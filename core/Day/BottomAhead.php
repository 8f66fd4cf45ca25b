<?php

declare(strict_types=1);

namespace Admek\Core\Day;

use Admek\Core\Spread\Check\BottomBreaches;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Units\Sentence;

/** Which lines meet the bottom on the way ahead, and when: at the speed of now, and slowed down as for a fish. */
final class BottomAhead
{
    /** m/s over the ground below which she gets nowhere. */
    private const STILL = 0.1;

    /**
     * @param  list<RunningLine>  $now  those in the water
     * @param  list<RunningLine>  $slowed  the same, slowed down; without a doubt of its own a line has that it has now
     * @param  SpreadLimits  $limits  with the bottom from where she is on, and the clearance the captain wants as she goes
     * @param  float  $ground  m/s
     * @param  float  $slowedGround  m/s
     * @return list<Contact> the soonest first
     */
    public static function contacts(
        array $now, array $slowed, SpreadLimits $limits, float $ground, float $slowedGround,
    ): array {
        $first = self::byHolder(BottomBreaches::of($now, $limits));
        $doubts = array_column(array_map(
            static fn (RunningLine $line): array => [$line->planned->holder, $line->doubt], $now,
        ), 1, 0);
        // Slowed for a fish it is the bottom that counts, within what is not sure of the depth.
        $later = self::byHolder(BottomBreaches::of(array_map(static fn (RunningLine $line): RunningLine => new RunningLine(
            $line->planned, $line->solution, $line->doubt ?? $doubts[$line->planned->holder] ?? null,
        ), $slowed), $limits->withClearance(0.0)));
        $contacts = [];
        foreach (array_keys($first + $later) as $holder) {
            $breach = $first[$holder] ?? null;
            $seconds = self::seconds($breach, $ground);
            $slow = self::seconds($later[$holder] ?? null, $slowedGround);
            if ($seconds !== null || $slow !== null) {
                $contacts[] = new Contact(
                    (string) $holder, $seconds, self::touches($breach), $slow,
                    $breach === null ? null : ($breach->wanted ?? 0.0) - ($breach->amount ?? 0.0),
                );
            }
        }
        usort($contacts, static fn (Contact $a, Contact $b): int => [$a->seconds ?? INF, $a->slowed ?? INF, $a->holder]
            <=> [$b->seconds ?? INF, $b->slowed ?? INF, $b->holder]);

        return $contacts;
    }

    /**
     * Whether the soonest comes so soon that it is called out.
     *
     * @param  list<Contact>  $contacts  the soonest first
     * @param  float  $within  s
     */
    public static function isSoon(array $contacts, float $within): bool
    {
        $soonest = $contacts[0]->seconds ?? null;

        return $soonest !== null && $soonest <= $within;
    }

    /**
     * Whether to keep way on with a fish on: by what would touch if she is slowed.
     *
     * @param  list<Contact>  $contacts
     */
    public static function way(array $contacts): Sentence
    {
        $touch = array_values(array_filter($contacts, static fn (Contact $contact): bool => $contact->slowed !== null));
        usort($touch, static fn (Contact $a, Contact $b): int => $a->slowed <=> $b->slowed);

        return $touch === [] ? Sentence::of('She may be slowed: nothing touches.') : Sentence::of(
            'Keep way on, or lift {lines} first: slowed, {soonest} may reach bottom {when}.', [
                'lines' => implode(', ', array_column($touch, 'holder')), 'soonest' => $touch[0]->holder,
                'when' => Contact::when($touch[0]->slowed),
            ],
        );
    }

    /**
     * @param  list<Breach>  $breaches
     * @return array<array-key, Breach>
     */
    private static function byHolder(array $breaches): array
    {
        return array_combine(array_map(static fn (Breach $breach): string => $breach->holders[0], $breaches), $breaches);
    }

    private static function seconds(?Breach $breach, float $ground): ?float
    {
        $ahead = $breach?->first?->ahead;

        return match (true) {
            $ahead === null => null,
            $ahead <= 0.0 => 0.0,
            $ground < self::STILL => null,
            default => $ahead / $ground,
        };
    }

    /** Where it does, its first contact is that with the bottom itself. */
    private static function touches(?Breach $breach): bool
    {
        return ($breach->amount ?? INF) <= 0.0;
    }
}
