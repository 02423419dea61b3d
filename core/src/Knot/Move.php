<?php

declare(strict_types=1);

namespace Undro\Knot;

/** One move of a knot in words: what to do, what it should look like, and what it looks like when wrong. */
final readonly class Move
{
    public function __construct(public string $do, public string $right, public string $wrong) {}

    /** Returns the move that cuts what is left over. */
    public static function trim(string $what = 'the tag'): self
    {
        return new self("Trim {$what} close.", 'A short blunt end, and the knot whole.', 'A cut into the knot: tie it again.');
    }
}
