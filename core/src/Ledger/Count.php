<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\Units\Length;

/** A stock-take: whatever the record says, so much of this product lies here. */
final readonly class Count
{
    /** @param Length|null $half half the 90 % band of what was counted; null: counted exactly */
    public function __construct(public Place $at, public Length $length, public int $product, public ?Length $half = null) {}
}
