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
    private const DOOR = ['sign-in', 'welcome/*', 'forgot'];

    /**
     * A script that comes with a key carries no cookie that a page elsewhere could make it send; and the door begins no session for
     * strangers: its forms are held to come from its own page (SameOriginWrites).
     *
     * @param \Illuminate\Http\Request $request
     */
    protected function inExceptArray($request): bool
    {
        return config()->boolean('undro.served') && ($request->bearerToken() !== null || $request->is(...self::DOOR));
    }

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
