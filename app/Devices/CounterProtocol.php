<?php

declare(strict_types=1);

namespace App\Devices;

use Undro\Device\Roller;
use Undro\Units\Diameter;

/** A roller line counter: its pulses, and by its roller the metres. */
final class CounterProtocol implements Protocol
{
    private ?Roller $roller = null;
    private bool $standIn = false;
    private string $session = '';

    public function understand(string $line): ?Reading
    {
        if (preg_match(
            '/^HELLO line-counter 1 pulses=(\d{1,4}) roller_mm=(\d{1,3}(?:\.\d{1,3})?) standin=([01]) session=(\w{1,40})$/',
            $line,
            $found,
        ) === 1) {
            $this->roller = Roller::of((int) $found[1], Diameter::millimetres((float) $found[2]));
            $this->standIn = $found[3] === '1';
            $this->session = $found[4];

            return null;
        }

        return $this->roller !== null && preg_match('/^P (\d{1,9})$/', $line, $found) === 1
            ? new Reading(['metres' => $this->roller->length((int) $found[1])->inMetres()], $this->standIn, $this->session)
            : null;
    }
}
