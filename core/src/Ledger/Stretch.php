<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\Fill\Role;
use Undro\Units\Length;

/** So much of one line on a spool, and what it is there for. */
final readonly class Stretch
{
    /** @param string|null $since its oldest piece is on a reel; null: not known */
    public function __construct(public Role $role, public int $line, public Length $length, public ?string $since) {}
}
