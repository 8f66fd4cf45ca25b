<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Patterns\Fished;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Drafting\DraftBand;
use Admek\Core\Spread\Drafting\DraftedLine;
use Admek\Core\Spread\Drafting\Drafter;
use Admek\Core\Spread\Drafting\DraftTask;
use Admek\Core\Spread\Drafting\LeftOut;
use Admek\Core\Spread\Drafting\WantedWater;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\GearAboard;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Trip\LineLimit;
use Admek\Core\Units\Units;
use App\Http\Asked\AskedSpread;
use App\Http\Asked\DoubtResource;
use App\Models\Boat;
use App\Models\Spread;
use App\Reading\LuresForToday;
use App\Reading\Season\ForTomorrow;
use App\Reading\TripWater;
use Illuminate\Http\JsonResponse;

/** Proposes a whole spread for the water wanted, beside the one on the desk. */
final class DraftController
{
    public function __invoke(DraftRequest $request, Spread $spread, Boat $boat, Drafter $drafter, Fished $season): JsonResponse
    {
        $asked = AskedSpread::of($request, $spread, $boat);
        $water = TripWater::of($asked->trip, $boat);
        $record = ForTomorrow::of($season, $asked->trip, $boat);
        $bands = $request->bands($water);
        $leaning = ForTomorrow::isRefused($asked->trip) ? $bands : DraftBand::leaning($bands, $record->depths());
        $draft = $drafter->draft(new DraftTask(
            $leaning, $asked->locker->holders(), self::inBoxOrder($asked, $water, $record), $asked->conditions,
            self::limits($asked->limits, $bands),
            $asked->trip->linesAllowed() ?? LineLimit::presumed($asked->trip->anglers, $boat->lines_per_angler),
            $boat->mast(), $asked->metric(),
            $boat->riggingRules(), $water->leader()?->length, $water->leader()->material ?? Material::Fluorocarbon,
        ));
        $units = Units::from($boat->units);
        $now = new WantedWater($bands, $asked->limits->reach);
        foreach ($asked->running()[0] as $line) {
            $now->put($line->depth());
        }

        return new JsonResponse([
            'lines' => array_map(static fn (DraftedLine $line, RunningLine $running): array => [
                'holder' => $line->line->holder->code,
                'line' => $asked->locker->row($line->line),
                'depth' => $line->depth, 'doubt' => $running->doubt === null ? null : new DoubtResource($running->doubt),
                'reason' => $line->reason()->in($units),
            ], $draft->lines, $draft->running),
            'covered' => round($draft->covered, 3),
            'covered_now' => round($now->covered(), 3),
            'left_out' => (object) array_map(static fn (LeftOut $why): string => $why->words(), $draft->leftOut),
        ]);
    }

    /** Of a family the lure that lies first in the box for this water is reached for first. */
    private static function inBoxOrder(AskedSpread $asked, TripWater $water, ForTomorrow $record): GearAboard
    {
        $order = [];
        foreach (LuresForToday::of($water, $record->patterns)->order as $place => $one) {
            $order[$one->boxed->lure->name] = $place;
        }
        $gear = $asked->locker->gear();
        $lures = $gear->lures;
        $place = static fn (DescribedLure $lure): int => $order[$lure->name] ?? PHP_INT_MAX;
        usort($lures, static fn (DescribedLure $a, DescribedLure $b): int => $place($a) <=> $place($b));

        return new GearAboard($gear->reels, $lures, $gear->balls, $gear->divers, $gear->boards);
    }

    /** @param  list<DraftBand>  $bands */
    private static function limits(SpreadLimits $limits, array $bands): SpreadLimits
    {
        $wanted = [];
        foreach ($bands as $band) {
            $wanted[$band->species->value] = [$band->top, $band->bottom];
        }

        return $limits->withBands($wanted);
    }
}
