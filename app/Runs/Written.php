<?php

declare(strict_types=1);

namespace App\Runs;

use Undro\Ledger\How;
use Undro\Units\Length;

/** Line of a layer that a stop has written into the log. */
final readonly class Written
{
    /**
     * @param string      $stop  why it stopped
     * @param Length|null $half  half the 90 % band; null: not known, as it was written before bands were
     * @param list<How>   $known how it is known
     */
    public function __construct(
        public int $layer,
        public Length $length,
        public string $stop,
        public ?Length $half = null,
        public array $known = [],
    ) {}
}
