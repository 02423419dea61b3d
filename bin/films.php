<?php

declare(strict_types=1);

/*
 * Ties every knot and writes its film to resources/films. Needed only where a knot's curves or the rope itself were changed:
 *
 *     php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=128M bin/films.php [film …]
 */

use Undro\Knot\Film;
use Undro\Knot\Knot;
use Undro\Knot\Knots;

require __DIR__ . '/../vendor/autoload.php';

$wanted = array_slice($argv, 1);
foreach (Knot::cases() as $knot) {
    foreach (Knots::shown($knot) as $turns) {
        $name = Knots::film($knot, $turns);
        if ($wanted !== [] && !in_array($name, $wanted, true)) {
            continue;
        }
        $began = microtime(true);
        $film = json_encode(Film::of(Knots::scene($knot, $turns))->sent(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
        $packed = (string) gzencode($film, 9);
        file_put_contents(__DIR__ . "/../resources/films/{$name}.json.gz", $packed);
        printf("%-16s %5.1f kB, %5.1f kB unpacked, %.0f s\n", $name, strlen($packed) / 1e3, strlen($film) / 1e3, microtime(true) - $began);
    }
}
