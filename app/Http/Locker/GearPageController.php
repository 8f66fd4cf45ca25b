<?php

declare(strict_types=1);

namespace App\Http\Locker;

use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Rigs\Control;
use Admek\Core\Towing\Doubt\Doubt;
use Admek\Core\TrueUp\Owners;
use App\Http\Asked\DoubtResource;
use App\Models\Boat;
use App\Models\Gear\Lure;
use App\Models\Gear\Reel;
use App\Outfitting\GearUse;
use App\Outfitting\UsualRuns;
use App\Reading\LureRecord;
use App\Reading\TrueUpReport;
use App\Rigging\Locker;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;

/** One piece of gear: what uses it, and of a lure where it runs, what was sounded and what bit. */
final class GearPageController
{
    public function show(string $list, int $id, Boat $boat): JsonResponse
    {
        $piece = $boat->{$list}()->findOrFail($id);

        return new JsonResponse([
            'uses' => GearUse::of(GearForm::from($list), $piece, $boat),
            'taught' => self::taught(GearForm::from($list), $piece, $boat),
            'lure' => $piece instanceof Lure ? self::lure($piece, $boat) : null,
        ], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return array{figures: list<array<string, mixed>>, soundings: list<array<string, mixed>>} what soundings say of it */
    private static function taught(GearForm $form, Model $piece, Boat $boat): array
    {
        $name = (string) $piece->getAttribute('name');
        $owner = $form === GearForm::Weights
            ? Owners::weight((float) $piece->getAttribute('mass')) : Owners::piece($form, $name);
        $owners = array_fill_keys(array_column(Doubt::cases(), 'value'), $owner);
        if ($form === GearForm::Reels) {
            $owners[Doubt::LetOut->value] = Owners::counter($name);
        }

        return TrueUpReport::of($boat, Locker::of($boat), $owners)->told();
    }

    /** @return array<string, mixed> */
    private static function lure(Lure $lure, Boat $boat): array
    {
        $usual = UsualRuns::of($boat);
        $locker = Locker::of($boat);
        $runs = [];
        foreach ($boat->reels as $reel) {
            $run = $reel->retired ? null : $usual->runs->behind($locker->reel($reel->id), $lure->described());
            if ($run !== null) {
                $runs[] = self::behind($reel, $run);
            }
        }

        return [
            'speeds' => $usual->speeds, 'behind' => $runs,
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
