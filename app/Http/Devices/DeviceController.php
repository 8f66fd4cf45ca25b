<?php

declare(strict_types=1);

namespace App\Http\Devices;

use App\Devices\LaptopName;
use App\Devices\Role;
use App\Models\Device;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

/** Devices that were let in. */
final class DeviceController
{
    public function index(): JsonResponse
    {
        return self::answer();
    }

    public function update(DeviceRequest $request, Device $device): JsonResponse
    {
        $device->update($request->safe(['name', 'role', 'sees_places']));

        return self::answer();
    }

    /** Out at once: what it asks next is asked by nobody. It stays in the table, for what it recorded. */
    public function destroy(Device $device): JsonResponse
    {
        $device->putOut(CarbonImmutable::now());

        return self::answer();
    }

    public static function answer(): JsonResponse
    {
        $aboard = Device::query()->whereNotNull('token')->orderBy('id')->get();

        return new JsonResponse([
            'laptop' => resolve(LaptopName::class)->told(), 'devices' => DeviceResource::collection($aboard),
            'roles' => array_map(
                static fn (Role $role): array => ['role' => $role->value, 'words' => $role->words()], Role::cases(),
            ),
        ]);
    }
}
