<?php

declare(strict_types=1);

return [
    // All of a session is which device it is: the cookie holds it, sealed, and a pulled plug loses none.
    'driver' => 'cookie',
    // Minutes: a phone stays let in until it is put out. No clock decides that: the laptop's may be years off for a day.
    'lifetime' => 60 * 24 * 365 * 50,
    'expire_on_close' => false,
    'encrypt' => false,
    'cookie' => 'admek',
    'path' => '/',
    'domain' => null,
    // As the page came: by TLS only where it came by TLS.
    'secure' => null,
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
    'lottery' => [0, 100],
    'serialization' => 'json',
];
