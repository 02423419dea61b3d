<?php

declare(strict_types=1);

namespace Tests\Engine;

use PHPUnit\Framework\TestCase;

/** The engine as it is served: what it lets in, how much of it, and what it bears. */
final class ServeTest extends TestCase
{
    public function testItIsServedOverHttpsByItsOwnAuthorityAndItsFilesAsTheyWerePacked(): void
    {
        $stranger = Served::stranger();
        self::assertSame(200, $stranger->ask('GET', '/sign-in', null)[0]);
        self::assertStringContainsString('no-store', implode("\n", $stranger->headers));
        self::assertFalse(@file_get_contents(Served::url() . '/sign-in'), 'a certificate that nobody vouches for is taken');
        preg_match('~/build/assets/[\w.-]+\.woff2~', $stranger->text, $font);
        $main = basename((string) current(glob(dirname(__DIR__, 2) . '/public/build/assets/main-*.js') ?: []));
        foreach (['br' => '.br', 'gzip' => '.gz', 'identity' => ''] as $coding => $end) {
            $stranger->ask('GET', "/build/assets/$main", null, ["Accept-Encoding: $coding"]);
            self::assertSame(file_get_contents(dirname(__DIR__, 2) . "/public/build/assets/$main$end"), $stranger->text);
            self::assertStringContainsString('immutable', implode("\n", $stranger->headers));
        }
        self::assertSame(200, $stranger->ask('GET', $font[0] ?? '', null)[0]);
        self::assertSame(200, $stranger->ask('GET', '/worker.js', null)[0]);
        // what a phone installs to trust it
        $stranger->ask('GET', '/authority.crt', null);
        self::assertSame(file_get_contents(Served::authority()), $stranger->text);
        foreach (['/build/manifest.json', '/index.php', '/router.php', '/build/assets/../../index.php', '/.env'] as $path) {
            self::assertContains($stranger->ask('GET', $path, null)[0], [302, 400], $path);
        }
        // another name than its own, as a page elsewhere would point here
        self::assertSame(421, $stranger->ask('GET', '/', null, ['Host: elsewhere.example'])[0]);
        self::assertStringNotContainsString('Server:', implode("\n", $stranger->headers));
        self::assertStringNotContainsString('Strict-Transport', implode("\n", $stranger->headers), 'whoever has not installed the authority would never come in');
    }

    public function testNobodyIsInWithoutSigningInAlsoNotOnThisComputerAndWritesCarryTheToken(): void
    {
        self::assertSame(401, Served::stranger()->get('reels')[0]);
        self::assertSame(401, Served::stranger()->post('compute/plan', [])[0]);
        $in = Served::household('Token' . getmypid());
        self::assertSame(200, $in->get('reels')[0]);
        self::assertSame(201, $in->post('rods', ['name' => 'Heron'])[0]);
        $bare = Served::stranger();
        $bare->cookies = array_filter($in->cookies, static fn(string $name): bool => !str_starts_with($name, 'XSRF'), ARRAY_FILTER_USE_KEY);
        self::assertSame(419, $bare->post('rods', ['name' => 'Heron'])[0]);
        self::assertSame(403, $in->post('rods', ['name' => 'Heron'], ['Origin: https://elsewhere.example'])[0]);
        [$status, $made] = $in->post('account/keys', ['name' => 'script']);
        self::assertSame(201, $status);
        $script = Served::stranger(["Authorization: Bearer {$made['key']}"]);
        self::assertSame(201, $script->post('rods', ['name' => 'Dunlin'])[0]);
        self::assertSame(['Dunlin', 'Heron'], array_column($script->get('rods')[1], 'name'));
    }

    public function testABodyIsRefusedByItsSizeBeforeItIsReadAndSlowSendersHoldNobodyUp(): void
    {
        foreach ([['1000000000', 413], ['33000001', 413], ['99999999999999999999', 400]] as [$length, $status]) {
            self::assertSame($status, self::begun("POST /api/data/import HTTP/1.1\r\nContent-Length: $length"), $length);
        }
        self::assertSame(413, self::begun("POST /api/reels HTTP/1.1\r\nContent-Length: 1000001"));
        self::assertSame(411, self::begun("POST /api/reels HTTP/1.1\r\nTransfer-Encoding: chunked", "2\r\n{}\r\n0\r\n\r\n"));
        // what asks for something brings nothing, whether it says how much or not
        foreach (['GET', 'DELETE', 'OPTIONS'] as $verb) {
            self::assertContains(self::begun("$verb /sign-in HTTP/1.1\r\nTransfer-Encoding: chunked", "5\r\nhello\r\n0\r\n\r\n"), [400, 413], $verb);
            self::assertContains(self::begun("$verb /sign-in HTTP/1.1\r\nContent-Length: 5", 'hello'), [400, 413], $verb);
        }
        // who is not signed in sends nothing large
        self::assertSame(401, self::begun("POST /api/data/import HTTP/1.1\r\nContent-Length: 20000000"));
        $slow = [];
        for ($sender = 0; $sender < 60; ++$sender) {
            $slow[] = $socket = self::socket();
            fwrite($socket, "POST /api/compute/plan HTTP/1.1\r\nHost: localhost\r\nContent-Length: 500000\r\n\r\n{");
        }
        $half = [];
        for ($sender = 0; $sender < 60; ++$sender) {
            $half[] = $socket = self::socket();
            fwrite($socket, 'GET /sign-in HT');
        }
        usleep(300_000);
        $began = microtime(true);
        for ($ask = 0; $ask < 10; ++$ask) {
            self::assertSame(200, Served::stranger()->ask('GET', '/sign-in', null)[0]);
        }
        self::assertLessThan(10, microtime(true) - $began, 'slow senders hold others up');
        array_map(fclose(...), [...$slow, ...$half]);
    }

