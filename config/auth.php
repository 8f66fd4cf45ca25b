<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'device'],
    'guards' => ['device' => ['driver' => 'session', 'provider' => 'devices']],
    'providers' => ['devices' => ['driver' => 'eloquent', 'model' => \App\Models\Device::class]],
];
