<?php

declare(strict_types=1);

// a mail server is named when Undro is served; without one, links are made on the console
return [
    'default' => env('UNDRO_MAIL') ? 'smtp' : 'array',
    'mailers' => [
        'smtp' => ['transport' => 'smtp', 'url' => env('UNDRO_MAIL'), 'timeout' => 10],
        'array' => ['transport' => 'array'],
    ],
    'from' => ['address' => env('UNDRO_MAIL_FROM', 'undro@localhost'), 'name' => 'Undro'],
];
