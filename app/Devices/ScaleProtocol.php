<?php

declare(strict_types=1);

namespace App\Devices;

use Undro\Device\PullTrace;

/** A pull scale: its force many times a second; the pulls are read out of that. */
final class ScaleProtocol implements Protocol
{
    private ?PullTrace $trace = null;
    private bool $standIn = false;
    private string $session = '';

    public function understand(string $line): ?Reading
    {
        if (preg_match('/^HELLO pull-scale 1 standin=([01]) session=(\w{1,40})$/', $line, $found) === 1) {
            $this->trace = new PullTrace();
            $this->standIn = $found[1] === '1';
            $this->session = $found[2];

            return null;
        }
        if ($this->trace === null || preg_match('/^F (-?\d{1,4}(?:\.\d{1,3})?)( HOLD)?$/', $line, $found) !== 1) {
            return null;
        }
        $force = (float) $found[1];
        $this->trace->sample($force, isset($found[2]));

        return new Reading([
            'force_N' => $force,
            'pulling' => $this->trace->goesOn(),
            'peak_N' => $this->trace->peak(),
            'holds' => isset($found[2]),
            'pulls' => $this->trace->pulls(),
            'start_up_N' => $this->trace->startUp(),
            'running_N' => $this->trace->running(),
        ], $this->standIn, $this->session);
    }
}
