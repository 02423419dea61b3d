<?php

declare(strict_types=1);

namespace Tests\Feature;

use PDO;
use PHPUnit\Framework\TestCase;

/** A kill -9 in the middle of writing loses nothing that was answered as saved, and the database stays whole. */
final class DurabilityTest extends TestCase
{
    private string $data;
    /** @var resource|null */
    private $server;

    protected function setUp(): void
    {
        $this->data = sys_get_temp_dir() . '/undro-durability-' . getmypid();
        foreach (['views', 'sessions', 'cache'] as $folder) {
            @mkdir("$this->data/storage/framework/$folder", 0o700, true);
        }
        @mkdir("$this->data/storage/logs");
    }

    protected function tearDown(): void
    {
        $this->kill();
        exec('rm -rf ' . escapeshellarg($this->data));
    }

    public function testWhatWasAnsweredSurvivesAKill(): void
    {
        $this->run_('artisan', 'undro:prepare', 'empty');
        $saved = [];
        $rounds = getenv('UNDRO_HARD') === '1' ? 200 : 3;
        for ($round = 0; $round < $rounds; ++$round) {
            $port = $this->serve();
            [$cookie, $token] = $this->session($port);
            $write = function () use ($port, $cookie, $token, &$saved): bool {
                $name = $this->write($port, $cookie, $token, count($saved));
                if ($name !== null) {
                    $saved[] = $name;
                }

                return $name !== null;
            };
            // so many are answered on a machine however busy; then the kill comes at any moment, from a process of its own
            for ($first = 0; $first <= 1 + $round % 3; ++$first) {
                self::assertTrue($write(), 'a server that nobody killed does not write');
            }
            $killer = proc_open(['sh', '-c', sprintf('sleep %.3F; kill -9 %d', 0.001 * mt_rand(0, 100), proc_get_status($this->server)['pid'])], [], $pipes);
            do {
                $answers = $write();
            } while ($answers);
            proc_close($killer);
            $this->kill();
        }
        self::assertGreaterThan(5, count($saved), 'too few writes to tell');
        $rounds === 3 || fwrite(STDERR, sprintf("kill -9 at %d moments: %d writes were answered as saved\n", $rounds, count($saved)));
        $database = new PDO("sqlite:$this->data/undro.sqlite");
        self::assertSame('ok', $database->query('PRAGMA integrity_check')->fetchColumn());
        self::assertSame([], array_diff($saved, $database->query('SELECT name FROM line_products')->fetchAll(PDO::FETCH_COLUMN)));
        self::assertSame(
            0,
            (int) $database->query('SELECT count(*) FROM events WHERE id NOT IN (SELECT event_id FROM event_moves)')->fetchColumn(),
            'no event without what it moved',
        );
        self::assertSame(
            (int) $database->query('SELECT count(*) FROM fillers')->fetchColumn(),
            (int) $database->query('SELECT count(*) FROM events')->fetchColumn(),
            'no filler without its event',
        );
    }

    public function testEverySaveWaitsForTheDisk(): void
    {
        $said = $this->run_('-r', 'require "vendor/autoload.php"; echo json_encode(array_column((require "config/database.php")["connections"], "synchronous"));');
        self::assertSame('["full","full"]', $said, 'a power cut would lose what was answered as saved');
    }

    /** A line and a filler with its event; the name once both are answered as saved. */
    private function write(int $port, string $cookie, string $token, int $count): ?string
    {
        $name = "line $port $count";
        $line = $this->post($port, 'lines', ['name' => $name, 'material' => 'mono', 'size' => '0.30'], $cookie, $token);
        if (!isset($line['id'])) {
            return null;
        }
        $uuid = sprintf('%08x-0000-4000-8000-%012x', $port, $count);
        $filler = $this->post($port, 'fillers', ['line' => $line['id'], 'full_length' => '300 m', 'event' => $uuid], $cookie, $token);

        return isset($filler['id']) ? $name : null;
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<string, mixed>|null
     */
    private function post(int $port, string $path, array $body, string $cookie, string $token): ?array
    {
        $context = stream_context_create(['http' => [
            'method' => 'POST',
            'header' => ["Cookie: $cookie", "X-XSRF-TOKEN: $token", 'Content-Type: application/json', 'Accept: application/json'],
            'content' => json_encode($body),
            'timeout' => 60,
            'ignore_errors' => true,
        ]]);
        $answer = @file_get_contents("http://127.0.0.1:$port/api/$path", false, $context);

        return is_string($answer) && str_contains($http_response_header[0] ?? '', ' 201') ? json_decode($answer, true) : null;
    }

    /** @return array{string, string} */
    private function session(int $port): array
    {
        file_get_contents("http://127.0.0.1:$port/api/lines");
        $cookies = [];
        foreach ($http_response_header as $header) {
            if (preg_match('/^Set-Cookie: ([^=]+)=([^;]+)/i', $header, $found) === 1) {
                $cookies[$found[1]] = $found[2];
            }
        }

        return [
            implode('; ', array_map(static fn(string $name, string $value): string => "$name=$value", array_keys($cookies), $cookies)),
            urldecode(
                (string) current(
                    array_filter($cookies, static fn(string $name): bool => str_starts_with($name, 'XSRF-TOKEN'), ARRAY_FILTER_USE_KEY),
                ),
            ),
        ];
    }

    private function serve(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        $this->server = proc_open(
            [PHP_BINARY, '-S', "127.0.0.1:$port", '-t', 'public', 'public/router.php'],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
            dirname(__DIR__, 2),
            $this->env(),
        ) ?: null;
        for ($try = 0; $try < 1200 && @file_get_contents("http://127.0.0.1:$port/api/anglers") === false; ++$try) {
            usleep(50_000);
        }

        return $port;
    }

    private function kill(): void
    {
        if (is_resource($this->server)) {
            proc_terminate($this->server, 9);
            proc_close($this->server);
        }
    }

    private function run_(string ...$command): string
    {
        $process = proc_open([PHP_BINARY, ...$command], [1 => ['pipe', 'w']], $pipes, dirname(__DIR__, 2), $this->env());
        $said = (string) stream_get_contents($pipes[1]);
        self::assertSame(0, proc_close($process), $said);

        return $said;
    }

    /** @return array<string, string> */
    private function env(): array
    {
        return [
            'APP_ENV' => 'production',
            'APP_KEY' => 'base64:' . base64_encode(str_repeat('k', 32)),
            'UNDRO_DATA' => $this->data,
            'UNDRO_DATABASE' => "$this->data/undro.sqlite",
            'PATH' => (string) getenv('PATH'),
        ];
    }
}
