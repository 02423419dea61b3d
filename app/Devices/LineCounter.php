<?php

declare(strict_types=1);

namespace App\Devices;

/** A line counter, wherever it is plugged in. */
interface LineCounter
{
    /**
     * What it has said since it was asked last; waits a short while for it.
     *
     * @return CounterReading|null null: it has said nothing
     *
     * @throws DeviceLost when it is not there any more
     */
    public function heard(): ?CounterReading;

    /** Tells it to do something; only a stand-in has anything to do. */
    public function tell(string $command): void;
}
