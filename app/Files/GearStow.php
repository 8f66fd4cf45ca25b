<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Boat;
use App\Models\Lure;
use App\Rigging\Locker;

/** Stows what a file's lines are rigged with and the locker does not have. */
final class GearStow
{
    /** Of the locker, by the part of a line they hold. */
    public const LISTS = ['reel' => 'reels', 'lure' => 'lures', 'ball' => 'balls', 'diver' => 'divers', 'board' => 'boards'];

    /**
     * @param  list<array<string, mixed>>  $lines  described
     * @return list<string> names of what was added
     */
    public static function missing(Boat $boat, array $lines): array
    {
        $added = [];
        foreach ($lines as $line) {
            foreach (self::LISTS as $part => $list) {
                $gear = $line[$part] ?? null;
                if ($gear !== null && ! $boat->{$list}()->where('name', $gear['name'])->exists()) {
                    $boat->{$list}()->create($part === 'lure' ? self::lure($gear) : $gear);
                    $added[] = $gear['name'];
                }
            }
        }
        $boat->unsetRelations();

        return $added;
    }

    /**
     * @param  array<string, mixed>  $gear
     * @return array<string, mixed>
     */
    private static function lure(array $gear): array
    {
        $rated = [];
        foreach ($gear['rated'] ?? [] as $figure => $value) {
            $rated["rated_{$figure}"] = $value;
        }
        unset($gear['rated'], $rated['rated_trued']);
        $lure = new Lure(['finish' => $gear['finish'] ?? ''] + $gear + $rated + array_fill_keys(['rated_depth', 'rated_lead', 'rated_line_diameter', 'rated_speed'], null));

        return $lure->fitted()->attributesToArray();
    }
}
