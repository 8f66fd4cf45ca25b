<?php

declare(strict_types=1);

return [
    'name' => 'Admek',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => 'http://localhost',
    // Times are kept in UTC and shown in the boat's own zone by the page.
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => \App\Devices\CookieKey::of((string) env('ADMEK_DATABASE', dirname(__DIR__).'/data/admek.sqlite')),
    'maintenance' => ['driver' => 'file'],
];
