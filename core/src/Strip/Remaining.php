<?php

declare(strict_types=1);

namespace Undro\Strip;

use Undro\Fill\Role;
use Undro\Units\Length;

/** A stretch that lies on the spool once line came off it. */
final readonly class Remaining
{
    /** @param bool $reversed the end that was outermost lies innermost now */
    public function __construct(public Role $role, public Length $length, public bool $reversed = false) {}
}
