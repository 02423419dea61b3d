<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\Units\Length;

/**
 * Line going from one place to another, outer end first: what came off first lies at the bottom there.
 * A move from a place that is not kept account of brings new line of the named product.
 */
final readonly class Move
{
    /** @param list<How> $known */
    private function __construct(
        public Place $from,
        public Place $to,
        public Length $length,
        public int $product,
        public ?Length $half,
        public array $known,
    ) {}

    /**
     * @param Length|null $half  half the 90 % band of what was wound; null: as well as what came off is known
     * @param list<How>   $known how it is known
     *
     * @throws BadLedger if the length is not above 0
     */
    public static function of(Place $from, Place $to, Length $length, int $product, ?Length $half = null, array $known = []): self
    {
        $length->inMetres() > 0 || throw BadLedger::noLength();

        return new self($from, $to, $length, $product, $half, $known);
    }
}
