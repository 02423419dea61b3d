<?php

declare(strict_types=1);

namespace Undro\Practice;

use Undro\Twist\Twist;

/** How a metre of slack is drawn. */
final class Hanging
{
    private const MOST = 5;

    /** How many loops are drawn in it: the more, the further its twist is over what slack stands. */
    public static function loops(Twist $twist): int
    {
        $stands = $twist->slackWeight?->inNewtons() ?? 0.0;

        return $twist->loopsInSlack() !== true || $stands <= 0
            ? 0
            : max(1, min(self::MOST, (int) round(sqrt(($twist->loopTension?->inNewtons() ?? 0.0) / $stands) * 1.5)));
    }
}
