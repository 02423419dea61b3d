<?php

declare(strict_types=1);

use App\Database\ImmediatePdo;

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
            'synchronous' => 'full',
        ],
        // who may sign in, where it is served to several households; each of those has a database of its own
        'people' => [
            'driver' => 'sqlite',
            'database' => env('UNDRO_PEOPLE', ':memory:'),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 1000 * ImmediatePdo::WAIT_S,
            'journal_mode' => 'wal',
            'synchronous' => 'full',
        ],
    ],
];
