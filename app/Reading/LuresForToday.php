<?php

declare(strict_types=1);

namespace App\Reading;

use Admek\Core\Fish\Species;
use Admek\Core\Records\OwnRecord;
use Admek\Core\Tackle\Parts\Forage;
use Admek\Core\Water\BaitSchools;
use Admek\Core\Water\Box\BoxedLure;
use Admek\Core\Water\Box\LureBox;
use Admek\Core\Water\Box\RankedLure;
use App\Models\Gear\Lure;

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

    /** @param  int  $hour  of the trip's schedule, from nought */
    public static function of(TripWater $water, int $hour = 0): self
    {
        $hour = max(0, min($hour, count($water->schedule) - 1));
        $record = LureRecord::of($water->boat, $water->trip->date->format('Y-m-d'));
        $boxed = $ids = [];
        foreach ($water->boat->lures()->where('retired', false)->get() as $lure) {
            $ids[$lure->name] = $lure->id;
            $boxed[] = self::boxed($lure, $record[$lure->name] ?? null);
        }
        $box = new LureBox(
            $water->signs, $water->bands, array_map(Species::from(...), $water->trip->species),
            $water->schedule[$hour]['elevation'] ?? null,
            $water->trip->choices['schools']['bait'] ?? BaitSchools::usual($water->signs), $water->rules,
        );

        return new self($hour, $ids, $box->inOrder($boxed));
    }

    /** @param  ?array{bites: int, rod_days: int}  $record */
    private static function boxed(Lure $lure, ?array $record): BoxedLure
    {
        return new BoxedLure(
            $lure->described(), $lure->size, Forage::tryFrom($lure->imitates ?? ''),
            $record === null ? new OwnRecord(0, 0) : new OwnRecord($record['bites'], $record['rod_days']),
        );
    }
}
