<?php

declare(strict_types=1);

namespace App\Http\Devices;

use App\Devices\LaptopName;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The laptop Admek runs on, which is named like any other device. */
final class LaptopController
{
    public function update(Request $request, LaptopName $name): JsonResponse
    {
        $asked = $request->validate(['name' => DeviceRequest::NAME], ['name' => DeviceRequest::NAMED]);
        $name->give($asked['name']);

        return DeviceController::answer();
    }
}
