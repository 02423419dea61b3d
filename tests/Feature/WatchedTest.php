<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Tests\Hard\Started;

/** The one command looks after its server: what has ended is started again, and a browser notices nothing but a moment. */
final class WatchedTest extends TestCase
{
    private ?Started $undro = null;

    protected function tearDown(): void
    {
        $this->undro?->end();
    }

    public function testAServerThatLosesAPartIsStartedAgainWhole(): void
    {
        $undro = $this->undro = new Started(sys_get_temp_dir(), 'watched');
        self::assertSame(201, $undro->post('lines', ['name' => 'before', 'material' => 'mono', 'size' => '0.30'])[0]);
        $server = $undro->server();
        self::assertGreaterThan(2, count($server));
        file_put_contents("$undro->data/storage/logs/devices.log", str_repeat("a line of a log\n", 400_000));
        foreach ([1 => 'a worker', 0 => 'the first of them'] as $which => $who) {
            $server = $undro->server();
            posix_kill($server[$which], SIGKILL);
            $undro->waitFor(
                static fn(): bool => array_intersect($undro->server(), $server) === [] && count($undro->server()) === count($server),
                60,
            );
            $undro->waitFor(static fn(): bool => $undro->get('lines')[0] === 200, 60);
            // the session goes on: what was queued in the browser is taken
            self::assertSame(201, $undro->post('lines', ['name' => "after $who", 'material' => 'mono', 'size' => '0.30'])[0]);
        }
        $undro->waitFor(static fn(): bool => substr_count($undro->said(), 'started again') >= 2, 60);
        self::assertSame(2, substr_count($undro->said(), 'started again'));
        self::assertSame(['after a worker', 'after the first of them', 'before'], array_column($undro->get('lines')[1], 'name'));
        foreach (['', '/app.key', '/undro.sqlite', '/storage/logs/server.log', '/backups'] as $file) {
            self::assertSame(0, fileperms($undro->data . $file) & 0o077, "$file can be read by others");
        }
        $undro->waitFor(static function () use ($undro): bool {
            clearstatcache();

            return filesize("$undro->data/storage/logs/devices.log") < 2_000_000;
        }, 60);
        // and a body too large to hold ends nothing
        self::assertSame(413, $undro->ask('POST', '/api/compute/fill', str_repeat('[', 2_000_000))[0]);
        // two Undros in one browser keep their own cookies
        $names = array_keys($undro->cookies);
        $undro->end();
        $this->undro = new Started(sys_get_temp_dir(), 'watched-too');
        self::assertSame([], array_intersect($names, array_keys($this->undro->cookies)));
        $stale = $this->undro->cookies;
        $this->undro->cookies += array_fill_keys($names, 'of the other');
        self::assertSame(201, $this->undro->post('lines', ['name' => 'x', 'material' => 'mono', 'size' => '0.30'])[0]);
        self::assertNotSame([], $stale);
    }
}
