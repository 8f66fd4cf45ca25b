<?php

declare(strict_types=1);

namespace App\Http\Devices;

use App\Devices\Ability;
use App\Models\Device;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Config;

/** @mixin Device */
final class MeResource extends JsonResource
{
    /** Screens, and what one must be let do for it to be shown. */
    private const SCREENS = [
        'trips' => Ability::Look, 'prepare' => Ability::Chores, 'water' => Ability::Plan, 'spread' => Ability::Lines,
        'deck-card' => Ability::Look, 'watch' => Ability::Look, 'log' => Ability::Look,
        'season' => Ability::Season, 'drills' => Ability::Log, 'locker' => Ability::Lines, 'boat' => Ability::Plan,
        'devices' => Ability::Devices,
    ];

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'name' => $this->name, 'role' => $this->role->value, 'laptop' => $this->isLaptop(),
            'demo' => Config::boolean('admek.demo'),
            'may' => array_values(array_map(
                static fn (Ability $ability): string => $ability->value, array_filter(Ability::cases(), $this->may(...)),
            )),
            'screens' => array_keys(array_filter(self::SCREENS, $this->may(...))),
        ];
    }
}
