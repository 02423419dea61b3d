<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Households\Household;
use App\Households\Link;
use App\Households\Person;
use App\Http\Middleware\SignedIn;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Mail\Events\MessageSent;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Tests\Fuzz\Good;
use Tests\Fuzz\Nasty;
use Tests\Fuzz\Operation;
use Tests\Served\ServedTestCase;
use Tests\Served\Visitor;

/** Who gets in where Undro is served, by what, and how it ends. */
final class SignInTest extends ServedTestCase
{
    public function testOnlyTheDoorStandsOpen(): void
    {
        app(Kernel::class);
        $open = [];
        foreach (app(Router::class)->getRoutes()->getRoutes() as $route) {
            if (!in_array(SignedIn::class, app(Router::class)->gatherRouteMiddleware($route), true)) {
                $open[] = $route->uri();
            }
        }
        self::assertEqualsCanonicalizing([
            'sign-in', 'sign-in', 'welcome/{token}', 'welcome/{token}', 'forgot', 'forgot', 'pair/{code?}', 'pair', 'build/assets/{file}',
            // these look at who comes themselves: by what a calendar's address carries, and before a calculator
            'calendar/{key}.ics', 'calendar/{household}/{key}.ics',
            'api/compute/allocate', 'api/compute/day', 'api/compute/{name}',
        ], $open);
        $stranger = new Visitor(from: '127.0.0.1');
        foreach (['/', '/plan', '/wind/x', '/sign-in/x'] as $page) {
            $this->send($stranger, 'GET', $page)->assertRedirectContains('/sign-in');
        }
        $this->send($stranger, 'POST', '/api/compute/plan', json: '{}')->assertStatus(401);
        $this->send($stranger, 'GET', '/calendar/' . str_repeat('a', 40) . '.ics')->assertNotFound();
        self::assertSame(0, DB::connection('people')->table('sessions')->count(), 'a stranger leaves a session behind');
    }

    public function testOneSignsInIsSentOnAndSignsOut(): void
    {
        $this->household('Ann');
        $visitor = new Visitor();
        // a link to a plan leads to that plan
        $link = '/plan?stamp=0.25%2F200&mainName=' . str_repeat('n', 800);
        $away = (string) $this->send($visitor, 'GET', $link)->headers->get('Location');
        $this->send($visitor, 'GET', substr($away, (int) strpos($away, '/sign-in')))->assertOk()->assertSee('value="' . e($link) . '"', false);
        $this->send($visitor, 'GET', '/sign-in?to=/plan')->assertOk()->assertSee('value="/plan"', false);
        $form = ['email' => ' ANN@example.org ', 'password' => self::PASSWORD];
        $this->send($visitor, 'POST', '/sign-in', $form + ['to' => '/plan'])->assertRedirect('/plan');
        $this->asks($visitor, 'GET', '/api/account');
        $this->send($visitor, 'GET', '/sign-in?to=//elsewhere.example')->assertRedirect('/');
        foreach (['//elsewhere.example', '/\\elsewhere.example', 'https://elsewhere.example', "/a\r\nX: y"] as $elsewhere) {
            $this->send(new Visitor(), 'POST', '/sign-in', $form + ['to' => $elsewhere])->assertRedirect('/');
        }
        $old = clone $visitor;
        $this->asks($visitor, 'DELETE', '/api/account/sessions/{name}', id: 'here', status: 204);
        $this->send($old, 'GET', '/api/reels')->assertStatus(401);
        $foreign = ['HTTP_ORIGIN' => 'https://elsewhere.example'];
        $this->send(new Visitor(), 'POST', '/sign-in', $form, headers: $foreign)->assertStatus(403);
    }

    public function testWhoeverGuessesIsShutOutAndNobodyElse(): void
    {
        $this->household('Ann');
        for ($guess = 0; $guess < 5; ++$guess) {
            $this->send(new Visitor(from: '203.0.113.9'), 'POST', '/sign-in', ['email' => 'ann@example.org', 'password' => 'x'])->assertStatus(422);
        }
        $right = ['email' => 'ann@example.org', 'password' => self::PASSWORD];
        $this->send(new Visitor(from: '203.0.113.9'), 'POST', '/sign-in', $right)->assertStatus(429)->assertSee('Try again in');
        $this->send(new Visitor(from: '203.0.113.10'), 'POST', '/sign-in', $right)->assertRedirect('/');
        $this->travel(6)->minutes();
        $this->send(new Visitor(from: '203.0.113.9'), 'POST', '/sign-in', $right)->assertRedirect('/');
        // one who tries many names is stopped as well
        for ($guess = 0; $guess < 40; ++$guess) {
            $this->send(new Visitor(from: '203.0.113.11'), 'POST', '/sign-in', ['email' => "n$guess@example.org", 'password' => 'x']);
        }
        $this->send(new Visitor(from: '203.0.113.11'), 'POST', '/sign-in', $right)->assertStatus(429);
    }

