<?php

declare(strict_types=1);

namespace App\Reading;

use Admek\Core\Fish\Species;
use Admek\Core\Patterns\Factor;
use Admek\Core\Patterns\Patterns;
use Admek\Core\Tackle\Parts\Forage;
use Admek\Core\Water\BaitSchools;
use Admek\Core\Water\Box\BoxedLure;
use Admek\Core\Water\Box\LureBox;
use Admek\Core\Water\Box\RankedLure;

/** The lure box in order for a trip's water at one of its hours. */
final readonly class LuresForToday
{
    /**
     * @param  array<string, int>  $ids  of lures by name
     * @param  list<RankedLure>  $order
     */
    private function __construct(public int $hour, public array $ids, public array $order)
    {
    }

    /**
     * @param  Patterns  $record  what the boat's own log says
     * @param  int  $hour  of the trip's schedule, from nought
     */
    public static function of(TripWater $water, Patterns $record, int $hour = 0): self
    {
        $hour = max(0, min($hour, count($water->schedule) - 1));
        $rates = [];
        foreach ($record->factors[Factor::Lure->value] ?? [] as $rate) {
            $rates[$rate->level] = $rate;
        }
        $boxed = $ids = [];
        foreach ($water->boat->lures()->where('retired', false)->get() as $lure) {
            $ids[$lure->name] = $lure->id;
            $boxed[] = new BoxedLure(
                $lure->described(), $lure->size, Forage::tryFrom($lure->imitates ?? ''), $rates[$lure->name] ?? null,
            );
        }
        $box = new LureBox(
            $water->signs, $water->bands, array_map(Species::from(...), $water->trip->species),
            $water->schedule[$hour]['elevation'] ?? null,
            $water->trip->choices['schools']['bait'] ?? BaitSchools::usual($water->signs), $water->rules,
        );

        return new self($hour, $ids, $box->inOrder($boxed));
    }
}
