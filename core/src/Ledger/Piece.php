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
     * @param Length|null $half    half the 90 % band of its length; null: counted exactly
     * @param list<How>   $known   how its length is known, where it was wound in a run
     */
    public function __construct(
        public int $product,
        public Length $length,
        public ?string $since = null,
        public bool $covered = false,
        public ?Length $half = null,
        public array $known = [],
    ) {}

    /** The same piece, so long; known as well as before. */
    public function cut(Length $length): self
    {
        return new self($this->product, $length, $this->since, $this->covered, $this->half, $this->known);
    }

    /**
     * The same piece, known so well.
     *
     * @param list<How> $known
     */
    public function within(?Length $half, array $known = []): self
    {
        return new self($this->product, $this->length, $this->since, $this->covered, $half, $known);
    }

    /** This piece and one that goes on in it, as one. */
    public function and(self $next): self
    {
        return $this->cut($this->length->plus($next->length))->within(self::halfOf([$this, $next]), How::both($this->known, $next->known));
    }

    /** Whether a piece laid over this one is more of the same: of one line, on a reel since the same time. */
    public function goesOnIn(self $next): bool
    {
        return !$this->covered && $this->product === $next->product && $this->since === $next->since;
    }

    /** @return array<array-key, mixed> as it is kept: product, metres, since when, whether covered, m of half a band, how it is known */
    public function state(): array
    {
        $state = [$this->product, $this->length->inMetres(), $this->since, $this->covered];

        return $this->half === null && $this->known === [] ? $state : [...$state, $this->half?->inMetres(), How::text($this->known)];
    }

    /** @param array<array-key, mixed> $state as it was kept */
    public static function restore(array $state): self
    {
        [$product, $metres, $since, $covered, $half, $known] = $state + [null, null, null, false, null, null];
        is_int($product) && is_numeric($metres) || throw new \LogicException('A piece that was kept cannot be read.');

        return new self(
            $product,
            Length::metres((float) $metres),
            is_string($since) ? $since : null,
            $covered === true,
            is_numeric($half) ? Length::metres((float) $half) : null,
            How::read(is_string($known) ? $known : null),
        );
    }

    /** The same piece with another line over it. */
    public function under(): self
    {
        return new self($this->product, $this->length, $this->since, true, $this->half, $this->known);
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
                // a part that is taken off is as long as it is said; what is not known well is what stays
                $off[] = $rest->inMetres() > OuterEnd::NOTHING_M ? $piece->cut($taken)->within(null) : $piece;
            }
        }

        return [$stays, array_reverse($off)];
    }

    /**
     * Half the band of all of them together; null: all are counted exactly.
     *
     * @param list<self> $pieces
     */
    public static function halfOf(array $pieces): ?Length
    {
        $squares = array_sum(array_map(static fn(self $piece): float => ($piece->half?->inMetres() ?? 0.0) ** 2, $pieces));

        return $squares > 0 ? Length::metres(sqrt($squares)) : null;
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
