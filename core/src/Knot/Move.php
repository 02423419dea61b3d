<?php

declare(strict_types=1);

namespace Undro\Knot;

/** One move of a knot in words: what to do, what it should look like, and what it looks like when wrong. */
final readonly class Move
{
    public function __construct(public string $do, public string $right, public string $wrong) {}
}
