<?php

declare(strict_types=1);

/**
 * A stand-in for a roller line counter: a console process that speaks the line protocol of docs/devices.md over a local socket,
 * and lies like a real one. Its roller turns when it is told to, slips on the line by 0 to 2 %, and sticks.
 *
 *     php simulators/counter.php [--port 8250] [--seed 1]
 */

use Simulators\Roller;

use function Simulators\serve;

require __DIR__ . '/serve.php';
require __DIR__ . '/Roller.php';

$options = getopt('', ['port:', 'seed:']);
serve(new Roller((int) ($options['seed'] ?? random_int(1, 1_000_000))), (int) ($options['port'] ?? 8250), 0.1);
