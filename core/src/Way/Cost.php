<?php

declare(strict_types=1);

namespace Undro\Way;

use Undro\Fill\Role;
use Undro\Units\Length;
use Undro\Units\Price;

/** What the line of a fill costs, by what was paid for the fillers it comes off. */
final readonly class Cost
{
    /** @param array<string, array{Price, Length}> $paid price and full length of a filler, by role */
    public function __construct(private array $paid = []) {}

    /**
     * Null where a price is not known, or two are in different money.
     *
     * @param list<array{Role, Length}> $lengths
     */
    public function of(array $lengths): ?Price
    {
        $sum = null;
        foreach ($lengths as [$role, $length]) {
            if ($length->inMetres() <= 0) {
                continue;
            }
            $paid = $this->paid[$role->value] ?? null;
            if ($paid === null) {
                return null;
            }
            $part = $paid[0]->share($length, $paid[1]);
            $sum = $sum === null ? $part : $sum->plus($part);
            if ($sum === null) {
                return null;
            }
        }

        return $sum;
    }
}
