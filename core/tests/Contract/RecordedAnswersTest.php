<?php

declare(strict_types=1);

namespace Undro\Tests\Contract;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;
use Undro\Contract\Compute;
use Undro\DomainFault;

/**
 * What every calculator answers when one thing of a case is another: each choice, each figure somewhat smaller and larger, each part left
 * out. The answers that were accepted lie in answers/, so that whoever changes a rule sees which answers change with it:
 *
 *     UNDRO_ACCEPT=1 vendor/bin/phpunit core/tests/Contract/RecordedAnswersTest.php
 *
 * accepts what is answered now; read the difference before it is committed.
 */
final class RecordedAnswersTest extends TestCase
{
    private const FOLDER = __DIR__ . '/answers';
    private const CONTRACT = __DIR__ . '/../../../docs/openapi.yaml';
    /** A figure this much smaller and larger is tried. */
    private const FACTORS = [0.7, 1.4];
    /** A plan inside another case is varied in its own calculator. */
    private const WITHIN = ['run' => 'case', 'practice' => 'case', 'day' => 'jobs.0.plan', 'ways' => 'kept'];
    /** Of a longer list the first, the middle and the last are recorded. */
    private const WHOLE = 30;
    private const TEXT = 48;
    /** Of what a change changes so much is recorded, spread over all of it, and how much that is. */
    private const MOST = 14;

    /** @var array<string, mixed>|null */
    private static ?array $contract = null;

