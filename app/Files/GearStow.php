<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\Files\LineFile;
use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\Tackle\Described\DescribedLine;
use App\Models\Boat;
use App\Models\Gear\Lure;

/** Stows what a file's lines are rigged with and the locker does not have. */
final class GearStow
{
    /**
     * @param  list<DescribedLine>  $lines
     * @return list<string> names of what was added
     */
    public static function missing(Boat $boat, array $lines): array
    {
        $added = [];
        foreach ($lines as $line) {
            $described = LineFile::written($line);
            foreach (GearForm::cases() as $form) {
                $part = $form->part();
                $list = $form->value;
                $gear = $part === null ? null : ($described[$part] ?? null);
                if (is_array($gear) && ! $boat->{$list}()->where('name', $gear['name'])->exists()) {
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
        $rated = array_fill_keys(['rated_depth', 'rated_lead', 'rated_line_diameter', 'rated_speed'], null);
        foreach (array_diff_key($gear['rated'] ?? [], ['trued' => true]) as $figure => $value) {
            $rated["rated_{$figure}"] = $value;
        }

        return (
            new Lure(array_intersect_key($gear, ['name' => true, 'kind' => true, 'finish' => true]) + $rated)
        )->fitted()->attributesToArray();
    }
}
