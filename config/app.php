<?php

declare(strict_types=1);

return [
    'name' => 'Undro',
    'env' => env('APP_ENV', 'production'),
    'debug' => false,
    'key' => env('APP_KEY'),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'timezone' => 'UTC',
];