    public function testAnInvitationIsGoodOnceAndNothingTypedIsLost(): void
    {
        $ann = $this->household('Ann');
        $path = substr($this->asks($ann, 'POST', '/api/account/invitations', ['email' => 'bo@example.org'], status: 201)['url'], strlen('https://undro.example'));
        $bo = new Visitor();
        $this->send($bo, 'GET', $path)->assertOk()->assertSee('bo@example.org');
        $typed = ['name' => 'Bo & Co', 'email' => 'bo@example.org', 'password' => 'short'];
        foreach ([
            'at least 10' => $typed,
            'no mail address' => ['email' => 'bo', 'password' => self::PASSWORD] + $typed,
            'Type your name' => ['name' => ' ', 'password' => self::PASSWORD] + $typed,
            'up to 72' => ['password' => str_repeat('long ', 20)] + $typed,
            'signs in with that address already' => ['email' => 'Ann@example.org', 'password' => self::PASSWORD] + $typed,
        ] as $words => $wrong) {
            $this->send($bo, 'POST', $path, $wrong)->assertStatus(422)->assertSee($words)->assertSee($wrong['email']);
        }
        $this->send($bo, 'POST', $path, ['password' => self::PASSWORD] + $typed)->assertRedirect('/');
        self::assertSame(['Ann', 'Bo & Co'], array_column($this->asks($bo, 'GET', '/api/account')['people'], 'name'));
        self::assertSame(['Ann', 'Bo & Co'], array_column($this->asks($bo, 'GET', '/api/anglers'), 'name'), 'each stands at the bench');
        $this->send(new Visitor(), 'GET', $path)->assertStatus(410);
        $this->send(new Visitor(), 'POST', $path, ['email' => 'c@example.org', 'password' => self::PASSWORD] + $typed)->assertStatus(410);

        [, $late] = Link::invitation(Household::query()->firstOrFail());
        $this->travel(8)->days();
        DB::connection('people')->table('links')->update(['expires_at' => time() - 1]);
        $this->send(new Visitor(), 'GET', $late)->assertStatus(410);
    }

    public function testAForgottenPasswordIsChosenAnewByMailAndSignsOutEverywhere(): void
    {
        $ann = $this->household('Ann');
        $this->send(new Visitor(), 'GET', '/forgot')->assertSee('sends no mail');
        $this->send(new Visitor(), 'POST', '/forgot', ['email' => 'ann@example.org'])->assertNotFound();
        config(['undro.mail' => true]);
        $mails = [];
        Event::listen(MessageSent::class, static function (MessageSent $sent) use (&$mails): void {
            $mails[] = $sent->message;
        });
        $known = $this->send(new Visitor(), 'POST', '/forgot', ['email' => 'ANN@example.org'])->assertOk()->getContent();
        $unknown = $this->send(new Visitor(), 'POST', '/forgot', ['email' => 'nobody@example.org'])->assertOk()->getContent();
        $bare = static fn(string $page): string => (string) preg_replace('/nonce="[^"]+"/', '', $page);
        self::assertSame($bare((string) $known), $bare((string) $unknown), 'the page tells who there is');
        self::assertCount(1, $mails);
        self::assertSame('ann@example.org', $mails[0]->getTo()[0]->getAddress());
        preg_match('~https://undro.example(/welcome/\w+)~', (string) $mails[0]->getTextBody(), $found);
        $this->send(new Visitor(), 'POST', $found[1], ['password' => 'another few words'])->assertRedirect('/');
        $this->send($ann, 'GET', '/api/reels')->assertStatus(401);
        $this->asks($this->signIn('ann@example.org', 'another few words'), 'GET', '/api/account');
        for ($more = 0; $more < 5; ++$more) {
            $this->send(new Visitor(), 'POST', '/forgot', ['email' => 'ann@example.org'])->assertOk();
        }
        self::assertLessThanOrEqual(3, count($mails), 'somebody can be buried in mail');
    }

