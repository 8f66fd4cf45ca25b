<?php

declare(strict_types=1);

namespace App\Http\Days;

use App\Models\Device;
use Illuminate\Http\Request;

/** Which device tells something. */
final class Who
{
    /** Its name, as the captain's list of devices has it. */
    public static function asks(Request $request): string
    {
        $device = $request->user();

        return $device instanceof Device ? $device->name : '';
    }
}
