<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'files' => storage_path('framework/sessions'),
    'encrypt' => true,
    'cookie' => 'undro_session',
    'lifetime' => 60 * 24 * 30,
    'same_site' => 'strict',
    'http_only' => true,
];
