<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\Fill\Role;
use Undro\Units\Length;

/** So much of one line on a spool, and what it is there for. */
final readonly class Stretch
{
    /**
     * @param string|null $since its oldest piece is on a reel; null: not known
     * @param Length|null $half  half the 90 % band of its length; null: counted exactly
     * @param list<How>   $known how its length is known, where it was wound in a run
     */
    public function __construct(
        public Role $role,
        public int $line,
        public Length $length,
        public ?string $since,
        public ?Length $half = null,
        public array $known = [],
    ) {}
}
