<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\LineProduct;
use Undro\Units\Length;
use Undro\Units\Price;
use Undro\Upkeep\Supply;

/** What of a line is at hand, and how long it will last. */
final readonly class LineStock
{
    /**
     * @param Supply          $supply   what is surely there
     * @param Length          $half     half the 90 % band of what is left
     * @param int             $fillers  with something left
     * @param Length          $used     off fillers in the last months
     * @param Price|null      $perMetre the least it costs
     * @param list<EnoughFor> $enoughFor
     */
    public function __construct(
        public LineProduct $line,
        public Supply $supply,
        public Length $left,
        public Length $half,
        public int $fillers,
        public Length $used,
        public ?Price $perMetre,
        public array $enoughFor,
    ) {}
}
