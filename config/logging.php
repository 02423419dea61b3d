<?php

declare(strict_types=1);

use Monolog\Formatter\LineFormatter;

return [
    'default' => env('LOG_CHANNEL', 'kept'),
    'channels' => [
        // a log that cannot be written, as on a full disk, does not take the answer with it
        'kept' => ['driver' => 'stack', 'channels' => ['single'], 'ignore_exceptions' => true],
        'refused' => ['driver' => 'stack', 'channels' => ['refused_file'], 'ignore_exceptions' => true],
        'refused_file' => [
            'driver' => 'single',
            'path' => storage_path('logs/refused.log'),
            'formatter' => LineFormatter::class,
            'formatter_with' => ['format' => "%datetime% %message%\n", 'dateFormat' => 'Y-m-d\TH:i:s\Z'],
        ],
    ],
];
