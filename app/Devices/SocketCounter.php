<?php

declare(strict_types=1);

namespace App\Devices;

use Undro\Device\Roller;
use Undro\Units\Diameter;

/** A line counter that speaks the line protocol of docs/devices.md over a local socket. */
final class SocketCounter implements LineCounter
{
    /** A counter says its pulses ten times a second; this long without a word and it is gone, s. */
    private const SILENCE = 1.0;
    private const LONGEST_LINE = 200;

    private string $unread = '';
    private ?Roller $roller = null;
    private bool $standIn = false;
    private string $session = '';
    private float $lastWord;

    /** @param resource $socket */
    private function __construct(private $socket)
    {
        $this->lastWord = microtime(true);
    }

    /** @return self|null null: nothing answers there */
    public static function at(string $address): ?self
    {
        $socket = @stream_socket_client($address, $code, $why, 0.5);
        if ($socket === false) {
            return null;
        }
        stream_set_blocking($socket, false);

        return new self($socket);
    }

    public function heard(): ?CounterReading
    {
        $read = [$this->socket];
        $none = [];
        if (@stream_select($read, $none, $none, 0, 100_000) > 0) {
            $more = fread($this->socket, 4096);
            if ($more === false || ($more === '' && feof($this->socket))) {
                throw new DeviceLost('The line counter has hung up.');
            }
            $this->unread .= $more;
        }
        $reading = null;
        while (($end = strpos($this->unread, "\n")) !== false) {
            $reading = $this->understand(trim(substr($this->unread, 0, $end))) ?? $reading;
            $this->unread = substr($this->unread, $end + 1);
        }
        if (strlen($this->unread) > self::LONGEST_LINE) {
            throw new DeviceLost('The line counter talks nonsense.');
        }
        if (microtime(true) - $this->lastWord > self::SILENCE) {
            throw new DeviceLost('The line counter has fallen silent.');
        }

        return $reading;
    }

    public function tell(string $command): void
    {
        @fwrite($this->socket, "$command\n");
    }

    /** One line of the protocol. What it does not know it passes over, as a later version may say more. */
    private function understand(string $line): ?CounterReading
    {
        if (preg_match('/^HELLO line-counter 1 pulses=(\d{1,4}) roller_mm=(\d{1,3}(?:\.\d{1,3})?) standin=([01]) session=(\w{1,40})$/', $line, $found) === 1) {
            $this->roller = Roller::of((int) $found[1], Diameter::millimetres((float) $found[2]));
            $this->standIn = $found[3] === '1';
            $this->session = $found[4];
            $this->lastWord = microtime(true);

            return null;
        }
        if ($this->roller !== null && preg_match('/^P (\d{1,9})$/', $line, $found) === 1) {
            $this->lastWord = microtime(true);

            return new CounterReading($this->roller->length((int) $found[1]), $this->standIn, $this->session);
        }

        return null;
    }
}
