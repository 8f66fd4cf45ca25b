<?php

declare(strict_types=1);

namespace App\Http\Locker;

use Admek\Core\Tackle\Catalogue\GearField;
use Admek\Core\Tackle\Catalogue\GearForm;
use App\Models\Boat;
use Illuminate\Http\JsonResponse;

/** What is aboard. */
final class LockerController
{
    public function __invoke(Boat $boat): JsonResponse
    {
        $locker = [];
        foreach (GearForm::cases() as $form) {
            $keys = ['id', 'name', ...array_map(static fn (GearField $field): string => $field->key, $form->fields())];
            $locker[$form->value] = $boat->{$form->value}->map->only($keys);
        }

        return new JsonResponse($locker, options: JSON_PRESERVE_ZERO_FRACTION);
    }
}
