<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** ./undro start as a person meets it: it serves, keeps what there is, says what is wrong, and ends whole. */
final class StartTest extends TestCase
{
    private string $data;
    /** @var list<resource> */
    private array $started = [];

    protected function setUp(): void
    {
        $this->data = sys_get_temp_dir() . '/undro-start-' . getmypid();
    }

    protected function tearDown(): void
    {
        foreach ($this->started as $process) {
            $this->end($process, SIGKILL);
        }
        // also where a test failed before it ended what it had started
        foreach ($this->running() as $environment) {
            posix_kill((int) explode('/', $environment)[2], SIGKILL);
        }
        exec('rm -rf ' . escapeshellarg($this->data));
    }

    public function testItServesTheDemoThenEndsWithEverythingItStarted(): void
    {
        $port = self::freePort();
        $process = $this->start(['--port', (string) $port]);
        self::assertGreaterThanOrEqual(8, count($this->reels($port)));
        self::assertSame('127.0.0.1', self::listeningOn($port), 'it must listen on loopback only');
        $this->end($process, SIGINT);
        for ($try = 0; $try < 60 && self::taken($port); ++$try) {
            usleep(50_000);
        }
        self::assertFalse(self::taken($port), 'a server was left behind');
    }

    public function testASecondStartKeepsWhatThereIsAndFreshSetsItAside(): void
    {
        $port = self::freePort();
        $this->end($this->start(['--port', (string) $port, '--empty']), SIGTERM);
        self::assertFileExists("$this->data/undro.sqlite");
        $process = $this->start(['--port', (string) self::freePort()], $port);
        self::assertSame([], $this->reels($port), 'the demo is loaded only into a new database');
        $this->end($process, SIGTERM);

        [$exit, $said] = $this->run_(['start', '--data', $this->data, '--fresh']);
        self::assertSame(1, $exit);
        self::assertStringContainsString('Add --yes', $said);
        $process = $this->start(['--fresh', '--yes', '--port', (string) self::freePort()], $port);
        self::assertGreaterThanOrEqual(8, count($this->reels($port)));
        self::assertCount(1, glob("$this->data/undro-before-*.sqlite") ?: []);
        $this->end($process, SIGTERM);
    }

    public function testForThePhoneItListensOnTheNetworkAndLetsNobodyInUnasked(): void
    {
        $port = self::freePort();
        $process = $this->start(['--port', (string) $port, '--empty', '--lan', '--devices']);
        self::assertSame('0.0.0.0', self::listeningOn($port));
        $pairing = (array) json_decode((string) file_get_contents("http://127.0.0.1:$port/api/pairing"), true);
        self::assertIsString($pairing['code']);
        foreach ((array) $pairing['urls'] as $url) {
            self::assertIsString($url);
            $from = preg_replace('~/pair/.*~', '', $url);
            $answer = @file_get_contents(
                "$from/api/reels",
                false,
                stream_context_create(['http' => ['ignore_errors' => true, 'timeout' => 5]]),
            );
            self::assertStringContainsString('not connected', (string) $answer);
        }
        $state = '';
        for ($try = 0; $try < 60 && $state !== 'here'; ++$try) {
            usleep(100_000);
            $counter = (array) json_decode((string) file_get_contents("http://127.0.0.1:$port/api/devices/counter"), true);
            $state = $counter['state'] ?? '';
        }
        self::assertSame('here', $state, 'the simulated counter is not heard');
        self::assertGreaterThanOrEqual(3, count($this->running()));
        $this->end($process, SIGTERM);
        for ($try = 0; $try < 60 && $this->running() !== []; ++$try) {
            usleep(50_000);
        }
        self::assertSame([], $this->running(), 'something was left behind');
    }

