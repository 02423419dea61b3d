<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Households\Entry;
use App\Households\Link;
use App\Households\LinkKind;
use App\Households\Name;
use App\Households\Person;
use App\Households\Post;
use App\Http\FirstUnits;
use App\Http\KnownDevice;
use App\Http\Refusals;
use App\Http\Tries;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** The pages at the door of an Undro that is served: signing in, and what a link of one's own lets one do. They need no script. */
final readonly class SignInController
{
    /** A link is no longer than this, bytes. */
    private const MOST_LINK = 4000;
    private const TAKEN = 'This address is in use already. Each person needs their own.';

    public function __construct(private Tries $tries) {}

    public function door(Request $request): Response|RedirectResponse
    {
        return Auth::check() ? new RedirectResponse(self::wanted($request)) : $this->page('sign-in', ['to' => self::wanted($request)]);
    }

    public function enter(Request $request): Response|RedirectResponse
    {
        $email = Person::asKept(self::text($request, 'email'));
        $again = fn(string $wrong, int $status): Response => $this->page(
            'sign-in',
            ['to' => self::wanted($request), 'email' => $email, 'wrong' => $wrong],
            $status,
        );
        $wait = $this->tries->waits($request, $email);
        if ($wait !== null) {
            Refusals::note($request, 'too many wrong passwords', $email);

            return $again("Too many wrong passwords. Try again in $wait, or reset your password by mail.", 429);
        }
        $password = self::text($request, 'password');
        // an address that nobody has takes as long as one that somebody has
        Person::of($email) !== null || Hash::make(substr($password, 0, Person::MOST_PASSWORD));
        if (!Auth::attempt(['email' => $email, 'password' => $password])) {
            $this->tries->wrong($request, $email);
            Refusals::note($request, 'wrong password', $email);

            return $again('Wrong email address or password. Try again.', 422);
        }
        $this->tries->right($request, $email);

        return self::in($request, Person::of($email) ?? throw new \LogicException('Somebody is signed in already.'), self::wanted($request));
    }

    public function leave(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();

        return new RedirectResponse('/sign-in', headers: ['Clear-Site-Data' => '"cache", "storage"']);
    }

    /** Whom a link lets do what; looking at it does not use it up. */
    public function welcome(string $token): Response
    {
        $link = Link::carrying($token);

        return $link === null ? $this->page('used-up', status: 410) : $this->welcomed($link, $token);
    }

    public function join(Request $request, string $token): Response|RedirectResponse
    {
        $link = Link::carrying($token);
        if ($link === null) {
            return $this->page('used-up', status: 410);
        }
        $typed = ['name' => trim(self::text($request, 'name')), 'email' => self::text($request, 'email'), 'password' => self::text($request, 'password')];
        $wrong = self::wrong($link, $typed);
        if ($wrong !== null) {
            return $this->welcomed($link, $token, $typed, $wrong);
        }
        try {
            $person = Link::use($token, static fn(Link $link): Person => self::taken($link, $typed));
        } catch (UniqueConstraintViolationException) {
            return $this->welcomed($link, $token, $typed, self::TAKEN);
        }
        if ($person === null) {
            return $this->page('used-up', status: 410);
        }
        if ($link->kind === LinkKind::Invitation) {
            Entry::toAnswer($person->household());
            $person->comesToTheBench(FirstUnits::of($request));
        }
        Auth::login($person);

        return self::in($request, $person, '/');
    }

    /** Somebody has come in, in a browser that is known from now on. */
    private static function in(Request $request, Person $person, string $to): RedirectResponse
    {
        $request->session()->regenerate();

        return (new RedirectResponse($to))->withCookie(KnownDevice::remember($request, $person));
    }

    /** @param array{name: string, email: string, password: string} $typed */
    private static function taken(Link $link, array $typed): Person
    {
        if ($link->kind === LinkKind::Invitation) {
            return Person::joins($link->household(), $typed['name'], $typed['email'], $typed['password']);
        }
        $person = Person::query()->findOrFail($link->person_id);
        $person->update(['password' => $typed['password']]);
        // whoever knew the old one is out, and whatever they let in
        $person->endsAllThatLetsIn();

        return $person;
    }

    public function forgot(): Response
    {
        return $this->page('forgot', ['mail' => config()->boolean('undro.mail')]);
    }

    /** The answer is the same whether there is such a person or not. */
    public function remind(Request $request): Response
    {
        config()->boolean('undro.mail') || throw new HttpException(404);
        $email = Person::asKept(self::text($request, 'email'));
        $person = $this->tries->mayMail($request, $email) ? Person::of($email) : null;
        $person === null || Post::afterwards(static fn() => Post::reset($person, Link::reset($person)[1]));

        return $this->page('forgot', ['mail' => true, 'sent' => true]);
    }

    /** @param array<string, string> $typed */
    private static function wrong(Link $link, array $typed): ?string
    {
        $fresh = $link->kind === LinkKind::Invitation;
        $password = Person::wrongWith($typed['password']);

        return match (true) {
            $fresh && !Name::isOne($typed['name']) => 'Type your name, with up to 60 letters.',
            $fresh && !Person::isAddress(Person::asKept($typed['email'])) => 'This is not an email address. Type one like ann@example.org.',
            $password !== null => $password,
            $fresh && Person::of($typed['email']) !== null => self::TAKEN,
            default => null,
        };
    }

    /** @param array<string, string> $typed */
    private function welcomed(Link $link, string $token, array $typed = [], ?string $wrong = null): Response
    {
        return $this->page('welcome', [
            'token' => $token,
            'household' => $link->household()->name,
            'fresh' => $link->kind === LinkKind::Invitation,
            'first' => !Person::anyIn($link->household()),
            'name' => $typed['name'] ?? '',
            'email' => $typed['email'] ?? $link->email,
            'wrong' => $wrong,
        ], $wrong === null ? 200 : 422);
    }

    /**
     * @param 'sign-in'|'welcome'|'forgot'|'used-up' $name
     * @param array<string, mixed>                   $with
     */
    private function page(string $name, array $with = [], int $status = 200): Response
    {
        return new Response(view("door.$name", $with), $status, ['Cache-Control' => 'no-store']);
    }

    private static function text(Request $request, string $field, int $most = 500): string
    {
        $typed = $request->input($field);

        return is_string($typed) ? substr($typed, 0, $most) : '';
    }

    /** Where somebody was going, with what a link says of a plan: a path of this server's, and nothing else. */
    private static function wanted(Request $request): string
    {
        $to = self::text($request, 'to', self::MOST_LINK);

        return preg_match('~^/(?![/\\\\])[\x21-\x7e]*$~', $to) === 1 && !str_contains($to, '\\') ? $to : '/';
    }
}
