<?php

declare(strict_types=1);

namespace Tests\Hard;

use PHPUnit\Framework\Assert;

/** Undro as a person starts it, with a browser that keeps its cookies. */
final class Started
{
    public readonly string $data;
    public readonly int $port;
    /** @var array<string, string> */
    public array $cookies = [];
    private readonly string $log;
    /** @var resource */
    private $process;

    /** @param list<string> $options */
    public function __construct(string $folder, string $name, array $options = ['--empty'])
    {
        $this->data = "$folder/undro-$name-" . getmypid();
        // not on the disk that is tried
        $this->log = sys_get_temp_dir() . "/undro-$name-" . getmypid() . '.log';
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        Assert::assertIsResource($socket);
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        $process = proc_open(
            ['setsid', './undro', 'start', '--data', $this->data, '--port', (string) $this->port, ...$options],
            [0 => ['file', '/dev/null', 'r'], 1 => ['file', $this->log, 'w'], 2 => ['file', $this->log, 'a']],
            $pipes,
            dirname(__DIR__, 2),
            ['PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME')],
        );
        Assert::assertIsResource($process);
        $this->process = $process;
        $this->waitFor(fn(): bool => str_contains($this->said(), 'Undro is ready'), 20);
        $this->get('lines');
    }

    public function said(): string
    {
        return (string) @file_get_contents($this->log);
    }

    /** @return list<int> the server's processes, the first the one that made the others */
    public function server(): array
    {
        exec("pgrep -f 'php.*-S 127.0.0.1:$this->port'", $found);

        return array_map(intval(...), $found);
    }

    public function waitFor(\Closure $isSo, float $seconds): void
    {
        for ($until = microtime(true) + $seconds; microtime(true) < $until; usleep(50_000)) {
            if ($isSo()) {
                return;
            }
        }
        Assert::fail('it did not come to it: ' . $this->said());
    }

    /** @return array{int, array<array-key, mixed>} status, 0 where nobody answered, and answer */
    public function get(string $page, ?string $path = null): array
    {
        return $this->ask('GET', $path ?? "/api/$page", null);
    }

    /**
     * @param array<string, mixed> $body
     * @param list<string>         $headers
     *
     * @return array{int, array<array-key, mixed>}
     */
    public function post(string $page, array $body, array $headers = []): array
    {
        return $this->ask('POST', "/api/$page", json_encode((object) $body, JSON_THROW_ON_ERROR), $headers);
    }

    /** @param list<string> $headers @return array{int, array<array-key, mixed>} */
    public function ask(string $verb, string $path, ?string $body, array $headers = []): array
    {
        $token = current(
            array_filter($this->cookies, static fn(string $name): bool => str_starts_with($name, 'XSRF'), ARRAY_FILTER_USE_KEY),
        );
        $cookies = implode(
            '; ',
            array_map(static fn(string $name, string $value): string => "$name=$value", array_keys($this->cookies), $this->cookies),
        );
        $context = stream_context_create(
            [
                'http' => [
                    'method' => $verb,
                    'content' => $body ?? '',
                    'timeout' => 20,
                    'ignore_errors' => true,
                    'follow_location' => 0,
                    'header' => [
                        "Cookie: $cookies",
                        'X-XSRF-TOKEN: ' . urldecode((string) $token),
                        'Content-Type: application/json',
                        'Accept: application/json',
                        ...$headers,
                    ],
                ],
            ],
        );
        $http_response_header = [];
        $answer = @file_get_contents("http://127.0.0.1:$this->port$path", false, $context);
        foreach ($http_response_header as $header) {
            if (preg_match('/^Set-Cookie: ([^=]+)=([^;]+)/i', $header, $found) === 1) {
                $this->cookies[$found[1]] = $found[2];
            }
        }

        return [
            preg_match('/ (\d{3})/', $http_response_header[0] ?? '', $found) === 1 ? (int) $found[1] : 0,
            (array) json_decode((string) $answer, true),
        ];
    }

    public function end(): void
    {
        $status = proc_get_status($this->process);
        if ($status['running']) {
            posix_kill(-$status['pid'], SIGTERM);
            for ($try = 0; $try < 100 && proc_get_status($this->process)['running']; ++$try) {
                usleep(20_000);
            }
        }
        for ($try = 0; $try < 60 && $this->server() !== []; ++$try) {
            usleep(50_000);
        }
        exec('rm -rf ' . escapeshellarg($this->data) . ' ' . escapeshellarg($this->log));
    }
}
