<?php

declare(strict_types=1);

return [
    'default' => 'daily',
    'channels' => [
        'daily' => [
            'driver' => 'daily', 'path' => env('ADMEK_LOGS', storage_path('logs')).'/admek.log',
            'level' => 'warning', 'days' => 14,
        ],
    ],
];
