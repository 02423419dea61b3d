<?php

declare(strict_types=1);

namespace Undro\Day;

use Undro\Units\Length;

/** What is left of a source that is cut. */
final readonly class Leftover
{
    /** @param list<string> $still jobs of the day it would do once more */
    public function __construct(
        public string $source,
        public string $line,
        public Length $whole,
        public Length $left,
        public bool $waste,
        public array $still,
    ) {}
}
