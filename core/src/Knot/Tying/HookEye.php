<?php

declare(strict_types=1);

namespace Undro\Knot\Tying;

use Undro\Knot\Path;

/** The eye of a hook or lure, seen from the side: a ring at the left of the drawing, with the shank leading on to the left. */
final class HookEye
{
    /** x, y and outer radius of the ring. */
    public const RING = [40.0, 56.0, 21.0];

    /** From the standing end over the near side of the ring, through it, and back behind that side. Marked "in" and "out". */
    public static function through(Path $path, float $in = 50.0, float $out = 62.0): Path
    {
        [$x, $y] = self::RING;
        $way = $out > $in ? 1.0 : -1.0;

        return $path->to($x + 34, $in, 2)->to($x + 26, $in, 4)->marked('in')->to($x + 17, $in + $way, 6)->to($x + 8, $in + 2 * $way, 5)
            ->to($x, ($in + $out) / 2, 0)
            ->to($x + 8, $out - 2 * $way, -5)->to($x + 17, $out - $way, -6)->to($x + 26, $out, -4)->marked('out');
    }
}
