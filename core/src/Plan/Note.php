<?php

declare(strict_types=1);

namespace Undro\Plan;

/** One thing worth saying about a plan. */
final readonly class Note
{
    public function __construct(public string $id, public Weight $weight, public string $text) {}
}
