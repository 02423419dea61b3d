<?php

declare(strict_types=1);

namespace Undro\Allocation;

/** A length of line that a job needs in one piece, of any of these lines. Lengths are in whole micrometres, so that a cut that just fits fits. */
final readonly class Piece
{
    /**
     * @param list<string> $lines  acceptable, one at least
     * @param int          $length micrometres
     * @param bool         $parts  whether it may be two pieces of one line, joined
     */
    public function __construct(public string $job, public Part $part, public array $lines, public int $length, public bool $parts = false) {}
}
