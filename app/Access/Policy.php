<?php

declare(strict_types=1);

namespace App\Access;

use App\Devices\Ability;
use App\Models\Boat;
use App\Models\Device;
use App\Models\Spread;
use App\Models\Trip;
use Illuminate\Auth\Access\Gate;
use Illuminate\Auth\Access\Response;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;

/** Who may do what, told to the framework in this one place. Each route names an ability, or answers anybody. */
final class Policy
{
    /** Abilities that a trip, or a spread of one, is named with. */
    public const TRIP = 'look-at-trip';

    public const SPREAD = 'look-at-spread';

    public static function define(Gate $gate): void
    {
        foreach (Ability::cases() as $ability) {
            $gate->define(
                $ability->value, static fn (Device $device): Response => self::said($device->may($ability), $device),
            );
        }
        $gate->define(self::TRIP, static fn (Device $device, Trip|string $trip): Response => self::said(
            self::sees($device, self::id($trip)), $device,
        ));
        $gate->define(self::SPREAD, static fn (Device $device, Spread|string $spread): Response => self::said(
            self::sees($device, (int) Spread::query()->whereKey(self::id($spread))->value('trip_id')), $device,
        ));
    }

    /** Whether who asks has an ability. */
    public static function lets(Request $request, Ability $what): bool
    {
        $device = $request->user();

        return $device instanceof Device && $device->may($what);
    }

    private static function said(bool $may, Device $device): Response
    {
        return $may
            ? Response::allow()
            : Response::deny("This device is aboard as {$device->role->value}: that is not among what it may do.");
    }

    /** Who may not see the season sees the trip under way, and today's after its end. */
    private static function sees(Device $device, int $trip): bool
    {
        return $device->may(Ability::Season)
            || ($device->may(Ability::Look) && in_array($trip, Boat::query()->first()?->tripsOfNow() ?? [], true));
    }

    private static function id(Model|string $row): int
    {
        $id = $row instanceof Model ? $row->getKey() : $row;

        return is_numeric($id) ? (int) $id : 0;
    }
}
