<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\Units\Length;

/** A stock-take: whatever the record says, so much of this product lies here. */
final readonly class Count
{
    public function __construct(public Place $at, public Length $length, public int $product) {}
}
