<?php

declare(strict_types=1);

namespace App\Preparing;

use Admek\Core\Tackle\Catalogue\Pick;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Trip\BaitCure;
use Admek\Core\Trip\TripNeeds;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\Gear\Lure;
use App\Models\SpreadLine;
use App\Models\Trip;
use Illuminate\Support\Collection;

/** What a trip needs, read off the lines of its plan. */
final class Needs
{
    public static function of(Trip $trip, Boat $boat): TripNeeds
    {
        /** @var Collection<int, SpreadLine> $lines */
        $lines = $trip->spreads()->with('lines')->first()->lines ?? collect();
        $kinds = $boat->lures->mapWithKeys(static fn (Lure $lure): array => [$lure->id => LureKind::from($lure->kind)]);
        $fishing = static fn (LureKind ...$of): int => $lines->filter(
            static fn (SpreadLine $line): bool => in_array($kinds[$line->lure_id] ?? null, $of, true),
        )->count();
        $units = Units::from($boat->units);
        $leaders = [];
        foreach ($lines as $line) {
            if (($line->leader_length ?? 0.0) > 0.0) {
                $test = rtrim(rtrim(number_format((float) $line->leader_test, 1, '.', ''), '0'), '.');
                // Known by its length in metres: as many are aboard whatever units it is read in.
                $key = sprintf('%.2f %s %s', (float) $line->leader_length, $line->leader_material, $test);
                $leaders[$key] = [
                    'key' => $key, 'leader' => sprintf(
                        '%s %s %s lb', $units->say(Quantity::Leader, (float) $line->leader_length), $line->leader_material, $test,
                    ),
                    'count' => 1 + ($leaders[$key]['count'] ?? 0),
                ];
            }
        }

        return new TripNeeds(
            $trip->anglers,
            $fishing(LureKind::RiggedBait),
            $fishing(LureKind::WormHarness, LureKind::SlowSpinHook),
            $lines->count(),
            $lines->contains(
                static fn (SpreadLine $line): bool => Presentation::from($line->presentation)->entry()->picks(Pick::Ball),
            ),
            array_values($leaders),
            BaitCure::from($trip->bait_cure),
            $trip->bait_strips,
        );
    }
}
