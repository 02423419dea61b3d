<?php

declare(strict_types=1);

namespace Undro\Drag;

use Undro\Units\Force;

/** The drag to set: a fraction of the weakest link, never over what the reel or the rod may bear. Source: handbook, chapter 5. */
final readonly class Target
{
    /** A larger share of the weakest link than this asks twice. */
    public const ASK_AGAIN = 0.40;
    /** The full stop of a lever drag, as a share of the weakest link. */
    public const FULL_STOP = 0.35;

    private function __construct(public Link $weakest, public Force $force, public Governs $governs) {}

    /**
     * @param list<Link> $links the first of equally weak links counts
     *
     * @throws BadDrag if there is no link
     */
    public static function of(array $links, float $fraction, ?Force $reelMax = null, ?Force $rodMax = null): self
    {
        $weakest = Chain::of($links)->weakest;
        $force = Force::newtons($fraction * $weakest->working()->inNewtons());
        $governs = Governs::Weakest;
        foreach ([[Governs::Reel, $reelMax], [Governs::Rod, $rodMax]] as [$who, $max]) {
            if ($max !== null && $max->inNewtons() < $force->inNewtons()) {
                $force = $max;
                $governs = $who;
            }
        }

        return new self($weakest, $force, $governs);
    }
}
