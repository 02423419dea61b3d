<?php

declare(strict_types=1);

namespace Undro\Allocation;

use Undro\Units\Length;

/** The line that one job needs: its main line, and what goes under it. */
final readonly class Demand
{
    /**
     * @param string       $line         of the main line
     * @param list<string> $backingLines that would do as backing
     * @param Length|null  $backing      null: nothing goes under it
     */
    public function __construct(
        public string $job,
        public string $line,
        public Length $main,
        public array $backingLines = [],
        public ?Length $backing = null,
    ) {}
}
