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
    // Nothing is encrypted or signed: there are no sessions and no cookies.
    'key' => null,
    'maintenance' => ['driver' => 'file'],
];
