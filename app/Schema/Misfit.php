<?php

declare(strict_types=1);

namespace App\Schema;

/** Where something does not fit its schema, and why, in words. */
final readonly class Misfit
{
    /**
     * @param string $path dotted, from the top of what was checked; empty: the whole of it
     * @param string $why  such as "may have at most 80 characters, not 100", without a full stop
     */
    public function __construct(public string $path, public string $why) {}
}
