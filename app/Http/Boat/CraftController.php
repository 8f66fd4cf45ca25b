<?php

declare(strict_types=1);

namespace App\Http\Boat;

use Admek\Core\Tackle\Catalogue\Craft;
use Admek\Core\Tackle\Catalogue\CraftPart;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Units\Units;
use App\Models\Boat;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How each rig is fished aboard: Admek's words, or the captain's own in place of them. */
final class CraftController
{
    public function index(Boat $boat): JsonResponse
    {
        return self::answer($boat);
    }

    /** Parts named in the request are the captain's own from then on; an empty one is Admek's again. */
    public function update(Request $request, string $rig, Boat $boat): JsonResponse
    {
        $said = $request->validate([
            'parts' => ['required', 'array'], 'parts.*' => ['nullable', 'string', 'max:'.CraftPart::MOST],
        ])['parts'];
        $request->validate(array_fill_keys(
            array_map(static fn (string $part): string => "parts.{$part}", array_diff(
                array_map(strval(...), array_keys($said)), array_column(CraftPart::cases(), 'value'),
            )),
            ['prohibited'],
        ), ['prohibited' => 'Must be one of '.implode(', ', array_column(CraftPart::cases(), 'value')).'.']);
        $own = $boat->crafts[$rig] ?? [];
        foreach ($said as $part => $words) {
            if ($words === null) {
                unset($own[$part]);
            } else {
                $own[$part] = $words;
            }
        }
        $boat->update(['crafts' => array_filter([$rig => $own] + ($boat->crafts ?? []))]);

        return self::answer($boat);
    }

    /** @return list<string> rigs there is a card of */
    public static function rigs(): array
    {
        return [...array_column(Presentation::cases(), 'value'), Boat::BOARD];
    }

    private static function answer(Boat $boat): JsonResponse
    {
        $rigs = array_map(static function (string $rig) use ($boat): array {
            $presentation = Presentation::tryFrom($rig);
            $told = $boat->craft($presentation);
            $own = $boat->crafts[$rig] ?? [];

            return [
                'rig' => $rig, 'name' => $presentation === null ? 'board' : $presentation->entry()->name,
                'parts' => array_map(static fn (CraftPart $part): array => [
                    'part' => $part->value, 'title' => $part->title(), 'words' => $told[$part->value],
                    'own' => isset($own[$part->value]),
                ], CraftPart::cases()),
            ];
        }, self::rigs());

        return new JsonResponse(['cut_bait' => Craft::cutBait(Units::from($boat->units)), 'rigs' => $rigs]);
    }
}
