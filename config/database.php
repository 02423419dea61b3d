<?php

declare(strict_types=1);

use App\Database\ImmediatePdo;
use App\Database\Quota;

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('UNDRO_DATABASE', ':memory:'),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 1000 * ImmediatePdo::WAIT_S,
            'journal_mode' => 'wal',
            // what was answered as saved also survives a power cut
            'synchronous' => env('UNDRO_SYNC', 'full'),
            'pragmas' => Quota::pragmas(env('UNDRO_SERVED') ? (int) env('UNDRO_QUOTA_MB', 500) : 0),
        ],
        // who may sign in, where it is served to several households; each of those has a database of its own
        'people' => [
            'driver' => 'sqlite',
            'database' => env('UNDRO_PEOPLE', ':memory:'),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 1000 * ImmediatePdo::WAIT_S,
            'journal_mode' => 'wal',
            'synchronous' => env('UNDRO_SYNC', 'full'),
        ],
    ],
];
