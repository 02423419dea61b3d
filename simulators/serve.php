<?php

declare(strict_types=1);

namespace Simulators;

require_once __DIR__ . '/StandIn.php';

/** Serves a stand-in on a local port until it is ended. @param float $every between two of its words, s */
function serve(StandIn $device, int $port, float $every): never
{
    $server = @stream_socket_server("tcp://127.0.0.1:$port", $code, $why);
    if ($server === false) {
        fwrite(STDERR, "port $port cannot be had: $why\n");
        exit(1);
    }
    stream_set_blocking($server, false);
    fwrite(STDERR, "listening on 127.0.0.1:$port\n");
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
                    fwrite($client, $device->hello($session) . "\n");
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
            fwrite($ready, $device->told(trim($line)) . "\n");
        }
        $now = microtime(true);
        if ($now >= $due) {
            $due = $now + $every;
            $shows = $device->shows($now);
            foreach ($clients as $id => $client) {
                if (@fwrite($client, "$shows\n") === false) {
                    unset($clients[$id]);
                }
            }
        }
    }
}
