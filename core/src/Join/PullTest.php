<?php

declare(strict_types=1);

namespace Undro\Join;

use Undro\Knot\Knot;
use Undro\Units\Typed;

/** What a knot kept of the weaker line in the angler's own pull tests, as typed: a share, or per cent. */
final readonly class PullTest
{
    /** A larger figure is meant in per cent; a knot may test a little above the printed strength. */
    private const SHARE_UP_TO = 1.2;

    private function __construct(public float $share) {}

    /** @throws BadJoin|\Undro\DomainFault if it is no figure, or more than a line can keep */
    public static function read(Knot $knot, string $typed): self
    {
        $share = Typed::share($typed, self::SHARE_UP_TO);
        $share > 0 && $share <= self::SHARE_UP_TO || throw BadJoin::shareOutside($knot->value, $share);

        return new self($share);
    }
}
