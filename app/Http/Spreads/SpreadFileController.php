<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Spread\Plan\HolderFit;
use Admek\Core\Spread\Plan\LineBuilder;
use App\Files\DepthTable;
use App\Files\GearStow;
use App\Files\SpreadFile;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\Locker;
use App\Rigging\RigBuilder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** A spread out as a file that stands alone, and one in. */
final class SpreadFileController
{
    public function show(Spread $spread, Boat $boat): JsonResponse
    {
        $file = SpreadFile::of(['name' => $spread->name, 'boat' => $boat->name, 'mast' => $boat->mast(), 'density' => $spread->trip()->firstOrFail()->density()], $spread->speed, (new RigBuilder($boat))->described(RigBuilder::rows($spread)));

        return new JsonResponse($file, 200, ['Content-Disposition' => "attachment; filename=\"spread-{$spread->id}.admek.json\""], JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public function table(Spread $spread, Boat $boat): Response
    {
        return new Response(DepthTable::csv($spread, $boat), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"spread-{$spread->id}.csv\""]);
    }

    /**
     * What a file's lines are on this boat: in her holders, with gear she lacks stowed in the locker. Nothing of the
     * spread is changed: it comes to the desk as an edit.
     */
    public function read(Request $request, Spread $spread, Boat $boat): JsonResponse
    {
        $file = SpreadFile::read($request->getContent());
        LineBuilder::all($file['lines'], $file['mast']);
        $fit = HolderFit::of(array_column($file['lines'], 'holder'), Locker::of($boat)->holderShapes());
        [$lines, $left] = [[], []];
        foreach ($file['lines'] as $line) {
            $to = $fit[$line['holder']['code']] ?? null;
            $host = isset($line['rides_on']) ? ($fit[$line['rides_on']] ?? null) : '';
            if ($to === null || $host === null) {
                $left[] = $line['holder']['code'];

                continue;
            }
            $lines[] = ['holder' => ['code' => $to]] + ($host === '' ? [] : ['rides_on' => $host]) + $line;
        }
        [$added, $rows] = DB::transaction(static function () use ($boat, $lines): array {
            $added = GearStow::missing($boat, $lines);
            $rows = array_map(Locker::of($boat)->row(...), $lines);
            // On this boat's own holders it must be riggable too; if not, nothing is stowed.
            (new RigBuilder($boat))->all($rows);

            return [$added, $rows];
        });

        return new JsonResponse(['speed' => $file['speed'], 'lines' => $rows, 'left_out' => $left, 'added' => $added], options: JSON_PRESERVE_ZERO_FRACTION);
    }
}
