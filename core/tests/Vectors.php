<?php

declare(strict_types=1);

namespace Undro\Tests;

/** The worked cases, and how near to them an answer has to be: half a per cent, or a hundredth. */
trait Vectors
{
    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> calculator, question and answer */
    public static function cases(): iterable
    {
        foreach (glob(__DIR__ . '/vectors/*.json') ?: [] as $file) {
            $cases = json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR);
            foreach ($cases as $index => $case) {
                yield basename($file) . " $index, {$case['name']}" => [$case['compute'], $case['in'], $case['out']];
            }
        }
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
