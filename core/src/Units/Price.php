<?php

declare(strict_types=1);

namespace Undro\Units;

/** What something costs, in whatever money it was written: "12.50 €", "£9", "14,90". Amounts of one money only add up. */
final readonly class Price
{
    private function __construct(public float $amount, public string $money) {}

    /** @throws BadQuantity if there is no amount in it */
    public static function read(string $typed): self
    {
        if (preg_match('/^\s*(?<before>[^\d.,\s-]*)\s*(?<amount>\d+(?:[.,]\d{1,2})?)\s*(?<after>[^\d.,\s]*)\s*$/u', $typed, $found) !== 1) {
            throw BadQuantity::unreadable($typed, '12.50 or 9 €');
        }

        return new self((float) str_replace(',', '.', $found['amount']), $found['before'] !== '' ? $found['before'] : $found['after']);
    }

    /** The price of part of a length that costs this much whole. */
    public function share(Length $part, Length $whole): self
    {
        $whole->inMetres() > 0 || throw BadQuantity::notFinite('length a price is for');

        return $this->times($part->inMetres() / $whole->inMetres());
    }

    /** So many times the price. */
    public function times(float $factor): self
    {
        return new self($this->amount * $factor, $this->money);
    }

    /** The sum, or null where the two are in different money. */
    public function plus(self $other): ?self
    {
        return $this->with($other->amount, $other);
    }

    /** How much more than the other, or null where the two are in different money. */
    public function minus(self $other): ?self
    {
        return $this->with(-$other->amount, $other);
    }

    private function with(float $amount, self $other): ?self
    {
        return $this->money === $other->money ? new self($this->amount + $amount, $this->money) : null;
    }
}
