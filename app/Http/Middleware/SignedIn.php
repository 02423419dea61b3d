<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Households\AccessKey;
use App\Households\Entry;
use App\Households\Person;
use App\Http\Place;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Where Undro is served, whoever asks is somebody: a person who has signed in, or a script with that person's key. From here on the request
 * stands in the database of their household. This computer itself is no exception.
 */
final class SignedIn
{
    /** Of a request: who it came from. */
    public const PERSON = 'person';
    /** Of all workers one is never given to the same person; what is at work is mostly done sooner than this, s. */
    private const WAIT_S = 0.25;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (!config()->boolean('undro.served')) {
            return $next($request);
        }
        $person = self::who($request);
        if ($person === null) {
            if ($request->is('api/*')) {
                throw new HttpException(401, 'You are not signed in. Open Undro and sign in.');
            }

            return new RedirectResponse('/sign-in' . ($request->getRequestUri() === '/' ? '' : '?to=' . rawurlencode($request->getRequestUri())));
        }
        $place = Place::take("member-$person->id", max(1, config()->integer('undro.workers') - 1), self::WAIT_S, new HttpException(
            503,
            'You are making too many requests at once. Try again in a moment.',
            headers: ['Retry-After' => '1'],
        ));
        try {
            $household = $person->household();
            Entry::toAnswer($household);
            $request->attributes->set(self::PERSON, $person);
            $response = $next($request);
        } finally {
            $place->giveBack();
        }
        // a device that keeps answers for where there is none keeps them by this
        $response->headers->set('X-Household', $household->mark());

        return $response;
    }

    /** One who comes with a key is that person or nobody, whatever session there is beside it. */
    private static function who(Request $request): ?Person
    {
        $key = $request->bearerToken();
        if ($key !== null) {
            return AccessKey::person($key);
        }
        $person = Auth::user();

        return $person instanceof Person ? $person : null;
    }

    public static function person(Request $request): Person
    {
        $person = $request->attributes->get(self::PERSON);

        return $person instanceof Person ? $person : throw new \LogicException('This page needs a sign-in.');
    }
}