    public function testOfTwoKeepersWhoTakeItFromEachOtherAtOnceOneStays(): void
    {
        $name = 'Keepers' . getmypid();
        $ann = Served::household($name);
        [, $invited] = $ann->post('account/invitations', []);
        $bo = Served::stranger(['Origin: ' . Served::url()]);
        Served::form($bo, (string) parse_url($invited['url'], PHP_URL_PATH), ['name' => 'Bo', 'email' => "bo$name@example.org", 'password' => Served::PASSWORD]);
        [$first, $second] = array_column($ann->get('account')[1]['people'], 'id');
        Served::undro('account', 'keeper', "bo$name@example.org");
        for ($round = 0; $round < 8; ++$round) {
            self::assertCount(2, self::keepers($ann));
            $bo->get('account');
            $answers = $this->atOnce([
                [$ann, "account/people/$second"],
                [$bo, "account/people/$first"],
            ]);
            self::assertCount(1, self::keepers($ann), 'nobody keeps it: ' . implode(' ', $answers));
            self::assertContains(200, $answers);
            // the one who is left makes the other a manager again
            [$left, $other] = $answers[0] === 200 ? [$ann, $second] : [$bo, $first];
            self::assertSame(200, $left->ask('PATCH', "/api/account/people/$other", '{"keeper":true}')[0]);
        }
    }

    public function testOneServerAloneServesAFolder(): void
    {
        exec(sprintf(
            'cd %s && ./undro serve --data %s --port %d --host localhost 2>&1',
            escapeshellarg((string) getenv('UNDRO_SERVED_CODE')),
            escapeshellarg(Served::data()),
            1 + (int) parse_url(Served::url(), PHP_URL_PORT),
        ), $said, $exit);
        self::assertSame(1, $exit);
        self::assertStringContainsString('is served from ' . Served::data() . ' already', implode("\n", $said));
        self::assertSame(200, Served::stranger()->ask('GET', '/up', null)[0]);
    }

    public function testItSaysHowItIs(): void
    {
        $stranger = Served::stranger();
        self::assertSame(200, $stranger->ask('GET', '/up', null)[0]);
        self::assertSame("up\n", $stranger->text);
        Served::household('Status' . getmypid());
        $said = Served::undro('status');
        foreach (['Up: it answers.', 'Version: ', 'Address: ' . Served::url(), 'Households: ', 'Room on the disk: ', 'Last copies: '] as $words) {
            self::assertStringContainsString($words, $said);
        }
        self::assertStringNotContainsString('its database is missing', $said);
    }

    public function testTheConsoleActsAsTheOwnerOfAFolderAndItStaysTheirs(): void
    {
        if (posix_getuid() !== 0) {
            self::markTestSkipped('only root could take it from them.');
        }
        $folder = sys_get_temp_dir() . '/undro-owned-' . getmypid();
        mkdir($folder, 0o700);
        chown($folder, 'nobody');
        try {
            exec(sprintf('cd %s && ./undro account add x@example.org --data %s 2>&1', escapeshellarg((string) getenv('UNDRO_SERVED_CODE')), escapeshellarg($folder)), $said, $exit);
            self::assertSame(0, $exit, implode("\n", $said));
            exec('find ' . escapeshellarg($folder) . ' ! -user nobody', $others);
            self::assertSame([], $others);
        } finally {
            exec('rm -rf ' . escapeshellarg($folder));
        }
    }

    public function testNothingRunsAsRootAndNobodyElseReadsTheData(): void
    {
        foreach (['caddy run', 'nginx: ', 'php-fpm: master', 'php-fpm: pool undro', 'php-fpm: pool heavy', 'php-fpm: pool door', 'undro:keep'] as $part) {
            $pids = Served::processes($part);
            self::assertNotEmpty($pids, $part);
            foreach ($pids as $pid) {
                self::assertDoesNotMatchRegularExpression('/^Uid:\s+0\s/m', (string) @file_get_contents("/proc/$pid/status"), $part);
            }
        }
        foreach (['/people.sqlite', '/app.key', '/households', '/fpm.conf', '/caddy', '/run/php.sock'] as $file) {
            self::assertSame(0, fileperms(Served::data() . $file) & 0o077, "$file can be read by others");
        }
    }

