<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Households\AccessKey;
use App\Households\Link;
use App\Households\LinkKind;
use App\Households\Name;
use App\Households\Person;
use App\Households\Post;
use App\Households\Sessions;
use App\Http\Middleware\SignedIn;
use App\Http\Refusals;
use App\Http\Requests\ShapeRequest;
use App\Http\Resources\AccountResource;
use App\Http\Tries;
use App\Ledger\DataStamp;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** A household that is served: who is in it, where they are signed in, and what lets others and scripts in. */
final class AccountController
{
    private const KEYS = 20;
    private const INVITED_A_DAY = 20;

    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(
            AccountResource::of(SignedIn::person($request), $request->hasSession() ? $request->session()->getId() : ''),
        );
    }

    public function change(ShapeRequest $request): JsonResponse
    {
        $household = self::keeper($request)->household();
        $name = self::said($request, 'household', 'Type a name for the household.');
        Name::isOne($name) || throw ValidationException::withMessages(['household' => 'Use up to 60 letters, signs and spaces.']);
        $household->update(['name' => $name]);

        return $this->show($request);
    }

    /** The link is told once. */
    public function invite(ShapeRequest $request, Tries $tries): JsonResponse
    {
        $me = self::keeper($request);
        $email = Person::asKept($request->string('email')->value());
        $email === '' || Person::isAddress($email)
            || throw ValidationException::withMessages(['email' => 'This is not an email address. Type one like ann@example.org.']);
        $household = $me->household();
        $tries->onceMoreToday("invited:$household->id", self::INVITED_A_DAY)
            || throw new HttpException(429, sprintf('You invited %d people today. Invite more tomorrow.', self::INVITED_A_DAY));
        [, $path] = Link::invitation($household, $email, $me);
        $sent = $email !== '' && config()->boolean('undro.mail');
        $sent && Post::afterwards(static fn() => Post::invitation($email, $me->name, $household->name, $path));

        return new JsonResponse(['url' => $request->getSchemeAndHttpHost() . $path, 'sent' => $sent], 201);
    }

    public function takeInvitationBack(Request $request, int $id): JsonResponse
    {
        $me = self::keeper($request);
        Link::query()->where('household_id', $me->household_id)->where('kind', LinkKind::Invitation)->findOrFail($id)->delete();

        return $this->show($request);
    }

    /** One more keeper, or one less; somebody always is. */
    public function keep(ShapeRequest $request, int $id): JsonResponse
    {
        Person::oneAfterTheOther(static function () use ($request, $id): void {
            $who = self::another(self::keeper($request), $id);
            $request->boolean('keeper') || self::others($who)->where('keeper', true)->exists()
                || throw new HttpException(409, 'The household needs a manager. Make somebody else a manager first.');
            $who->update(['keeper' => $request->boolean('keeper')]);
        });

        return $this->show($request);
    }

    /** Shows somebody out, or leaves: sessions, keys, calendars and invitations go with them. */
    public function showOut(Request $request, int $id): JsonResponse|Response
    {
        $me = SignedIn::person($request);
        Person::oneAfterTheOther(static function () use ($request, $me, $id): void {
            $who = self::another($id === $me->id ? $me : self::keeper($request), $id);
            !$who->keeper || self::others($who)->where('keeper', true)->exists() || throw new HttpException(
                409,
                self::others($who)->exists()
                    ? 'The household needs a manager. Make somebody else a manager first.'
                    : 'You are the only member. To leave, delete the household.',
            );
            $who->endsAllThatLetsIn();
            $who->delete();
        });

        return $id === $me->id ? self::goodbye() : $this->show($request);
    }

    public function endSession(Request $request, string $name): JsonResponse|Response
    {
        $me = SignedIn::person($request);
        if ($name === 'here') {
            $request->session()->invalidate();

            return self::goodbye();
        }
        Sessions::end($me, $name) || throw new HttpException(404);

        return $this->show($request);
    }

    public function endAllSessions(Request $request): Response
    {
        SignedIn::person($request)->endSessions();
        $request->session()->invalidate();

        return self::goodbye();
    }

    /** The key is told once and kept nowhere. */
    public function makeKey(ShapeRequest $request): JsonResponse
    {
        $me = SignedIn::person($request);
        AccessKey::query()->where('person_id', $me->id)->count() < self::KEYS
            || throw new HttpException(409, sprintf('You have %d keys. Revoke one you no longer use first.', self::KEYS));
        [$made, $key] = AccessKey::for($me, self::said($request, 'name', 'Type a name for the key.'));

        return new JsonResponse(['id' => $made->id, 'name' => $made->name, 'key' => $key], 201);
    }

    public function revokeKey(Request $request, int $id): JsonResponse
    {
        AccessKey::query()->where('person_id', SignedIn::person($request)->id)->findOrFail($id)->delete();

        return $this->show($request);
    }

    /** Every other session of this person ends with the old password. */
    public function changePassword(ShapeRequest $request, Tries $tries): JsonResponse
    {
        $me = $this->confirmed($request, $tries);
        $new = $request->string('new')->value();
        $wrong = Person::wrongWith($new);
        $wrong === null || throw ValidationException::withMessages(['new' => $wrong]);
        $me->update(['password' => $new]);
        $me->endSessions($request->session()->getId());

        return $this->show($request);
    }

    /** The household goes, and all of it: only after its name, the password, and a document of it as it stands now. */
    public function giveUp(ShapeRequest $request, Tries $tries): Response
    {
        self::keeper($request);
        $household = $this->confirmed($request, $tries)->household();
        trim($request->string('household')->value()) === $household->name
            || throw ValidationException::withMessages(['household' => "Type the household’s name exactly: {$household->name}"]);
        $request->string('stamp')->value() === DataStamp::now()
            || throw new HttpException(409, 'Something has changed since you saved the export. Save it again, then delete the household.');
        $household->giveUp();
        $request->session()->invalidate();

        return self::goodbye();
    }

    /** Nothing of what was seen stays in the browser. */
    private static function goodbye(): Response
    {
        return new Response('', 204, ['Clear-Site-Data' => '"cache", "storage"']);
    }

    private static function keeper(Request $request): Person
    {
        // as it is now: another keeper may have changed it since this was asked
        $me = SignedIn::person($request)->fresh();

        return $me?->keeper === true ? $me : throw new HttpException(403, 'Only a manager of the household may do this.');
    }

    /** Somebody of the same household, whom nobody elsewhere sees. */
    private static function another(Person $me, int $id): Person
    {
        return Person::query()->where('household_id', $me->household_id)->findOrFail($id);
    }

    /** @return \Illuminate\Database\Eloquent\Builder<Person> the others of somebody's household */
    private static function others(Person $who)
    {
        return Person::query()->where('household_id', $who->household_id)->whereKeyNot($who->id);
    }

    /** Who is signed in and has just told the password. */
    private function confirmed(ShapeRequest $request, Tries $tries): Person
    {
        $me = SignedIn::person($request);
        $wait = $tries->waits($request, $me->email);
        $wait === null || Refusals::note($request, 'too many wrong passwords', $me->email);
        $wait === null || throw new HttpException(429, "Too many wrong passwords. Try again in $wait.");
        if (!Hash::check($request->string('password')->value(), $me->password)) {
            $tries->wrong($request, $me->email);
            Refusals::note($request, 'wrong password', $me->email);
            throw ValidationException::withMessages(['password' => 'This is not your password.']);
        }
        $tries->right($request, $me->email);

        return $me;
    }

    private static function said(ShapeRequest $request, string $field, string $otherwise): string
    {
        $typed = trim($request->string($field)->value());

        return $typed !== '' ? $typed : throw ValidationException::withMessages([$field => $otherwise]);
    }
}
