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
            // A save that reads before it writes takes the write lock at once, instead of failing when it upgrades.
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
