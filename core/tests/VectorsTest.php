<?php

declare(strict_types=1);

namespace Undro\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Undro\Contract\Compute;

/** The worked cases, to 0.5 % or 0.01, whichever is larger. */
final class VectorsTest extends TestCase
{
    use Vectors;

    /**
     * @param array<string, mixed> $in
     * @param array<string, mixed> $out
     */
    #[DataProvider('cases')]
    public function testMatches(string $name, array $in, array $out): void
    {
        self::assertMatches($out, Compute::run($name, $in), $name);
    }
}
