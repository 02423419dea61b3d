<?php

declare(strict_types=1);

namespace App\Devices;

use Undro\Units\Length;

/** What a line counter shows. */
final readonly class CounterReading
{
    /** @param string $session another one each time it is switched on; its metres begin anew then */
    public function __construct(public Length $counted, public bool $standIn, public string $session) {}
}
