<?php

declare(strict_types=1);

/**
 * A stand-in for a pull scale with a made-up drag on its hook: a console process that speaks the line protocol of docs/devices.md over a
 * local socket. It is pulled when it is told to; its readings have noise, and its needle can hold the peak.
 *
 *     php simulators/scale.php [--port 8251] [--seed 1]
 */

use Simulators\PulledDrag;

use function Simulators\serve;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/serve.php';
require __DIR__ . '/PulledDrag.php';

$options = getopt('', ['port:', 'seed:']);
serve(new PulledDrag((int) ($options['seed'] ?? random_int(1, 1_000_000))), (int) ($options['port'] ?? 8251), PulledDrag::EVERY);
