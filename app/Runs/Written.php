<?php

declare(strict_types=1);

namespace App\Runs;

use Undro\Units\Length;

/** Line of a layer that a stop has written into the log. */
final readonly class Written
{
    /** @param string $stop why it stopped */
    public function __construct(public int $layer, public Length $length, public string $stop) {}
}
