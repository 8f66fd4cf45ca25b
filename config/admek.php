<?php

declare(strict_types=1);

return [
    // The file doubts are kept in while Admek is served; null where each is worked out anew.
    'doubts' => env('ADMEK_DOUBTS'),
];
