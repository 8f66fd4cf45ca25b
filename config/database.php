<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('ADMEK_DATABASE', dirname(__DIR__).'/data/admek.sqlite'),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'journal_mode' => 'wal',
            'busy_timeout' => 5000,
            // A bite logged at the rail survives a dead battery: every commit reaches the disk.
            'synchronous' => 'full',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
