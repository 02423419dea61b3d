<?php

declare(strict_types=1);

namespace Undro\Allocation;

/** Something line is cut from: a filler at hand, or a pack that can be bought as often as wanted. */
final readonly class Source
{
    /**
     * @param int $length micrometres
     * @param int $price  hundredths of a cent; 0 for what is at hand
     */
    public function __construct(public string $id, public string $line, public int $length, public int $price = 0, public bool $bought = false) {}

    /** A filler by its id, a pack by its place in the list, whatever its copy. */
    public function name(): string
    {
        return $this->bought ? "pack:$this->id" : $this->id;
    }
}
