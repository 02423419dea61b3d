<?php

declare(strict_types=1);

return [
    'default' => 'array',
    // what is counted against a device at the door outlives a request
    'limiter' => 'door',
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        // what takes a while to work out
        'answers' => ['driver' => 'database', 'table' => 'answers', 'events' => false],
        'door' => ['driver' => 'database', 'table' => 'cache', 'connection' => env('UNDRO_SERVED') ? 'people' : null],
    ],
];