    /** @return iterable<string, array{string}> */
    public static function calculators(): iterable
    {
        foreach (Compute::names() as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('calculators')]
    public function testAnswersAreThoseThatWereAccepted(string $name): void
    {
        $file = self::FOLDER . "/$name.json";
        $now = [];
        foreach (Cases::all()[$name] as $number => $case) {
            $usual = self::answer($name, $case);
            $now["$number"] = $usual;
            foreach (self::changed($name, $case) as $change => $other) {
                $now["$number: $change"] = self::difference($usual, self::answer($name, $other));
            }
        }
        if (getenv('UNDRO_ACCEPT') === '1') {
            @mkdir(self::FOLDER);
            $rows = array_map(
                static fn(string $change, array $answer): string => json_encode($change, JSON_THROW_ON_ERROR) . ': '
                    . json_encode((object) $answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION),
                array_keys($now),
                $now,
            );
            file_put_contents($file, "{\n" . implode(",\n", $rows) . "\n}\n");
        }
        $accepted = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($accepted);
        self::assertSame(array_map(strval(...), array_keys($accepted)), array_map(strval(...), array_keys($now)), 'other cases are tried than were accepted');
        $other = [];
        foreach ($now as $change => $answer) {
            $was = $accepted[$change];
            foreach ($answer + $was as $path => $_) {
                if (!self::same($was[$path] ?? null, $answer[$path] ?? null)) {
                    $other[] = sprintf('%s: %s was %s and is %s', $change, $path, json_encode($was[$path] ?? null), json_encode($answer[$path] ?? null));
                }
            }
        }
        self::assertSame('', implode("\n", array_slice($other, 0, 20)), count($other) . " figures of $name are not those that were accepted");
    }

    /**
     * @param array<string, mixed> $case
     *
     * @return array<string, scalar|null> what is answered, by path; a refusal as the field it names
     */
    private static function answer(string $name, array $case): array
    {
        try {
            return iterator_to_array(self::leaves(Compute::run($name, $case)));
        } catch (DomainFault $fault) {
            return ['refused' => $fault->field];
        }
    }

    /**
     * @param array<string, scalar|null> $usual
     * @param array<string, scalar|null> $other
     *
     * @return array<string, scalar|null> what the other answer has that the usual one has not
     */
    private static function difference(array $usual, array $other): array
    {
        if (isset($other['refused'])) {
            return $other;
        }
        $gone = array_fill_keys(array_map(static fn(string $path): string => "-$path", array_keys(array_diff_key($usual, $other))), null);
        $all = $gone + array_filter(
            $other,
            static fn(mixed $value, string $path): bool => !array_key_exists($path, $usual) || !self::same($usual[$path], $value),
            ARRAY_FILTER_USE_BOTH,
        );
        $every = max(1, intdiv(count($all) - 1, self::MOST) + 1);
        $kept = [];
        foreach (array_keys($all) as $number => $path) {
            if ($number % $every === 0) {
                $kept[$path] = $all[$path];
            }
        }

        return $every === 1 ? $kept : ['#' => count($all)] + $kept;
    }

    private static function same(mixed $one, mixed $other): bool
    {
        return is_float($one) || is_float($other)
            ? is_numeric($one) && is_numeric($other) && abs((float) $one - (float) $other) <= max(1e-6, 0.002 * max(abs((float) $one), abs((float) $other)))
            : $one === $other;
    }

    /** @return iterable<string, scalar|null> */
    private static function leaves(mixed $value, string $path = ''): iterable
    {
        if (is_array($value)) {
            $count = count($value);
            $long = array_is_list($value) && $count > self::WHOLE;
            if ($long) {
                yield "$path.#" => $count;
            }
            foreach ($value as $key => $each) {
                if (!$long || in_array($key, [0, intdiv($count, 2), $count - 1], true)) {
                    yield from self::leaves($each, $path === '' ? (string) $key : "$path.$key");
                }
            }
        } else {
            yield $path => match (true) {
                is_float($value) => (float) sprintf('%.4G', $value),
                is_string($value) => mb_strimwidth($value, 0, self::TEXT, '…'),
                is_scalar($value) => $value,
                default => null,
            };
        }
    }

    /**
     * @param array<string, mixed> $case
     *
     * @return iterable<string, array<string, mixed>> the same case with one thing changed, by what that is
     */
    private static function changed(string $name, array $case): iterable
    {
        $schema = self::contract()['paths']["/api/compute/$name"]['post']['requestBody']['content']['application/json']['schema'] ?? [];
        foreach (self::places($case, $schema, []) as [$at, $value, $schemaThere]) {
            $path = implode('.', $at);
            if (str_starts_with("$path.", (self::WITHIN[$name] ?? "\0") . '.') || in_array($path, ['seed', 'today'], true)) {
                continue;
            }
            foreach (self::others($value, $schemaThere) as $what => $other) {
                yield "$path $what" => self::with($case, $at, $other);
            }
            yield "$path left out" => self::without($case, $at);
        }
    }

    /** @return iterable<string, mixed> other values that may stand there */
    private static function others(mixed $value, array $schema): iterable
    {
        foreach ($schema['enum'] ?? [] as $choice) {
            if ($choice !== $value) {
                yield 'is ' . json_encode($choice) => $choice;
            }
        }
        if (is_bool($value)) {
            yield 'is not so' => !$value;
        } elseif (is_int($value) || is_float($value)) {
            foreach (self::FACTORS as $factor) {
                yield "times $factor" => is_int($value) ? (int) round($value * $factor) : $value * $factor;
            }
        } elseif (is_string($value) && preg_match('/^\d{4}-\d\d-\d\d/', $value, $day) === 1) {
            foreach ([-200, 40] as $days) {
                yield "$days days" => date('Y-m-d', (int) strtotime("$day[0] UTC $days days")) . substr($value, 10);
            }
        } elseif (is_string($value) && !isset($schema['enum']) && preg_match('~^(\d+(?:\.\d+)?)(?![\d.]|\s*[-/])~', $value, $figure) === 1) {
            foreach (self::FACTORS as $factor) {
                yield "times $factor" => (string) ((float) $figure[1] * $factor) . substr($value, strlen($figure[1]));
            }
        }
    }

    /**
     * @param list<string|int> $at
     *
     * @return iterable<array{list<string|int>, mixed, array<string, mixed>}> every place of a case, what is there, and what may be
     */
    private static function places(mixed $value, array $schema, array $at): iterable
    {
        $schema = self::resolved($schema);
        if ($at !== []) {
            yield [$at, $value, $schema];
        }
        if (!is_array($value)) {
            return;
        }
        foreach ($value as $key => $each) {
            yield from self::places($each, self::part($schema, $key), [...$at, $key]);
        }
        foreach ($schema['properties'] ?? [] as $key => $is) {
            $is = self::resolved($is);
            if (!array_key_exists($key, $value) && (isset($is['enum']) || ($is['type'] ?? '') === 'boolean')) {
                yield [[...$at, $key], false, $is];
            }
        }
    }

    /** @return array<string, mixed> */
    private static function resolved(array $schema): array
    {
        if (isset($schema['$ref'])) {
            return self::resolved(self::contract()['components']['schemas'][basename($schema['$ref'])]);
        }
        foreach ([...$schema['allOf'] ?? [], ...$schema['oneOf'] ?? [], ...$schema['anyOf'] ?? []] as $part) {
            $part = self::resolved($part);
            $schema['properties'] = ($schema['properties'] ?? []) + ($part['properties'] ?? []);
            $schema += $part;
        }

        return $schema;
    }

    /** @return array<string, mixed> */
    private static function part(array $schema, string|int $key): array
    {
        return $schema['properties'][$key] ?? (is_int($key) ? $schema['items'] ?? [] : (is_array($schema['additionalProperties'] ?? null) ? $schema['additionalProperties'] : []));
    }

    /** @param list<string|int> $at @return array<string, mixed> */
    private static function with(array $case, array $at, mixed $other): array
    {
        $there = &$case;
        foreach ($at as $key) {
            $there = &$there[$key];
        }
        $there = $other;

        return $case;
    }

    /** @param list<string|int> $at @return array<string, mixed> */
    private static function without(array $case, array $at): array
    {
        $last = array_pop($at);
        $there = &$case;
        foreach ($at as $key) {
            $there = &$there[$key];
        }
        unset($there[$last]);
        if (is_int($last)) {
            $there = array_values($there);
        }

        return $case;
    }

    /** @return array<string, mixed> */
    private static function contract(): array
    {
        return self::$contract ??= Yaml::parseFile(self::CONTRACT);
    }
}
