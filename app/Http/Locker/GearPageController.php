<?php

declare(strict_types=1);

namespace App\Http\Locker;

use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Rigs\Control;
use App\Http\Asked\DoubtResource;
use App\Models\Boat;
use App\Models\Gear\Lure;
use App\Models\Gear\Reel;
use App\Outfitting\GearUse;
use App\Outfitting\UsualRuns;
use App\Reading\LureRecord;
use Illuminate\Http\JsonResponse;

/** One piece of gear: what uses it, and of a lure where it runs, what was sounded and what bit. */
final class GearPageController
{
    public function show(string $list, int $id, Boat $boat): JsonResponse
    {
        $piece = $boat->{$list}()->findOrFail($id);

        return new JsonResponse([
            'uses' => GearUse::of(GearForm::from($list), $piece, $boat),
            'lure' => $piece instanceof Lure ? self::lure($piece, $boat) : null,
        ], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return array<string, mixed> */
    private static function lure(Lure $lure, Boat $boat): array
    {
        $usual = UsualRuns::of($boat);
        $runs = [];
        foreach ($boat->reels as $reel) {
            $run = $reel->retired ? null : $usual->runs->behind($reel->described(), $lure->described());
            if ($run !== null) {
                $runs[] = self::behind($reel, $run);
            }
        }

        return [
            'speeds' => $usual->speeds, 'behind' => $runs,
            'soundings' => $boat->soundings()->where('lure_id', $lure->id)->get()->map->only(
                ['id', 'method', 'depth', 'model_depth', 'speed', 'presentation'],
            )->all(),
            'bites' => LureRecord::bitesOn($boat, $lure->name),
        ];
    }

    /**
     * @param  array{presentation: Presentation, control: Control, runs: list<?RunningLine>}  $run
     * @return array<string, mixed>
     */
    private static function behind(Reel $reel, array $run): array
    {
        return [
            'reel' => $reel->id, 'kind' => $run['control']->kind->value, 'out' => $run['control']->value,
            'runs' => array_map(static fn (?RunningLine $line): ?array => $line === null ? null : [
                'depth' => round($line->depth(), 4), 'doubt' => $line->doubt === null ? null : new DoubtResource($line->doubt),
            ], $run['runs']),
        ];
    }
}
