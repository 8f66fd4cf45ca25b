<?php

declare(strict_types=1);

use App\Http\Standing;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

header_remove('X-Powered-By');

define('LARAVEL_START', microtime(true));

require __DIR__.'/../vendor/autoload.php';

if (Standing::answers((string) getenv('APP_CONFIG_CACHE'))) {
    return;
}

/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';

$app->handleRequest(Request::capture());
