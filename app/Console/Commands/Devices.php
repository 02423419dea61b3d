<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\DeviceBoard;
use App\Devices\DeviceLost;
use App\Devices\LineCounter;
use App\Devices\SocketCounter;
use Illuminate\Console\Command;

/** The one process that owns the sockets of devices: it listens, writes down what it hears, and looks again when one is gone. */
final class Devices extends Command
{
    /** How long before it looks for a lost device again, microseconds. */
    private const LOOK_AGAIN = 300_000;

    protected $signature = 'undro:devices {--counter= : where the line counter is, such as tcp://127.0.0.1:8250}';
    protected $description = 'Listen to the line counter';

    public function handle(DeviceBoard $board): int
    {
        $address = $this->option('counter');
        if (!is_string($address) || $address === '') {
            $this->error('Say where the line counter is: --counter=tcp://127.0.0.1:8250');

            return self::FAILURE;
        }
        $board->clear();
        $heardBefore = false;
        for (;;) {
            $counter = SocketCounter::at($address);
            if ($counter !== null) {
                $heardBefore = $this->listen($counter, $board) || $heardBefore;
            }
            if ($heardBefore) {
                $board->write(null);
            }
            usleep(self::LOOK_AGAIN);
        }
    }

    /** Until it is gone. @return bool whether it was ever heard */
    private function listen(LineCounter $counter, DeviceBoard $board): bool
    {
        $heard = false;
        try {
            for (;;) {
                $reading = $counter->heard();
                if ($reading !== null) {
                    $heard = true;
                    $board->write($reading);
                }
                array_map($counter->tell(...), $board->toSay());
            }
        } catch (DeviceLost) {
            return $heard;
        }
    }
}
