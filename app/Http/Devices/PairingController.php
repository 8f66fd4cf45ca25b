<?php

declare(strict_types=1);

namespace App\Http\Devices;

use App\Access\PairingCodes;
use App\Devices\OwnNames;
use App\Devices\Role;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Config;

/** The code a captain's screen shows. */
final class PairingController
{
    public function store(PairingRequest $request, PairingCodes $codes): JsonResponse
    {
        $now = CarbonImmutable::now();
        $role = Role::from($request->string('role')->value());
        $code = $codes->make($role, $request->boolean('sees_places'), $now);
        $tls = Config::boolean('admek.tls');
        $port = $request->getPort();
        $at = static fn (string $scheme, string $host): string => "{$scheme}://{$host}"
            .($port === ($scheme === 'https' ? 443 : 80) ? '' : ":{$port}");
        $hosts = OwnNames::forPhones();

        return new JsonResponse([
            'code' => $code, 'role' => $role->value, 'good_for' => PairingCodes::GOOD_FOR,
            'addresses' => array_map(static fn (string $host): string => $at($tls ? 'https' : 'http', $host), $hosts),
            'trusted_at' => $tls && $hosts !== [] ? $at('http', $hosts[0]) : null,
        ], 201);
    }

    public function destroy(PairingCodes $codes): Response
    {
        $codes->takeBack();

        return new Response(status: 204);
    }
}
