<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\OwnCookies;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Symfony\Component\HttpFoundation\Cookie;

/** The framework's check of the session's token, told to pages under a name of this Undro's own. */
final class OwnCsrfToken extends ValidateCsrfToken
{
    public const COOKIE = 'XSRF-TOKEN';

    /**
     * @param \Illuminate\Http\Request $request
     * @param array<string, mixed>     $config
     */
    protected function newCookie($request, $config): Cookie
    {
        $is = parent::newCookie($request, $config);

        return Cookie::create(
            OwnCookies::name(self::COOKIE),
            $is->getValue(),
            $is->getExpiresTime(),
            $is->getPath(),
            $is->getDomain(),
            $is->isSecure(),
            $is->isHttpOnly(),
            sameSite: $is->getSameSite(),
        );
    }
}
