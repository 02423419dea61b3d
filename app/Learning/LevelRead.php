<?php

declare(strict_types=1);

namespace App\Learning;

use Undro\Units\Length;

/** A level that was read on a spool, and what lay on it then. */
final readonly class LevelRead
{
    /**
     * @param string                      $uuid    of the entry
     * @param string                      $typed   the gap as typed
     * @param int                         $readings round the spool
     * @param bool                        $counts  for what is learnt; false: left out for good
     * @param bool                        $keep    it counts though it does not agree with the others
     * @param list<array{string, Length}> $layers  line and length, from the arbor out
     */
    public function __construct(
        public string $uuid,
        public string $at,
        public int $spool,
        public string $typed,
        public Length $gap,
        public int $readings,
        public bool $counts,
        public bool $keep,
        public array $layers,
    ) {}

    /** Whether a line lay on the spool. */
    public function has(string $line): bool
    {
        return in_array($line, array_column($this->layers, 0), true);
    }
}
