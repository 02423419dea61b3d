<?php

declare(strict_types=1);

namespace App\Http;

/**
 * Cookies are one for all ports of a computer: two Undros in one browser would sign each other out. So their names carry a mark of the
 * data folder they belong to, which stays the same on another port and after an update.
 */
final class OwnCookies
{
    /** What paired devices carry; those that were let in before names had a mark still carry the second. */
    public const DEVICE = 'undro_device';

    /** @return non-empty-string */
    public static function name(string $name): string
    {
        $key = getenv('APP_KEY');

        return $name . '_' . substr(hash('sha256', 'cookie' . (is_string($key) ? $key : '')), 0, 8);
    }
}
