<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\Line\MainLine;
use Undro\Line\OuterEnd;
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
        $last = $pieces[count($pieces) - 1] ?? null;

        return $last?->product === $product
            ? array_slice($pieces, MainLine::begins(array_map(static fn(self $piece): int => $piece->product, $pieces)))
            : [];
    }

    /**
     * What stays, and what comes off with so much of the outer end.
     *
     * @param list<self> $pieces from the arbor out
     *
     * @return array{list<self>, list<self>} what stays, from the arbor out, and what comes off, outermost first
     */
    public static function parted(array $pieces, Length $gone): array
    {
        $stays = [];
        $off = [];
        foreach (OuterEnd::off(array_map(static fn(self $piece): Length => $piece->length, $pieces), $gone) as $place => $taken) {
            $piece = $pieces[$place];
            $rest = $piece->length->minus($taken);
            if ($rest->inMetres() > OuterEnd::NOTHING_M) {
                $stays[] = $piece->cut($rest);
            }
            if ($taken->inMetres() > OuterEnd::NOTHING_M) {
                $off[] = $piece->cut($taken);
            }
        }

        return [$stays, array_reverse($off)];
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
