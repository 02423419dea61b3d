<?php

declare(strict_types=1);

/**
 * A stand-in for a kitchen scale with a made-up filler on it: a console process that speaks the line protocol of docs/devices.md over a
 * local socket. It shows whole grams and takes a moment to come to rest.
 *
 *     php simulators/kitchen.php [--port 8252]
 */

use Simulators\WeighedFiller;

use function Simulators\serve;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/serve.php';
require __DIR__ . '/WeighedFiller.php';

$options = getopt('', ['port:']);
serve(new WeighedFiller(), (int) ($options['port'] ?? 8252), 0.2);
