<?php

declare(strict_types=1);

namespace Tests\Hard;

use PHPUnit\Framework\Assert;

/** Undro as a person starts it, with a browser that keeps its cookies. */
final class Started extends Browser
{
    public readonly string $data;
    public readonly int $port;
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
        parent::__construct("http://127.0.0.1:$this->port");
        $process = proc_open(
            ['setsid', './undro', 'start', '--data', $this->data, '--port', (string) $this->port, ...$options],
            [0 => ['file', '/dev/null', 'r'], 1 => ['file', $this->log, 'w'], 2 => ['file', $this->log, 'a']],
            $pipes,
            dirname(__DIR__, 2),
            ['UNDRO_SYNC' => getenv('UNDRO_SYNC') ?: 'full', 'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME')],
        );
        Assert::assertIsResource($process);
        $this->process = $process;
        try {
            $this->waitFor(fn(): bool => str_contains($this->said(), 'Undro is ready'), 20);
        } catch (\Throwable $late) {
            $this->end();
            throw $late;
        }
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
