<?php

declare(strict_types=1);

namespace App\BenchDay;

use Undro\Day\Task;
use Undro\Units\Length;

/** What is usually wanted on a spool: what its line needs, else what lies on it, new and as long as it was wound. */
final readonly class UsualJob
{
    /**
     * @param int|null $main    line; null: nothing was ever wound on it
     * @param Length   $length  of it
     * @param int|null $backing line; null: nothing goes under it
     */
    public function __construct(
        public int $reel,
        public int $spool,
        public Task $task,
        public ?int $main,
        public Length $length,
        public ?int $backing,
    ) {}
}
