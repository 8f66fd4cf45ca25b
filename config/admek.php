<?php

declare(strict_types=1);

return [
    // Names and addresses this machine is asked by.
    'hosts' => explode(' ', strtolower((string) env('ADMEK_HOSTS', 'localhost 127.0.0.1 [::1]'))),
    // The file doubts are kept in while Admek is served; null where each is worked out anew.
    'doubts' => env('ADMEK_DOUBTS'),
];
