<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Models\LineProduct;
use App\Models\Reel;
use App\Models\Spool;
use Undro\Units\Length;
use Undro\Upkeep\Upkeep;

/** What one spool in its reel needs. */
final readonly class SpoolUpkeep
{
    /**
     * @param LineProduct $line   its main line
     * @param Length      $length of the main line
     * @param string|null $since  it is on, ISO 8601
     * @param float       $pace   handle turns a minute of whoever would wind
     * @param int|null    $backing line that lies under it, or would go under it; null: not known
     */
    public function __construct(
        public Reel $reel,
        public Spool $spool,
        public LineProduct $line,
        public Length $length,
        public ?string $since,
        public Upkeep $upkeep,
        public float $pace,
        public ?int $backing,
    ) {}
}
