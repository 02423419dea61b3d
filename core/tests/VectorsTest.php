<?php

declare(strict_types=1);

namespace Undro\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;

/** The worked cases, to 0.5 % or 0.01, whichever is larger. */
final class VectorsTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> */
    public static function cases(): iterable
    {
        foreach (glob(__DIR__ . '/vectors/*.json') ?: [] as $file) {
            $cases = json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR);
            foreach ($cases as $index => $case) {
                yield basename($file) . " $index, {$case['name']}" => [$case['compute'], $case['in'], $case['out']];
            }
        }
    }

    /**
     * @param array<string, mixed> $in
     * @param array<string, mixed> $out
     */
    #[DataProvider('cases')]
    public function testMatches(string $name, array $in, array $out): void
    {
        self::assertMatches($out, Compute::run($name, $in), $name);
    }

    private static function assertMatches(mixed $wanted, mixed $found, string $path): void
    {
        if (is_array($wanted)) {
            self::assertIsArray($found, $path);
            foreach ($wanted as $key => $value) {
                self::assertArrayHasKey($key, $found, $path);
                self::assertMatches($value, $found[$key], "$path.$key");
            }
        } elseif (is_int($wanted) || is_float($wanted)) {
            self::assertIsNumeric($found, $path);
            self::assertEqualsWithDelta($wanted, $found, max(0.01, 0.005 * abs($wanted)), $path);
        } else {
            self::assertSame($wanted, $found, $path);
        }
    }
}
