<?php

declare(strict_types=1);

namespace App\Http;

use App\Households\Person;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Cookie;

/** A browser in which somebody has signed in before. It lets nobody in; it only keeps strangers from shutting its owner out. */
final class KnownDevice
{
    private const COOKIE = 'undro_known';
    private const DAYS = 400;

    /** The mark of a browser in which the person with this address has signed in since the password was chosen; null: there is none. */
    public static function of(Request $request, string $email): ?string
    {
        $says = $request->cookie(OwnCookies::name(self::COOKIE));
        if (!is_string($says) || preg_match('/^(\w{20}) ([0-9a-f]{64})$/', $says, $found) !== 1) {
            return null;
        }
        $person = Person::of($email);

        return $person !== null && hash_equals(self::seal($found[1], $person), $found[2]) ? $found[1] : null;
    }

    public static function remember(Request $request, Person $person): Cookie
    {
        $mark = self::of($request, $person->email) ?? Str::random(20);

        return cookie(OwnCookies::name(self::COOKIE), $mark . ' ' . self::seal($mark, $person), self::DAYS * 24 * 60);
    }

    /** Another password, and every device is a stranger again. */
    private static function seal(string $mark, Person $person): string
    {
        return hash_hmac('sha256', "$mark $person->id $person->password", config()->string('app.key'));
    }
}
