<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'kept'),
    'channels' => [
        // a log that cannot be written, as on a full disk, does not take the answer with it
        'kept' => ['driver' => 'stack', 'channels' => ['single'], 'ignore_exceptions' => true],
    ],
];
