<?php

declare(strict_types=1);

use App\Http\OwnCookies;

return [
    // all that a session holds is its token: in the browser it takes no room on the disk, neither a stranger's nor on a full one
    // where people sign in it stands beside them, so that it can be listed and ended
    'driver' => env('SESSION_DRIVER', env('UNDRO_SERVED') ? 'people' : 'cookie'),
    'secure' => (bool) env('UNDRO_SERVED', false),
    'lottery' => [2, 1000],
    'encrypt' => true,
    'cookie' => OwnCookies::name('undro_session'),
    'lifetime' => 60 * 24 * 30,
    // whoever comes by a link in a mail is signed in still; writes carry a token as well and are held to come from here
    'same_site' => env('UNDRO_SERVED') ? 'lax' : 'strict',
    'http_only' => true,
];
