<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Quota;
use App\Households\Household;
use App\Households\Link;
use App\Households\Person;
use App\Http\Middleware\OneImport;
use App\Http\Middleware\SignedIn;
use App\Http\Place;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Mail\Events\MessageSent;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Hash;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\HttpKernel\Exception\HttpException;
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
            'up', 'sign-in', 'sign-in', 'welcome/{token}', 'welcome/{token}', 'forgot', 'forgot', 'pair/{code?}', 'pair', 'build/assets/{file}',
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
        // the first wait is a minute, and each is twice the one before
        foreach ([1, 2, 4] as $minutes) {
            $this->travel(60 * $minutes - 5)->seconds();
            $this->send(new Visitor(from: '203.0.113.9'), 'POST', '/sign-in', $right)->assertStatus(429);
            $this->travel(10)->seconds();
            $this->send(new Visitor(from: '203.0.113.9'), 'POST', '/sign-in', ['password' => 'x'] + $right)->assertStatus(422);
        }
        $this->travel(16 * 60)->seconds();
        $this->send(new Visitor(from: '203.0.113.9'), 'POST', '/sign-in', $right)->assertRedirect('/');
        // one who tries many names is stopped as well, and has the whole network of an address of version 6
        foreach (['203.0.113.11' => '203.0.113.11', '2001:db8:1:2::1' => '2001:db8:1:2:ffff::2'] as $from => $same) {
            for ($guess = 0; $guess < 40; ++$guess) {
                $this->send(new Visitor(from: $from), 'POST', '/sign-in', ['email' => "n$guess@example.org", 'password' => 'x']);
            }
            $this->send(new Visitor(from: $same), 'POST', '/sign-in', $right)->assertStatus(429);
        }
        $this->send(new Visitor(from: '2001:db8:1:3::1'), 'POST', '/sign-in', $right)->assertRedirect('/');
    }

    public function testWhoSignedInBeforeIsNotShutOutByStrangersAndEachRefusalIsNoted(): void
    {
        @unlink(storage_path('logs/refused.log'));
        $this->household('Ann');
        $phone = $this->signIn('ann@example.org');
        for ($guess = 0; $guess < 60; ++$guess) {
            $this->send(new Visitor(from: "198.51.100.$guess"), 'POST', '/sign-in', ['email' => 'ann@example.org', 'password' => "guess $guess"]);
        }
        $right = ['email' => 'ann@example.org', 'password' => self::PASSWORD];
        $this->send(new Visitor(from: '203.0.113.40'), 'POST', '/sign-in', $right)->assertStatus(429);
        $this->asks($phone, 'DELETE', '/api/account/sessions/{name}', id: 'here', status: 204);
        $this->send($phone, 'GET', '/api/reels')->assertStatus(401);
        $this->send($phone, 'POST', '/sign-in', $right)->assertRedirect('/');
        // what it carries lets nobody in, holds for nobody else, and may be wrong no more often than anybody
        $this->household('Bo');
        $thief = new Visitor();
        $thief->cookies = array_filter($phone->cookies, static fn(string $name): bool => str_starts_with($name, 'undro_known'), ARRAY_FILTER_USE_KEY);
        self::assertCount(1, $thief->cookies);
        $this->send(clone $thief, 'GET', '/api/reels')->assertStatus(401);
        foreach (['ann' => 5, 'bo' => 5] as $who => $free) {
            for ($guess = 0; $guess < $free; ++$guess) {
                $this->send(clone $thief, 'POST', '/sign-in', ['email' => "$who@example.org", 'password' => 'x'])->assertStatus(422);
            }
            $this->send(clone $thief, 'POST', '/sign-in', ['email' => "$who@example.org", 'password' => self::PASSWORD])->assertStatus(429);
        }
        $this->send(new Visitor('no such key', from: '203.0.113.50'), 'GET', '/api/reels')->assertStatus(401);
        $this->send(new Visitor(from: '203.0.113.51'), 'POST', '/sign-in', ['email' => "a\nb\e[2J", 'password' => 'secret words']);
        $log = (string) file_get_contents(storage_path('logs/refused.log'));
        foreach (['198.51.100.7 wrong password for ann@example.org', '203.0.113.40 too many wrong passwords for ann@example.org', '203.0.113.50 no such key', '203.0.113.51 wrong password for a?b?[2j'] as $line) {
            self::assertMatchesRegularExpression('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\dZ ' . preg_quote($line) . '$/m', $log);
        }
        self::assertStringNotContainsString('guess 7', $log);
        self::assertStringNotContainsString('secret', $log);
    }

    public function testAnAddressThatNobodyHasTakesAsLong(): void
    {
        $this->household('Ann');
        $asked = [];
        Hash::shouldReceive('driver')->andReturnSelf();
        Hash::shouldReceive('isHashed')->andReturn(true);
        Hash::shouldReceive('verifyConfiguration')->andReturn(true);
        foreach (['check', 'make'] as $work) {
            Hash::shouldReceive($work)->andReturnUsing(static function () use (&$asked, $work): string {
                $asked[] = $work;

                return '';
            });
        }
        foreach (['ann@example.org', 'nobody@example.org'] as $email) {
            $asked = [];
            $this->send(new Visitor(), 'POST', '/sign-in', ['email' => $email, 'password' => 'x'])->assertStatus(422);
            self::assertCount(1, $asked, "$email: a password is hashed once, whoever it is for");
        }
    }

    public function testAnInvitationIsGoodOnceAndNothingTypedIsLost(): void
    {
        $ann = $this->household('Ann');
        $path = substr($this->asks($ann, 'POST', '/api/account/invitations', ['email' => 'bo@example.org'], status: 201)['url'], strlen('https://undro.example'));
        $bo = new Visitor();
        $this->send($bo, 'GET', $path)->assertOk()->assertSee('bo@example.org');
        $typed = ['name' => 'Bo & Co', 'email' => 'bo@example.org', 'password' => 'short'];
        foreach ([
            'At least 10' => $typed,
            'not an email address' => ['email' => 'bo', 'password' => self::PASSWORD] + $typed,
            'Type your name' => ['name' => ' ', 'password' => self::PASSWORD] + $typed,
            'at most 72' => ['password' => str_repeat('long ', 20)] + $typed,
            'This address is in use already' => ['email' => 'Ann@example.org', 'password' => self::PASSWORD] + $typed,
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
        $script = new Visitor($this->asks($ann, 'POST', '/api/account/keys', ['name' => 'mine'], status: 201)['key']);
        $calendar = $this->asks($ann, 'POST', '/api/calendar', status: 201)['path'];
        $invitation = substr($this->asks($ann, 'POST', '/api/account/invitations', status: 201)['url'], strlen('https://undro.example'));
        $this->send($script, 'GET', '/api/reels')->assertOk();
        $this->send(new Visitor(), 'GET', $invitation)->assertOk();
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
        // and whatever the one who knew the old password had let in
        $this->send($script, 'GET', '/api/reels')->assertStatus(401);
        $this->send(new Visitor(), 'GET', $calendar)->assertNotFound();
        $this->send(new Visitor(), 'GET', $invitation)->assertStatus(410);
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
        // a session that has not changed is not written with every request
        $rows = static fn(): array => DB::connection('people')->table('sessions')->orderBy('id')->get()->all();
        $before = $rows();
        $this->travel(40)->seconds();
        $this->asks($here, 'GET', '/api/reels');
        $this->asks($here, 'POST', '/api/rods', ['name' => 'Heron'], status: 201);
        self::assertEquals($before, $rows());
        $this->travel(40)->seconds();
        $this->asks($here, 'GET', '/api/reels');
        self::assertNotEquals($before, $rows(), 'when somebody was seen last is known to the minute');
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
        $this->asks($ann, 'PATCH', '/api/account/people/{id}', ['keeper' => true], id: $b);
        $invitation = substr($this->asks($bo, 'POST', '/api/account/invitations', status: 201)['url'], strlen('https://undro.example'));
        $this->asks($ann, 'DELETE', '/api/account/people/{id}', id: $b);
        $this->send(new Visitor(), 'GET', $invitation)->assertStatus(410);
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

    public function testOnTheConsoleAHouseholdCannotPassForAnotherNorMoveTheCursor(): void
    {
        $this->household('Ann');
        $bo = $this->household('Bo');
        $ann = Household::query()->where('name', 'Ann')->firstOrFail();
        $this->asks($bo, 'PATCH', '/api/account', ['household' => $ann->id]);
        self::assertSame(0, Artisan::call('undro:account', ['do' => 'link', 'who' => $ann->id]));
        self::assertSame($ann->id, Link::query()->latest('id')->firstOrFail()->household_id);
        $this->asks($bo, 'PATCH', '/api/account', ['household' => "The \e[2Jpier"], status: 422);
        // one that was named before that was refused
        Household::query()->whereKeyNot($ann->id)->update(['name' => "The \e[2Jpier"]);
        Artisan::call('undro:account', ['do' => 'list'], $shown = new BufferedOutput());
        $shown = $shown->fetch();
        self::assertStringContainsString('The ?[2Jpier', $shown);
        self::assertStringNotContainsString("\e", $shown);
    }

    public function testKeysAndInvitationsAreNotWithoutEnd(): void
    {
        $ann = $this->household('Ann');
        for ($key = 0; $key < 20; ++$key) {
            $last = $this->asks($ann, 'POST', '/api/account/keys', ['name' => "key $key"], status: 201);
            $this->asks($ann, 'POST', '/api/account/invitations', status: 201);
        }
        $this->asks($ann, 'POST', '/api/account/keys', ['name' => 'one more'], status: 409);
        $this->asks($ann, 'DELETE', '/api/account/keys/{id}', id: $last['id'] ?? 0);
        $this->asks($ann, 'POST', '/api/account/keys', ['name' => 'one more'], status: 201);
        // one that is taken back was sent all the same
        $this->asks($ann, 'DELETE', '/api/account/invitations/{id}', id: $this->asks($ann, 'GET', '/api/account')['invitations'][0]['id']);
        $this->asks($ann, 'POST', '/api/account/invitations', status: 429);
        $this->travel(86_401)->seconds();
        $this->asks($ann, 'POST', '/api/account/invitations', status: 201);
    }

    public function testAHouseholdGrowsNoLargerThanItsQuotaAndCanStillBeRead(): void
    {
        config(['undro.quota_MB' => 1, 'database.connections.sqlite.pragmas' => Quota::pragmas(1)]);
        $ann = $this->household('Ann');
        $bo = $this->household('Bo');
        $before = $this->asks($ann, 'GET', '/api/account');
        self::assertSame(1, $before['most_MB']);
        self::assertGreaterThan(0.1, $before['used_MB']);
        $filled = new \SQLite3(Household::query()->where('name', 'Ann')->firstOrFail()->database());
        $filled->exec("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 1000) INSERT INTO rods (account_id, name, key) SELECT 1, printf('%0300d', i), 'k' || i FROM n");
        $filled->close();
        $line = ['material' => 'mono', 'size' => '0.30', 'colour' => str_repeat('c', 40)];
        for ($more = 0, $status = 201; $status === 201 && $more < 3000; ++$more) {
            $answer = $this->send($ann, 'POST', '/api/lines', json: json_encode(['name' => str_repeat('n', 60) . $more] + $line, JSON_THROW_ON_ERROR));
            $status = $answer->getStatusCode();
        }
        self::assertSame(507, $status);
        self::assertStringContainsString('this household has used up its 1 MB', (string) $answer->json('detail'));
        self::assertGreaterThan(0.98, $this->asks($ann, 'GET', '/api/account')['used_MB']);
        foreach (['/api/lines', '/api/data', '/plan'] as $path) {
            $this->send($ann, 'GET', $path)->assertOk();
        }
        $this->asks($bo, 'POST', '/api/rods', ['name' => 'Heron'], status: 201);
    }

    public function testOneImportAtATimeIsTaken(): void
    {
        $ann = $this->household('Ann');
        $bo = $this->household('Bo');
        $file = json_encode(['text' => "name,material,size\nTarn,mono,0.30", 'table' => 'lines', 'take' => true], JSON_THROW_ON_ERROR);
        $database = (string) realpath(Household::query()->where('name', 'Ann')->firstOrFail()->database());
        $other = Place::take(OneImport::kind($database), 1, 0, new HttpException(500));
        $this->send($ann, 'POST', '/api/data/import', json: $file)->assertStatus(429)->assertSee('Another import is running');
        $this->send($bo, 'POST', '/api/data/import', json: $file)->assertOk();
        $other->giveBack();
        $this->send($ann, 'POST', '/api/data/import', json: $file)->assertOk();
        $this->send($ann, 'POST', '/api/data/import', json: $file)->assertOk();
    }

    public function testOneMemberNeverTakesEveryWorker(): void
    {
        $ann = $this->household('Ann');
        $bo = $this->household('Bo');
        $at = (int) Person::of('ann@example.org')?->id;
        $workers = config()->integer('undro.workers');
        $asked = array_map(static fn(): Place => Place::take("member-$at", $workers - 1, 0, new HttpException(500)), range(1, $workers - 1));
        $this->send($ann, 'GET', '/api/reels')->assertStatus(503)->assertHeader('Retry-After', '1')->assertSee('too many requests at once');
        $this->send($bo, 'GET', '/api/reels')->assertOk();
        $asked[0]->giveBack();
        $this->send($ann, 'GET', '/api/reels')->assertOk();
        $this->send($ann, 'GET', '/api/reels')->assertOk();
    }

    public function testAHouseholdOfAnotherVersionOrThatCannotBeReadIsLeftAloneAndTheOthersGoOn(): void
    {
        $ann = $this->household('Ann');
        $bo = $this->household('Bo');
        $database = Household::query()->where('name', 'Ann')->firstOrFail()->database();
        $whole = (string) file_get_contents($database);
        $seen = static fn(string $sql): bool => (new \SQLite3($database))->exec($sql);
        foreach ([
            'newer version' => static fn() => $seen("INSERT INTO migrations (migration, batch) VALUES ('2099_01_01_000000_later', 9)"),
            'could not be upgraded' => static fn() => $seen('DELETE FROM migrations WHERE id = (SELECT max(id) FROM migrations)'),
            'The database of this household can' => static fn() => file_put_contents($database, str_repeat('no database ', 1000)),
        ] as $says => $spoil) {
            array_map(static fn(string $beside): bool => @unlink($database . $beside), ['-wal', '-shm']);
            file_put_contents($database, $whole);
            $spoil();
            $spoiled = md5_file($database);
            foreach ([['GET', '/api/reels'], ['POST', '/api/rods'], ['GET', '/plan']] as [$verb, $path]) {
                $this->send($ann, $verb, $path, json: $verb === 'GET' ? null : '{"name":"Heron"}')->assertStatus(503)->assertSee($says);
            }
            $this->nowhere();
            self::assertSame($spoiled, md5_file($database), 'something was written to it');
            $this->send($bo, 'GET', '/api/reels')->assertOk();
        }
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
