<?php

declare(strict_types=1);

namespace Undro\Allocation;

use Undro\Units\Length;

/** A length that is cut from a source for a part of a job. */
final readonly class Cut
{
    /** @param string $source a filler's id, or "pack:place:copy" */
    public function __construct(public string $job, public Part $part, public string $source, public Length $length) {}
}
