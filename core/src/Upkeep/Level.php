<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Fill\Fill;
use Undro\Units\Length;

/** Where the line stands now, and what the spool has lost of its retrieve since it was filled. */
final readonly class Level
{
    /** Lower than wanted by more than this: it is offered to top up, mm (handbook, chapter 6). */
    public const LOW_MM = 2.0;
    /** So much less line to a turn than when it was filled. */
    public const LOW_RETRIEVE = 0.08;

    private function __construct(
        public Length $depth,
        public Length $wanted,
        public ?Length $retrieve,
        public ?float $drop,
        public bool $low,
    ) {}

    /** @param Fill|null $then as it was filled */
    public static function of(Fill $now, ?Fill $then, Length $wanted): ?self
    {
        $top = $now->layers[count($now->layers) - 1] ?? null;
        if ($top === null || $top->depth === null || $top->top === null) {
            return null;
        }
        $was = $then === null ? null : ($then->layers[count($then->layers) - 1] ?? null)?->top;
        $drop = $was === null ? null : max(0.0, 1 - $top->top->inMillimetres() / $was->inMillimetres());
        $low = $top->depth->inMillimetres() - $wanted->inMillimetres() > self::LOW_MM || ($drop ?? 0.0) > self::LOW_RETRIEVE;

        return new self($top->depth, $wanted, $top->retrieve, $drop, $low);
    }
}
