<?php

declare(strict_types=1);

return [
    // other devices on the network may be let in
    'lan' => (bool) env('UNDRO_LAN', false),
    // processes that answer
    'workers' => (int) env('UNDRO_WORKERS', 3),
    // this computer's addresses there, with spaces between
    'addresses' => (string) env('UNDRO_ADDRESSES', ''),
    // served to households that sign in, each with a database of its own, under these names
    'served' => (bool) env('UNDRO_SERVED', false),
    'hosts' => (string) env('UNDRO_HOSTS', ''),
    'households' => (string) env('UNDRO_HOUSEHOLDS', ''),
    // where links that are made on the console lead
    'address' => (string) env('UNDRO_ADDRESS', ''),
    // what a database of this version has seen, the newest last
    'migrations' => array_map(static fn(string $file): string => basename($file, '.php'), glob(dirname(__DIR__) . '/database/migrations/*.php') ?: []),
    // how large the database of a household may grow, MB; 0: as large as it will
    'quota_MB' => env('UNDRO_SERVED') ? (int) env('UNDRO_QUOTA_MB', 500) : 0,
    // whether mail can be sent
    'mail' => (bool) env('UNDRO_MAIL', false),
];
