<?php

declare(strict_types=1);

/** A thousand made-up drags, each set as Undro says: how many moves, how far past the target on the way, how near it was left. */

use Undro\Practice\DragTrial;
use Undro\Units\Force;

require __DIR__ . '/../vendor/autoload.php';

const DRAGS = 1000;
const TARGET_N = 20.0;

$begun = hrtime(true);
$good = $fifth = $half = $pulls = 0;
$moves = [];
for ($seed = 1; $seed <= DRAGS; ++$seed) {
    $trial = DragTrial::of($seed, Force::newtons(TARGET_N));
    $good += $trial->accepted && $trial->moves <= 5 && abs($trial->left - 1) <= 0.10 ? 1 : 0;
    $fifth += $trial->worst > 1.2 ? 1 : 0;
    $half += $trial->worst > 1.5 ? 1 : 0;
    $pulls += $trial->pulls;
    $moves[] = $trial->moves;
}
sort($moves);
$share = static fn(int $count): float => 100 * $count / DRAGS;
printf("drags set, of %d: within 10 %% of the target after at most 5 moves: %.1f %% (at least 95)\n", DRAGS, $share($good));
printf("  past 1.2 x target on the way: %.1f %% (at most 3); past 1.5 x: %.2f %% (at most 0.5)\n", $share($fifth), $share($half));
printf(
    "  moves: median %d, 95 %% at most %d; pulls: %.1f on average; one decision %.1f ms\n",
    $moves[DRAGS / 2],
    $moves[(int) (0.95 * DRAGS)],
    $pulls / DRAGS,
    (hrtime(true) - $begun) / 1e6 / $pulls,
);
