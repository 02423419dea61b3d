<?php

declare(strict_types=1);

namespace Undro\Allocation;

/**
 * A length of line that a job needs in one piece, of any of these lines. Lengths are in whole micrometres, so that a cut that just fits
 * fits.
 */
final readonly class Piece
{
    /**
     * @param list<string> $lines  acceptable, one at least
     * @param int          $length micrometres
     * @param bool         $parts  whether it may be two pieces of one line, joined
     * @param list<string> $not    sources it must not come from
     * @param string|null  $only   the one source it must come from
     */
    public function __construct(
        public string $job,
        public Part $part,
        public array $lines,
        public int $length,
        public bool $parts = false,
        public array $not = [],
        public ?string $only = null,
    ) {}

    /** Whether it may be cut from this at all. */
    public function takes(Source $source): bool
    {
        return in_array($source->line, $this->lines, true)
            && ($this->only === null || $this->only === $source->name())
            && !in_array($source->name(), $this->not, true);
    }

    /** The same piece, in one. */
    public function whole(): self
    {
        return new self($this->job, $this->part, $this->lines, $this->length, false, $this->not, $this->only);
    }
}
