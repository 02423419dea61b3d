<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Spool\Tolerance;
use Undro\Units\Length;

/** How far under the lip a fill of known lengths comes to lie, with its band. */
final readonly class Level
{
    /** A level this much over the full one is too full: coils jump off, mm. Ours. */
    public const OVER_MM = 0.3;

    /** @param Length $half half the 90 % band of the depth */
    private function __construct(public Length $depth, public Length $half) {}

    /** Whether line at a depth stands too high for a spool that is full at a gap. */
    public static function tooFull(Length $depth, Length $gap): bool
    {
        return $depth->inMillimetres() < $gap->inMillimetres() - self::OVER_MM;
    }

    /** Null where the spool's shape is not known or nothing lies on it. */
    public static function of(Fill $fill): ?self
    {
        $geometry = $fill->spool->geometry;
        $last = $fill->layers[array_key_last($fill->layers) ?? 0] ?? null;
        if ($geometry === null || $last?->top === null || $last->depth === null) {
            return null;
        }
        $volume = 0.0;
        $variance = 0.0;
        foreach ($fill->layers as $layer) {
            $each = $layer->volume($fill->spool->lay)->inCubicMillimetres();
            $volume += $each;
            $variance += ($each * $layer->layer->line->cellSd) ** 2;
        }
        $variance += ($fill->spool->sd * $volume) ** 2;
        $perDepth = max(1e-9, $fill->spool->volumePerDepth($geometry, $last->top)->inSquareMillimetres());

        return new self($last->depth, Length::millimetres(Tolerance::BAND * sqrt($variance) / $perDepth));
    }
}
