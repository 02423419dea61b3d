<?php

declare(strict_types=1);

return [
    // other devices on the network may be let in
    'lan' => (bool) env('UNDRO_LAN', false),
    // processes that answer
    'workers' => (int) env('UNDRO_WORKERS', 3),
    // this computer's addresses there, with spaces between
    'addresses' => (string) env('UNDRO_ADDRESSES', ''),
];
