<?php

declare(strict_types=1);

namespace Tests\Engine;

use PHPUnit\Framework\Assert;
use Tests\Hard\Browser;

/** Undro as it is served for the tests: where it is, where its data lies, and who signs in. ./undro test has started it. */
final class Served
{
    public const PASSWORD = 'a few words do';

    public static function url(): string
    {
        return (string) getenv('UNDRO_SERVED_URL');
    }

    public static function data(): string
    {
        return (string) getenv('UNDRO_SERVED_DATA');
    }

    public static function authority(): string
    {
        return self::data() . '/caddy/pki/authorities/local/root.crt';
    }

    /** @param list<string> $carries */
    public static function stranger(array $carries = []): Browser
    {
        return new Browser(self::url(), self::authority(), $carries);
    }

    /** A household of its own and its first person, signed in. @param string $from a document or a copy it begins with */
    public static function household(string $name, string $from = ''): Browser
    {
        $email = strtolower($name) . '@example.org';
        $said = self::undro('account', 'add', $email, '--household', $name, ...($from === '' ? [] : ['--from', $from]));
        Assert::assertSame(1, preg_match('~(/welcome/\w+)~', $said, $found), $said);
        $browser = self::stranger(['Origin: ' . self::url()]);
        self::form($browser, $found[1], ['name' => $name, 'email' => $email, 'password' => self::PASSWORD]);
        $browser->get('account');

        return $browser;
    }

    /** @param array<string, string> $fields */
    public static function form(Browser $browser, string $path, array $fields): int
    {
        return $browser->ask('POST', $path, http_build_query($fields), ['Content-Type: application/x-www-form-urlencoded'])[0];
    }

    /** The command, for what is served here. */
    public static function undro(string ...$words): string
    {
        $command = implode(' ', array_map(escapeshellarg(...), ['./undro', ...$words, '--data', self::data()]));
        exec('cd ' . escapeshellarg((string) getenv('UNDRO_SERVED_CODE')) . " && $command 2>&1", $said);

        return implode("\n", $said);
    }

    /** @return list<int> the processes of a server, this one if no other data folder is given, whose command line holds these words */
    public static function processes(string $like, ?string $data = null): array
    {
        exec('pgrep -f ' . escapeshellarg("[$like[0]]" . substr($like, 1)), $found);

        return array_values(array_filter(
            array_map(intval(...), $found),
            static fn(int $pid): bool => self::belongs($pid, $data ?? self::data()),
        ));
    }

    /** Whether a process or one of those that started it was given this data folder. */
    private static function belongs(int $pid, string $data): bool
    {
        for (; $pid > 1; $pid = (int) ($parent[1] ?? 0)) {
            if (str_contains((string) @file_get_contents("/proc/$pid/cmdline"), $data)) {
                return true;
            }
            preg_match('/^PPid:\s+(\d+)/m', (string) @file_get_contents("/proc/$pid/status"), $parent);
        }

        return false;
    }

    /** @return array<int, float> memory of PHP's workers, MB, by process */
    public static function workers(): array
    {
        $workers = [];
        foreach (self::processes('php-fpm: pool undro') as $pid) {
            if (preg_match('/^RssAnon:\s+(\d+)/m', (string) @file_get_contents("/proc/$pid/status"), $found) === 1) {
                $workers[$pid] = (int) $found[1] / 1000;
            }
        }

        return $workers;
    }

    /** @param (\Closure(): string)|null $said what was said meanwhile, where it does not come to it */
    public static function waitFor(\Closure $isSo, float $seconds, ?\Closure $said = null): void
    {
        for ($until = microtime(true) + $seconds; microtime(true) < $until; usleep(100_000)) {
            if ($isSo()) {
                return;
            }
        }
        Assert::fail('it did not come to it' . ($said === null ? '' : ': ' . $said()));
    }
}
