<?php

declare(strict_types=1);

namespace Tests\Hard;

use PDO;
use PHPUnit\Framework\Assert;

/** A database in a file of its own, with processes of Undro that work on it. */
final class Database
{
    public readonly string $data;
    public readonly string $file;

    public function __construct(string $name, string $holds = 'demo', ?string $folder = null)
    {
        $this->data = ($folder ?? sys_get_temp_dir()) . "/undro-$name-" . getmypid();
        $this->file = "$this->data/undro.sqlite";
        foreach (['framework/views', 'logs'] as $inner) {
            @mkdir("$this->data/storage/$inner", 0o700, true);
        }
        if ($holds !== '') {
            Assert::assertSame(0, proc_close($this->begin(['artisan', 'undro:prepare', $holds], $pipes)));
        }
    }

    /** @param list<string> $command of PHP @param array<int, resource> $pipes @param array<string, string> $more @return resource */
    public function begin(array $command, ?array &$pipes = null, array $more = [])
    {
        $process = proc_open(
            [PHP_BINARY, '-d', 'opcache.enable_cli=1', ...$command],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            dirname(__DIR__, 2),
            $more + $this->environment(),
        );
        Assert::assertIsResource($process);

        return $process;
    }

    /** @return array{int, string} exit and what was said */
    public function run(string ...$command): array
    {
        $process = $this->begin(array_values($command), $pipes);
        $said = stream_get_contents($pipes[1]) . stream_get_contents($pipes[2]);

        return [proc_close($process), $said];
    }

    /**
     * Eight processes write at once.
     *
     * @return array{statuses: array<int, int>, took: list<float>, saved: array<string, list<string|int>>, faults: list<string>}
     */
    public function write(string $mode, float $seconds, int $writers = 8): array
    {
        $processes = [];
        for ($number = 0; $number < $writers; ++$number) {
            $processes[] = [
                $this->begin(
                    ['tests/Hard/writer.php', $mode, (string) $seconds, (string) $number],
                    $pipes,
                    ['UNDRO_BEGIN' => (string) (microtime(true) + 2)],
                ),
                $pipes,
            ];
        }
        $all = ['statuses' => [], 'took' => [], 'saved' => [], 'faults' => []];
        foreach ($processes as [$process, $pipes]) {
            $said = (string) stream_get_contents($pipes[1]);
            $wrong = (string) stream_get_contents($pipes[2]);
            Assert::assertSame(0, proc_close($process), $said . $wrong);
            $one = json_decode($said, true, flags: JSON_THROW_ON_ERROR);
            foreach ($one['statuses'] as $status => $times) {
                $all['statuses'][$status] = ($all['statuses'][$status] ?? 0) + $times;
            }
            array_push($all['took'], ...$one['took']);
            array_push($all['faults'], ...$one['faults']);
            foreach ($one['saved'] as $table => $names) {
                $all['saved'][$table] = [...$all['saved'][$table] ?? [], ...$names];
            }
        }
        sort($all['took']);
        ksort($all['statuses']);

        return $all;
    }

    public function pdo(): PDO
    {
        return new PDO("sqlite:$this->file");
    }

    /** @return list<mixed> */
    public function column(string $sql): array
    {
        $found = $this->pdo()->query($sql);

        return $found === false ? [] : $found->fetchAll(PDO::FETCH_COLUMN);
    }

    public function end(): void
    {
        exec('rm -rf ' . escapeshellarg($this->data));
    }

    /** @return array<string, string> */
    public function environment(): array
    {
        return [
            'APP_ENV' => 'testing',
            'SESSION_DRIVER' => 'array',
            'LOG_CHANNEL' => 'null',
            'APP_KEY' => 'base64:' . base64_encode(str_repeat('k', 32)),
            'UNDRO_DATA' => $this->data,
            'UNDRO_DATABASE' => $this->file,
            'UNDRO_SYNC' => getenv('UNDRO_SYNC') ?: 'full',
            'PATH' => (string) getenv('PATH'),
        ];
    }
}
