<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Spread\Plan\HolderFit;
use Admek\Core\Spread\Plan\SpreadPlan;
use App\Files\DepthTable;
use App\Files\GearStow;
use App\Files\SpreadFile;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\Locker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A spread out as a file that stands alone, and one in. */
final class SpreadFileController
{
    public function show(Spread $spread, Boat $boat): JsonResponse
    {
        $trip = $spread->trip()->firstOrFail();
        $boat = $boat->asOn($trip);
        $file = SpreadFile::of(
            [
                'name' => $spread->name,
                'boat' => $boat->name,
                'mast' => $boat->mast(),
                'density' => $trip->density(),
            ],
            $spread->speed,
            Locker::of($boat)->plan($spread->rows())->described,
        );

        return new JsonResponse(
            $file,
            200,
            ['Content-Disposition' => "attachment; filename=\"spread-{$spread->id}.admek.json\""],
            JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    public function table(Spread $spread, Boat $boat): Response
    {
        return new Response(
            DepthTable::csv($spread, $boat),
            200,
            [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"spread-{$spread->id}.csv\"",
            ],
        );
    }

    /**
     * What a file's lines are on this boat: in her holders, with gear she lacks stowed in the locker. Nothing of the
     * spread is changed: it comes to the desk as an edit.
     */
    public function read(Request $request, Spread $spread, Boat $boat): JsonResponse
    {
        $file = SpreadFile::read($request->getContent());
        SpreadPlan::of($file['lines'], $file['mast']);
        $then = $boat->asOn($spread->trip()->firstOrFail());
        [$lines, $left] = HolderFit::moved($file['lines'], Locker::of($then)->holders());
        $added = GearStow::missing($boat, $lines);
        $locker = Locker::of($then);
        $rows = $locker->rows($lines);
        // On this boat's own holders it must be riggable too; if not, nothing is stowed.
        $locker->plan($rows);

        return new JsonResponse(
            ['speed' => $file['speed'], 'lines' => $rows, 'left_out' => $left, 'added' => $added],
            options: JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
