<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\Units\Length;

/** A piece of one product's line, and since when it has been on a reel (null: not yet). */
final readonly class Piece
{
    public function __construct(public int $product, public Length $length, public ?string $since = null) {}

    /** The same piece, so much shorter. */
    public function cut(Length $length): self
    {
        return new self($this->product, $length, $this->since);
    }
}