    public function testATakenPortIsSaidWithAnother(): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($socket);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        [$exit, $said] = $this->run_(['start', '--data', $this->data, '--empty', '--port', (string) $port]);
        self::assertSame(1, $exit);
        self::assertStringContainsString("port $port is taken", $said);
        self::assertStringContainsString('--port ' . ($port + 1), $said);
    }

    public function testWhatItDoesNotKnowIsSaid(): void
    {
        foreach ([
            [['start', '--prot', '9'], "does not know '--prot'"],
            [['start', '--port', 'x'], 'a number from 1 to 65535'],
            [['start', '--data', '/proc/nowhere'], 'cannot be made'],
            [['start', '--counter'], '--counter needs an address'],
            [['test', 'everything'], "no test part 'everything'"],
            [['dance'], './undro start'],
        ] as [$command, $message]) {
            [$exit, $said] = $this->run_($command);
            self::assertSame(1, $exit, implode(' ', $command));
            self::assertStringContainsString($message, $said);
        }
    }

    /**
     * @param list<string> $options
     *
     * @return resource once it answers
     */
    private function start(array $options, ?int &$port = null)
    {
        $log = "$this->data.log";
        $process = proc_open(
            ['setsid', './undro', 'start', '--data', $this->data, ...$options],
            [0 => ['file', '/dev/null', 'r'], 1 => ['file', $log, 'w'], 2 => ['file', $log, 'w']],
            $pipes,
            self::root(),
            self::environment(),
        );
        self::assertIsResource($process);
        $this->started[] = $process;
        // as long as it tries itself, and no longer than it lives
        for ($try = 0; $try < 1200 && proc_get_status($process)['running']; ++$try) {
            if (preg_match('~ready:  http://127\.0\.0\.1:(\d+)/~', (string) file_get_contents($log), $found) === 1) {
                $port = (int) $found[1];
                unlink($log);

                return $process;
            }
            usleep(50_000);
        }
        self::fail('it did not start: ' . file_get_contents($log) . $this->whatRuns() . $this->logs());
    }

    /** @param resource $process */
    private function end($process, int $signal): void
    {
        $status = proc_get_status($process);
        if ($status['running']) {
            // as the keyboard does: to the whole group in front
            posix_kill($signal === SIGKILL ? $status['pid'] : -$status['pid'], $signal);
            for ($try = 0; $try < 100 && proc_get_status($process)['running']; ++$try) {
                usleep(20_000);
            }
        }
    }

    /**
     * @param list<string> $command
     *
     * @return array{int, string}
     */
    private function run_(array $command): array
    {
        $process = proc_open(
            ['./undro', ...$command],
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['redirect', 1]],
            $pipes,
            self::root(),
            self::environment(),
        );
        self::assertIsResource($process);
        $said = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), $said];
    }

    /** @return array<array-key, mixed> */
    private function reels(int $port): array
    {
        return (array) json_decode((string) file_get_contents("http://127.0.0.1:$port/api/reels"), true);
    }

    /** What it was waiting for, where it did not start. */
    private function whatRuns(): string
    {
        $words = static fn(string $environment): string => strtr((string) @file_get_contents(dirname($environment) . '/cmdline'), "\0", ' ');

        return "\nStill running:\n" . implode("\n", array_map($words, $this->running()));
    }

    private function logs(): string
    {
        $last = static fn(string $log): string => "\n$log:\n" . substr((string) file_get_contents($log), -2000);

        return implode('', array_map($last, glob("$this->data/storage/logs/*.log") ?: []));
    }

    /** @return list<string> what runs with this test's data folder */
    private function running(): array
    {
        return array_values(array_filter(
            glob('/proc/[0-9]*/environ') ?: [],
            fn(string $file): bool => str_contains((string) @file_get_contents($file), "UNDRO_DATA=$this->data\0"),
        ));
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** @return array<string, string> without what the tests themselves run with */
    private static function environment(): array
    {
        return ['UNDRO_SYNC' => getenv('UNDRO_SYNC') ?: 'full', 'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME')];
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($socket);

        return (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    }

    private static function taken(int $port): bool
    {
        return @fsockopen('127.0.0.1', $port) !== false;
    }

    /** The address a port is bound to, by the kernel's own table. */
    private static function listeningOn(int $port): ?string
    {
        foreach (file('/proc/net/tcp') ?: [] as $row) {
            if (preg_match(sprintf('/^\s*\d+: ([0-9A-F]{8}):%04X 00000000:0000 0A/', $port), $row, $found) === 1) {
                return long2ip((int) (unpack('V', (string) hex2bin($found[1])) ?: [1 => 0])[1]) ?: null;
            }
        }

        return null;
    }
}
