<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Ledger\How;
use Undro\Units\Length;

/** Metres on of a layer, all of them, as somebody says them: by marks on the line, by a filler's own figure, or as they were planned. */
final readonly class Said
{
    /** What is said without a ± is meant within this, relative, and no better than the metres. Ours. */
    private const WITHIN = 0.01;
    private const WITHIN_M = 0.5;

    /** @param Length $half half the 90 % band */
    private function __construct(public Length $metres, public Length $half, public How $how) {}

    /** @param Length|null $half as it was said; null: as usual */
    public static function of(Length $metres, ?Length $half = null, How $how = How::Said): self
    {
        return new self($metres, $half ?? Length::metres(max(self::WITHIN_M, self::WITHIN * $metres->inMetres())), $how);
    }
}
