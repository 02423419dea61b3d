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

    /**
     * How much there is of each line.
     *
     * @param list<self> $pieces
     *
     * @return array<int, float> metres by line, in the order in which the lines come first
     */
    public static function metresByLine(array $pieces): array
    {
        $metres = [];
        foreach ($pieces as $piece) {
            $metres[$piece->product] = ($metres[$piece->product] ?? 0.0) + $piece->length->inMetres();
        }

        return $metres;
    }
}
