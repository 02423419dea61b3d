<?php

declare(strict_types=1);

namespace App\Devices;

/** What a kind of device says, line by line; docs/devices.md. */
interface Protocol
{
    /**
     * One line of it. What it does not know it passes over, as a later version may say more.
     *
     * @return Reading|null null: nothing to read in it
     */
    public function understand(string $line): ?Reading;
}
