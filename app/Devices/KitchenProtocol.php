<?php

declare(strict_types=1);

namespace App\Devices;

/** A kitchen scale: what it shows in whole grams, and whether the display has come to rest. */
final class KitchenProtocol implements Protocol
{
    private bool $known = false;
    private bool $standIn = false;
    private string $session = '';

    public function understand(string $line): ?Reading
    {
        if (preg_match('/^HELLO kitchen-scale 1 standin=([01]) session=(\w{1,40})$/', $line, $found) === 1) {
            $this->known = true;
            $this->standIn = $found[1] === '1';
            $this->session = $found[2];

            return null;
        }
        if (!$this->known || preg_match('/^G (-?\d{1,5})( REST)?$/', $line, $found) !== 1) {
            return null;
        }

        return new Reading(['grams' => (float) $found[1], 'rests' => isset($found[2])], $this->standIn, $this->session);
    }
}