    public function testAPasswordIsChosenAnewByMail(): void
    {
        $folder = (string) getenv('UNDRO_SERVED_MAIL');
        $name = 'Mail' . getmypid();
        $old = Served::household($name);
        self::assertSame(200, Served::form(Served::stranger(['Origin: ' . Served::url()]), '/forgot', ['email' => "$name@example.org"]));
        // others are sent mail too
        $mail = '';
        Served::waitFor(static function () use ($folder, $name, &$mail): bool {
            foreach (glob("$folder/*.eml") ?: [] as $each) {
                $text = quoted_printable_decode((string) file_get_contents($each));
                $mail = str_contains($text, 'To: ' . strtolower($name) . '@example.org') ? $text : $mail;
            }

            return $mail !== '';
        }, 10);
        preg_match('~https://[^/]+(/welcome/\w+)~', $mail, $found);
        $new = Served::stranger(['Origin: ' . Served::url()]);
        self::assertSame(302, Served::form($new, $found[1] ?? '', ['password' => 'other words now']));
        self::assertSame(200, $new->get('reels')[0]);
        self::assertSame(401, $old->get('reels')[0]);
    }

    public function testAHouseholdMovesOutAndInByItsDocumentAndByItsCopy(): void
    {
        $name = 'Moves' . getmypid();
        $here = Served::household($name);
        self::assertSame(201, $here->post('rods', ['name' => 'Heron'])[0]);
        $folder = sys_get_temp_dir() . '/undro-moves-' . getmypid();
        mkdir($folder, 0o700);
        foreach (['json', 'sqlite'] as $kind) {
            self::assertStringContainsString('was exported', Served::undro('account', 'out', $name, "$folder/out.$kind"));
            self::assertStringContainsString('already', Served::undro('account', 'out', $name, "$folder/out.$kind"));
            $there = Served::household("$name$kind", "$folder/out.$kind");
            self::assertSame(['Heron'], array_column($there->get('rods')[1], 'name'), $kind);
        }
        self::assertStringContainsString('not an Undro export', Served::undro('account', 'in', $name, __FILE__));
        self::assertSame(['Heron'], array_column($here->get('rods')[1], 'name'));
        self::assertStringContainsString('was deleted', Served::undro('account', 'remove', "{$name}json", '--yes'));
        self::assertStringNotContainsString("{$name}json", Served::undro('account', 'list'));
        self::assertStringContainsString('no person and no household', Served::undro('account', 'remove', 'Nobody', '--yes'));
        exec('rm -rf ' . escapeshellarg($folder));
    }

    /** @return list<mixed> who keeps the household */
    private static function keepers(\Tests\Hard\Browser $in): array
    {
        return array_values(array_filter(array_column($in->get('account')[1]['people'], 'keeper')));
    }

    /**
     * Takes the household from several at the same time.
     *
     * @param list<array{\Tests\Hard\Browser, string}> $asked
     *
     * @return list<int> the statuses
     */
    private function atOnce(array $asked): array
    {
        $sockets = [];
        foreach ($asked as [$in, $path]) {
            $cookies = implode('; ', array_map(static fn(string $name, string $value): string => "$name=$value", array_keys($in->cookies), $in->cookies));
            $token = urldecode((string) current(array_filter($in->cookies, static fn(string $name): bool => str_starts_with($name, 'XSRF'), ARRAY_FILTER_USE_KEY)));
            $host = parse_url(Served::url(), PHP_URL_HOST) . ':' . parse_url(Served::url(), PHP_URL_PORT);
            $body = '{"keeper":false}';
            $sockets[] = [self::socket(), "PATCH /api/$path HTTP/1.1\r\nHost: $host\r\nOrigin: " . Served::url() . "\r\nCookie: $cookies\r\nX-XSRF-TOKEN: $token\r\n"
                . "Accept: application/json\r\nContent-Type: application/json\r\nConnection: close\r\nContent-Length: " . strlen($body) . "\r\n\r\n$body"];
        }
        foreach ($sockets as [$socket, $request]) {
            fwrite($socket, $request);
        }

        return array_map(static fn(array $each): int => (int) substr((string) fgets($each[0]), 9, 3), $sockets);
    }

    /** The status that is answered to the head of a request whose body does not come, or not all of it. */
    private static function begun(string $head, string $body = ''): int
    {
        $socket = self::socket();
        fwrite($socket, "$head\r\nHost: localhost\r\n\r\n$body");
        stream_set_timeout($socket, 5);
        $answer = (string) fgets($socket);
        fclose($socket);

        return (int) substr($answer, 9, 3);
    }

    /** @return resource */
    private static function socket()
    {
        $context = stream_context_create(['ssl' => ['cafile' => Served::authority()]]);
        $socket = stream_socket_client(str_replace('https', 'tls', Served::url()), $code, $why, 10, context: $context);
        self::assertIsResource($socket, (string) $why);

        return $socket;
    }
}
