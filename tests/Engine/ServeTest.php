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

    public function testNothingRunsAsRootAndNobodyElseReadsTheData(): void
    {
        foreach (['caddy run', 'php-fpm: master', 'php-fpm: pool undro', 'undro:keep'] as $part) {
            foreach (Served::processes($part) as $pid) {
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
        Served::waitFor(static fn(): bool => (glob("$folder/*.eml") ?: []) !== [], 10);
        $mail = quoted_printable_decode((string) file_get_contents((glob("$folder/*.eml") ?: [''])[0]));
        self::assertStringContainsString('To: ' . strtolower($name) . '@example.org', $mail);
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
            self::assertStringContainsString('is written', Served::undro('account', 'out', $name, "$folder/out.$kind"));
            self::assertStringContainsString('already', Served::undro('account', 'out', $name, "$folder/out.$kind"));
            $there = Served::household("$name$kind", "$folder/out.$kind");
            self::assertSame(['Heron'], array_column($there->get('rods')[1], 'name'), $kind);
        }
        self::assertStringContainsString('not a document of Undro', Served::undro('account', 'in', $name, __FILE__));
        self::assertSame(['Heron'], array_column($here->get('rods')[1], 'name'));
        self::assertStringContainsString('is gone', Served::undro('account', 'remove', "{$name}json", '--yes'));
        self::assertStringNotContainsString("{$name}json", Served::undro('account', 'list'));
        self::assertStringContainsString('nobody and no household', Served::undro('account', 'remove', 'Nobody', '--yes'));
        exec('rm -rf ' . escapeshellarg($folder));
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
