<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\OwnCookies;
use App\Models\PairedDevice;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * This computer gets in; another device only once it is paired, and until then it sees nothing but the door. A calendar comes with a key of
 * its own. Where people sign in it is another door's business.
 */
final class PairedOnly
{
    /** Of a request: which paired device it came from. */
    public const DEVICE = 'device';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (config()->boolean('undro.served') || self::isThisComputer($request) || $request->is('pair', 'pair/*', 'calendar/*.ics')) {
            return $next($request);
        }
        $token = $request->cookies->get(OwnCookies::name(OwnCookies::DEVICE)) ?? $request->cookies->get(OwnCookies::DEVICE);
        $device = is_string($token) && config()->boolean('undro.lan') ? PairedDevice::of($token) : null;
        if ($device !== null) {
            $request->attributes->set(self::DEVICE, $device->id);

            return $next($request);
        }

        if ($request->is('api/*')) {
            throw new HttpException(401, 'This device is not connected. Open the address with the code.');
        }

        return new RedirectResponse('/pair');
    }

    public static function isThisComputer(Request $request): bool
    {
        $from = $request->server->get('REMOTE_ADDR');

        return $from === '::1' || (is_string($from) && preg_match('/^(::ffff:)?127\.\d+\.\d+\.\d+$/', $from) === 1);
    }
}
