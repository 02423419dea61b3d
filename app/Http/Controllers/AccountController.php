<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Households\AccessKey;
use App\Households\Link;
use App\Households\LinkKind;
use App\Households\Person;
use App\Households\Post;
use App\Households\Sessions;
use App\Http\Middleware\SignedIn;
use App\Http\Requests\ShapeRequest;
use App\Http\Resources\AccountResource;
use App\Http\Tries;
use App\Ledger\DataStamp;
use App\Models\CalendarKey;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** A household that is served: who is in it, where they are signed in, and what lets others and scripts in. */
final class AccountController
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(
            AccountResource::of(SignedIn::person($request), $request->hasSession() ? $request->session()->getId() : ''),
        );
    }

    public function change(ShapeRequest $request): JsonResponse
    {
        self::keeper($request)->household()->update(['name' => self::said($request, 'household', 'The household needs a name.')]);

        return $this->show($request);
    }

    /** The link is told once. */
    public function invite(ShapeRequest $request): JsonResponse
    {
        $me = self::keeper($request);
        $email = Person::asKept($request->string('email')->value());
        $email === '' || Person::isAddress($email)
            || throw ValidationException::withMessages(['email' => 'That is no mail address. It should look like ann@example.org.']);
        $household = $me->household();
        [, $path] = Link::invitation($household, $email);
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
        $who = self::another(self::keeper($request), $id);
        $request->boolean('keeper') || self::others($who)->where('keeper', true)->exists()
            || throw new HttpException(409, 'Somebody has to keep the household. Make somebody else a keeper first.');
        $who->update(['keeper' => $request->boolean('keeper')]);

        return $this->show($request);
    }

    /** Shows somebody out, or leaves: sessions, keys and calendars go with them. */
    public function showOut(Request $request, int $id): JsonResponse|Response
    {
        $me = SignedIn::person($request);
        $who = self::another($id === $me->id ? $me : self::keeper($request), $id);
        !$who->keeper || self::others($who)->where('keeper', true)->exists() || throw new HttpException(
            409,
            self::others($who)->exists()
                ? 'Somebody has to keep the household. Make somebody else a keeper first.'
                : 'You are the last one in here. To end it, give the household up.',
        );
        CalendarKey::query()->where('person_id', $who->id)->delete();
        $who->delete();

        return $who->id === $me->id ? self::goodbye() : $this->show($request);
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
        [$made, $key] = AccessKey::for($me, self::said($request, 'name', 'Say what the key is for.'));

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
            || throw ValidationException::withMessages(['household' => "Type the name as it stands: {$household->name}"]);
        $request->string('stamp')->value() === DataStamp::now()
            || throw new HttpException(409, 'Something came in since you saved the document. Save it once more, then give the household up.');
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
        $me = SignedIn::person($request);

        return $me->keeper ? $me : throw new HttpException(403, 'Only who keeps the household may do this.');
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
        $wait === null || throw new HttpException(429, "Too many wrong passwords. Try again in $wait.");
        if (!Hash::check($request->string('password')->value(), $me->password)) {
            $tries->wrong($request, $me->email);
            throw ValidationException::withMessages(['password' => 'That is not your password.']);
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
