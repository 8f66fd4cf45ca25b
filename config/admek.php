<?php

declare(strict_types=1);

return [
    // Names and addresses other devices ask by: as they are, or the file that they are in, which changes while Admek is served.
    'names' => (string) env('ADMEK_NAMES', ''),
    'names_file' => env('ADMEK_NAMES_FILE'),
    // Whether other devices are served by TLS.
    'tls' => env('ADMEK_TLS', '') !== '',
    // Whether this is the demo world, which a newcomer is shown round in.
    'demo' => env('ADMEK_DEMO', '') !== '',
    // Told with every answer: a page of an earlier Admek knows by it that there is a newer.
    'build' => (string) env('ADMEK_BUILD', (string) @md5_file(dirname(__DIR__).'/public/build/manifest.json')),
    // The file what was worked out is kept in while Admek is served; null where each is worked out anew.
    'kept' => env('ADMEK_KEPT'),
    // What files begin with in which stands what is told to everybody; null where each is worked out anew.
    // Which writings were of no matter to what is told.
    'stand' => env('ADMEK_LIVE') === null ? null : env('ADMEK_LIVE').'.stand',
    'told' => env('ADMEK_KEPT') === null ? null : env('ADMEK_KEPT').'.told',
    // The file the hub tells in what the instruments say; null where none is served.
    'live' => env('ADMEK_LIVE'),
];
