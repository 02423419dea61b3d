<?php

declare(strict_types=1);

namespace App\Devices;

/** What a device shows. */
final readonly class Reading
{
    /**
     * @param array<string, float|int|bool|null> $figures with the unit in each name
     * @param string                             $session another one each time it is switched on; what it counts begins anew then
     */
    public function __construct(public array $figures, public bool $standIn, public string $session) {}
}
