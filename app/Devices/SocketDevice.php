<?php

declare(strict_types=1);

namespace App\Devices;

/** A device that speaks one of the line protocols of docs/devices.md over a local socket. */
final class SocketDevice
{
    /** A device speaks at least ten times a second; this long without a word and it is gone, s. */
    private const SILENCE = 1.0;
    private const LONGEST_LINE = 200;

    private string $unread = '';
    private float $lastWord;

    /** @param resource $socket */
    private function __construct(private $socket, private readonly Protocol $protocol)
    {
        $this->lastWord = microtime(true);
    }

    /** @return self|null null: nothing answers there */
    public static function at(string $address, Protocol $protocol): ?self
    {
        $socket = @stream_socket_client($address, $code, $why, 0.5);
        if ($socket === false) {
            return null;
        }
        stream_set_blocking($socket, false);

        return new self($socket, $protocol);
    }

    /**
     * What it has said since it was asked last; waits a short while for it.
     *
     * @return Reading|null null: it has said nothing
     *
     * @throws DeviceLost when it is not there any more
     */
    public function heard(): ?Reading
    {
        $read = [$this->socket];
        $none = [];
        if (@stream_select($read, $none, $none, 0, 50_000) > 0) {
            $more = fread($this->socket, 4096);
            if ($more === false || ($more === '' && feof($this->socket))) {
                throw new DeviceLost('The device has hung up.');
            }
            $this->unread .= $more;
        }
        $reading = null;
        while (($end = strpos($this->unread, "\n")) !== false) {
            $heard = $this->protocol->understand(trim(substr($this->unread, 0, $end)));
            $this->unread = substr($this->unread, $end + 1);
            if ($heard !== null) {
                $reading = $heard;
                $this->lastWord = microtime(true);
            }
        }
        if (strlen($this->unread) > self::LONGEST_LINE) {
            throw new DeviceLost('The device talks nonsense.');
        }
        if (microtime(true) - $this->lastWord > self::SILENCE) {
            throw new DeviceLost('The device has fallen silent.');
        }

        return $reading;
    }

    /** Tells it to do something; only a stand-in has anything to do. */
    public function tell(string $command): void
    {
        @fwrite($this->socket, "$command\n");
    }
}
