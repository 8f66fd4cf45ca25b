<?php

declare(strict_types=1);

// Router of PHP's own server: built files are handed out as they are, with a cache life; all else is the application's.
$path = parse_url((string) ($_SERVER['REQUEST_URI'] ?? '/'), PHP_URL_PATH);
$path = is_string($path) ? rawurldecode($path) : '/';
$file = str_contains($path, "\0") ? false : realpath(__DIR__.$path);

if ($file !== false && str_starts_with($file, __DIR__.'/build/') && is_file($file)) {
    $types = [
        'js' => 'text/javascript',
        'css' => 'text/css',
        'woff2' => 'font/woff2',
        'woff' => 'font/woff',
        'svg' => 'image/svg+xml',
        'json' => 'application/json',
    ];
    header('Content-Type: '.($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('X-Content-Type-Options: nosniff');
    header('Cross-Origin-Resource-Policy: same-origin');
    header('Cache-Control: public, max-age=31536000, immutable');
    header('Content-Length: '.filesize($file));
    readfile($file);

    return true;
}

require __DIR__.'/index.php';
