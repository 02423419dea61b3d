<?php

declare(strict_types=1);

/**
 * A stand-in for a roller line counter: a console process that speaks the line protocol of docs/devices.md over a local socket,
 * and lies like a real one. Its roller turns when it is told to, slips on the line by 0 to 2 %, and sticks.
 *
 *     php simulators/counter.php [--port 8250] [--seed 1]
 */

use Simulators\Roller;

require __DIR__ . '/Roller.php';

$options = getopt('', ['port:', 'seed:']);
$port = (int) ($options['port'] ?? 8250);
$roller = new Roller((int) ($options['seed'] ?? random_int(1, 1_000_000)));
$server = @stream_socket_server("tcp://127.0.0.1:$port", $code, $why);
if ($server === false) {
    fwrite(STDERR, "counter: port $port cannot be had: $why\n");
    exit(1);
}
stream_set_blocking($server, false);
fwrite(STDERR, "counter: listening on 127.0.0.1:$port\n");
$session = bin2hex(random_bytes(6));
/** @var array<int, resource> $clients */
$clients = [];
$due = microtime(true);
while (true) {
    $read = [$server, ...$clients];
    $none = [];
    @stream_select($read, $none, $none, 0, 20_000);
    foreach ($read as $ready) {
        if ($ready === $server) {
            $client = stream_socket_accept($server, 0);
            if ($client !== false) {
                stream_set_blocking($client, false);
                $clients[(int) $client] = $client;
                fwrite($client, $roller->hello($session) . "\n");
            }
            continue;
        }
        $line = fgets($ready, 200);
        if ($line === false) {
            if (feof($ready)) {
                unset($clients[(int) $ready]);
                fclose($ready);
            }
            continue;
        }
        fwrite($ready, $roller->told(trim($line)) . "\n");
    }
    $now = microtime(true);
    $roller->runTo($now);
    if ($now >= $due) {
        $due = $now + 0.1;
        foreach ($clients as $id => $client) {
            if (@fwrite($client, "P {$roller->pulses()}\n") === false) {
                unset($clients[$id]);
            }
        }
    }
}
