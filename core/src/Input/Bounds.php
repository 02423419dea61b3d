<?php

declare(strict_types=1);

namespace Undro\Input;

use Undro\Units\Length;

/** The largest and smallest figures a case may hold; wider than any reel or line made for recreational angling. */
final class Bounds
{
    public const SPOOL_MM = [2.0, 400.0];
    public const TRAVERSE_MM = [1.0, 400.0];
    public const GAP_MM = [-20.0, 100.0];
    public const LINE_MM = [0.01, 3.0];
    public const LENGTH_M = [0.0, Length::LONGEST_M];
    public const FORCE_N = [0.001, 10_000.0];
    public const FACTOR = [0.2, 5.0];
    public const SD = [0.0, 1.0];
    public const GEAR_RATIO = [0.1, 20.0];
    public const TEXT = 200;
}
