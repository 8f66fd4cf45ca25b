<?php

declare(strict_types=1);

return ['paths' => [resource_path('views')], 'compiled' => env('ADMEK_VIEWS', storage_path('framework/views'))];
