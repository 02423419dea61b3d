<?php

declare(strict_types=1);

use App\Http\OwnCookies;

return [
    // all that a session holds is its token: in the browser it takes no room on the disk, neither a stranger's nor on a full one
    'driver' => env('SESSION_DRIVER', 'cookie'),
    'encrypt' => true,
    'cookie' => OwnCookies::name('undro_session'),
    'lifetime' => 60 * 24 * 30,
    'same_site' => 'strict',
    'http_only' => true,
];
