<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\Units\Length;

/** A piece of one product's line. */
final readonly class Piece
{
    /**
     * @param string|null $since   it has been on a reel; null: not yet
     * @param bool        $covered another line lies or has lain over it on this spool: it is backing
     */
    public function __construct(public int $product, public Length $length, public ?string $since = null, public bool $covered = false) {}

    /** The same piece, so much shorter. */
    public function cut(Length $length): self
    {
        return new self($this->product, $length, $this->since, $this->covered);
    }

    /** Whether a piece laid over this one is more of the same: of one line, on a reel since the same time. */
    public function goesOnIn(self $next): bool
    {
        return !$this->covered && $this->product === $next->product && $this->since === $next->since;
    }

    /** The same piece with another line over it. */
    public function under(): self
    {
        return new self($this->product, $this->length, $this->since, true);
    }

    /**
     * Those of one line that lie outermost.
     *
     * @param list<self> $pieces from the arbor out
     *
     * @return list<self> from the arbor out
     */
    public static function outermost(array $pieces, int $product): array
    {
        $begins = count($pieces);
        while ($begins > 0 && $pieces[$begins - 1]->product === $product) {
            --$begins;
        }

        return array_slice($pieces, $begins);
    }

    /**
     * All of them together.
     *
     * @param list<self> $pieces
     */
    public static function total(array $pieces): Length
    {
        return Length::metres(array_sum(array_map(static fn(self $piece): float => $piece->length->inMetres(), $pieces)));
    }
}