    public function testSessionsAreListedAndEnded(): void
    {
        $here = $this->household('Ann');
        $phone = $this->signIn('ann@example.org');
        $away = $this->signIn('ann@example.org');
        $sessions = $this->asks($here, 'GET', '/api/account')['sessions'];
        self::assertCount(3, $sessions);
        self::assertCount(1, array_filter(array_column($sessions, 'here')));
        foreach (DB::connection('people')->table('sessions')->pluck('id') as $id) {
            self::assertStringNotContainsString($id, json_encode($sessions, JSON_THROW_ON_ERROR), 'a session can be taken over');
        }
        $other = current(array_filter($this->asks($phone, 'GET', '/api/account')['sessions'], static fn(array $each): bool => $each['here']));
        self::assertCount(2, $this->asks($here, 'DELETE', '/api/account/sessions/{name}', id: $other['id'])['sessions']);
        $this->send($phone, 'GET', '/api/reels')->assertStatus(401);
        $this->asks($here, 'DELETE', '/api/account/sessions/{name}', id: $other['id'], status: 404);
        $this->asks($here, 'POST', '/api/account/password', ['password' => 'wrong', 'new' => 'yet another one'], status: 422);
        $this->asks($here, 'POST', '/api/account/password', ['password' => self::PASSWORD, 'new' => 'short'], status: 422);
        self::assertCount(1, $this->asks($here, 'POST', '/api/account/password', ['password' => self::PASSWORD, 'new' => 'yet another one'])['sessions']);
        $this->send($away, 'GET', '/api/reels')->assertStatus(401);
        $second = $this->signIn('ann@example.org', 'yet another one');
        $this->asks($second, 'DELETE', '/api/account/sessions', status: 204);
        $this->send($here, 'GET', '/api/reels')->assertStatus(401);
        $this->send($second, 'GET', '/api/reels')->assertStatus(401);
    }

    public function testAKeyLetsAScriptInUntilItIsRevoked(): void
    {
        $ann = $this->household('Ann');
        $made = $this->asks($ann, 'POST', '/api/account/keys', ['name' => 'scale'], status: 201);
        $script = new Visitor($made['key']);
        $sessions = DB::connection('people')->table('sessions')->count();
        $this->asks($script, 'GET', '/api/reels');
        $this->asks($script, 'POST', '/api/rods', ['name' => 'Heron'], status: 201);
        $this->send($script, 'POST', '/api/compute/quantity', json: json_encode(Good::calculators()['quantity'], JSON_THROW_ON_ERROR))->assertOk();
        foreach ([['POST', 'keys', '{"name":"more"}'], ['POST', 'invitations', '{}'], ['DELETE', 'sessions', '{}']] as [$verb, $what, $body]) {
            $this->send($script, $verb, "/api/account/$what", json: $body)->assertStatus(403);
        }
        self::assertSame($sessions, DB::connection('people')->table('sessions')->count(), 'a script leaves sessions behind');
        self::assertStringNotContainsString($made['key'], (string) json_encode(DB::connection('people')->table('access_keys')->get()));
        $kept = $this->asks($ann, 'GET', '/api/account')['keys'];
        self::assertSame([gmdate('Y-m-d')], array_column($kept, 'used_on'));
        // a key that is none lets nobody in, whoever is signed in beside it
        $both = new Visitor('x' . substr($made['key'], 1));
        $both->cookies = $ann->cookies;
        $this->send($both, 'GET', '/api/reels')->assertStatus(401);
        $this->asks($ann, 'DELETE', '/api/account/keys/{id}', id: $made['id']);
        $this->send($script, 'GET', '/api/reels')->assertStatus(401);
    }

