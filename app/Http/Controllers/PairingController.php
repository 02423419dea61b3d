<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Http\Middleware\PairedOnly;
use App\Http\OwnCookies;
use App\Models\PairedDevice;
use App\Models\PairingCode;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** The door for another device on the same network: a code on this computer's screen, good for one device and a few minutes. */
final class PairingController
{
    private const GOOD_FOR_S = 300;
    /** So many wrong codes may one device tell in the time that a code is good for. */
    private const TRIES = 5;
    /** Letters and digits that cannot be taken for each other. */
    private const LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
    private const LONG = 8;
    private const COOKIE_MINUTES = 60 * 24 * 365;

    public function show(Request $request): JsonResponse
    {
        $here = PairedOnly::isThisComputer($request);
        $lan = config()->boolean('undro.lan');
        $code = $lan && $here ? $this->code() : null;

        return new JsonResponse([
            'lan' => $lan,
            'code' => $code,
            'urls' => $code === null ? [] : array_map(
                static fn(string $address): string => sprintf('http://%s:%d/pair/%s', $address, $request->getPort(), $code),
                self::addresses(),
            ),
            'devices' => $here ? PairedDevice::query()->orderBy('id')->get()->map(
                static fn(PairedDevice $device): array => ['id' => $device->id, 'name' => $device->name, 'paired_at' => $device->paired_at],
            )->all() : [],
        ]);
    }

    public function forget(Request $request, int $id): JsonResponse
    {
        PairedOnly::isThisComputer($request) || throw new HttpException(403, 'You can disconnect a device only on the computer itself.');
        // what it follows goes with it
        PairedDevice::query()->whereKey($id)->delete();

        return $this->show($request);
    }

    public function door(string $code = ''): Response
    {
        // where people sign in there is another door
        !config()->boolean('undro.served') || abort(404);

        return new Response(view('pair', ['code' => $code, 'wrong' => false, 'lan' => config()->boolean('undro.lan')]));
    }

    public function enter(Request $request): Response|RedirectResponse
    {
        !config()->boolean('undro.served') || abort(404);
        $code = $request->input('code');
        $typed = strtoupper(preg_replace('/[^A-Za-z0-9]/', '', is_string($code) ? $code : '') ?? '');
        $lan = config()->boolean('undro.lan');
        // wrong codes are counted against whoever tells them, so that a stranger cannot use up the code for everybody
        $from = 'door:' . $request->ip();
        if (RateLimiter::tooManyAttempts($from, self::TRIES)) {
            return new Response(
                view('pair', ['code' => '', 'wrong' => true, 'lan' => $lan]),
                429,
                ['Retry-After' => (string) RateLimiter::availableIn($from)],
            );
        }
        if (!$lan || !$this->take($typed)) {
            RateLimiter::hit($from, self::GOOD_FOR_S);

            return new Response(view('pair', ['code' => '', 'wrong' => true, 'lan' => $lan]), 422);
        }
        RateLimiter::clear($from);
        $token = Str::random(48);
        PairedDevice::query()->create(
            ['name' => self::deviceName($request), 'token_hash' => hash('sha256', $token), 'paired_at' => Clock::now()],
        );

        return (new RedirectResponse('/wind'))->withCookie(
            cookie(OwnCookies::name(OwnCookies::DEVICE), $token, self::COOKIE_MINUTES, httpOnly: true, sameSite: 'strict'),
        );
    }

    /** The code there is now; another one when it is old or used. */
    private function code(): string
    {
        $now = PairingCode::now();
        if ($now !== null && $now->expires_at > time() + 30) {
            return $now->code;
        }
        $code = '';
        for ($i = 0; $i < self::LONG; ++$i) {
            $code .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }
        DB::transaction(static fn() => PairingCode::replace($code, time() + self::GOOD_FOR_S));

        return $code;
    }

    /** Whether this is the code, which is then used up. */
    private function take(string $typed): bool
    {
        return DB::transaction(static function () use ($typed): bool {
            $now = PairingCode::now();
            if ($now === null || $now->expires_at < time() || !hash_equals($now->code, $typed)) {
                return false;
            }
            PairingCode::query()->delete();

            return true;
        });
    }

    /** @return list<string> this computer's own on its networks */
    private static function addresses(): array
    {
        $known = explode(' ', config()->string('undro.addresses'));

        return array_values(
            array_filter($known, static fn(string $address): bool => filter_var($address, FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) !== false),
        );
    }

    private static function deviceName(Request $request): string
    {
        $agent = $request->userAgent() ?? '';

        return match (true) {
            str_contains($agent, 'iPad'), str_contains($agent, 'Tablet') => 'a tablet',
            str_contains($agent, 'Mobi') => 'a phone',
            default => 'another computer',
        };
    }
}
