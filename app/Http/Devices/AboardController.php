<?php

declare(strict_types=1);

namespace App\Http\Devices;

use App\Access\PairingCodes;
use App\Models\Device;
use Carbon\CarbonImmutable;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Auth\Factory;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The device that asks: let in, told who it is, and gone again. */
final readonly class AboardController
{
    public function __construct(private Factory $auth)
    {
    }

    public function show(Request $request): MeResource
    {
        return new MeResource($request->user());
    }

    /** Who asks is let through to here or not: there is nothing more to say. */
    public function mayEnter(): Response
    {
        return new Response(status: 204);
    }

    public function store(ComeAboardRequest $request, PairingCodes $codes): JsonResponse
    {
        $device = $codes->use(
            $request->string('code')->value(), $request->string('name')->value(), CarbonImmutable::now(),
        );
        $this->guard()->login($device);

        return (new MeResource($device))->response()->setStatusCode(201);
    }

    public function destroy(Request $request): Response
    {
        $device = $request->user();
        if ($device instanceof Device && ! $device->isLaptop()) {
            $device->putOut(CarbonImmutable::now());
            $this->guard()->logoutCurrentDevice();
        }

        return new Response(status: 204);
    }

    private function guard(): SessionGuard
    {
        $guard = $this->auth->guard();
        assert($guard instanceof SessionGuard);

        return $guard;
    }
}