    public function testWhoIsShownOutTakesSessionsKeysAndCalendarsAlong(): void
    {
        $ann = $this->household('Ann');
        $household = Household::query()->firstOrFail();
        $bo = $this->joins($household, 'bo@example.org', 'Bo');
        $script = new Visitor($this->asks($bo, 'POST', '/api/account/keys', ['name' => 'mine'], status: 201)['key']);
        $calendar = $this->asks($bo, 'POST', '/api/calendar', status: 201)['path'];
        $own = $this->asks($ann, 'POST', '/api/calendar', status: 201)['path'];
        $this->send(new Visitor(), 'GET', $calendar)->assertOk();
        [$a, $b] = array_column($this->asks($ann, 'GET', '/api/account')['people'], 'id');
        $this->asks($bo, 'DELETE', '/api/account/people/{id}', id: $a, status: 403);
        $this->asks($bo, 'POST', '/api/account/invitations', status: 403);
        $this->asks($ann, 'DELETE', '/api/account/people/{id}', id: $a, status: 409);
        $this->asks($ann, 'PATCH', '/api/account/people/{id}', ['keeper' => false], id: $a, status: 409);
        $this->asks($ann, 'DELETE', '/api/account/people/{id}', id: $b);
        $this->send($bo, 'GET', '/api/reels')->assertStatus(401);
        $this->send($script, 'GET', '/api/reels')->assertStatus(401);
        $this->send(new Visitor(), 'GET', $calendar)->assertNotFound();
        $this->send(new Visitor(), 'GET', $own)->assertOk();
        // another keeper, and who kept it may leave
        $this->joins($household, 'cy@example.org', 'Cy');
        $cy = Person::of('cy@example.org');
        $this->asks($ann, 'PATCH', '/api/account/people/{id}', ['keeper' => true], id: (int) $cy?->id);
        $this->asks($ann, 'DELETE', '/api/account/people/{id}', id: $a, status: 204);
        $this->send($ann, 'GET', '/api/reels')->assertStatus(401);
    }

    public function testAHouseholdIsGivenUpOnlyWithADocumentOfItAsItStands(): void
    {
        $ann = $this->household('Ann');
        $bo = $this->joins(Household::query()->firstOrFail(), 'bo@example.org', 'Bo');
        $folder = Household::query()->firstOrFail()->folder();
        $stamp = $this->asks($ann, 'GET', '/api/account')['stamp'];
        $this->send($ann, 'GET', '/api/data')->assertOk();
        $told = ['household' => 'Ann', 'password' => self::PASSWORD, 'stamp' => $stamp];
        $this->asks($bo, 'POST', '/api/account/give-up', $told, status: 403);
        $this->asks($ann, 'POST', '/api/account/give-up', ['household' => 'An'] + $told, status: 422);
        $this->asks($ann, 'POST', '/api/account/give-up', ['password' => 'x'] + $told, status: 422);
        $this->asks($bo, 'POST', '/api/reels', ['name' => 'Late', 'kind' => 'spinning'], status: 201);
        $this->asks($ann, 'POST', '/api/account/give-up', $told, status: 409);
        self::assertDirectoryExists($folder);
        $stamp = $this->asks($ann, 'GET', '/api/account')['stamp'];
        $this->asks($ann, 'POST', '/api/account/give-up', ['stamp' => $stamp] + $told, status: 204);
        self::assertDirectoryDoesNotExist($folder);
        foreach (['households', 'people', 'links', 'access_keys', 'sessions'] as $table) {
            self::assertSame(0, DB::connection('people')->table($table)->count(), "$table keeps something of them");
        }
        $this->send($bo, 'GET', '/api/reels')->assertStatus(401);
    }

    public function testNonsenseInWhatIsSaidOfAnAccountIsAnswered(): void
    {
        $ann = $this->household('Ann');
        $good = [
            'PATCH /api/account' => ['household' => 'Ann'],
            'POST /api/account/give-up' => ['household' => 'Ann', 'password' => 'wrong', 'stamp' => 'x'],
            'POST /api/account/password' => ['password' => 'wrong', 'new' => self::PASSWORD],
            'POST /api/account/invitations' => ['email' => 'bo@example.org'],
            'PATCH /api/account/people/{id}' => ['keeper' => true],
            'POST /api/account/keys' => ['name' => 'k'],
        ];
        $served = array_diff(array_keys(Operation::every()), array_keys(Operation::all()));
        self::assertEqualsCanonicalizing($served, array_keys($good), 'an operation of the contract is not tried');
        foreach ($good as $operation => $body) {
            [$verb, $path] = explode(' ', $operation);
            foreach (Operation::every()[$operation]->fields() as $at) {
                foreach (Nasty::values() as $name => $raw) {
                    $status = $this->send($ann, $verb, strtr($path, ['{id}' => '1']), json: Good::json($body, $at, $raw))->getStatusCode();
                    self::assertLessThan(500, $status, "$operation " . implode('.', $at) . " = $name");
                }
            }
        }
        foreach (['/sign-in', '/forgot'] as $path) {
            foreach ([['email' => ['x' => 'y'], 'password' => [1]], ['email' => str_repeat('x', 100_000)], ['email' => "\0'\"; drop table people"]] as $form) {
                self::assertLessThan(500, $this->send(new Visitor(), 'POST', $path, $form)->getStatusCode());
            }
        }
        $this->asks($ann, 'GET', '/api/account');
    }
}
