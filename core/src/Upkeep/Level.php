<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Fill\Fill;
use Undro\Spool\ReelKind;
use Undro\Units\Length;

/** Where the line stands now, and what the spool has lost of its retrieve since it was filled. */
final readonly class Level
{
    /** So much less line to a turn than when it was filled. */
    public const LOW_RETRIEVE = 0.08;

    private function __construct(
        public Length $depth,
        public Length $wanted,
        public ?Length $retrieve,
        public ?float $drop,
        public bool $low,
    ) {}

    /**
     * Lower than full by more than this, a top-up is offered, mm. A slightly low baitcaster casts light lures better, so it may be lower.
     * Source: handbook, chapter 6.
     */
    public static function lowMm(?ReelKind $reel): float
    {
        return $reel === ReelKind::Baitcasting ? 4.0 : 2.0;
    }

    /** @param Fill|null $then as it was filled */
    public static function of(ReelKind $reel, Fill $now, ?Fill $then, Length $wanted): ?self
    {
        $top = $now->layers[count($now->layers) - 1] ?? null;
        if ($top === null || $top->depth === null || $top->top === null) {
            return null;
        }
        $was = $then === null ? null : ($then->layers[count($then->layers) - 1] ?? null)?->top;
        $drop = $was === null ? null : max(0.0, 1 - $top->top->inMillimetres() / $was->inMillimetres());
        $low = $top->depth->inMillimetres() - $wanted->inMillimetres() > self::lowMm($reel) || ($drop ?? 0.0) > self::LOW_RETRIEVE;

        return new self($top->depth, $wanted, $top->retrieve, $drop, $low);
    }
}
