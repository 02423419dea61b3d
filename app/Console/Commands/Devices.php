<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\CounterProtocol;
use App\Devices\DeviceBoard;
use App\Devices\DeviceLost;
use App\Devices\KitchenProtocol;
use App\Devices\Protocol;
use App\Devices\ScaleProtocol;
use App\Devices\SocketDevice;
use Illuminate\Console\Command;

/** The one process that owns the sockets of devices: it listens, writes down what it hears, and looks again when one is gone. */
final class Devices extends Command
{
    /** How long before it looks for a lost device again, s. */
    private const LOOK_AGAIN = 0.3;

    protected $signature = 'undro:devices
        {--counter= : where the line counter is, such as tcp://127.0.0.1:8250}
        {--scale= : where the pull scale is, such as tcp://127.0.0.1:8251}
        {--kitchen= : where the kitchen scale is, such as tcp://127.0.0.1:8252}';
    protected $description = 'Listen to the line counter and the scales';

    /** @var array<string, SocketDevice> */
    private array $there = [];
    /** @var array<string, true> */
    private array $known = [];
    /** @var array<string, float> */
    private array $looked = [];

    public function handle(DeviceBoard $board): int
    {
        $wanted = array_filter(
            ['counter' => $this->option('counter'), 'scale' => $this->option('scale'), 'kitchen' => $this->option('kitchen')],
            static fn(mixed $address): bool => is_string($address) && $address !== '',
        );
        if ($wanted === []) {
            $this->error('Say where a device is: --counter=tcp://127.0.0.1:8250 or --scale=tcp://127.0.0.1:8251');

            return self::FAILURE;
        }
        $board->clear();
        for (;;) {
            foreach ($wanted as $device => $address) {
                $this->turn($device, (string) $address, $board);
            }
            if ($this->there === []) {
                usleep(50_000);
            }
        }
    }

    /** One device's turn: hear it and tell it what is to be said, or look for it. */
    private function turn(string $device, string $address, DeviceBoard $board): void
    {
        $socket = $this->there[$device] ?? $this->look($device, $address);
        if ($socket === null) {
            if (isset($this->known[$device])) {
                $board->write($device, null);
            }

            return;
        }
        $this->there[$device] = $socket;
        try {
            $reading = $socket->heard();
            if ($reading !== null) {
                $this->known[$device] = true;
                $board->write($device, $reading);
            }
            array_map($socket->tell(...), $board->toSay($device));
        } catch (DeviceLost) {
            unset($this->there[$device]);
        }
    }

    private function look(string $device, string $address): ?SocketDevice
    {
        if (microtime(true) - ($this->looked[$device] ?? 0.0) < self::LOOK_AGAIN) {
            return null;
        }
        $this->looked[$device] = microtime(true);

        return SocketDevice::at($address, self::protocol($device));
    }

    private static function protocol(string $device): Protocol
    {
        return match ($device) {
            'counter' => new CounterProtocol(),
            'kitchen' => new KitchenProtocol(),
            default => new ScaleProtocol(),
        };
    }
}
