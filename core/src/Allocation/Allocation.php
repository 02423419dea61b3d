<?php

declare(strict_types=1);

namespace Undro\Allocation;

/** Where each cut of a bench day goes, and what that comes to. */
final readonly class Allocation
{
    /**
     * @param list<Bin> $bins  sources that are cut
     * @param int       $bound what any cuts would cost at least
     */
    public function __construct(public array $bins, public Worth $worth, public bool $optimal, public int $bound) {}
}
