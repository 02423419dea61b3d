<?php

declare(strict_types=1);

namespace App\Stock;

use Undro\DomainFault;
use Undro\Units\Price;

/** A pack as it can be bought. */
final readonly class Pack
{
    /**
     * @param int|null $id     on the angler's own list; null: it was bought before
     * @param string   $length as typed
     * @param string   $price  as typed
     */
    public function __construct(public ?int $id, public int $line, public float $metres, public string $length, public string $price) {}

    /** Null where it cannot be read. */
    public function price(): ?Price
    {
        try {
            return Price::read($this->price);
        } catch (DomainFault) {
            return null;
        }
    }

    /** Of a metre; null where the price cannot be read. */
    public function perMetre(): ?Price
    {
        return $this->price()?->times(1 / $this->metres);
    }
}
